import { afterEach, expect, it, vi } from 'vitest';
import type { LeftSeam, Routine } from '$lib/api/client';
import { program } from '$lib/testing/program';
import { MendingPlan } from './MendingPlan.svelte';

const seam = (after: number) => ({ seam: { after }, broken: 'feet' }) as unknown as LeftSeam;

afterEach(() => vi.restoreAllMocks());

it('plans anew without what is left out, and with it when it is taken in again', async () => {
  const plan = { steps: [{ repair: { placements: ['first'] } }, { repair: { placements: ['last'] } }] };
  const questions = program({ '/api/mending-plans': plan });
  const mending = new MendingPlan({ id: 'r' } as Routine);
  await vi.waitFor(() => expect(mending.placements).toEqual(['last']));
  mending.leaveOut(seam(3));
  mending.leaveOut(seam(7));
  await vi.waitFor(() => expect(questions.at(-1)?.body).toMatchObject({ skipped: [{ after: 3 }, { after: 7 }] }));
  mending.takeIn(mending.skipped[0]!);
  await vi.waitFor(() => expect(questions.at(-1)?.body).toMatchObject({ skipped: [{ after: 7 }] }));
});
