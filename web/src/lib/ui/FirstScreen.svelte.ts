/** More lines than any screen shows at once. */
const LINES = 16;

/** Draws a long list in two goes: as much as a screen shows, and the rest once that has been seen. */
export class FirstScreen {
  #seen = $state(false);

  /** All of a list that has been drawn before; of one that is new as much as fits a screen. */
  of<T>(list: readonly T[]): readonly T[] {
    if (this.#seen || list.length <= LINES) return list;
    requestAnimationFrame(() => setTimeout(() => (this.#seen = true)));
    return list.slice(0, LINES);
  }
}
