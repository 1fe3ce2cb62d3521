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
  /** The try that is being noted: its grade and faults in whatever order they are tapped; each tap is stored at once. */
  attempt = $state.raw<Note>();
  pin = $state<Pin>({ part: 'man', step: 0, cell: '' });
  /** Danced although it was not planned. */
  more = $state.raw<Danceable[]>([]);
  failure = $state<string>();
  #stored: Promise<void> = Promise.resolve();

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
    this.attempt = undefined;
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

  /** The faults that were seen in this try. */
  get faults(): string[] {
    return this.attempt?.faults ?? [];
  }

  sees(words: string): boolean {
    return this.faults.some((fault) => faultWords(fault) === words);
  }

  /** A fault is seen where the pin stands; seen again it is taken away. Where its words speak of one of the two it is theirs. */
  async fault(words: string) {
    const id = figuresOf(this.subject ?? '')[0];
    if (!id || words.trim() === '') return;
    const plain = plainWords(words);
    const faults = this.sees(plain)
      ? this.faults.filter((fault) => faultWords(fault) !== plain)
      : [...this.faults, faultSubject(id, { ...this.pin, part: spokenOf(plain) ?? this.pin.part }, plain)];
    return this.#amend({ faults: faults.length > 0 ? faults : undefined });
  }

  /** Grades what is danced now. A try has one grade: what is graded again has been danced again. */
  async grade(grade: Grade) {
    if (!this.subject) return;
    if (this.attempt?.grade) this.nextTry();
    await this.#amend({ grade });
  }

  /** What is tapped from now on belongs to another try. */
  nextTry() {
    this.attempt = undefined;
  }

  async say(words: string, homework: boolean) {
    if (words.trim() !== '') await this.#note({ words: words.trim(), homework });
  }

  takeBack(note: Note): Promise<void> {
    if (this.attempt?.id === note.id) this.attempt = undefined;
    return this.#store(() => this.#back(note));
  }

  /** What the try says now takes the place of what it said before; a try that says nothing is none. */
  #amend(change: Partial<Note>): Promise<void> {
    const before = this.attempt;
    const after = { ...(before ?? this.#noteOf({ subject: this.subject })), ...change, id: noteId() };
    const says = after.grade !== undefined || after.faults !== undefined;
    this.attempt = says ? after : undefined;
    return this.#store(
      async () => {
        if (before && says) {
          await this.queue.replace(before, after);
          this.kept = this.kept.filter((each) => each.id !== before.id);
        } else if (before) await this.#back(before);
        else if (says) await this.queue.add(after);
      },
      () => {
        if (!says || this.attempt === after) this.attempt = before;
      },
    );
  }

  #back(note: Note): Promise<void> {
    this.kept = this.kept.filter((each) => each.id !== note.id);
    return this.queue.takeBack(note);
  }

  #note(what: Partial<Note>): Promise<void> {
    return this.#store(() => this.queue.add(this.#noteOf(what)));
  }

  #noteOf(what: Partial<Note>): Note {
    const { id, couple } = this.lesson();
    return { id: noteId(), couple, lesson: id, at: momentNow(), homework: false, ...what } as Note;
  }

  /** Taps are stored in the order in which they were made; one that could not be is said, and nothing shows it as stored. */
  #store(storing: () => Promise<void>, undo: () => void = () => {}): Promise<void> {
    const stored = this.#stored.then(storing).then(
      () => void (this.failure = undefined),
      (thrown) => {
        undo();
        this.failure = sentenceOf(thrown);
      },
    );
    this.#stored = stored;
    return stored;
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
