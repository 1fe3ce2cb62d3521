import { api, required, type Dance, type Notation } from '$lib/api/client';

/** What the program knows before anybody has described anything; loaded once. */
class Reference {
  dances = $state.raw<Dance[]>([]);
  notation = $state.raw<Notation>({ columns: [], levels: [], positions: [], holds: [], cautions: [], elements: [] });

  async load() {
    if (this.dances.length > 0) return;
    const [dances, notation] = await Promise.all([api.GET('/api/dances'), api.GET('/api/notation')]);
    this.notation = required(notation);
    this.dances = required(dances);
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
