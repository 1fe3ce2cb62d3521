const SECOND = 1000;
const MINUTE = 60;

/** A clock that runs through parts of so many minutes each. */
export class Countdown {
  /** When it was begun, by the clock, less what it was paused for; not yet if absent. */
  #begun = $state<number>();
  #pausedAt = $state<number>();
  #now = $state(Date.now());
  #timer: ReturnType<typeof setInterval> | undefined;

  /** @param minutes of each part, as they are now */
  constructor(private readonly minutes: () => number[]) {}

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

  toggle() {
    if (this.running) this.pause();
    else this.begin();
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

  /** The part that is now, from 0; one more than the last when all is over. */
  get at(): number {
    let end = 0;
    const minutes = this.minutes();
    for (let index = 0; index < minutes.length; index++) {
      end += minutes[index]! * MINUTE;
      if (this.elapsed < end) return index;
    }
    return minutes.length;
  }

  /** Seconds that are left of the part that is now. */
  get left(): number {
    return Math.max(0, Math.ceil(this.#startOf(this.at + 1) - this.elapsed));
  }

  #startOf(index: number): number {
    return this.minutes()
      .slice(0, index)
      .reduce((sum, minutes) => sum + minutes * MINUTE, 0);
  }

  #stop() {
    clearInterval(this.#timer);
    this.#timer = undefined;
  }
}
