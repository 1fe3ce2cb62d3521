import { describe, expect, it } from 'vitest';
import { overviewOf } from './overview';

function passage(index: number, bar: number, beats: number, more = {}) {
  return { index, bar, beat: 1, beats, bars: String(beats / 4), title: `Figure ${index}`, highlight: false, cornerAfter: false, ...more } as never;
}

describe('a routine in one look', () => {
  const score = { placements: [passage(0, 1, 16), passage(1, 5, 8, { cornerAfter: true }), passage(2, 7, 8, { highlight: true, beat: 3 })], phrases: [0, 16, 32], beatsPerBar: 4 };

  it('is drawn to scale, with its corners, highlights and broken seams', () => {
    const { passages } = overviewOf(score, 1, (index) => (index === 0 ? 'breaks' : 'holds'));
    expect(passages.map((each) => each.share)).toEqual([50, 25, 25]);
    expect(passages.map((each) => each.selected)).toEqual([false, true, false]);
    expect(passages.map((each) => each.corner)).toEqual([false, true, false]);
    expect(passages.map((each) => each.outcome)).toEqual(['breaks', 'holds', 'holds']);
    expect(passages[2]?.title).toBe('bar 7·3, Figure 2');
  });

  it('names the bar of every phrase within it', () => {
    expect(overviewOf(score, 0, () => undefined).phrases).toEqual([
      { bar: 1, at: 0 },
      { bar: 5, at: 50 },
    ]);
  });

  it('leaves out phrases where their numbers would touch', () => {
    const long = { placements: [passage(0, 1, 1600)], phrases: Array.from({ length: 50 }, (_, index) => index * 32), beatsPerBar: 4 };
    expect(overviewOf(long, 0, () => undefined).phrases.length).toBeLessThanOrEqual(25);
  });
});
