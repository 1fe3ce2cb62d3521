import common from '$lib/messages/common';
import msg from '$lib/messages/logbook';
import { api, type Figure } from '$lib/api/client';
import { SvelteMap } from 'svelte/reactivity';
import { figuresOf, named } from './subject';

/** The figures that a lesson is about, read once each; without a network those that are stored on the device. */
export class LessonFigures {
  readonly #read = new SvelteMap<string, Figure | undefined>();

  async read(ids: string[]) {
    const fresh = ids.filter((id, index) => !this.#read.has(id) && ids.indexOf(id) === index);
    fresh.forEach((id) => this.#read.set(id, undefined));
    await Promise.all(
      fresh.map(async (id) => {
        const answer = await api.GET('/api/figures/{id}', { params: { path: { id } } }).catch(() => undefined);
        if (answer?.data) this.#read.set(id, answer.data);
      }),
    );
  }

  /** The dances of the figures, each once. */
  get dances(): string[] {
    const dances = [...this.#read.values()].flatMap((figure) => (figure ? [figure.dance] : []));
    return dances.filter((dance, index) => dances.indexOf(dance) === index);
  }

  /** "Whisk", or "Whisk into Chasse from Promenade"; the words given while a figure is not known. */
  titleOf(subject: string, meanwhile: string): string {
    const titles = figuresOf(subject).map((id) => this.#read.get(id)?.title);
    if (titles.length === 0 || titles.some((title) => title === undefined)) return meanwhile;
    return named(subject).kind === 'seam' ? msg.oneIntoAnother({ from: titles[0]!, to: titles[1]! }) : titles[0]!;
  }

  /** What is noted about. */
  titleOfNote(subject: string): string {
    return this.titleOf(subject, figuresOf(subject).join(', ') || common.lesson());
  }
}
