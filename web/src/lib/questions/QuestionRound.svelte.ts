import msg from '$lib/messages/questions';
import { momentNow, noteId } from '$lib/logbook/noteId';
import type { NoteQueue } from '$lib/logbook/NoteQueue.svelte';
import { chartSubject } from '$lib/logbook/subject';
import { api, required, sentenceOf, type Mark, type Question, type QuestionKind } from '$lib/api/client';

/** What a coach asks for. */
export interface Wish {
  dance: string;
  /** The level of the hardest figures; empty for any. */
  highest: string;
  /** Whose steps; empty for either's. */
  part: string;
  /** What of a figure; anything if empty. */
  kinds: string[];
  /** The figure that is asked about; empty for any. */
  figure: string;
  count: number;
  seed: number;
  /** Whose weak points come first; empty for nobody's. */
  weakOf: string;
}

/** Who answers: a couple, and which of them; nothing is noted where nobody is named. */
export interface Asked {
  couple: string;
  person: string;
}

/** How an answer is remembered: as what is danced is. */
const GRADE = { right: 'good', nearly: 'shaky', wrong: 'lost' } as const;
/** How an answer counts: a nearly right one half. */
const SHARE = { right: 1, nearly: 0.5, wrong: 0 } as const;
type Outcome = keyof typeof SHARE;

/** Questions asked one after another, and how they were answered. */
export class QuestionRound {
  kinds = $state.raw<QuestionKind[]>([]);
  questions = $state.raw<Question[]>([]);
  at = $state(0);
  /** What is being typed. */
  answer = $state('');
  /** What was said to the answer that was given last. */
  mark = $state.raw<Mark>();
  outcomes = $state.raw<Outcome[]>([]);
  failure = $state<string>();
  busy = $state(false);
  /** Who answers. */
  asked = $state.raw<Asked>({ couple: '', person: '' });
  #asked = 0;

  constructor(private readonly queue: Pick<NoteQueue, 'add'>) {}

  /** What can be asked of a dance. */
  async loadKinds(dance: string) {
    try {
      this.kinds = required(await api.GET('/api/question-kinds', { params: { query: { dance } } }));
    } catch (thrown) {
      this.failure = sentenceOf(thrown);
    }
  }

  get question(): Question | undefined {
    return this.questions[this.at];
  }

  /** Whether the question has its mark; an answer that was not understood may be said otherwise. */
  get isMarked(): boolean {
    return this.mark !== undefined && this.mark.outcome !== 'unread';
  }

  get isOver(): boolean {
    return this.questions.length > 0 && this.at >= this.questions.length;
  }

  count(outcome: Outcome): number {
    return this.outcomes.filter((each) => each === outcome).length;
  }

  /** Of a hundred; a nearly right answer counts half. */
  get score(): number {
    const points = this.outcomes.reduce((sum, outcome) => sum + SHARE[outcome], 0);
    return this.questions.length === 0 ? 0 : Math.round((100 * points) / this.questions.length);
  }

  /** Begins anew. */
  async start(wish: Wish) {
    const asked = ++this.#asked;
    this.busy = true;
    try {
      const body = {
        dance: wish.dance,
        highest: wish.highest || undefined,
        part: wish.part || undefined,
        kinds: wish.kinds,
        figures: wish.figure ? [wish.figure] : [],
        count: wish.count,
        seed: wish.seed,
        weakOf: wish.weakOf || undefined,
      };
      const set = required(await api.POST('/api/questions', { body }));
      if (asked !== this.#asked) return;
      this.questions = set.questions;
      this.failure = set.questions.length === 0 ? msg.noQuestionsCanBeAsked() : undefined;
      this.at = 0;
      this.outcomes = [];
      this.#ask();
    } catch (thrown) {
      this.failure = sentenceOf(thrown);
    } finally {
      this.busy = false;
    }
  }

  async give(answer: string) {
    const question = this.question;
    if (!question || this.isMarked) return;
    this.answer = answer;
    try {
      const mark = required(await api.POST('/api/question-marks', { body: { key: question.key, answer } }));
      if (question !== this.question || this.isMarked) return;
      this.mark = mark;
      if (mark.outcome !== 'unread') {
        this.outcomes = [...this.outcomes, mark.outcome as Outcome];
        await this.#note(question, mark.outcome as Outcome);
      }
      this.failure = undefined;
    } catch (thrown) {
      this.failure = sentenceOf(thrown);
    }
  }

  /** What was answered goes into the logbook of whoever answered. */
  async #note(question: Question, outcome: Outcome) {
    const { couple, person } = this.asked;
    if (couple === '') return;
    const note = {
      id: noteId(),
      couple,
      person: person || undefined,
      at: momentNow(),
      subject: chartSubject(question.figure, question.kind),
      grade: GRADE[outcome],
      homework: false,
    };
    await this.queue.add(note);
  }

  next() {
    if (!this.isMarked) return;
    this.at++;
    this.#ask();
  }

  /** Asks again what was not quite right. */
  again() {
    const missed = this.questions.filter((_, index) => this.outcomes[index] !== 'right');
    this.questions = missed;
    this.at = 0;
    this.outcomes = [];
    this.#ask();
  }

  #ask() {
    this.answer = '';
    this.mark = undefined;
  }
}
