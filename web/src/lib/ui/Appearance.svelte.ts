/** One of two appearances of every page, which its styles tell apart by a data attribute of the root; remembered in this browser. */
class Appearance {
  /** Whether it is the second of the two. */
  on = $state(false);
  #name: string;
  #values: [string, string];

  constructor(name: string, values: [string, string]) {
    this.#name = name;
    this.#values = values;
    this.on = localStorage.getItem(this.#place) === values[1];
    this.#show();
  }

  toggle() {
    this.on = !this.on;
    localStorage.setItem(this.#place, this.#value);
    this.#show();
  }

  get #place() {
    return `fluidframe/${this.#name}`;
  }

  get #value() {
    return this.#values[this.on ? 1 : 0];
  }

  #show() {
    document.documentElement.dataset[this.#name] = this.#value;
  }
}

export const evening = new Appearance('theme', ['day', 'evening']);

/** Read from two metres: a laptop on the piano. */
export const far = new Appearance('reading', ['near', 'far']);
