import { api, required, type Dance, type Notation } from '$lib/api/client';
import { lastDance, rememberDance } from './lastDance';

/** What the program knows before anybody has described anything; loaded once. */
class Reference {
  dances = $state.raw<Dance[]>([]);
  notation = $state.raw<Notation>({ columns: [], levels: [], positions: [], holds: [], cautions: [], elements: [], actions: [], amalgamationUses: [] });

  #loading: Promise<void> | undefined;

  /** Loads it once, however often it is asked for; a failure may be tried again. */
  load() {
    this.#loading ??= this.#load().catch((thrown) => {
      this.#loading = undefined;
      throw thrown;
    });
    return this.#loading;
  }

  /** Once more, for the studio holds a dance differently now. */
  reload() {
    this.#loading = undefined;
    return this.load();
  }

  async #load() {
    const [dances, notation] = await Promise.all([api.GET('/api/dances'), api.GET('/api/notation')]);
    this.notation = required(notation);
    this.dances = required(dances);
  }

  /** The dance that was looked at last; before there was any, the first of the catalogue. */
  get lastDance() {
    return lastDance() ?? this.dances[0]?.id ?? '';
  }

  look(dance: string) {
    rememberDance(dance);
  }

  dance(id: string) {
    return this.dances.find((dance) => dance.id === id);
  }

  danceTitle(id: string) {
    return this.dance(id)?.title ?? id;
  }

  columnTitle(key: string) {
    return this.notation.columns.find((column) => column.key === key)?.title ?? key;
  }

  cautionWords(tag: string) {
    return this.notation.cautions.find((caution) => caution.shorthand === tag)?.wording ?? tag;
  }
}

export const reference = new Reference();
