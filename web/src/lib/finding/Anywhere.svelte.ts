import msg from '$lib/messages/shell';
import common from '$lib/messages/common';
import { api, required, sentenceOf, type FigureSummary } from '$lib/api/client';
import { hasWords, plain } from './plain';
import { reference } from '$lib/reference/reference.svelte';
import { dateWords } from '$lib/events/clock';
import { DAY_MILLISECONDS, today } from '$lib/ui/moment';

/** Something that can be gone to, or done. */
export interface Place {
  /** What it is, in one word: Figure, Routine, View … */
  kind: string;
  title: string;
  /** What tells it from others of its name. */
  more?: string;
  /** Where it is shown; a command has what it does instead. */
  path?: string;
  does?: () => void;
}

/** How many of a kind are offered at once; more words find the others. */
export const MOST = 8;

/** What the words find: views and commands, figures, routines, people, lessons, events, pieces of music and sheets of posture. */
export class Anywhere {
  found = $state.raw<Place[]>([]);
  failure = $state<string>();
  #fixed: Place[];
  #kept: Promise<Place[]> | undefined;
  #asked = 0;

  /** @param fixed the views and commands, which are known without asking */
  constructor(fixed: Place[]) {
    this.#fixed = fixed;
    this.found = this.#offered;
  }

  /** Views and commands; the dances wait for their words. */
  get #offered() {
    return this.#fixed.filter(({ kind }) => kind !== 'Dance');
  }

  /** Begins anew: what has been kept meanwhile is looked up again. */
  open() {
    this.#kept = undefined;
    return this.ask('');
  }

  /** Nothing asked offers the views and commands. An answer that comes late does not cover a newer one. */
  async ask(words: string) {
    const asked = ++this.#asked;
    const wanted = words.trim();
    if (wanted === '') {
      this.found = this.#offered;
      this.failure = undefined;
      return;
    }
    try {
      const [figures, kept] = await Promise.all([api.GET('/api/figures', { params: { query: { words: wanted } } }), (this.#kept ??= this.#read())]);
      if (asked !== this.#asked) return;
      const found = [...said(this.#fixed, wanted), ...said(kept, wanted), ...required(figures).slice(0, MOST).map(placeOf)];
      this.found = found.toSorted((a, b) => distance(a, wanted) - distance(b, wanted));
      this.failure = undefined;
    } catch (thrown) {
      this.#kept = undefined;
      if (asked === this.#asked) this.failure = sentenceOf(thrown);
    }
  }

  async #read(): Promise<Place[]> {
    const [routines, people, couples, lessons, events, pieces, postures] = await Promise.all([
      api.GET('/api/routines'),
      api.GET('/api/people'),
      api.GET('/api/couples'),
      api.GET('/api/lessons', { params: { query: aroundNow() } }),
      api.GET('/api/events'),
      api.GET('/api/pieces'),
      api.GET('/api/postures', { params: { query: {} } }),
      reference.load(),
    ]);
    const taught = required(couples);
    const nameOf = (couple: string) => taught.find(({ id }) => id === couple)?.title;
    return [
      ...required(routines).map(({ id, title, dance }) => ({ kind: msg.routine(), title, more: reference.danceTitle(dance), path: `/routines/${id}` })),
      ...required(people).map(({ id, title }) => ({ kind: msg.person(), title, path: `/people/${id}` })),
      ...required(couples).map(({ id, title }) => ({ kind: msg.couple(), title, path: `/couples/${id}` })),
      ...required(lessons).map(({ id, title, couple, date, time }) => ({
        kind: common.lesson(),
        title: nameOf(couple) ?? title,
        more: `${dateWords(date)}, ${time}`,
        path: `/lessons/${id}`,
      })),
      ...required(events).map(({ id, title, date }) => ({ kind: msg.event(), title, more: date, path: `/events/${id}` })),
      ...required(pieces).map(({ id, title }) => ({ kind: common.music(), title, path: `/music/${id}` })),
      ...required(postures).map(({ id, title }) => ({ kind: msg.posture(), title, path: `/postures/${id}` })),
    ];
  }
}

/** The places that have every word somewhere, at most so many of each kind. */
function said(places: Place[], words: string): Place[] {
  const having = places.filter(({ kind, title, more = '' }) => hasWords(`${kind} ${title} ${more}`, words));
  return having.filter((place, at) => having.slice(0, at).filter(({ kind }) => kind === place.kind).length < MOST);
}

/** What is called exactly so comes first, then what begins so. */
function distance({ title }: Place, words: string): number {
  const [called, asked] = [plain(title), plain(words)];
  return called === asked ? 0 : called.startsWith(asked) ? 1 : 2;
}

function placeOf({ id, title, dance, level }: FigureSummary): Place {
  return { kind: common.figure(), title, more: `${reference.danceTitle(dance)}, ${level}`, path: `/figures/${id}` };
}

/** Lessons of the last two months and of the next ten. */
function aroundNow() {
  const day = (days: number) => today(new Date(Date.now() + days * DAY_MILLISECONDS));
  return { from: day(-60), to: day(300) };
}
