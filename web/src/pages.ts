import type { Component } from 'svelte';

/** A view, which comes when it is first gone to. */
interface View {
  page: () => Promise<{ default: Component }>;
  /** What it reads first, by what its address says, the dance being the one looked at last if it does not: sent for while its page is still on its way. */
  asks?: (address: Record<string, string>) => string[];
}

/** Where each view is found. What is due today comes with the program itself. */
export const VIEWS: Record<string, View> = {
  '/first-hour': { page: () => import('./routes/FirstHourPage.svelte') },
  '/dances/:id': { page: () => import('./routes/DancePage.svelte'), asks: ({ id }) => [`/api/figures?dance=${id}`, '/api/routines'] },
  '/figures': { page: () => import('./routes/FiguresPage.svelte'), asks: ({ dance }) => (dance ? [`/api/figures?dance=${dance}`, `/api/figure-paths?dance=${dance}`] : []) },
  '/figures/new': { page: () => import('./routes/NewFigurePage.svelte') },
  '/figures/:id': { page: () => import('./routes/FigureSheetPage.svelte'), asks: ({ id }) => [`/api/figures/${id}`, `/api/figures/${id}/reading`] },
  '/figures/:id/card': { page: () => import('./routes/FigureCardPage.svelte') },
  '/book': { page: () => import('./routes/BookPage.svelte'), asks: () => ['/api/book-report'] },
  '/map': { page: () => import('./routes/LinkMapPage.svelte'), asks: ({ dance, level = 'open' }) => (dance ? [`/api/link-maps?dance=${dance}&level=${level}`] : []) },
  '/studio': { page: () => import('./routes/StudioPage.svelte'), asks: () => ['/api/backups', '/api/deletions'] },
  '/routines': { page: () => import('./routes/RoutinesPage.svelte'), asks: () => ['/api/routines'] },
  '/routines/:id': { page: () => import('./routes/RoutineDeskPage.svelte'), asks: ({ id }) => [`/api/routines/${id}`, `/api/routines/${id}/score`] },
  '/routines/:id/rehearse': { page: () => import('./routes/RehearsePage.svelte'), asks: ({ id }) => [`/api/routines/${id}`, `/api/routines/${id}/score`] },
  '/amalgamations': { page: () => import('./routes/AmalgamationsPage.svelte'), asks: ({ dance }) => (dance ? [`/api/amalgamations?dance=${dance}`] : []) },
  '/drills': { page: () => import('./routes/DrillsPage.svelte') },
  '/drills/rehearse': { page: () => import('./routes/RehearsePage.svelte') },
  '/routines/:id/card': { page: () => import('./routes/RoutineCardPage.svelte'), asks: ({ id }) => [`/api/routines/${id}`, `/api/routines/${id}/score`] },
  '/routines/:id/music': { page: () => import('./routes/RoutineMusicPage.svelte'), asks: ({ id }) => [`/api/routines/${id}`, `/api/routines/${id}/score`, '/api/pieces'] },
  '/routines/:id/rules': { page: () => import('./routes/RoutineRulesPage.svelte'), asks: ({ id }) => [`/api/routines/${id}`, `/api/routines/${id}/score`] },
  '/events': { page: () => import('./routes/EventsPage.svelte'), asks: () => ['/api/events', '/api/profiles'] },
  '/events/:id': { page: () => import('./routes/EventPage.svelte'), asks: ({ id }) => [`/api/events/${id}`, `/api/events/${id}/day`, '/api/profiles', '/api/routines'] },
  '/rules/:id': { page: () => import('./routes/RulesPage.svelte'), asks: ({ id }) => [`/api/profiles/${id}`, '/api/figures'] },
  '/music': { page: () => import('./routes/MusicPage.svelte'), asks: () => ['/api/pieces'] },
  '/music/:id': { page: () => import('./routes/PiecePage.svelte'), asks: ({ id }) => [`/api/pieces/${id}`] },
  '/people': { page: () => import('./routes/PeoplePage.svelte'), asks: () => ['/api/people', '/api/couples', '/api/progress'] },
  '/people/:id': { page: () => import('./routes/PersonPage.svelte'), asks: ({ id }) => [`/api/people/${id}`] },
  '/couples/:id': { page: () => import('./routes/CouplePage.svelte'), asks: ({ id }) => [`/api/couples/${id}`, '/api/people', '/api/routines'] },
  '/lessons': { page: () => import('./routes/LessonsPage.svelte'), asks: () => ['/api/couples'] },
  '/lessons/:id': { page: () => import('./routes/LessonPage.svelte'), asks: ({ id }) => [`/api/lessons/${id}`, '/api/couples'] },
  '/postures': { page: () => import('./routes/PosturesPage.svelte') },
  '/postures/:id': { page: () => import('./routes/PosturePage.svelte'), asks: ({ id }) => [`/api/postures/${id}`, '/api/couples', '/api/people'] },
  '/classes': { page: () => import('./routes/ClassPage.svelte'), asks: () => ['/api/classes'] },
  '/questions': {
    page: () => import('./routes/QuestionsPage.svelte'),
    asks: ({ dance }) => [...(dance ? [`/api/question-kinds?dance=${dance}`] : []), '/api/couples', '/api/people'],
  },
  '/look': { page: () => import('./routes/LookPage.svelte') },
  '/about': { page: () => import('./routes/AboutPage.svelte'), asks: () => ['/api/about'] },
};
