import type { Piece } from '$lib/api/client';

/** A section as a strip shows it. */
export interface StripSection {
  kind: string;
  title: string;
  bar: number;
  bars: number;
  phrases: number[];
}

/** Where a piece strikes. */
export interface StripHit {
  kind: string;
  /** Beats from the first bar line. */
  at: number;
}

/** The sections of a piece with the bars they begin in. */
export function sectionsOf(piece: Piece): StripSection[] {
  let bar = 1;
  return piece.sections.map((section) => {
    const bars = section.phrases.reduce((sum, each) => sum + each, 0);
    const laid = { kind: section.kind, title: section.title || section.kind, bar, bars, phrases: section.phrases };
    bar += bars;
    return laid;
  });
}

export function hitsOf(piece: Piece): StripHit[] {
  return (piece.hits ?? []).map((hit) => ({ kind: hit.kind, at: (hit.bar - 1) * piece.beatsPerBar + beatOf(hit.beat) - 1 }));
}

/** "2 1/2" as a number. */
function beatOf(text: string): number {
  return text
    .split(' ')
    .map((part) => {
      const [parts = '0', whole = '1'] = part.split('/');
      return Number(parts) / Number(whole);
    })
    .reduce((sum, each) => sum + each, 0);
}

/** The bars in which the phrases of a section begin. */
export function phraseStarts(section: StripSection): number[] {
  let bar = section.bar;
  return section.phrases.map((bars) => {
    const start = bar;
    bar += bars;
    return start;
  });
}

/** What each kind of section is drawn on. */
export const GROUNDS: Record<string, string> = {
  introduction: 'bg-floor',
  verse: 'bg-board',
  chorus: 'bg-brass/35',
  bridge: 'bg-spruce-wash',
  break: 'bg-floor border-dashed',
  ending: 'bg-line/60',
};

/** What each kind of hit is marked with; said in words beside it. */
export const MARKS: Record<string, string> = { accent: '▼', stop: '■', break: '▢', swell: '◢', 'held note': '━' };
