import type { ColumnKey } from '$lib/api/client';

const TRAVELLING: ColumnKey[] = ['count', 'foot', 'footPosition', 'alignment', 'turn', 'rise', 'footwork', 'sway'];
const ON_THE_SPOT: ColumnKey[] = ['count', 'foot', 'footPosition', 'alignment', 'turn', 'footwork', 'action', 'relation'];
const ALL: ColumnKey[] = [
  'count',
  'words',
  'foot',
  'footPosition',
  'alignment',
  'turn',
  'rise',
  'footwork',
  'sway',
  'cbm',
  'action',
  'body',
  'relation',
  'arms',
  'lead',
  'note',
];

/** Share of a chart's width. */
export const WIDTH: Record<ColumnKey, number> = {
  count: 4.5,
  words: 6,
  foot: 4.8,
  footPosition: 11,
  alignment: 10,
  turn: 16.5,
  rise: 10,
  footwork: 6.8,
  sway: 4.8,
  cbm: 6,
  action: 9,
  body: 12,
  relation: 13,
  arms: 10,
  lead: 10,
  note: 12,
};

/** The columns that fit two charts side by side: those that matter in the dance, or all of them folded out. */
export function columnsFor(isLatin: boolean, foldedOut: boolean): ColumnKey[] {
  return foldedOut ? ALL : isLatin ? ON_THE_SPOT : TRAVELLING;
}
