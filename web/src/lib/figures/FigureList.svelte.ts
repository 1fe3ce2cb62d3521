import { api, required, sentenceOf, type FigureSummary } from '$lib/api/client';

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
  #asked = 0;

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
}
