import { describe, expect, test } from 'vitest';
import { peaksOf, strengthsOf } from './strengths';

const RATE = 8000;

/** Silence with short clicks that die away. */
function clicks(at: number[], seconds: number): Float32Array {
  const samples = new Float32Array(seconds * RATE);
  for (const start of at) for (let i = 0; i < 400; i++) samples[Math.round(start * RATE) + i] = Math.exp(-i / 80) * Math.sin(i);
  return samples;
}

describe('strengths', () => {
  test('are greatest where a sound begins, and nothing in silence', () => {
    const strengths = strengthsOf(clicks([0.5, 1.25], 2), RATE);
    expect(strengths).toHaveLength(200);
    const loudest = [...strengths.keys()].sort((a, b) => (strengths[b] ?? 0) - (strengths[a] ?? 0)).slice(0, 2);
    expect(loudest.sort((a, b) => a - b)).toEqual([50, 125]);
    expect(strengths.slice(0, 49).every((each) => each === 0)).toBe(true);
  });

  test('peaks show where it is loud', () => {
    const peaks = peaksOf(clicks([0.5], 2), 8);
    expect(peaks[2]).toBeGreaterThan(0.5);
    expect(peaks[6]).toBe(0);
  });
});
