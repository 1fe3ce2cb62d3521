import { describe, expect, it } from 'vitest';
import { placedWithin } from './dragging';

describe('a thing that is dragged over the floor', () => {
  const floor = { length: 18, width: 11 };

  it('is placed to a tenth of a metre', () => {
    expect(placedWithin(floor, { x: 3.14159, y: 2.06 })).toEqual({ x: 3.1, y: 2.1 });
  });

  it('stays within the walls as a whole', () => {
    expect(placedWithin(floor, { x: -2, y: 40 })).toEqual({ x: 0, y: 11 });
    expect(placedWithin(floor, { x: 40, y: 40 }, { length: 2, width: 1 })).toEqual({ x: 16, y: 10 });
  });
});
