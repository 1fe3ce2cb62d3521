import { describe, expect, it } from 'vitest';
import { Pace } from './Pace';
import { beatIn, overAt, timeIn, type Pass } from './Pass';

const STEADY = [
  { at: -4, seconds: -2 },
  { at: 8, seconds: 4 },
];
/** Two beats a second, then one, then half a one. */
const SLOWING = [
  { at: 0, seconds: 0 },
  { at: 2, seconds: 1 },
  { at: 4, seconds: 3 },
  { at: 6, seconds: 7 },
];

function pass(points: { at: number; seconds: number }[], factor: number, beat = 0): Pass {
  return { at: 10, beat, end: 6, pace: new Pace(points, factor), round: 0 };
}

describe('a pass', () => {
  it('goes evenly at a steady tempo, and half as fast at half of it', () => {
    expect(beatIn(pass(STEADY, 1), 11)).toBe(2);
    expect(beatIn(pass(STEADY, 2), 11)).toBe(1);
    expect(overAt(pass(STEADY, 1))).toBe(13);
  });

  it('follows the tempo of its piece from beat to beat', () => {
    const slowing = pass(SLOWING, 1);
    expect(timeIn(slowing, 3)).toBe(12);
    expect(beatIn(slowing, 12)).toBe(3);
    expect(overAt(slowing)).toBe(17);
    expect(timeIn(pass(SLOWING, 1, 4), 6)).toBe(14);
  });

  it('says of every beat the time at which that beat is heard', () => {
    for (const factor of [0.8, 1, 2.5])
      for (let beat = 0; beat <= 6; beat += 0.25) {
        const each = pass(SLOWING, factor);
        expect(beatIn(each, timeIn(each, beat))).toBeCloseTo(beat, 9);
      }
  });

  it('is counted in as fast as it begins', () => {
    expect(timeIn(pass(SLOWING, 1, -2), 0)).toBe(11);
  });
});
