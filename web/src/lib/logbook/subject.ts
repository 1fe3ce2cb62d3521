/** What was danced as the program reads it, such as figure~waltz-whisk; the words are the program's own. */
export const figureSubject = (figure: string) => `figure~${figure}`;
export const seamSubject = (from: string, to: string) => `seam~${from}~${to}`;

/** What is known of a figure's chart: one kind of question. */
export const chartSubject = (figure: string, kind: string) => `chart~${figure}~${kind}`;

/** Where a fault happens: whose, in which step from 1 (0 for all of it), and in which cell. */
export interface Pin {
  part: 'man' | 'lady';
  step: number;
  cell: string;
}

export function faultSubject(figure: string, pin: Pin, words: string): string {
  return ['fault', figure, pin.part, pin.step, pin.cell, words.replaceAll('~', '-').trim()].join('~');
}

/** The figures a subject is practised in: two of a seam, none of a posture. */
export function figuresOf(subject: string): string[] {
  const [kind, ...names] = subject.split('~');
  if (kind === 'seam') return names.slice(0, 2);
  return kind === 'posture' ? [] : names.slice(0, 1);
}
