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
  return ['fault', figure, pin.part, pin.step, pin.cell, plainWords(words)].join('~');
}

/** The words of a fault as its subject holds them. */
export function plainWords(words: string): string {
  return words.replaceAll('~', '-').trim();
}

/** What a subject names: the figures it is practised in (two of a seam, none of a posture), and of a fault its place and words. */
export type NamedSubject = { kind: 'figure' | 'seam' | 'posture' | 'chart'; figures: string[] } | { kind: 'fault'; figures: string[]; pin: Pin; words: string };

/** The only reader of a subject's text in the pages. */
export function named(subject: string): NamedSubject {
  const [kind = '', first = '', second = '', step = '0', cell = '', ...words] = subject.split('~');
  switch (kind) {
    case 'fault':
      return { kind, figures: [first], pin: { part: second === 'lady' ? 'lady' : 'man', step: Number(step), cell }, words: words.join('~') };
    case 'seam':
      return { kind, figures: [first, second] };
    case 'posture':
      return { kind, figures: [] };
    default:
      return { kind: kind === 'chart' ? 'chart' : 'figure', figures: first === '' ? [] : [first] };
  }
}

/** The figures a subject is practised in. */
export const figuresOf = (subject: string) => named(subject).figures;

/** The words of a fault. */
export function faultWords(subject: string): string {
  const fault = named(subject);
  return fault.kind === 'fault' ? fault.words : '';
}
