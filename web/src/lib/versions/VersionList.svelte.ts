import { sentenceOf } from '$lib/api/client';

/** A kept version of something: the later ones have the higher number. */
export interface KeptVersion {
  number: number;
  kept: string;
  /** Who kept it; absent where that was not yet recorded. */
  author?: string;
}

/** How many versions the program answers at a time. */
const AT_A_TIME = 100;

/** The kept versions of one thing, the latest first, and the one that is compared with what it is now. */
export class VersionList<V extends KeptVersion, D> {
  versions = $state.raw<V[]>();
  compared = $state.raw<{ version: V; difference: D }>();
  failure = $state<string>();
  hasMore = $state(false);
  #load: (before?: number) => Promise<V[]>;
  #compare: (version: V) => Promise<D>;

  constructor(load: (before?: number) => Promise<V[]>, compare: (version: V) => Promise<D>) {
    this.#load = load;
    this.#compare = compare;
  }

  more() {
    return this.#trying(async () => {
      const found = await this.#load(this.versions?.at(-1)?.number);
      this.versions = [...(this.versions ?? []), ...found];
      this.hasMore = found.length === AT_A_TIME;
    });
  }

  compare(version: V) {
    return this.#trying(async () => {
      this.compared = { version, difference: await this.#compare(version) };
    });
  }

  close() {
    this.compared = undefined;
  }

  async #trying(work: () => Promise<void>) {
    try {
      await work();
      this.failure = undefined;
    } catch (thrown) {
      this.failure = sentenceOf(thrown);
    }
  }
}
