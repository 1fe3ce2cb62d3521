import { parseKeybinding } from 'tinykeys';
import { describe, expect, test } from 'vitest';
import { CHART, DESK, EVENT, EVERYWHERE, FIT, LIST, PIECE, REHEARSAL, RULES, SHEET, VIEWS } from './shortcuts';

const TABLES = { LIST, SHEET, CHART, DESK, REHEARSAL, PIECE, FIT, RULES, EVENT };

describe('shortcuts', () => {
  test.each(Object.entries(TABLES))('in %s no press means two things', (_, table) => {
    const presses = [...Object.values(EVERYWHERE), ...Object.values(table)].flatMap((shortcut) => shortcut.presses);
    expect(new Set(presses).size).toBe(presses.length);
  });

  test.each(Object.entries(TABLES))('in %s each is one press, not a sequence', (_, table) => {
    for (const { presses } of Object.values(table)) for (const press of presses) expect(parseKeybinding(press)).toHaveLength(1);
  });

  test('the page of shortcuts shows every one of them', () => {
    const shown = new Set(VIEWS.flatMap((view) => Object.values(view.shortcuts)));
    for (const table of [EVERYWHERE, ...Object.values(TABLES)]) for (const shortcut of Object.values(table)) expect(shown).toContain(shortcut);
  });

  test.each(VIEWS)('under $title no key is shown twice', ({ shortcuts }) => {
    const keys = Object.values(shortcuts).map((shortcut) => shortcut.keys);
    expect(new Set(keys).size).toBe(keys.length);
  });
});
