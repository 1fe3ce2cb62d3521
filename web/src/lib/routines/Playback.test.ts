import { afterEach, beforeEach, expect, it, vi } from 'vitest';
import type { Score } from '$lib/api/client';
import { Playback } from './Playback.svelte';

/** Four beats at a beat a second. */
const SCORE = {
  tempo: 15,
  beatsPerBar: 4,
  beats: 4,
  steps: [
    { part: 'man', onset: 0 },
    { part: 'lady', onset: 0 },
    { part: 'man', onset: 1.5 },
    { part: 'lady', onset: 2 },
  ],
} as unknown as Score;

let frames: ((now: number) => void)[] = [];
beforeEach(() => {
  frames = [];
  vi.stubGlobal('requestAnimationFrame', (draw: (now: number) => void) => frames.push(draw));
  vi.stubGlobal('cancelAnimationFrame', () => (frames = []));
  vi.spyOn(performance, 'now').mockReturnValue(0);
});
afterEach(() => {
  vi.restoreAllMocks();
  vi.unstubAllGlobals();
});

it('goes from step to step of either part, and stops at both ends', () => {
  const playback = new Playback(() => SCORE);
  playback.step(1);
  expect(playback.beat).toBe(1.5);
  expect([playback.current('man')?.onset, playback.current('lady')?.onset]).toEqual([1.5, 0]);
  playback.step(1);
  playback.step(1);
  expect(playback.beat).toBe(2);
  playback.step(-1);
  playback.step(-1);
  playback.step(-1);
  expect(playback.beat).toBe(0);
  playback.go(99);
  expect(playback.beat).toBe(4);
});

it('plays at its tempo to the end, and from the start again', () => {
  const playback = new Playback(() => SCORE);
  playback.toggle();
  frames.shift()!(2500);
  expect([playback.beat, playback.playing]).toEqual([2.5, true]);
  frames.shift()!(9000);
  expect([playback.beat, playback.playing, frames.length]).toEqual([4, false, 0]);
  playback.play();
  expect([playback.beat, playback.playing]).toEqual([0, true]);
  playback.toggle();
  expect(playback.playing).toBe(false);
});

it('has nothing to play without a score', () => {
  const playback = new Playback(() => undefined);
  playback.play();
  playback.step(1);
  expect([playback.playing, playback.beat, playback.current('man')]).toEqual([false, 0, undefined]);
});
