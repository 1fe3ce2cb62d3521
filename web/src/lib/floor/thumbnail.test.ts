import { expect, test } from 'vitest';
import { thumbnailOf, wayOf } from './thumbnail';

test('what stays on its spot is drawn small, in the middle of three metres', () => {
  const drawn = thumbnailOf({ id: 'box', man: [0, 0, 0.3, 0, 0.3, 0.3, 0, 0], lady: [0.5, 0, 0.8, 0, 0.8, 0.3, 0.5, 0] });
  expect(drawn.box.split(' ').map(Number)).toEqual([0.4 - 1.5, -0.15 - 0.875, 3, 1.75]);
  expect(drawn.start).toEqual(drawn.end);
});

test('what travels fills the picture, towards the centre of the room upwards', () => {
  const drawn = thumbnailOf({ id: 'travel', man: [0, 0, 6, 1], lady: [0, 0.5, 6, 1.5] });
  const [x, y, width, height] = drawn.box.split(' ').map(Number);
  expect(width).toBeCloseTo(6.7);
  expect(height).toBeCloseTo(2.2);
  expect([x, y]).toEqual([expect.closeTo(-0.35), expect.closeTo(-1.85)]);
  expect(drawn.end).toEqual({ x: 6, y: -1 });
});

test('the way of a routine is drawn in its room, the first side below', () => {
  const drawn = wayOf({ length: 20, width: 10, points: [1, 2, 18, 2, 18, 8] });
  expect(drawn.box.split(' ').map(Number)).toEqual([-0.35, -10.35, expect.closeTo(20.7), expect.closeTo(10.7)]);
  expect(drawn.start).toEqual({ x: 1, y: -2 });
  expect(drawn.end).toEqual({ x: 18, y: -8 });
  expect(wayOf({ length: 20, width: 10, points: [] }).start).toBeUndefined();
});
