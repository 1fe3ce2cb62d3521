import { api, required, sentenceOf, type ClassPart, type ClassPlan, type LearningStep } from '$lib/api/client';

/** What a class is to be about. */
export interface Wish {
  figures: string[];
  level: string;
  minutes: number;
  men: number;
  ladies: number;
  /** Figures that are danced already. */
  known: string[];
}

const SECOND = 1000;
const MINUTE = 60;

/** A class planned, changed in place, and run by the clock. */
export class ClassRun {
  plan = $state.raw<ClassPlan>();
  /** What is learned in which order, so that one thing is new at a time; the figures of the class among it. */
  learning = $state.raw<LearningStep[]>([]);
  failure = $state<string>();
  /** When it was begun, by the clock, less what it was paused for; not yet if absent. */
  #begun = $state<number>();
  #pausedAt = $state<number>();
  #now = $state(Date.now());
  #timer: ReturnType<typeof setInterval> | undefined;
  #asked = 0;

  async ask(wish: Wish) {
    const asked = ++this.#asked;
    this.reset();
    if (wish.figures.length === 0) {
      this.plan = undefined;
      this.learning = [];
      return;
    }
    const { known, ...body } = wish;
    try {
      const [plan, learning] = await Promise.all([api.POST('/api/class-plans', { body }), api.POST('/api/learning-paths', { body: { wanted: wish.figures, known } })]);
      if (asked !== this.#asked) return;
      this.plan = required(plan);
      this.learning = required(learning);
      this.failure = undefined;
    } catch (thrown) {
      this.failure = sentenceOf(thrown);
    }
  }

  get minutes(): number {
    return this.plan?.parts.reduce((sum, part) => sum + part.minutes, 0) ?? 0;
  }

  change(index: number, change: Partial<ClassPart>) {
    if (!this.plan) return;
    this.plan = { ...this.plan, parts: this.plan.parts.map((part, at) => (at === index ? { ...part, ...change } : part)) };
  }

  drop(index: number) {
    if (this.plan) this.plan = { ...this.plan, parts: this.plan.parts.filter((_, at) => at !== index) };
  }

  get running(): boolean {
    return this.#begun !== undefined && this.#pausedAt === undefined;
  }

  get isBegun(): boolean {
    return this.#begun !== undefined;
  }

  begin() {
    const now = Date.now();
    if (this.#begun === undefined) this.#begun = now;
    else if (this.#pausedAt !== undefined) this.#begun += now - this.#pausedAt;
    this.#pausedAt = undefined;
    this.#now = now;
    this.#timer ??= setInterval(() => (this.#now = Date.now()), SECOND / 4);
  }

  pause() {
    if (this.running) this.#pausedAt = Date.now();
    this.#stop();
  }

  reset() {
    this.#begun = undefined;
    this.#pausedAt = undefined;
    this.#stop();
  }

  /** On to the next part at once, or back to the beginning of this one. */
  skip(by: 0 | 1) {
    if (this.#begun === undefined) return;
    const target = by === 1 ? this.#startOf(this.at + 1) : this.#startOf(this.at);
    this.#begun -= (target - this.elapsed) * SECOND;
  }

  /** Seconds since it was begun. */
  get elapsed(): number {
    return this.#begun === undefined ? 0 : ((this.#pausedAt ?? this.#now) - this.#begun) / SECOND;
  }

  /** The part that is danced now; one more than the last when all is over. */
  get at(): number {
    let end = 0;
    const parts = this.plan?.parts ?? [];
    for (let index = 0; index < parts.length; index++) {
      end += parts[index]!.minutes * MINUTE;
      if (this.elapsed < end) return index;
    }
    return parts.length;
  }

  /** Seconds that are left of the part that is danced now. */
  get left(): number {
    return Math.max(0, Math.ceil(this.#startOf(this.at + 1) - this.elapsed));
  }

  #startOf(index: number): number {
    return (this.plan?.parts ?? []).slice(0, index).reduce((sum, part) => sum + part.minutes * MINUTE, 0);
  }

  #stop() {
    clearInterval(this.#timer);
    this.#timer = undefined;
  }
}
