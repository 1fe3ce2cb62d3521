import { describe, expect, it } from 'vitest';
import { valueAt } from './motion';

describe('a curve', () => {
  const KEYS = [0, 1, 0, 2, 5, 0, 3, 5, 4];

  it('stands still before its first key and after its last', () => {
    expect([valueAt(KEYS, -3), valueAt(KEYS, 9)]).toEqual([1, 5]);
  });

  it('goes through its keys', () => {
    expect([0, 2, 3].map((beat) => valueAt(KEYS, beat))).toEqual([1, 5, 5]);
  });

  it('eases between two keys at rest', () => {
    expect(valueAt(KEYS, 1)).toBeCloseTo(3, 9);
    expect(valueAt(KEYS, 0.5)).toBeCloseTo(1 + 4 * (3 * 0.0625 - 2 * 0.015625), 9);
  });

  it('has the slope of its keys', () => {
    const slope = (valueAt(KEYS, 3 - 1e-6) - valueAt(KEYS, 3 - 2e-6)) / 1e-6;
    expect(slope).toBeCloseTo(4, 3);
  });
});
