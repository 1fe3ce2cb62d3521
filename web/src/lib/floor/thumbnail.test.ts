import { expect, test } from 'vitest';
import { thumbnailOf } from './thumbnail';

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
