import { describe, expect, it } from 'vitest';
import type { Figure, Row } from '$lib/api/client';
import { blankFigure } from './newFigure';
import { blockOf, numbered, withBlock, withRows } from './rows';

const rows = (...feet: string[]): Row[] => feet.map((foot) => ({ foot }));

/** Four steps of the man; everything that can name a row names one. */
const FIGURE: Figure = {
  ...blankFigure('waltz', 'Turn'),
  man: rows('a', 'b', 'c', 'd'),
  lady: rows('w', 'x'),
  derived: ['/man/1/foot', '/man/3/turn', '/lady/1/foot', '/title'],
  mutes: [
    { rule: 'F1', at: '/man/2/footwork', reason: 'school' },
    { rule: 'F2', reason: 'everywhere' },
  ],
  splits: [{ name: '2–3', first: 2, last: 3 }],
  repeat: { first: 1, last: 4, times: '1-2' },
  finishes: [{ name: 'open', man: [{ row: 3, cells: { turn: '1/8 L' } }], lady: [{ row: 2, cells: { turn: '1/4 L' } }] }],
};

describe('rows of a chart that move', () => {
  it('takes along everything that names them', () => {
    const all = numbered(FIGURE.man);
    const moved = withRows(FIGURE, 'man', [all[2]!, all[0]!, { row: { foot: 'new' } }, all[1]!, all[3]!]);
    expect(moved.man.map(({ foot }) => foot)).toEqual(['c', 'a', 'new', 'b', 'd']);
    expect(moved.derived).toEqual(['/man/3/foot', '/man/4/turn', '/lady/1/foot', '/title']);
    expect(moved.mutes?.map(({ at }) => at)).toEqual(['/man/0/footwork', undefined]);
    expect(moved.finishes?.[0]?.man).toEqual([{ row: 1, cells: { turn: '1/8 L' } }]);
    expect(moved.finishes?.[0]?.lady).toEqual(FIGURE.finishes?.[0]?.lady);
    expect(moved.repeat).toEqual({ first: 2, last: 5, times: '1-2' });
  });

  it('lets go of what named a row that is gone', () => {
    const left = withRows(
      FIGURE,
      'man',
      numbered(FIGURE.man).filter(({ was }) => was !== 2 && was !== 3),
    );
    expect(left.derived).toEqual(['/man/1/foot', '/lady/1/foot', '/title']);
    expect(left.mutes).toEqual([{ rule: 'F2', reason: 'everywhere' }]);
    expect(left.finishes?.[0]?.man).toEqual([]);
    expect(left.splits).toEqual([{ name: '2–3', first: 2, last: 2 }]);
    expect(left.repeat).toMatchObject({ first: 1, last: 2 });
  });

  it('leaves the parts of the man alone when the lady moves', () => {
    const moved = withRows(FIGURE, 'lady', numbered(FIGURE.lady).toReversed());
    expect(moved.splits).toEqual(FIGURE.splits);
    expect(moved.derived).toEqual(['/man/1/foot', '/man/3/turn', '/lady/0/foot', '/title']);
    expect(moved.finishes?.[0]?.lady).toEqual([{ row: 1, cells: { turn: '1/4 L' } }]);
  });
});

it('takes along the rows of the lady that are repeated', () => {
  const repeat = { first: 1, last: 4, ladyFirst: 1, ladyLast: 2, times: '1-2' };
  const moved = withRows({ ...FIGURE, repeat }, 'lady', [{ row: { foot: 'new' } }, ...numbered(FIGURE.lady)]);
  expect(moved.repeat).toEqual({ ...repeat, ladyFirst: 2, ladyLast: 3 });
  expect(withRows({ ...FIGURE, repeat }, 'man', numbered(FIGURE.man).slice(0, 3)).repeat).toEqual({ ...repeat, last: 3 });
});

describe('a block from a spreadsheet', () => {
  it('is told from a single cell', () => {
    expect(blockOf('heel')).toBeUndefined();
    expect(blockOf('heel\n')).toBeUndefined();
    expect(blockOf('1\tRF\r\n2\tLF\r\n\n')).toEqual([
      ['1', 'RF'],
      ['2', 'LF'],
    ]);
  });

  it('goes on below the last row and not beyond the last column', () => {
    const pasted = withBlock(FIGURE, 'lady', 1, ['foot', 'turn'], [[' RF ', '1/4 R', 'lost'], ['LF']]);
    expect(pasted.lady).toEqual([{ foot: 'w' }, { foot: 'RF', turn: '1/4 R' }, { foot: 'LF' }]);
    expect(pasted.derived).toEqual(['/man/1/foot', '/man/3/turn', '/title']);
    expect(pasted.man).toBe(FIGURE.man);
  });
});
