import type { Figure, Part, Row } from '$lib/api/client';

/** A row of the new chart: its cells, and which row of the old chart it was, if it was one. */
export interface MovedRow {
  row: Row;
  was?: number;
}

export function numbered(rows: Row[]): MovedRow[] {
  return rows.map((row, was) => ({ row, was }));
}

/** The figure with other rows in a part; everything that names rows of that part follows them. */
export function withRows(figure: Figure, part: Part, moved: MovedRow[]): Figure {
  const now = (was: number) => {
    const index = moved.findIndex((row) => row.was === was);
    return index < 0 ? undefined : index;
  };
  const followed = (pointer: string) => follow(pointer, part, now);
  const changes = (rows: { row: number; cells: Row }[] | undefined) =>
    rows?.flatMap((change) => {
      const row = now(change.row - 1);
      return row === undefined ? [] : [{ ...change, row: row + 1 }];
    });
  const variation = <V extends { man?: { row: number; cells: Row }[]; lady?: { row: number; cells: Row }[] }>(each: V): V => ({
    ...each,
    [part]: changes(each[part]),
  });
  const bound = (row: number) => (now(row - 1) ?? Math.min(row, moved.length) - 1) + 1;
  const figureNow: Figure = {
    ...figure,
    [part]: moved.map(({ row }) => row),
    derived: figure.derived?.flatMap((pointer) => followed(pointer) ?? []),
    mutes: figure.mutes?.flatMap((mute) => {
      const at = mute.at ? followed(mute.at) : mute.at;
      return mute.at && at === undefined ? [] : [{ ...mute, at }];
    }),
    entries: figure.entries?.map(variation),
    finishes: figure.finishes?.map(variation),
    schools: figure.schools?.map(variation),
  };
  if (part === 'man') {
    figureNow.splits = figure.splits?.map((split) => ({ ...split, first: bound(split.first), last: bound(split.last) }));
    if (figure.repeat) figureNow.repeat = { ...figure.repeat, first: bound(figure.repeat.first), last: bound(figure.repeat.last) };
  }
  const { ladyFirst, ladyLast } = figure.repeat ?? {};
  if (part === 'lady' && figure.repeat && ladyFirst !== undefined && ladyLast !== undefined) {
    figureNow.repeat = { ...figure.repeat, ladyFirst: bound(ladyFirst), ladyLast: bound(ladyLast) };
  }
  return withoutUndefined(figureNow);
}

/** Where a place in a chart is after its rows have moved; nothing if its row is gone. */
function follow(pointer: string, part: Part, now: (was: number) => number | undefined): string | undefined {
  const [, chart, row, column] = pointer.split('/');
  if (chart !== part || row === undefined || !/^\d+$/.test(row)) return pointer;
  const index = now(Number(row));
  return index === undefined ? undefined : `/${chart}/${index}/${column ?? ''}`;
}

function withoutUndefined(figure: Figure): Figure {
  return Object.fromEntries(Object.entries(figure).filter(([, value]) => value !== undefined)) as Figure;
}

/** The figure with a block of cells put in, beginning at a cell; rows it goes beyond are added. */
export function withBlock(figure: Figure, part: Part, row: number, columns: (keyof Row)[], block: string[][]): Figure {
  const rows = [...figure[part]];
  while (rows.length < row + block.length) rows.push({});
  const pasted: string[] = [];
  block.forEach((cells, down) =>
    cells.slice(0, columns.length).forEach((text, across) => {
      const column = columns[across]!;
      rows[row + down] = { ...rows[row + down], [column]: text.trim() };
      pasted.push(`/${part}/${row + down}/${column}`);
    }),
  );
  return withoutUndefined({ ...figure, [part]: rows, derived: figure.derived?.filter((pointer) => !pasted.includes(pointer)) });
}

/** A block of cells as a spreadsheet copies it: tabs between cells, line ends between rows. */
export function blockOf(text: string): string[][] | undefined {
  if (!/[\t\n]/.test(text.trimEnd())) return undefined;
  return text
    .replace(/\r/g, '')
    .replace(/\n+$/, '')
    .split('\n')
    .map((line) => line.split('\t'));
}
