import { afterEach, beforeEach, expect, it, vi } from 'vitest';
import { Problem } from '$lib/api/client';
import { notices } from './Notices.svelte';

beforeEach(() => vi.useFakeTimers());
afterEach(() => {
  notices.dismiss();
  vi.useRealTimers();
});

it('is shown for a while, a newer one for a while of its own', () => {
  notices.say({ sentence: 'Kept.' });
  vi.advanceTimersByTime(15_000);
  notices.say({ sentence: 'Deleted.' });
  vi.advanceTimersByTime(15_000);
  expect(notices.current?.sentence).toBe('Deleted.');
  vi.advanceTimersByTime(6_000);
  expect(notices.current).toBeUndefined();
});

it('says so when something cannot be taken back', async () => {
  notices.say({ sentence: 'Deleted.', undo: () => Promise.reject(new Problem(409, 'There is another of that name.')) });
  await notices.undo();
  expect(notices.current?.sentence).toBe('This could not be undone: There is another of that name.');
});
