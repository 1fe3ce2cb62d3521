import type { Part, Score, ScoredPlacement, ScoreStep } from '$lib/api/client';

/** One line of a routine's card: what is danced where, how it is counted, where it looks, and what changes in the hold. */
export interface CardLine {
  placement: ScoredPlacement;
  steps: Record<Part, ScoreStep[]>;
  /** The count of the man, or of the lady where she dances alone. */
  counts: string;
  /** Where the man looks on his first step and after his last. */
  begins: string;
  ends: string;
  /** The position and hold from here on, where they are others than before; empty otherwise. */
  position: string;
  hold: string;
}

/** The lines of a routine's card, one for each thing that is danced. */
export function cardLines(score: Score): CardLine[] {
  let before = '';
  return score.placements.map((placement, passage) => {
    const steps = score.steps.filter((step) => step.placement === passage);
    const man = steps.filter((step) => step.part === 'man');
    const lady = steps.filter((step) => step.part === 'lady');
    const counted = man.length > 0 ? man : lady;
    const last = counted.at(-1);
    const now = last ? `${last.position}, ${last.hold}` : before;
    const changes = last !== undefined && now !== before;
    before = now;
    return {
      placement,
      steps: { man, lady },
      counts: counted.map((step) => step.count).join(' '),
      begins: counted[0]?.alignment ?? '',
      ends: last?.alignment ?? '',
      position: changes ? last.position : '',
      hold: changes ? last.hold : '',
    };
  });
}
