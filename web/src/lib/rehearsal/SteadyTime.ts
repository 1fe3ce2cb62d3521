/** Never is the steady time farther than this many seconds from the clock it follows. */
const NEAR = 0.01;
/** What share of the difference is made up at each look. */
const FOLLOW = 0.1;

/**
 * A clock that moves in small jumps, as audio clocks do, made steady: between two looks time goes on as the page's own clock does, and what the audio clock
 * differs by is made up gently, but at once where it is more than can be seen.
 */
export class SteadyTime {
  #time = 0;
  #looked = 0;
  #started = false;

  /** Seconds of the jumping clock, and of the page's clock. */
  look(jumping: number, page: number, rate = 1): number {
    const expected = this.#time + (page - this.#looked) * rate;
    const off = Math.max(-NEAR, Math.min(NEAR, expected - jumping));
    this.#time = this.#started ? jumping + off * (1 - FOLLOW) : jumping;
    this.#looked = page;
    this.#started = true;
    return this.#time;
  }
}
