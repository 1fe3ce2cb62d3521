import { api, required, sentenceOf, type Couple, type FigureSummary, type Person } from '$lib/api/client';

/** Whom and about which figures questions can be asked. */
export class Asking {
  figures = $state.raw<FigureSummary[]>([]);
  couples = $state.raw<Couple[]>([]);
  people = $state.raw<Person[]>([]);
  failure = $state<string>();

  async loadPeople() {
    await this.#try(async () => {
      const [couples, people] = await Promise.all([api.GET('/api/couples'), api.GET('/api/people')]);
      this.couples = required(couples);
      this.people = required(people);
    });
  }

  async loadFigures(dance: string) {
    await this.#try(async () => {
      this.figures = required(await api.GET('/api/figures', { params: { query: { dance } } }));
    });
  }

  nameOf(person: string): string {
    return this.people.find(({ id }) => id === person)?.title ?? person;
  }

  async #try(loading: () => Promise<void>) {
    try {
      await loading();
    } catch (thrown) {
      this.failure = sentenceOf(thrown);
    }
  }
}
