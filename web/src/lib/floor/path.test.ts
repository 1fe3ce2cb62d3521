import { describe, expect, it } from 'vitest';
import type { DancerMotion, Motion, Score } from '$lib/api/client';
import { centreAt, stretchesOf } from './path';

/** A dancer who goes forward a metre a beat, for eight beats, so far to the side. */
function walking(y: number): DancerMotion {
  const line = (from: number, to: number) => [0, from, (to - from) / 8, 8, to, (to - from) / 8];
  const place = { x: line(0, 8), y: line(y, y), degrees: line(0, 0) };
  return { body: place, left: place, right: place, weight: line(0, 0), height: line(0, 0) };
}

const MOTION = { man: walking(1), lady: walking(2) } as Motion;
const SCORE = {
  motion: MOTION,
  placements: [
    { onset: 0, beats: 3, side: 1 },
    { onset: 3, beats: 5, side: 2 },
  ],
} as unknown as Score;

describe('the way of the couple', () => {
  it('is that of the middle between the two', () => {
    expect(centreAt(MOTION, 4)).toEqual({ x: 4, y: 1.5 });
  });

  it('goes on from figure to figure without a gap, with its side and its section', () => {
    const [first, second] = stretchesOf(SCORE, (placement) => placement * 10);
    expect([first!.side, first!.section, second!.side, second!.section]).toEqual([1, 0, 2, 10]);
    expect(first!.path.startsWith('M0,1.5')).toBe(true);
    expect(first!.path.endsWith('3,1.5')).toBe(true);
    expect(second!.path.startsWith('M3,1.5')).toBe(true);
    expect(second!.path.endsWith('8,1.5')).toBe(true);
  });

  it('is none while nobody moves', () => {
    expect(stretchesOf({ ...SCORE, motion: undefined } as unknown as Score, () => 0)).toEqual([]);
  });
});
