import { api, Problem, required, sentenceOf, type Note, type NoteOutcome } from '$lib/api/client';
import { boxed, lay, layAll, takeOut, type BoxedNote } from './noteBox';

const AT_ONCE = 100;
const AGAIN_MILLISECONDS = 15_000;

/**
 * What was noted, laid by in this browser until the program has kept it. Each is handed in once, in order: a note leaves the box only after the program has said that it is kept, and the
 * program knows one that it has kept before. One that cannot be kept stays, with the reason, until the coach decides.
 */
class NoteQueue {
  notes = $state.raw<BoxedNote[]>([]);
  /** Why nothing could be handed in, if so; nothing is lost by it. */
  trouble = $state<string>();
  #handing: Promise<void> | undefined;
  #handed = $state(0);

  /** How often notes have been handed in; what is shown of them is asked for again after it. */
  get handed(): number {
    return this.#handed;
  }

  /** How many notes wait to be handed in. */
  get waiting(): number {
    return this.notes.filter((boxed) => boxed.refusal === undefined && !boxed.takenBack).length;
  }

  get refused(): BoxedNote[] {
    return this.notes.filter((boxed) => boxed.refusal !== undefined);
  }

  /** The notes of a lesson that are not handed in yet. */
  of(lesson: string): Note[] {
    return this.notes.filter((boxed) => boxed.note.lesson === lesson && !boxed.takenBack).map((boxed) => boxed.note);
  }

  /** Looks into the box, hands in what is there, and goes on doing so while the page is open. */
  watch(): () => void {
    void this.handIn();
    const again = () => void this.handIn();
    const timer = setInterval(() => this.#next().length > 0 && again(), AGAIN_MILLISECONDS);
    window.addEventListener('online', again);
    document.addEventListener('visibilitychange', again);
    return () => {
      clearInterval(timer);
      window.removeEventListener('online', again);
      document.removeEventListener('visibilitychange', again);
    };
  }

  /** Notes something; done when it is laid by, wherever the program is. */
  async add(note: Note): Promise<void> {
    await lay({ note, takenBack: false });
    await this.#look();
    void this.handIn();
  }

  /** Puts a note in the place of another, in one step: neither is there twice, and neither is lost. */
  async replace(before: Note, note: Note): Promise<void> {
    await layAll([this.#takenBack(before), { note, takenBack: false }]);
    await this.#look();
    void this.handIn();
  }

  /** Takes a note back, also one that has been handed in already. */
  async takeBack(note: Note): Promise<void> {
    await lay(this.#takenBack(note));
    await this.#look();
    void this.handIn();
  }

  #takenBack(note: Note): BoxedNote {
    const there = this.notes.find((boxed) => boxed.note.id === note.id);
    return { ...there, note, takenBack: true, refusal: undefined };
  }

  /** One that could not be kept is handed in without its lesson, or, where the figure is gone, as words alone. */
  async keepAsWords(boxed: BoxedNote, words: string): Promise<void> {
    const { id, couple, at, homework, person } = boxed.note;
    await lay({ ...boxed, note: { id, couple, at, homework, person, words }, refusal: undefined });
    await this.#look();
    void this.handIn();
  }

  async keepWithoutLesson(boxed: BoxedNote): Promise<void> {
    await lay({ ...boxed, note: { ...boxed.note, lesson: undefined }, refusal: undefined });
    await this.#look();
    void this.handIn();
  }

  async throwAway(boxed: BoxedNote): Promise<void> {
    await takeOut([boxed.order!]);
    await this.#look();
  }

  /** Hands in everything that waits; who asks while it is being done waits for the same. Only one page of this browser does it at a time. */
  handIn(): Promise<void> {
    this.#handing ??= this.#alone(() => this.#handInAll()).finally(() => (this.#handing = undefined));
    return this.#handing;
  }

  async #alone(work: () => Promise<void>) {
    if (typeof navigator !== 'undefined' && navigator.locks) await navigator.locks.request('fluidframe notes', work);
    else await work();
  }

  async #handInAll() {
    await this.#look();
    let batch = this.#next();
    while (batch.length > 0) {
      try {
        const takenBack = batch.filter((boxed) => boxed.takenBack).map((boxed) => boxed.note.id);
        const outcomes = required(await api.POST('/api/notes', { body: { notes: batch.map((boxed) => boxed.note), takenBack } }));
        await this.#settle(batch, outcomes);
        this.trouble = undefined;
        this.#handed++;
      } catch (thrown) {
        this.trouble = thrown instanceof Problem ? sentenceOf(thrown) : undefined;
        return;
      }
      batch = this.#next();
    }
  }

  #next(): BoxedNote[] {
    return this.notes.filter((boxed) => boxed.refusal === undefined).slice(0, AT_ONCE);
  }

  /** What was changed while it was being handed in stays, and is handed in again as it is now. */
  async #settle(batch: BoxedNote[], outcomes: NoteOutcome[]) {
    const now = await boxed();
    const done: number[] = [];
    for (const [index, { outcome, sentence }] of outcomes.slice(0, batch.length).entries()) {
      const before = batch[index]!;
      const after = now.find((each) => each.order === before.order);
      if (!after || after.takenBack !== before.takenBack) continue;
      if (outcome === 'refused') await lay({ ...after, refusal: sentence });
      else done.push(before.order!);
    }
    await takeOut(done);
    await this.#look();
  }

  async #look() {
    this.notes = await boxed();
  }
}

export const noteQueue = new NoteQueue();
export type { NoteQueue };
