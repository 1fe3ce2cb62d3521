import { describe, expect, it } from 'vitest';
import { hasWords } from './plain';

describe('the words looked for', () => {
  it('are found in any order, whatever their accents and capitals', () => {
    expect(hasWords('Chassé from Promenade', 'PROMENADE chasse')).toBe(true);
    expect(hasWords('Chassé from Promenade', 'chasse fallaway')).toBe(false);
  });

  it('are in every text if there are none', () => {
    expect(hasWords('Whisk', ' ')).toBe(true);
  });
});
