import {
  api,
  required,
  sentenceOf,
  type Couple,
  type CoupleProgress,
  type CoupleToday,
  type FigureSummary,
  type LearningStep,
  type Lesson,
  type Person,
  type RoutineSummary,
  type Term,
} from '$lib/api/client';
import { reference } from '$lib/reference/reference.svelte';
import { weeksLater } from '$lib/logbook/week';
import { today } from '$lib/ui/moment';
import { unique } from '$lib/ui/unique';
import { PlainDesk } from '$lib/ui/PlainDesk.svelte';
import { zoneHere } from '$lib/ui/zoneHere';
import { coupleStore } from './peopleStore';

const WEEKS_AHEAD = 26;
const COMING = 4;

/** A couple: what is due, what they have come to, what is ahead of them, and who they are. */
export class CoupleView {
  desk = $state.raw<PlainDesk<Couple>>();
  people = $state.raw<Person[]>([]);
  routines = $state.raw<RoutineSummary[]>([]);
  due = $state.raw<CoupleToday>();
  /** How what is due is put in order, a sentence for each rule. */
  order = $state.raw<string[]>([]);
  /** Their next few lessons. */
  coming = $state.raw<Lesson[]>([]);
  /** Those of the dances they dance, for what is taught this term. */
  figures = $state.raw<FigureSummary[]>([]);
  progress = $state.raw<CoupleProgress>();
  term = $state.raw<Term>();
  learning = $state.raw<LearningStep[]>();
  /** Days between lessons, things there is time for in each, and the last day; the next event where it is empty. */
  every = $state(7);
  each = $state(5);
  until = $state('');
  /** The routine that is to be learned; the first in work where it is empty. */
  chosen = $state('');
  failure = $state<string>();
  panelFailure = $state<string>();
  mine = $derived(this.routines.filter((routine) => this.desk?.value.routines?.includes(routine.id)));
  months = $derived(unique(this.progress?.months.map(({ month }) => month) ?? []).sort());
  kinds = $derived(unique(this.progress?.months.map(({ kind }) => kind) ?? []));
  #left = false;

  constructor(private readonly id: string) {}

  async load() {
    try {
      const [desk, people, routines] = await Promise.all([PlainDesk.open(coupleStore, this.id), api.GET('/api/people'), api.GET('/api/routines'), reference.load()]);
      if (this.#left) return desk.leave();
      this.people = required(people);
      this.routines = required(routines);
      this.desk = desk;
    } catch (thrown) {
      this.failure = sentenceOf(thrown);
    }
  }

  leave() {
    this.#left = true;
    this.desk?.leave();
  }

  seenIn(kind: string, month: string): number {
    return this.progress?.months.find((each) => each.kind === kind && each.month === month)?.seen ?? 0;
  }

  /** Reads what a panel shows. */
  async look(panel: string) {
    this.panelFailure = undefined;
    try {
      if (panel === 'due') await this.#readDue();
      if (panel === 'who') await this.#readFigures();
      if (panel === 'progress') await this.#readProgress();
      if (panel === 'term') await this.#readTerm();
      if (panel === 'learn') await this.#readLearning();
    } catch (thrown) {
      this.panelFailure = sentenceOf(thrown);
    }
  }

  async #readDue() {
    const [answer, lessons] = await Promise.all([
      api.GET('/api/today', { params: { query: { couple: this.id, zone: zoneHere() } } }),
      api.GET('/api/lessons', { params: { query: { couple: this.id, from: today(), to: weeksLater(today(), WEEKS_AHEAD) } } }),
    ]);
    const { couples, order } = required(answer);
    this.due = couples[0];
    this.order = order;
    this.coming = required(lessons).slice(0, COMING);
  }

  async #readFigures() {
    const dances = this.desk?.value.dances ?? [];
    const found = await Promise.all(dances.map((dance) => api.GET('/api/figures', { params: { query: { dance } } }).then(required)));
    this.figures = found.flat();
  }

  async #readProgress() {
    this.progress = required(await api.GET('/api/couples/{id}/progress', { params: { path: { id: this.id }, query: { zone: zoneHere() } } }));
  }

  async #readTerm() {
    this.term = undefined;
    const query = { every: this.every, each: this.each, until: this.until || undefined, zone: zoneHere() };
    this.term = required(await api.GET('/api/couples/{id}/term', { params: { path: { id: this.id }, query } }));
  }

  async #readLearning() {
    this.learning = undefined;
    const routine = this.chosen || (this.desk?.value.routines?.[0] ?? '');
    if (!routine) return;
    const dance = this.routines.find(({ id }) => id === routine)?.dance ?? '';
    const [known, { placements }] = await Promise.all([
      api.GET('/api/couples/{id}/known', { params: { path: { id: this.id }, query: { dance } } }).then(required),
      api.GET('/api/routines/{id}', { params: { path: { id: routine } } }).then(required),
    ]);
    const wanted = unique(placements.flatMap(({ figure }) => (figure ? [figure] : [])));
    this.learning = required(await api.POST('/api/learning-paths', { body: { wanted, known } }));
  }
}
