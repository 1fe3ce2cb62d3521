import { Problem, sentenceOf, type Dance, type DanceCustom, type Fault } from '$lib/api/client';
import type { Stored } from '$lib/ui/EditSession.svelte';
import { found } from '$lib/ui/found';
import { plainStore } from '$lib/ui/plainStore';
import { reference } from './reference.svelte';

const store = plainStore<DanceCustom>('custom of a dance', '/api/dance-customs');

type Change = Omit<DanceCustom, 'id' | 'title'>;

/** How the studio holds a dance: as it came, or differently. Every change is kept at once, and charts and routines follow. */
export class DanceHolding {
  failure = $state<string>();
  faults = $state.raw<Fault[]>([]);
  busy = $state(false);
  #stored = $state.raw<Stored<DanceCustom>>();
  #before: Promise<void> = Promise.resolve();

  constructor(private readonly dance: () => Dance) {}

  /** What is held differently; nothing if the dance is as it came. */
  get custom(): DanceCustom | undefined {
    return this.#stored?.document;
  }

  async look() {
    await this.#attempt(async () => {
      this.#stored = await found(store, this.dance().id);
    });
  }

  async hold(change: Change) {
    await this.#attempt(async () => {
      const { id, title } = this.dance();
      const custom = { ...this.custom, ...change, id, title };
      this.#stored = this.#stored ? await store.replace(custom, this.#stored.tag) : await store.create(custom);
      await reference.reload();
    });
  }

  /** A beat of the bar is one on which a figure may start, or is none any more; one always is. */
  async startOn(beat: number, may: boolean) {
    const others = this.dance().startBeats.filter((other) => other !== beat);
    if (may || others.length > 0) await this.hold({ startBeats: (may ? [...others, beat] : others).toSorted((a, b) => a - b) });
  }

  /** Holds it as it came. */
  async reset() {
    await this.#attempt(async () => {
      if (this.#stored) await store.remove(this.dance().id, this.#stored.tag);
      this.#stored = undefined;
      await reference.reload();
    });
  }

  /** One after the other, so that each change knows what is stored and no earlier one clears the failure of a later one. */
  #attempt(work: () => Promise<void>): Promise<void> {
    this.#before = this.#before.then(() => this.#tried(work));
    return this.#before;
  }

  async #tried(work: () => Promise<void>) {
    this.busy = true;
    try {
      await work();
      this.failure = undefined;
      this.faults = [];
    } catch (thrown) {
      this.failure = sentenceOf(thrown);
      this.faults = thrown instanceof Problem ? thrown.faults : [];
    } finally {
      this.busy = false;
    }
  }
}
