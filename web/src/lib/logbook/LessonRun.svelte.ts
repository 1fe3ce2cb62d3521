import { api, required, sentenceOf, type Figure, type Lesson, type Note } from '$lib/api/client';
import { Countdown } from '$lib/ui/Countdown.svelte';
import { inOrder } from '$lib/ui/inOrder';
import { momentNow, noteId } from './noteId';
import type { NoteQueue } from './NoteQueue.svelte';
import { LessonFigures } from './LessonFigures.svelte';
import { faultSubject, faultWords, figuresOf, figureSubject, named, plainWords, type Pin } from './subject';

/** Something that can be danced in the lesson. */
export interface Danceable {
  subject: string;
  title: string;
}

export const GRADES = ['lost', 'shaky', 'good', 'secure'] as const;
export type Grade = (typeof GRADES)[number];

/** A lesson being given: its clock, what is danced now, the faults that were seen in it, and everything that was noted. */
export class LessonRun {
  readonly clock: Countdown;
  readonly figures = new LessonFigures();
  /** What was noted before and is handed in. */
  kept = $state.raw<Note[]>([]);
  /** What is danced now. */
  subject = $state<string>();
  figure = $state.raw<Figure>();
  /** The faults that were seen in what is danced now, until it is graded. */
  faults = $state.raw<string[]>([]);
  pin = $state<Pin>({ part: 'man', step: 0, cell: '' });
  /** Danced although it was not planned. */
  more = $state.raw<Danceable[]>([]);
  failure = $state<string>();

  constructor(
    private readonly lesson: () => Lesson,
    private readonly queue: NoteQueue,
  ) {
    this.clock = new Countdown(() => this.lesson().parts.map((part) => part.minutes));
  }

  /** What was noted, handed in or not, the latest first. */
  get notes(): Note[] {
    const waiting = this.queue.of(this.lesson().id);
    const boxed = this.queue.notes.map(({ note }) => note.id);
    return [...this.kept.filter((note) => !boxed.includes(note.id)), ...waiting].sort((a, b) => inOrder(b.at, a.at));
  }

  /** What can be danced: what is planned, and what came to it. */
  get danceables(): Danceable[] {
    const planned = this.lesson().parts.flatMap((part) => (part.subject ? [danceable(wholeOf(part.subject), this.figures.titleOf(wholeOf(part.subject), part.title))] : []));
    const all = [...planned, ...this.more];
    return all.filter((each, index) => all.findIndex((other) => other.subject === each.subject) === index);
  }

  async read() {
    void this.figures.read(this.lesson().parts.flatMap((part) => figuresOf(part.subject ?? '')));
    try {
      this.kept = required(await api.GET('/api/lessons/{id}/notes', { params: { path: { id: this.lesson().id } } }));
      this.failure = undefined;
    } catch (thrown) {
      this.failure = sentenceOf(thrown);
    }
  }

  /** Says what is danced now; its known faults are one tap away then. */
  async dance(subject: string) {
    this.subject = this.subject === subject ? undefined : subject;
    this.faults = [];
    this.pin = { part: 'man', step: 0, cell: '' };
    this.figure = undefined;
    const id = figuresOf(subject)[0];
    if (!this.subject || !id) return;
    const answer = await api.GET('/api/figures/{id}', { params: { path: { id } } }).catch(() => undefined);
    if (this.subject === subject) this.figure = answer?.data;
  }

  /** Dances a figure that was not planned. */
  add(figure: { id: string; title: string }) {
    const subject = figureSubject(figure.id);
    if (!this.danceables.some((each) => each.subject === subject)) this.more = [...this.more, { subject, title: figure.title }];
    if (this.subject !== subject) void this.dance(subject);
  }

  get steps(): number {
    return this.figure ? this.figure[this.pin.part].length : 0;
  }

  /** The known faults of the figure. */
  get knownFaults(): string[] {
    return this.figure?.faults ?? [];
  }

  sees(words: string): boolean {
    return this.faults.some((fault) => faultWords(fault) === words);
  }

  /** A fault is seen where the pin stands; seen again it is taken away. Where its words speak of one of the two it is theirs. */
  fault(words: string) {
    const id = figuresOf(this.subject ?? '')[0];
    if (!id || words.trim() === '') return;
    const plain = plainWords(words);
    if (this.sees(plain)) {
      this.faults = this.faults.filter((fault) => faultWords(fault) !== plain);
      return;
    }
    this.faults = [...this.faults, faultSubject(id, { ...this.pin, part: spokenOf(plain) ?? this.pin.part }, plain)];
  }

  /** Grades what is danced now: that notes it, with the faults that were seen. */
  async grade(grade: Grade) {
    if (!this.subject) return;
    const faults = this.faults;
    await this.#note({ subject: this.subject, grade, faults: faults.length > 0 ? faults : undefined });
    this.faults = [];
  }

  async say(words: string, homework: boolean) {
    if (words.trim() !== '') await this.#note({ words: words.trim(), homework });
  }

  takeBack(note: Note): Promise<void> {
    this.kept = this.kept.filter((each) => each.id !== note.id);
    return this.queue.takeBack(note);
  }

  #note(what: Partial<Note>): Promise<void> {
    const { id, couple } = this.lesson();
    return this.queue.add({ id: noteId(), couple, lesson: id, at: momentNow(), homework: false, ...what } as Note);
  }
}

const danceable = (subject: string, title: string): Danceable => ({ subject, title });

/** A planned fault is worked on in its figure. */
function wholeOf(subject: string): string {
  const { kind, figures } = named(subject);
  return kind === 'fault' && figures[0] ? figureSubject(figures[0]) : subject;
}

function spokenOf(words: string): Pin['part'] | undefined {
  const [first] = words.toLowerCase().match(/\b(man|he|his|him|lady|she|her)\b/) ?? [];
  return first === undefined ? undefined : ['man', 'he', 'his', 'him'].includes(first) ? 'man' : 'lady';
}
