/**
 * One of two appearances of every page, which its styles tell apart by a data attribute of the root. What was chosen is remembered in this browser; until then
 * it is as the system has it, where the system has a say.
 */
class Appearance {
  /** Whether it is the second of the two. */
  on = $state(false);
  #name: string;
  #values: [string, string];

  /** @param system a media query that is true where the system has the second of the two */
  constructor(name: string, values: [string, string], system?: string) {
    this.#name = name;
    this.#values = values;
    const chosen = localStorage.getItem(this.#place);
    const query = chosen === null && system ? matchMedia(system) : undefined;
    this.on = query?.matches ?? chosen === values[1];
    query?.addEventListener('change', ({ matches }) => {
      if (localStorage.getItem(this.#place) !== null) return;
      this.on = matches;
      this.#show();
    });
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

export const evening = new Appearance('theme', ['day', 'evening'], '(prefers-color-scheme: dark)');

/** Read from two metres: a laptop on the piano. */
export const far = new Appearance('reading', ['near', 'far']);
