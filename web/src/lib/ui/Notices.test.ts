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
  vi.advanceTimersByTime(8_000);
  notices.say({ sentence: 'Deleted.' });
  vi.advanceTimersByTime(8_000);
  expect(notices.current?.sentence).toBe('Deleted.');
  vi.advanceTimersByTime(3_000);
  expect(notices.current).toBeUndefined();
});

it('stays while somebody points at it', () => {
  notices.say({ sentence: 'Deleted.' });
  notices.hold();
  vi.advanceTimersByTime(60_000);
  expect(notices.current).toBeDefined();
  notices.resume();
  vi.advanceTimersByTime(11_000);
  expect(notices.current).toBeUndefined();
});

it('belongs to its page, or to the next one where its own is left at once', () => {
  notices.say({ sentence: 'Saved.' });
  notices.moved('/figures');
  expect(notices.current).toBeUndefined();
  notices.say({ sentence: 'Deleted.', goesAlong: true });
  notices.moved('/figures');
  expect(notices.current?.sentence).toBe('Deleted.');
  notices.moved('/routines');
  expect(notices.current).toBeUndefined();
});

it('stays until it is closed where something went wrong', () => {
  notices.fail(new Problem(503, 'The program is stopping.'));
  vi.advanceTimersByTime(60_000);
  expect(notices.current?.sentence).toBe('The program is stopping.');
});

it('says so when something cannot be taken back', async () => {
  notices.say({ sentence: 'Deleted.', undo: () => Promise.reject(new Problem(409, 'There is another of that name.')) });
  await notices.undo();
  expect(notices.current?.sentence).toBe('This could not be undone: There is another of that name.');
});
