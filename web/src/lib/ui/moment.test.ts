import { describe, expect, it } from 'vitest';
import { ageOf, today } from './moment';

const NOW = new Date(2026, 10, 26, 23, 30);

describe('the age of a day', () => {
  it.each([
    ['', 'never'],
    ['2026-11-26', 'today'],
    ['2026-11-27', 'today'],
    ['2026-11-25', 'yesterday'],
    ['2026-09-28', '59 days ago'],
    ['2026-09-27', '2 months ago'],
    ['2025-11-26', '12 months ago'],
    ['2024-11-26', '2 years ago'],
  ])('of "%s" is %s', (day, said) => expect(ageOf(day, NOW)).toBe(said));

  it('is counted from the day it is here, late in the evening too', () => expect(today(NOW)).toBe('2026-11-26'));
});
