import msg from '$lib/messages/tellings';
import type { Leftover, Taken } from '$lib/api/client';

/** A stretch of what was told: understood, understood as something that only follows, not understood, or nothing in particular. */
export interface Span {
  text: string;
  kind: 'taken' | 'derived' | 'left' | 'plain';
  /** What was taken from it, for a hint. */
  says: string;
}

/** A text in the stretches that a telling made of it; where several things were taken from the same words they are one. */
export function spansOf(text: string, taken: Taken[], leftovers: Leftover[]): Span[] {
  const marks = [
    ...taken.map(({ from, to, derived, place, text: says }) => ({ from, to, kind: derived ? ('derived' as const) : ('taken' as const), says: `${place}: ${says}` })),
    ...leftovers.map(({ from, to }) => ({ from, to, kind: 'left' as const, says: msg.notUnderstood2() })),
  ].sort((one, other) => one.from - other.from || other.to - one.to);
  const spans: Span[] = [];
  let at = 0;
  for (const mark of marks) {
    const last = spans.at(-1);
    if (mark.from < at) {
      if (last && !last.says.includes(mark.says)) last.says += `, ${mark.says}`;
      continue;
    }
    if (mark.from > at) spans.push({ text: text.slice(at, mark.from), kind: 'plain', says: '' });
    spans.push({ text: text.slice(mark.from, mark.to), kind: mark.kind, says: mark.says });
    at = mark.to;
  }
  if (at < text.length) spans.push({ text: text.slice(at), kind: 'plain', says: '' });
  return spans;
}
