import { api, Problem, required, sentenceOf, type Compositions, type Progress } from '$lib/api/client';
import type { RoutineDesk } from './RoutineDesk.svelte';

/** Milliseconds between two looks at how far a search is. */
const LOOK_EVERY = 400;

/** The bars in a text, or an error that names what is no bar. */
function barsOf(text: string): number[] {
  const words = text.split(/[\s,;]+/).filter((word) => word !== '');
  const wrong = words.find((word) => !/^\d{1,3}$/.test(word));
  if (wrong !== undefined) throw new Problem(0, `“${wrong}” is no bar: write bars as numbers, such as 5, 13.`);
  return words.map(Number);
}

/** What is asked of a composition, and what came of it. */
export class Composing {
  /** The bar of the routine it goes to. */
  toBar = $state(16);
  /** How many corners are turned; empty for as many as the way needs. */
  corners = $state<number | null>(null);
  bends = $state(false);
  meetsNext = $state(false);
  fitsRoom = $state(true);
  /** What a composition need not keep to. */
  lifted = $state<string[]>([]);
  /** Bars in words, as they are typed: "5, 13". */
  hits = $state('');
  boundaries = $state('');
  /** How many points each soft wish counts, as the reasons of an answer are named; the usual ones until they are changed. */
  weights = $state<Record<string, number>>({});
  #wishes = $state.raw<Record<string, string>>({});

  answer = $state.raw<Compositions>();
  failure = $state<string>();
  busy = $state(false);
  progress = $state.raw<Progress>();
  #run = '';

  constructor(private readonly desk: () => RoutineDesk) {
    void this.#weigh();
  }

  async #weigh() {
    try {
      this.weights = required(await api.GET('/api/composing-weights'));
    } catch (thrown) {
      this.failure = sentenceOf(thrown);
    }
  }

  wishFor(figure: string) {
    return this.#wishes[figure] ?? '';
  }

  want(figure: string, wish: string) {
    this.#wishes = { ...this.#wishes, [figure]: wish };
  }

  async ask() {
    const { routine, selected, placements, score } = this.desk();
    const passages = score?.placements.length ?? 0;
    this.busy = true;
    this.failure = undefined;
    this.#run = crypto.randomUUID();
    const watch = setInterval(() => void this.#look(), LOOK_EVERY);
    try {
      const body = {
        routine,
        after: placements.length === 0 ? undefined : selected,
        meetsNext: this.meetsNext && selected + 1 < passages,
        toBar: this.toBar,
        required: this.#wished('required'),
        forbidden: this.#wished('forbidden'),
        favourites: this.#wished('favourite'),
        bends: this.bends,
        corners: this.corners ?? undefined,
        lifted: this.lifted,
        highlights: this.#wished('highlight'),
        hits: barsOf(this.hits),
        boundaries: barsOf(this.boundaries),
        fitsRoom: this.fitsRoom,
        weights: this.weights,
        run: this.#run,
      };
      this.answer = required(await api.POST('/api/compositions', { body }));
    } catch (thrown) {
      this.answer = undefined;
      this.failure = sentenceOf(thrown);
    } finally {
      clearInterval(watch);
      this.progress = undefined;
      this.busy = false;
    }
  }

  /** Ends the search; what was found by then is the answer. */
  async stop() {
    await api.DELETE('/api/compositions/{run}', { params: { path: { run: this.#run } } });
  }

  /** A search may end before its progress is asked for; then there is nothing to show. */
  async #look() {
    const answer = await api.GET('/api/compositions/{run}', { params: { path: { run: this.#run } } });
    if (this.busy && answer.data) this.progress = answer.data;
  }

  #wished(wish: string) {
    return Object.keys(this.#wishes).filter((figure) => this.#wishes[figure] === wish);
  }
}
