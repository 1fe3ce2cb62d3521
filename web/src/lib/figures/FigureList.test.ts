import { afterEach, expect, it, vi } from 'vitest';
import { later, program, Refused } from '$lib/testing/program';
import { ANYTHING, FigureList } from './FigureList.svelte';

afterEach(() => vi.restoreAllMocks());

it('asks only for what is said, and an answer that comes late does not cover a newer one', async () => {
  const slow = later<unknown>();
  const questions = program({ '/api/figures': ({ params }: { params: { query: { words?: string } } }) => (params.query.words === 'wh' ? slow.promise : [{ id: 'whisk' }]) });
  const list = new FigureList();
  const first = list.ask({ ...ANYTHING, dance: 'waltz', words: 'wh' });
  await list.ask({ ...ANYTHING, dance: 'waltz', words: 'whi' });
  slow.answer([{ id: 'wheel' }]);
  await first;
  expect(list.figures).toEqual([{ id: 'whisk' }]);
  expect(questions[1]?.params?.query).toEqual({ dance: 'waltz', words: 'whi' });
});

it('keeps the list when the program does not answer, and says so', async () => {
  program({ '/api/figures': [{ id: 'whisk' }] });
  const list = new FigureList();
  await list.ask(ANYTHING);
  program({ '/api/figures': new Refused(503, 'Busy.') });
  await list.ask(ANYTHING);
  expect([list.figures, list.failure]).toEqual([[{ id: 'whisk' }], 'Busy.']);
});

it('draws the ways of the dance that is asked for now, once, and none where all dances are', async () => {
  const slow = later<unknown>();
  const questions = program({
    '/api/figure-paths': ({ params }: { params: { query: { dance: string } } }) => (params.query.dance === 'tango' ? slow.promise : [{ id: 'whisk', man: [], lady: [] }]),
  });
  const list = new FigureList();
  const tango = list.draw('tango');
  await list.draw('waltz');
  await list.draw('waltz');
  slow.answer([{ id: 'walk', man: [], lady: [] }]);
  await tango;
  expect(Object.keys(list.paths)).toEqual(['whisk']);
  await list.draw('');
  expect(list.paths).toEqual({});
  expect(questions).toHaveLength(2);
});

it('is read without pictures that did not come, and asks for them again', async () => {
  program({ '/api/figure-paths': new Refused(503, 'Busy.') });
  const list = new FigureList();
  await list.draw('waltz');
  expect([list.paths, list.failure]).toEqual([{}, undefined]);
  program({ '/api/figure-paths': [{ id: 'whisk', man: [], lady: [] }] });
  await list.draw('waltz');
  expect(Object.keys(list.paths)).toEqual(['whisk']);
});
