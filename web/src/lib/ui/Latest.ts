/**
 * Runs one request at a time and, when it is done, the newest that was asked for meanwhile; those in between are left out.
 */
export class Latest<T> {
  #running = false;
  #next: T | undefined;

  constructor(private readonly run: (value: T) => Promise<void>) {}

  async ask(value: T) {
    this.#next = value;
    if (this.#running) return;
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
