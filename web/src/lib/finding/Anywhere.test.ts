import { afterEach, beforeEach, expect, it, vi } from 'vitest';
import { reference } from '$lib/reference/reference.svelte';
import { later, program, Refused, type Question } from '$lib/testing/program';
import { Anywhere, MOST, type Place } from './Anywhere.svelte';

beforeEach(() => {
  vi.spyOn(reference, 'load').mockResolvedValue();
  vi.spyOn(reference, 'danceTitle').mockReturnValue('Waltz');
});
afterEach(() => vi.restoreAllMocks());

const VIEWS: Place[] = [
  { kind: 'View', title: 'Today', path: '/today' },
  { kind: 'Command', title: 'New figure', path: '/figures/new' },
];
const figure = (title: string) => ({ id: title.toLowerCase(), title, dance: 'waltz', level: 'silver' });
const STUDIO = {
  '/api/figures': [figure('Whisk')],
  '/api/routines': [{ id: 'ferry', title: 'Ferry Night Waltz', dance: 'waltz' }],
  '/api/people': [{ id: 'odile', title: 'Odíle Marsh' }],
  '/api/couples': [],
  '/api/lessons': [{ id: 'l', title: 'Whisk again', date: '2026-05-12', time: '18:30' }],
  '/api/events': [],
  '/api/pieces': [],
  '/api/postures': [],
};
const titles = (anywhere: Anywhere) => anywhere.found.map(({ title }) => title);

it('offers views and commands before anything is asked, and whatever has every word after it, what is called so first', async () => {
  program(STUDIO);
  const anywhere = new Anywhere(VIEWS);
  await anywhere.open();
  expect(titles(anywhere)).toEqual(['Today', 'New figure']);
  await anywhere.ask('whisk');
  expect(titles(anywhere)).toEqual(['Whisk', 'Whisk again']);
  program({ ...STUDIO, '/api/figures': [] });
  await anywhere.ask(' waltz FERRY');
  expect(anywhere.found).toEqual([{ kind: 'Routine', title: 'Ferry Night Waltz', more: 'Waltz', path: '/routines/ferry' }]);
  await anywhere.ask('odile');
  expect(titles(anywhere)).toEqual(['Odíle Marsh']);
});

it('leaves figures to the search of figures, and offers a few of them', async () => {
  const many = Array.from({ length: 3 * MOST }, (_, n) => figure(`Turn ${n}`));
  const questions = program({ ...STUDIO, '/api/figures': many });
  const anywhere = new Anywhere(VIEWS);
  await anywhere.ask('silver waltz');
  expect(questions.find(({ path }) => path === '/api/figures')?.params?.query).toEqual({ words: 'silver waltz' });
  expect(anywhere.found.filter(({ kind }) => kind === 'Figure')).toHaveLength(MOST);
});

it('lets no late answer cover a newer one', async () => {
  const slow = later<unknown>();
  program({ ...STUDIO, '/api/figures': ({ params }: Question) => (params?.query?.words === 'w' ? slow.promise : [figure('Wing')]) });
  const anywhere = new Anywhere(VIEWS);
  const first = anywhere.ask('w');
  await anywhere.ask('wi');
  slow.answer([figure('Whisk')]);
  await first;
  expect(titles(anywhere)).toContain('Wing');
});

it('says why it finds nothing, and looks again when the program is back', async () => {
  program({ ...STUDIO, '/api/people': new Refused(503, 'Busy.') });
  const anywhere = new Anywhere(VIEWS);
  await anywhere.ask('odile');
  expect(anywhere.failure).toBe('Busy.');
  program({ ...STUDIO, '/api/figures': [] });
  await anywhere.ask('odile');
  expect([anywhere.failure, titles(anywhere)]).toEqual([undefined, ['Odíle Marsh']]);
});
