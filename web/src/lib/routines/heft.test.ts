import { expect, it } from 'vitest';
import { heftOf } from './heft';

it.each([
  [0, 'not at all'],
  [1, 'less than usual'],
  [4, 'as usual'],
  [7, 'more than usual'],
  [8, 'far more than usual'],
])('a weight of %i beside the usual 4 counts %s', (weight, words) => {
  expect(heftOf(weight, 4)).toBe(words);
});
