import { describe, expect, it } from 'vitest';
import { asked, changedQuery, queryOf } from './address';
import { ordinal } from './ordinal';

describe('what an address says', () => {
  it('changes in part, and an empty text takes a key out', () => {
    const query = new URLSearchParams('dance=waltz&words=whisk');
    expect(changedQuery(query, { words: '', level: 'gold' })).toBe('dance=waltz&level=gold');
    expect(query.toString()).toBe('dance=waltz&words=whisk');
  });

  it('is read by its names', () => {
    expect(asked('figure=3&seam')).toEqual({ figure: '3', seam: '' });
    expect(asked(undefined)).toEqual({});
    expect(asked(queryOf({ words: 'a & b' }))).toEqual({ words: 'a & b' });
  });
});

it.each([
  [1, '1st'],
  [2, '2nd'],
  [3, '3rd'],
  [4, '4th'],
  [8, '8th'],
])('%i is said %s', (number, said) => expect(ordinal(number)).toBe(said));
