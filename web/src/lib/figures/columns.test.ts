import { expect, it } from 'vitest';
import { widths } from './columns';

it('gives each column room for its longest word and breaks longer texts', () => {
  const rows = [
    { count: '4-1', footPosition: 'fwd small in counterpromenade', turn: '' },
    { count: '2', footPosition: 'sd', turn: '' },
  ];
  const [count, position, turn] = widths(['count', 'footPosition', 'turn'], rows, () => 'Turn');
  expect([count, position, turn]).toEqual([4.2, 'counterpromenade'.length + 1, 4.2]);
});

it('is never narrower than what a cell needs to be typed into', () => {
  expect(widths(['sway'], [{}], () => '')).toEqual([4]);
});
