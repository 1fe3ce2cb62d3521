import { expect, test } from 'vitest';
import { dateWords, minutesOf, readTime, timeOf } from './clock';

test.each([
  ['9:30', '09:30'],
  ['9.30', '09:30'],
  ['930', '09:30'],
  ['1745', '17:45'],
  ['9', '09:00'],
  ['24:00', '24:00'],
  ['24:01', undefined],
  ['9:75', undefined],
  ['half past nine', undefined],
  ['', undefined],
])('"%s" is read as %s', (typed, time) => expect(readTime(typed)).toBe(time));

test('minutes and times are each other’s opposite', () => {
  for (const minutes of [0, 59, 570, 1439]) expect(minutesOf(timeOf(minutes))).toBe(minutes);
});

test('a date is said in words, and what is none stays as it is', () => {
  expect(dateWords('2027-03-13')).toMatch(/March/);
  expect(dateWords('some day')).toBe('some day');
});
