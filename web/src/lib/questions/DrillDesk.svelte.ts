import { api, required, sentenceOf, type Drill, type DrillSheet, type Figure, type FigureSummary } from '$lib/api/client';
import { Latest } from '$lib/ui/Latest';

/** How fast an exercise begins and goes on, in hundredths of the tempo, and how often at each. */
const USUAL = { from: 60, to: 100, step: 10, every: 2 };
const FIRST_STEPS = 3;
const STEPS = /^steps (\d+)-(\d+)$/;

/** Steps of a figure as a drill names them. */
const stepsText = (first: number, last: number) => `steps ${Math.min(first, last)}-${Math.max(first, last)}`;

/** The exercises on one figure: those its charts suggest, and the coach's own. */
export class DrillDesk {
  figure = $state.raw<Figure>();
  suggested = $state.raw<DrillSheet[]>([]);
  own = $state.raw<Drill>();
  sheet = $state.raw<DrillSheet>();
  /** All of the figure, which says how often its unit can be danced. */
  whole = $state.raw<DrillSheet>();
  /** The figures of the dance, one of which may be danced after it. */
  others = $state.raw<FigureSummary[]>([]);
  failure = $state<string>();
  /** Why the coach's own exercise cannot be. */
  refusal = $state<string>();
  /** The first and the last step of the own exercise, from 1. */
  range = $derived.by((): [number, number] => {
    const [, first, last] = STEPS.exec(this.own?.figures[0]?.split ?? '') ?? [];
    return first && last ? [Number(first), Number(last)] : [1, this.figure?.man.length ?? 1];
  });
  readonly #latest = new Latest<Drill>((drill) => this.#read(drill));

  constructor(private readonly id: string) {}

  async load() {
    const params = { path: { id: this.id } };
    try {
      const [stored, drills] = await Promise.all([api.GET('/api/figures/{id}', { params }), api.GET('/api/figures/{id}/drills', { params })]);
      this.figure = required(stored);
      this.suggested = required(drills);
      this.change({ figures: [{ figure: this.id, split: stepsText(1, Math.min(FIRST_STEPS, this.figure.man.length)) }], ...USUAL });
      await this.#look(this.figure);
    } catch (thrown) {
      this.failure = sentenceOf(thrown);
    }
  }

  async #look({ dance }: Figure) {
    try {
      this.whole = required(await api.POST('/api/drills', { body: { figures: [{ figure: this.id }], ...USUAL } }));
      this.others = required(await api.GET('/api/figures', { params: { query: { dance } } }));
    } catch (thrown) {
      this.refusal = sentenceOf(thrown);
    }
  }

  change(next: Partial<Drill>) {
    this.own = { ...this.own, ...next } as Drill;
    void this.#latest.ask(this.own);
  }

  /** A step outside the range widens it; one inside is practised by itself. */
  tapStep(step: number) {
    const [first, last] = this.range;
    const [from, to] = step < first ? [step, last] : step > last ? [first, step] : [step, step];
    this.change({ figures: [{ figure: this.id, split: stepsText(from, to) }] });
  }

  /** @param repeats how often its unit is danced; once if it is not said */
  danceWhole(repeats?: number) {
    this.change({ figures: [{ figure: this.id, repeats }] });
  }

  /** @param other the id of what it leads into; empty for nothing */
  leadInto(other: string) {
    const [first] = this.own!.figures;
    this.change({ figures: other ? [first!, { figure: other }] : [first!] });
  }

  async #read(drill: Drill) {
    try {
      this.sheet = required(await api.POST('/api/drills', { body: drill }));
      this.refusal = undefined;
    } catch (thrown) {
      this.refusal = sentenceOf(thrown);
      this.sheet = undefined;
    }
  }
}
