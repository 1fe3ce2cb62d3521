import msg from '$lib/messages/routines';
import { api, required, sentenceOf, type RoutineStanding, type RoutineSummary } from '$lib/api/client';
import { hasWords, plain } from '$lib/finding/plain';
import { reference } from '$lib/reference/reference.svelte';
import { KINDS } from './kinds';
import { inOrder } from '$lib/ui/inOrder';

export type Order = 'recent' | 'title' | 'bars';

/** The routines as they are looked through: by their words, dance, kind and level, in the order that is wanted. */
export class RoutineList {
  words = $state('');
  dance = $state('');
  kind = $state('');
  level = $state('');
  order = $state<Order>('recent');
  showsArchived = $state(false);
  failure = $state<string>();
  routines = $state.raw<RoutineSummary[]>();
  #standings = $state.raw<Partial<Record<string, RoutineStanding>>>({});

  /** What there is, and how it stands; the list does not wait for that. */
  async load() {
    await Promise.all([this.#list(), this.#stand()]);
  }

  async #list() {
    try {
      this.routines = required(await api.GET('/api/routines'));
    } catch (thrown) {
      this.failure = sentenceOf(thrown);
    }
  }

  async #stand() {
    try {
      const found = required(await api.GET('/api/routine-standings'));
      this.#standings = Object.fromEntries(found.map((standing) => [standing.routine, standing]));
    } catch (thrown) {
      this.failure = sentenceOf(thrown);
    }
  }

  standing(routine: RoutineSummary) {
    return this.#standings[routine.id];
  }

  get archived() {
    return this.routines?.filter(({ archived }) => archived).length ?? 0;
  }

  /** The dances that any routine is of, in the order of the catalogue. */
  get dances() {
    return reference.dances.filter(({ id }) => this.routines?.some(({ dance }) => dance === id));
  }

  /** The levels that any routine reaches, the easiest first. */
  get levels() {
    return reference.notation.levels.filter(({ shorthand }) => Object.values(this.#standings).some((standing) => standing?.level === shorthand));
  }

  shown: RoutineSummary[] = $derived.by(() => {
    const found = this.routines?.filter(
      (routine) =>
        (this.showsArchived || !routine.archived) &&
        (this.dance === '' || routine.dance === this.dance) &&
        (this.kind === '' || this.standing(routine)?.kind === this.kind) &&
        (this.level === '' || this.standing(routine)?.level === this.level) &&
        hasWords(`${routine.title} ${reference.danceTitle(routine.dance)}`, this.words),
    );
    return (found ?? []).toSorted((a, b) => this.#compare(a, b) || inOrder(plain(a.title), plain(b.title)));
  });

  /** Those shown that cannot be danced as they are. */
  get troubled() {
    return this.shown.filter((routine) => this.trouble(routine) !== '');
  }

  /** What keeps a routine from being danced as it is, in words; nothing if it stands, or is not known yet. */
  trouble(routine: RoutineSummary) {
    const standing = this.standing(routine);
    if (!standing) return '';
    if (standing.problems.length > 0) return msg.canNoLongerBeDanced();
    const found = [
      standing.breaks > 0 && msg.seamsThatBreak({ seams: standing.breaks }),
      standing.hits > 0 && msg.timesHit({ hits: standing.hits }),
      standing.unsound.length > 0 && msg.figuresUnsound({ figures: standing.unsound.length }),
    ];
    return found.filter(Boolean).join(', ');
  }

  /** What it is for and the highest level of its figures, once that is known. */
  kindLine(routine: RoutineSummary) {
    const standing = this.standing(routine);
    if (!standing) return '';
    const level = reference.notation.levels.find(({ shorthand }) => shorthand === standing.level)?.wording;
    const kind = KINDS.find(({ value }) => value === standing.kind)?.label ?? '';
    return level ? msg.kindAndLevel({ kind, level }) : kind;
  }

  #compare(a: RoutineSummary, b: RoutineSummary): number {
    if (this.order === 'recent') return inOrder(b.kept ?? '', a.kept ?? '');
    if (this.order === 'bars') return barsOf(this.standing(b)) - barsOf(this.standing(a));
    return 0;
  }
}

/** Bars as a number, of a text such as "16 1/2" or "3/4"; those not known yet come last. */
function barsOf(standing: RoutineStanding | undefined): number {
  if (!standing) return -1;
  return standing.bars.split(' ').reduce((sum, part) => {
    const [over, under = 1] = part.split('/').map(Number);
    return sum + (over ?? 0) / under;
  }, 0);
}
