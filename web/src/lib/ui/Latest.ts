/**
 * Runs one request at a time and, when it is done, the newest that was asked for meanwhile; those in between are left out.
 */
export class Latest<T> {
  #running = false;
  #next: T | undefined;
  #settled: Promise<void> = Promise.resolve();

  constructor(private readonly run: (value: T) => Promise<void>) {}

  /** Whether something newer has been asked for than what is being answered. */
  get isBehind(): boolean {
    return this.#next !== undefined;
  }

  /** Done when everything that has been asked for so far is answered. */
  get settled(): Promise<void> {
    return this.#settled;
  }

  ask(value: T): Promise<void> {
    this.#next = value;
    if (!this.#running) this.#settled = this.#answer();
    return this.#settled;
  }

  async #answer() {
    this.#running = true;
    try {
      while (this.#next !== undefined) {
        const now = this.#next;
        this.#next = undefined;
        await this.run(now);
      }
    } finally {
      this.#running = false;
    }
  }
}
