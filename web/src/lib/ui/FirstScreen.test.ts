import { afterEach, expect, it, vi } from 'vitest';
import { FirstScreen } from './FirstScreen.svelte';

afterEach(() => vi.unstubAllGlobals());

it('draws as much as a screen shows, and all once that has been painted', async () => {
  vi.useFakeTimers();
  vi.stubGlobal('requestAnimationFrame', (painted: () => void) => painted());
  vi.stubGlobal('document', { hidden: false });
  const long = Array.from({ length: 40 }, (_, i) => i);
  const screen = new FirstScreen();
  expect(screen.of([1, 2])).toEqual([1, 2]);
  expect(screen.of(long)).toEqual(long.slice(0, 16));
  await vi.runAllTimersAsync();
  expect(screen.of(long)).toBe(long);
  expect(screen.of(long.slice(3))).toHaveLength(37);
});
