import { Countdown } from '$lib/ui/Countdown.svelte';
import { api, required, sentenceOf, type ClassPart, type ClassPlan, type LearningStep, type Level } from '$lib/api/client';

/** What a class is to be about. */
export interface Wish {
  figures: string[];
  level: Level;
  minutes: number;
  men: number;
  ladies: number;
  /** Figures that are danced already. */
  known: string[];
}

/** A class planned, changed in place, and run by the clock. */
export class ClassRun {
  plan = $state.raw<ClassPlan>();
  /** What is learned in which order, so that one thing is new at a time; the figures of the class among it. */
  learning = $state.raw<LearningStep[]>([]);
  failure = $state<string>();
  readonly clock = new Countdown(() => this.plan?.parts.map((part) => part.minutes) ?? []);
  #asked = 0;

  async ask(wish: Wish) {
    const asked = ++this.#asked;
    this.clock.reset();
    if (wish.figures.length === 0) {
      this.plan = undefined;
      this.learning = [];
      this.failure = undefined;
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
      if (asked === this.#asked) this.failure = sentenceOf(thrown);
    }
  }

  /** Shows a plan as it was kept, instead of a new one. */
  show(parts: ClassPart[]) {
    if (this.plan) this.plan = { ...this.plan, parts };
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
}
