import { expect, it } from 'vitest';
import { saidAt, whereIs } from './where';

it('says the bar, the beat where it is not the first, then the name', () => {
  expect(whereIs({ bar: 14, beat: 1 })).toBe('bar 14');
  expect(saidAt({ bar: 14, beat: 3, title: 'Straight Basic' })).toBe('bar 14·3, Straight Basic');
});
