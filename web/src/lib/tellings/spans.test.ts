import { describe, expect, test } from 'vitest';
import { spansOf } from './spans';

const taken = (from: number, to: number, place: string, text: string, derived = false) => ({ from, to, pointer: '', place, text, derived });

describe('the stretches of a telling', () => {
  test('together they are the whole text', () => {
    const text = 'RF forward, soaring, heel';
    const spans = spansOf(text, [taken(0, 2, 'Foot', 'RF'), taken(3, 10, 'Foot position', 'fwd'), taken(21, 25, 'Footwork', 'H')], [{ from: 12, to: 19, text: 'soaring' }]);
    expect(spans.map((span) => span.text).join('')).toBe(text);
    expect(spans.filter((span) => span.kind === 'left').map((span) => span.text)).toEqual(['soaring']);
  });

  test('words that fill two cells are one stretch that says both', () => {
    const spans = spansOf('sway left on 2 and 3', [taken(0, 14, 'Sway', 'L'), taken(0, 14, 'Sway', 'L'), taken(0, 20, 'CBM', 'CBM')], []);
    expect(spans).toHaveLength(1);
    expect(spans[0]).toMatchObject({ text: 'sway left on 2 and 3', says: 'CBM: CBM, Sway: L' });
  });

  test('what only follows is told apart', () => {
    expect(spansOf('an eighth', [taken(0, 9, 'Turn', '1/8 R', true)], [])[0]?.kind).toBe('derived');
  });

  test('a text of which nothing was taken is plain', () => {
    expect(spansOf('well', [], [])).toEqual([{ text: 'well', kind: 'plain', says: '' }]);
  });
});
