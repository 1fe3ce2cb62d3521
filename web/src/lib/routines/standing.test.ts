import { expect, it } from 'vitest';
import type { Collision, RoomReport } from '$lib/api/client';
import { hitsOf, standingOf } from './standing';

const wall = { wall: true } as unknown as Collision;
const pillar = { wall: false } as unknown as Collision;

it.each([
  [0, [], true, 'every seam can be danced'],
  [1, [], false, '1 seam breaks'],
  [3, [], false, '3 seams break'],
  [0, [wall], false, 'every seam can be danced, but a wall is hit once'],
  [0, [pillar, pillar], false, 'every seam can be danced, but an obstacle is hit twice'],
  [2, [wall, wall, wall], false, '2 seams break, and a wall is hit 3 times'],
  [3, [wall, wall, wall, pillar], false, '3 seams break, and a wall is hit 3 times, an obstacle is hit once'],
  [0, [pillar, wall, wall], false, 'every seam can be danced, but a wall is hit twice, an obstacle is hit once'],
])('%i broken seams and %j stand so', (broken, hits, good, words) => {
  expect(standingOf(broken, hits, [])).toEqual({ good, words });
});

it('does not stand while a figure of it does not add up', () => {
  expect(standingOf(0, [], ['Feather Step'])).toEqual({ good: false, words: 'every seam can be danced; 1 figure does not add up' });
  expect(standingOf(2, [], ['Feather Step', 'Three Step']).words).toBe('2 seams break; 2 figures do not add up');
});

it('hits nothing as long as no floor is known', () => {
  expect(hitsOf(undefined)).toEqual([]);
  expect(hitsOf({ collisions: [wall] } as unknown as RoomReport)).toEqual([wall]);
});
