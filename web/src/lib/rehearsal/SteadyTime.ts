/** Farther apart than this many seconds, the clock has jumped and is followed at once. */
const JUMP = 0.05;
/** What share of a smaller difference is made up at each look. */
const FOLLOW = 0.1;

/**
 * A clock that moves in small jumps, as audio clocks do, made steady: between two looks time goes on as the page's own clock does, and what the audio clock
 * differs by is made up gently.
 */
export class SteadyTime {
  #time = 0;
  #looked = 0;
  #started = false;

  /** Seconds of the jumping clock, and of the page's clock. */
  look(jumping: number, page: number, rate = 1): number {
    const expected = this.#time + (page - this.#looked) * rate;
    const off = jumping - expected;
    this.#time = !this.#started || Math.abs(off) > JUMP ? jumping : expected + off * FOLLOW;
    this.#looked = page;
    this.#started = true;
    return this.#time;
  }
}
