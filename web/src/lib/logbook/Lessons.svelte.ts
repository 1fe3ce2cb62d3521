import { api, required, sentenceOf, type Couple, type Lesson } from '$lib/api/client';
import { today } from '$lib/ui/moment';
import { daysOf, weeksLater } from './week';

/** How far the list of a couple's lessons goes back and ahead. */
const WEEKS_PAST = 26;
const WEEKS_AHEAD = 26;

/** Lessons past and coming: of a week, or of all that is near; of a couple, or of all. */
export class Lessons {
  all = $state.raw<Lesson[]>();
  couples = $state.raw<Couple[]>([]);
  failure = $state<string>();
  #asked = 0;

  titleOf(lesson: Lesson): string {
    return this.couples.find(({ id }) => id === lesson.couple)?.title ?? lesson.title;
  }

  on(day: string): Lesson[] {
    return (this.all ?? []).filter(({ date }) => date === day);
  }

  /** The next first; then those that are over, the last first. */
  get coming(): Lesson[] {
    return (this.all ?? []).filter(({ date }) => date >= today());
  }

  get past(): Lesson[] {
    return (this.all ?? []).filter(({ date }) => date < today()).toReversed();
  }

  async readCouples() {
    await this.#try(async () => {
      this.couples = required(await api.GET('/api/couples'));
    });
  }

  readWeek(monday: string, couple: string) {
    return this.#read(monday, daysOf(monday).at(-1)!, couple);
  }

  readNear(couple: string) {
    return this.#read(weeksLater(today(), -WEEKS_PAST), weeksLater(today(), WEEKS_AHEAD), couple);
  }

  /** An answer that comes late does not cover a newer one. */
  async #read(from: string, to: string, couple: string) {
    const asked = ++this.#asked;
    await this.#try(async () => {
      const lessons = required(await api.GET('/api/lessons', { params: { query: { from, to, couple: couple || undefined } } }));
      if (asked === this.#asked) this.all = lessons;
    });
  }

  async #try(reading: () => Promise<void>) {
    try {
      await reading();
      this.failure = undefined;
    } catch (thrown) {
      this.failure = sentenceOf(thrown);
    }
  }
}
