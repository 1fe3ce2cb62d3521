import { painted } from './painted';

/** More lines of a list than any screen shows at once. */
const LINES = 16;

/** Draws a long list in two goes: as much as a screen shows, and the rest once that has been seen. */
export class FirstScreen {
  #seen = $state(false);

  /** @param most more of them than any screen shows at once */
  constructor(private readonly most = LINES) {}

  /** All of a list that has been drawn before; of one that is new as much as fits a screen. */
  of<T>(list: readonly T[]): readonly T[] {
    if (this.#seen || list.length <= this.most) return list;
    void painted().then(() => (this.#seen = true));
    return list.slice(0, this.most);
  }
}
