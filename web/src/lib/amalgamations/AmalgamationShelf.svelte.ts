import msg from '$lib/messages/amalgamations';
import { api, required, sentenceOf, type Amalgamation, type AmalgamationSummary } from '$lib/api/client';
import { hasWords } from '$lib/finding/plain';
import { reference } from '$lib/reference/reference.svelte';
import { createRoutine } from '$lib/routines/createRoutine';
import { notices } from '$lib/ui/Notices.svelte';

/** In the order in which a routine needs them. */
export function uses(): string[] {
  return reference.notation.amalgamationUses.map(({ shorthand }) => shorthand);
}

/** The amalgamations of a dance as they are looked through: by level, use and words. */
export class AmalgamationShelf {
  level = $state('');
  use = $state('');
  words = $state('');
  failure = $state<string>();
  list = $state.raw<AmalgamationSummary[]>();

  constructor(readonly dance: string) {}

  async load() {
    try {
      this.list = required(await api.GET('/api/amalgamations', { params: { query: { dance: this.dance } } }));
    } catch (thrown) {
      this.failure = sentenceOf(thrown);
    }
  }

  /** The uses that any of them has. */
  get uses() {
    return uses().filter((use) => this.list?.some(({ amalgamation }) => amalgamation.uses.includes(use)));
  }

  /** The levels that any of them has, the easiest first. */
  get levels() {
    return reference.notation.levels.filter(({ shorthand }) => this.list?.some(({ amalgamation }) => amalgamation.level === shorthand));
  }

  /** What is asked for, openings first and endings last, each easiest first. */
  get shown(): AmalgamationSummary[] {
    const easy = (level: string | undefined) => reference.notation.levels.findIndex(({ shorthand }) => shorthand === level);
    const order = uses();
    const place = (amalgamation: Amalgamation) => Math.min(...amalgamation.uses.map((use) => order.indexOf(use)));
    return (this.list ?? [])
      .filter(({ amalgamation }) => (!this.level || amalgamation.level === this.level) && (!this.use || amalgamation.uses.includes(this.use)))
      .filter(({ amalgamation }) => hasWords(`${amalgamation.title} ${amalgamation.why ?? ''} ${amalgamation.uses.join(' ')}`, this.words))
      .toSorted((one, other) => place(one.amalgamation) - place(other.amalgamation) || easy(one.amalgamation.level) - easy(other.amalgamation.level));
  }

  /** A routine that begins with one of them; its id. */
  async begin({ title, placements }: Amalgamation): Promise<string | undefined> {
    try {
      return await createRoutine({ title, dance: this.dance, placements });
    } catch (thrown) {
      this.failure = sentenceOf(thrown);
      return undefined;
    }
  }

  async remove({ id, title }: Amalgamation) {
    try {
      const kept = await api.GET('/api/amalgamations/{id}', { params: { path: { id } } });
      const gone = required(kept);
      required(await api.DELETE('/api/amalgamations/{id}', { params: { path: { id }, header: { 'If-Match': kept.response.headers.get('ETag') ?? '' } } }));
      this.list = this.list?.filter(({ amalgamation }) => amalgamation.id !== id);
      notices.say({
        sentence: msg.deleted({ title }),
        undo: async () => {
          required(await api.POST('/api/amalgamations', { body: gone }));
          await this.load();
        },
      });
    } catch (thrown) {
      this.failure = sentenceOf(thrown);
    }
  }
}
