import { api, required, sentenceOf, type FigurePath, type FigureSummary } from '$lib/api/client';

/** What a coach asks of the list; empty means any. */
export interface Question {
  dance: string;
  level: string;
  foot: string;
  facing: string;
  position: string;
  words: string;
}

export const ANYTHING: Question = { dance: '', level: '', foot: '', facing: '', position: '', words: '' };

/** The figures that answer a question. */
export class FigureList {
  figures = $state.raw<FigureSummary[]>();
  failure = $state<string>();
  /** The ways through the figures of the one dance that is asked for, by id; none before they have come. */
  paths = $state.raw<Readonly<Record<string, FigurePath>>>({});
  #asked = 0;
  #drawn = '';

  async ask(question: Question) {
    const asked = ++this.#asked;
    const query = Object.fromEntries(Object.entries(question).filter(([, text]) => text !== ''));
    try {
      const figures = required(await api.GET('/api/figures', { params: { query } }));
      if (asked === this.#asked) {
        this.figures = figures;
        this.failure = undefined;
      }
    } catch (thrown) {
      this.failure = sentenceOf(thrown);
    }
  }

  /** The list is read without its pictures as well, so they come after it and it waits for none; those that did not come are asked for again the next time. */
  async draw(dance: string) {
    if (dance === this.#drawn) return;
    this.#drawn = dance;
    const paths = dance === '' ? [] : await this.#pathsOf(dance);
    if (dance !== this.#drawn) return;
    this.paths = Object.fromEntries((paths ?? []).map((path) => [path.id, path]));
    if (!paths) this.#drawn = '';
  }

  async #pathsOf(dance: string): Promise<FigurePath[] | undefined> {
    try {
      return required(await api.GET('/api/figure-paths', { params: { query: { dance } } }));
    } catch {
      return undefined;
    }
  }
}
