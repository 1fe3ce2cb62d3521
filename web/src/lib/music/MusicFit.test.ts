import { afterEach, expect, it, vi } from 'vitest';
import type { Routine } from '$lib/api/client';
import { later, program, Refused } from '$lib/testing/program';
import { MusicFit } from './MusicFit.svelte';

const ROUTINE = { id: 'r', music: { piece: 'tide' } } as Routine;

afterEach(() => vi.restoreAllMocks());

it('is asked again with every change, and nothing of a routine without a piece', async () => {
  program({ '/api/fits': { bars: 21, left: 3, beatsPerBar: 3 } });
  const fit = new MusicFit();
  fit.of(ROUTINE);
  await vi.waitFor(() => expect(fit.fit?.bars).toBe(21));
  fit.of({ ...ROUTINE, music: undefined });
  await vi.waitFor(() => expect(fit.fit).toBeUndefined());
});

it('shows the whole piece, and as much more as the routine is too long', async () => {
  program({ '/api/fits': { bars: 21, left: -4, beatsPerBar: 3 } });
  const fit = new MusicFit();
  expect(fit.range).toEqual({ from: 1, to: 1 });
  fit.of(ROUTINE);
  await vi.waitFor(() => expect(fit.range).toEqual({ from: 1, to: 23 }));
  fit.look(3, 10);
  expect(fit.range).toEqual({ from: 3, to: 10 });
  fit.look(3, 10);
  expect(fit.range).toEqual({ from: 1, to: 23 });
});

it('shows what mends the misfit that is looked at, not the one before', async () => {
  const slow = later<unknown>();
  program({ '/api/fit-repairs': ({ body }: { body: { misfit: number } }) => (body.misfit === 0 ? slow.promise : [{ label: 'hold a bar' }]) });
  const fit = new MusicFit();
  const first = fit.ask(0, ROUTINE);
  await fit.ask(1, ROUTINE);
  slow.answer([{ label: 'leave out' }]);
  await first;
  expect([fit.misfit, fit.repairs]).toEqual([1, [{ label: 'hold a bar' }]]);
});

it('says why it does not know', async () => {
  program({ '/api/fits': new Refused(422, 'Another metre.'), '/api/fit-repairs': new Refused(422, 'No such misfit.') });
  const fit = new MusicFit();
  fit.of(ROUTINE);
  await vi.waitFor(() => expect(fit.failure).toBe('Another metre.'));
  await fit.ask(7, ROUTINE);
  expect(fit.failure).toBe('No such misfit.');
});
