import { expect, it } from 'vitest';
import { same } from './same';

it.each([
  [{ a: 1, b: [1, 2] }, { b: [1, 2], a: 1 }, true],
  [{ a: 1, note: '' }, { a: 1 }, true],
  [{ a: 1, corner: false, cues: [] }, { a: 1, note: undefined }, true],
  [{ a: 1 }, { a: 2 }, false],
  [{ a: [1, 2] }, { a: [2, 1] }, false],
  [{ a: 0 }, {}, false],
  [[], {}, false],
])('%j and %j say the same: %s', (one, other, expected) => {
  expect(same(one, other)).toBe(expected);
  expect(same(other, one)).toBe(expected);
});
