import msg from '$lib/messages/events';
import {
  api,
  required,
  sentenceOf,
  type DanceEvent,
  type Day,
  type DayRelaxation,
  type EntryStanding,
  type EventCouple,
  type EventDay,
  type PlannedRound,
  type Round,
} from '$lib/api/client';
import { asKept } from '$lib/ui/asKept';
import { EditSession, opened } from '$lib/ui/EditSession.svelte';
import { idOf } from '$lib/ui/idOf';
import { Latest } from '$lib/ui/Latest';
import { eventStore } from './eventStore';

/** An event under work, and its day as it stands. */
export class EventDesk extends EditSession<DanceEvent> {
  /** The day as it is planned, with what cannot be in it. */
  day = $state.raw<Day>();
  /** What came of planning: proved, or what would allow a day where there is none. */
  planned = $state.raw<Day>();
  planning = $state(false);
  standings = $state.raw<EntryStanding[]>();
  #latest = new Latest<DanceEvent>((event) => this.#look(event));

  static async open(id: string): Promise<EventDesk> {
    const kept = asKept(eventStore, id, () => api.GET('/api/events/{id}/day', { params: { path: { id } } }));
    const desk = new EventDesk(eventStore, await opened(eventStore, id));
    const day = await kept;
    if (day?.tag === desk.tag) desk.day = day.document;
    else await desk.#latest.ask(desk.event);
    return desk;
  }

  get event(): DanceEvent {
    return this.document;
  }

  /** What the day keeps to; the program says what is usual when an event is first kept. */
  get keeps(): EventDay {
    return this.event.day!;
  }

  get own(): EventCouple[] {
    return this.event.couples.filter((couple) => couple.coached);
  }

  couple(id: string): EventCouple | undefined {
    return this.event.couples.find((couple) => couple.id === id);
  }

  isOwn(id: string): boolean {
    return this.couple(id)?.coached ?? false;
  }

  round(id: string): Round | undefined {
    return this.event.rounds.find((round) => round.id === id);
  }

  protected changed() {
    this.standings = undefined;
    void this.#latest.ask(this.event);
  }

  type(change: Partial<DanceEvent>) {
    this.amend({ ...this.event, ...change });
  }

  set(change: Partial<DanceEvent>) {
    this.change({ ...this.event, ...change });
  }

  setDay(change: Partial<EventDay>) {
    this.set({ day: { ...this.keeps, ...change } });
  }

  /** So many couples by their numbers, after those there are. */
  addCouples(count: number) {
    const first = this.event.couples.length + 1;
    const added = Array.from({ length: count }, (_, at) => ({ id: `couple-${first + at}`, title: msg.coupleNumber({ number: first + at }), number: first + at, coached: false }));
    this.set({ couples: [...this.event.couples, ...added.filter(({ id }) => !this.couple(id))] });
  }

  addCouple(title: string) {
    const id = idOf(
      title,
      'couple',
      this.event.couples.map((couple) => couple.id),
    );
    this.set({ couples: [...this.event.couples, { id, title: title.trim(), coached: false }] });
  }

  setCouple(id: string, change: Partial<EventCouple>) {
    this.set({ couples: this.event.couples.map((couple) => (couple.id === id ? { ...couple, ...change } : couple)) });
  }

  /** A couple goes, and out of every round and heat. */
  dropCouple(id: string) {
    const title = this.couple(id)?.title ?? id;
    this.set({ couples: this.event.couples.filter((couple) => couple.id !== id), rounds: this.event.rounds.map((round) => without(round, id)) });
    this.saySo(msg.wereWithdrawnFromEveryRound({ title }));
  }

  addRound(division: string) {
    const title = msg.firstRound({ division });
    const id = idOf(
      title,
      'round',
      this.event.rounds.map((round) => round.id),
    );
    this.set({ rounds: [...this.event.rounds, { id, title, division, minutes: 2, entries: [] }] });
  }

  setRound(id: string, change: Partial<Round>) {
    this.set({ rounds: this.event.rounds.map((round) => (round.id === id ? { ...round, ...change } : round)) });
  }

  /** A round goes; no other waits for it any more. */
  dropRound(id: string) {
    this.set({
      rounds: this.event.rounds.filter((round) => round.id !== id).map((round) => (round.after === id ? { ...round, after: undefined } : round)),
      plan: this.event.plan?.filter((round) => round.round !== id),
    });
  }

  enter(round: string, couple: string) {
    const now = this.round(round);
    if (now && !now.entries.some((entry) => entry.couple === couple)) this.setRound(round, { entries: [...now.entries, { couple }] });
  }

  scratch(round: string, couple: string) {
    const now = this.round(round);
    if (!now) return;
    this.setRound(round, { entries: without(now, couple).entries });
    this.saySo(msg.wereWithdrawnFrom({ title: this.couple(couple)?.title ?? couple, title2: now.title }));
  }

  setRoutines(round: string, couple: string, routines: string[]) {
    const now = this.round(round);
    if (now) this.setRound(round, { entries: now.entries.map((entry) => (entry.couple === couple ? { ...entry, routines } : entry)) });
  }

  startAt(round: string, start: string) {
    this.#setPlan((planned) => (planned.round === round ? { ...planned, start } : planned));
  }

  /** A couple goes into another heat of a round; counted from 0. */
  moveTo(round: string, couple: string, heat: number) {
    this.#setPlan((planned) => {
      if (planned.round !== round) return planned;
      const heats = planned.heats.map((each) => each.filter((other) => other !== couple));
      heats[heat] = [...(heats[heat] ?? []), couple];
      return { ...planned, heats };
    });
  }

  #setPlan(change: (round: PlannedRound) => PlannedRound) {
    this.set({ plan: this.event.plan?.map(change) });
  }

  /** Plans the day; what has begun by now stays as it is. */
  async plan(now?: string) {
    this.planning = true;
    try {
      const day = required(await api.POST('/api/events/days', { body: { event: this.event, solve: true, now } }));
      this.planned = day;
      this.clearFailure();
      if (day.plan) this.set({ plan: day.plan });
    } catch (thrown) {
      this.fail(thrown);
    } finally {
      this.planning = false;
    }
  }

  /** Gives up what a relaxation gives up, and plans again. */
  async relax(relaxation: DayRelaxation) {
    this.set({
      day: relaxation.day,
      couples: this.event.couples.map((couple) => ({ ...couple, coached: relaxation.coached.includes(couple.id) })),
      rounds: this.event.rounds.map((round) => (round.at && !relaxation.set.includes(round.id) ? { ...round, at: undefined } : round)),
    });
    await this.plan();
  }

  addTask(text: string) {
    this.set({ checklist: [...(this.event.checklist ?? []), { text: text.trim(), done: false }] });
  }

  setTask(index: number, done: boolean) {
    this.set({ checklist: this.event.checklist?.map((task, at) => (at === index ? { ...task, done } : task)) });
  }

  dropTask(index: number) {
    this.set({ checklist: this.event.checklist?.filter((_, at) => at !== index) });
  }

  /** How the routines that are entered stand; of the event as it is kept. */
  async loadStandings() {
    try {
      this.standings = required(await api.GET('/api/events/{id}/standings', { params: { path: { id: this.event.id } } }));
    } catch (thrown) {
      this.failure = sentenceOf(thrown);
    }
  }

  async #look(event: DanceEvent) {
    if (event.title.trim() === '') return;
    try {
      this.day = required(await api.POST('/api/events/days', { body: { event, solve: false } }));
      this.clearFailure();
    } catch (thrown) {
      this.fail(thrown);
    }
  }
}

function without(round: Round, couple: string): Round {
  return { ...round, entries: round.entries.filter((entry) => entry.couple !== couple) };
}
