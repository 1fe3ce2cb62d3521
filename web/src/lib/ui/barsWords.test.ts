import { expect, it } from 'vitest';
import { barsWords } from './barsWords';

it.each([
  ['1', '1 bar'],
  ['2', '2 bars'],
  ['1/2', '½ bar'],
  ['1 1/2', '1½ bars'],
  ['3/4', '3/4 bar'],
])('says %s as %s', (bars, words) => expect(barsWords(bars)).toBe(words));
