import { api, required, sentenceOf, type Couple, type Person } from '$lib/api/client';
import { plain } from '$lib/finding/plain';
import { idOf } from '$lib/ui/idOf';

const LONGEST_TITLE = 120;

/** A couple by two names. Somebody who is known by that name is taken, somebody else is added. */
export class NewCouple {
  man = $state('');
  lady = $state('');
  failure = $state<string>();
  busy = $state(false);

  get isComplete() {
    return this.man.trim() !== '' && this.lady.trim() !== '';
  }

  /** Stores them; answers the couple's id if it could be. */
  async add(people: Person[], couples: Couple[]): Promise<string | undefined> {
    this.busy = true;
    try {
      const known = [...people];
      const members = [
        { person: await this.#person(this.man.trim(), known), part: 'man' },
        { person: await this.#person(this.lady.trim(), known), part: 'lady' },
      ];
      const title = `${this.man.trim()} & ${this.lady.trim()}`.slice(0, LONGEST_TITLE);
      const id = idOf(
        title,
        'couple',
        couples.map((couple) => couple.id),
      );
      required(await api.POST('/api/couples', { body: { id, title, members } }));
      this.failure = undefined;
      return id;
    } catch (thrown) {
      this.failure = sentenceOf(thrown);
      return undefined;
    } finally {
      this.busy = false;
    }
  }

  async #person(name: string, known: Person[]): Promise<string> {
    const there = known.find(({ title }) => plain(title) === plain(name));
    if (there) return there.id;
    const id = idOf(
      name,
      'person',
      known.map((person) => person.id),
    );
    const added = required(await api.POST('/api/people', { body: { id, title: name } }));
    known.push(added);
    return added.id;
  }
}
