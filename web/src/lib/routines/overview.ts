import { saidAt } from './where';
import type { Score } from '$lib/api/client';

/** One passage of a routine drawn to scale. */
export interface OverviewPassage {
  index: number;
  title: string;
  /** Hundredths of the whole routine. */
  share: number;
  selected: boolean;
  highlight: boolean;
  corner: boolean;
  outcome?: string;
}

/** A whole routine in one look: how long each passage is, and the bars at which phrases begin. */
export interface Overview {
  passages: OverviewPassage[];
  phrases: { bar: number; at: number }[];
}

/** So many numbers stand beside each other without touching. */
const MOST_PHRASES = 24;

export function overviewOf(score: Pick<Score, 'placements' | 'phrases' | 'beatsPerBar'>, selected: number, outcomeAfter: (index: number) => string | undefined): Overview {
  const whole = score.placements.reduce((beats, placement) => beats + placement.beats, 0);
  const every = Math.max(1, Math.ceil(score.phrases.length / MOST_PHRASES));
  return {
    passages: score.placements.map((placement, index) => ({
      index,
      title: saidAt(placement),
      share: (100 * placement.beats) / whole,
      selected: index === selected,
      highlight: placement.highlight,
      corner: placement.cornerAfter,
      outcome: outcomeAfter(index),
    })),
    phrases: score.phrases
      .filter((onset, index) => onset < whole && index % every === 0)
      .map((onset) => ({ bar: Math.floor(onset / score.beatsPerBar) + 1, at: (100 * onset) / whole })),
  };
}
