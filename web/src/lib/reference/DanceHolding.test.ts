import { afterEach, beforeEach, expect, it, vi } from 'vitest';
import type { Dance } from '$lib/api/client';
import { program, Refused, remembering } from '$lib/testing/program';
import { DanceHolding } from './DanceHolding.svelte';
import { reference } from './reference.svelte';

const DANCE = { id: 'foxtrot', title: 'Foxtrot', startBeats: [1, 3] } as unknown as Dance;
let reloaded = vi.fn();

beforeEach(() => {
  remembering();
  reloaded = vi.spyOn(reference, 'reload').mockResolvedValue() as never;
});
afterEach(() => vi.restoreAllMocks());

it('is as it came until it is held differently, and then again', async () => {
  program({ 'POST /api/dance-customs': (question: { body?: unknown }) => question.body, 'DELETE /api/dance-customs/{id}': {} });
  const holding = new DanceHolding(() => DANCE);
  await holding.look();
  expect(holding.custom).toBeUndefined();
  expect(holding.failure).toBeUndefined();
  await holding.hold({ slow: '1 1/2' });
  expect(holding.custom).toEqual({ id: 'foxtrot', title: 'Foxtrot', slow: '1 1/2' });
  expect(reloaded).toHaveBeenCalledOnce();
  await holding.reset();
  expect(holding.custom).toBeUndefined();
});

it('keeps at least one beat on which figures start', async () => {
  const questions = program({ 'POST /api/dance-customs': (question: { body?: unknown }) => question.body });
  const holding = new DanceHolding(() => ({ ...DANCE, startBeats: [1] }));
  await holding.startOn(1, false);
  expect(questions).toEqual([]);
  await holding.startOn(3, true);
  expect(holding.custom?.startBeats).toEqual([1, 3]);
});

it('says what is refused, and holds on to what there is', async () => {
  program({ '/api/taken-ids': { taken: true }, '/api/dance-customs/{id}': { id: 'foxtrot', title: 'Foxtrot', slow: '1' }, 'PUT /api/dance-customs/{id}': new Refused(422, 'No.') });
  const holding = new DanceHolding(() => DANCE);
  await holding.look();
  await holding.hold({ slow: 'soon' });
  expect(holding.failure).toBe('No.');
  expect(holding.custom?.slow).toBe('1');
  expect(reloaded).not.toHaveBeenCalled();
});

it('keeps the failure of a later change when an earlier one ends after it', async () => {
  let followed = () => {};
  reloaded.mockReturnValue(new Promise<void>((done) => (followed = done)));
  program({ 'POST /api/dance-customs': (question: { body?: unknown }) => question.body, 'PUT /api/dance-customs/{id}': new Refused(422, 'No.') });
  const holding = new DanceHolding(() => DANCE);
  const earlier = holding.hold({ slow: '1 1/2' });
  const later = holding.hold({ slow: 'soon' });
  await vi.waitFor(() => expect(reloaded).toHaveBeenCalledOnce());
  followed();
  await Promise.all([earlier, later]);
  expect(holding.failure).toBe('No.');
  expect(holding.custom?.slow).toBe('1 1/2');
});
