import { afterEach, expect, it, vi } from 'vitest';
import { blankFigure } from '$lib/figures/newFigure';
import { program, Refused } from '$lib/testing/program';
import { Telling } from './Telling.svelte';

afterEach(() => vi.restoreAllMocks());

it('is read while it is typed, and to its last word before it is taken', async () => {
  program({ '/api/descriptions': ({ body }: { body: { text: string } }) => ({ figure: { title: body.text } }) });
  const telling = new Telling(() => blankFigure('waltz', 'New'));
  for (const text of ['r', 'ri', 'right foot']) telling.tell(text);
  expect((await telling.settled())?.figure?.title).toBe('right foot');
});

it('keeps what was understood when the program does not answer', async () => {
  program({ '/api/descriptions': { figure: { title: 'told' } } });
  const telling = new Telling(() => blankFigure('waltz', 'New'));
  telling.tell('told');
  await telling.settled();
  program({ '/api/descriptions': new Refused(503, 'Busy.') });
  telling.tell('told more');
  await telling.settled();
  expect([telling.description?.figure?.title, telling.failure]).toEqual(['told', 'Busy.']);
});
