import { api, required, sentenceOf, type LearningStep } from '$lib/api/client';
import type { DanceHolding } from './DanceHolding.svelte';

/** In which order a dance's figures are taught: as the program puts them, or as the studio does. */
export class TeachingOrder {
  steps = $state.raw<LearningStep[]>([]);
  failure = $state<string>();

  constructor(
    private readonly dance: string,
    private readonly holding: DanceHolding,
  ) {}

  get isOwn() {
    return (this.holding.custom?.teaching ?? []).length > 0;
  }

  async read() {
    try {
      this.steps = required(await api.GET('/api/dances/{id}/teaching-order', { params: { path: { id: this.dance } } }));
      this.failure = undefined;
    } catch (thrown) {
      this.failure = sentenceOf(thrown);
    }
  }

  /** Moves one to another place; all of them stand in the studio's own order then. */
  move(from: number, to: number) {
    const figures = this.steps.map(({ figure }) => figure);
    if (from === to || to < 0 || to >= figures.length) return undefined;
    const [moved] = figures.splice(from, 1);
    figures.splice(to, 0, moved!);
    return this.#teach(figures);
  }

  usual() {
    return this.#teach([]);
  }

  async #teach(teaching: string[]) {
    await this.holding.hold({ teaching });
    await this.read();
  }
}
