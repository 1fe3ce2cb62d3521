import type { LegendEntry, Part, Score, ScoredPlacement, ScoreStep } from '$lib/api/client';

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

/** How a code is said of something: as it is, or in words. */
export type Saying = (kind: LegendEntry['kind'], code: string) => string;

/** Of a legend what is printed: the codes of what the lines say and of the steps that are shown. A code that is a word of its meaning explains itself. */
export function printedLegend(legend: LegendEntry[], lines: CardLine[], parts: Part[]): LegendEntry[] {
  const printed: Record<LegendEntry['kind'], Set<string>> = {
    alignment: new Set(lines.flatMap(({ begins, ends }) => [begins, ends])),
    position: new Set(lines.map(({ position }) => position)),
    hold: new Set(lines.map(({ hold }) => hold)),
    footwork: new Set(lines.flatMap(({ steps }) => parts.flatMap((part) => steps[part].map(({ footwork }) => footwork)))),
  };
  return legend.filter(({ kind, code, meaning }) => printed[kind].has(code) && !meaning.includes(code));
}

export function sayingOf(legend: LegendEntry[], inWords: boolean): Saying {
  const meanings = new Map(legend.map(({ kind, code, meaning }) => [`${kind} ${code}`, meaning]));
  return (kind, code) => (inWords ? (meanings.get(`${kind} ${code}`) ?? code) : code);
}
