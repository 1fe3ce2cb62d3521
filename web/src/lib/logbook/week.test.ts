import { expect, it } from 'vitest';
import { daysOf, mondayOf, weeksLater } from './week';

it('begins a week on Monday, also on a Sunday and over a year', () => {
  expect(mondayOf('2026-12-02')).toBe('2026-11-30');
  expect(mondayOf('2026-12-06')).toBe('2026-11-30');
  expect(mondayOf('2026-11-30')).toBe('2026-11-30');
  expect(mondayOf('2027-01-01')).toBe('2026-12-28');
});

it('counts days and weeks over a change of the clocks', () => {
  expect(daysOf('2026-03-23').at(-1)).toBe('2026-03-29');
  expect(daysOf('2026-10-19')).toHaveLength(7);
  expect(weeksLater('2026-03-23', 1)).toBe('2026-03-30');
  expect(weeksLater('2026-11-30', -2)).toBe('2026-11-16');
});
