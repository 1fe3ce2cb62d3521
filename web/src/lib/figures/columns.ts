import type { ColumnKey, Row } from '$lib/api/client';

const TRAVELLING: ColumnKey[] = ['count', 'foot', 'footPosition', 'alignment', 'turn', 'rise', 'footwork', 'sway'];
const ON_THE_SPOT: ColumnKey[] = ['count', 'foot', 'footPosition', 'alignment', 'turn', 'footwork', 'action', 'relation'];
const ALL: ColumnKey[] = ['count', 'words', 'foot', 'footPosition', 'alignment', 'turn', 'rise', 'footwork', 'sway', 'cbm', 'action', 'body', 'relation', 'arms', 'lead', 'note'];

/** Letters of a line after which a cell's text goes on in the next. */
const LINE = 13;
const NARROWEST = 3;
/** Headings are written smaller than cells. */
const HEADING = 0.8;

/** The shares of a chart's width, in letters: each column as wide as its longest word, and no wider than a line if its texts can be broken. */
export function widths(columns: ColumnKey[], rows: Row[], title: (column: ColumnKey) => string): number[] {
  return columns.map((column) => {
    const texts = rows.map((row) => row[column] ?? '');
    const word = Math.max(...texts.map(longestWord), HEADING * longestWord(title(column)));
    return Math.max(NARROWEST, word, Math.min(LINE, Math.max(...texts.map((text) => text.length)))) + 1;
  });
}

function longestWord(text: string) {
  return Math.max(...text.split(/[\s-]/).map((word) => word.length));
}

/** The columns that fit two charts side by side: those that matter in the dance, or all of them folded out. */
export function columnsFor(isLatin: boolean, foldedOut: boolean): ColumnKey[] {
  return foldedOut ? ALL : isLatin ? ON_THE_SPOT : TRAVELLING;
}
