import type { Lesson } from '$lib/api/client';

/** What a lesson is about: its aim, or the first that is practised; empty as long as it is not planned. */
export const aboutOf = (lesson: Lesson): string => lesson.aim || (lesson.parts.find(({ subject }) => subject)?.title ?? lesson.parts[0]?.title ?? '');
