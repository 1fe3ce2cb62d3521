import { api, required, sentenceOf, type Compositions } from '$lib/api/client';
import type { RoutineDesk } from './RoutineDesk.svelte';

/** What is asked of a composition, and what came of it. */
export class Composing {
  least = $state(8);
  most = $state(8);
  corners = $state(0);
  bends = $state(false);
  meetsNext = $state(false);
  #wishes = $state.raw<Record<string, string>>({});

  answer = $state.raw<Compositions>();
  failure = $state<string>();
  busy = $state(false);
  #cancel: AbortController | undefined;

  constructor(private readonly desk: () => RoutineDesk) {}

  wishFor(figure: string) {
    return this.#wishes[figure] ?? '';
  }

  want(figure: string, wish: string) {
    this.#wishes = { ...this.#wishes, [figure]: wish };
  }

  async ask() {
    const { routine, selected, placements } = this.desk();
    this.busy = true;
    this.failure = undefined;
    this.#cancel = new AbortController();
    try {
      const body = {
        routine,
        after: placements.length === 0 ? undefined : selected,
        meetsNext: this.meetsNext && selected + 1 < placements.length,
        least: this.least,
        most: Math.max(this.least, this.most),
        required: this.#wished('required'),
        forbidden: this.#wished('forbidden'),
        favourites: this.#wished('favourite'),
        bends: this.bends,
        corners: this.corners,
      };
      this.answer = required(await api.POST('/api/compositions', { body, signal: this.#cancel.signal }));
    } catch (thrown) {
      this.answer = undefined;
      this.failure = this.#cancel.signal.aborted ? 'Stopped; nothing was changed.' : sentenceOf(thrown);
    } finally {
      this.busy = false;
    }
  }

  stop() {
    this.#cancel?.abort();
  }

  #wished(wish: string) {
    return Object.keys(this.#wishes).filter((figure) => this.#wishes[figure] === wish);
  }
}
