import { api, required } from '$lib/api/client';
import type { Following, Loop, NextFigures, Placement, Repair, Routine, Score, Seam } from '$lib/api/client';
import { Keeper, opened } from '$lib/ui/Keeper.svelte';
import { Latest } from '$lib/ui/Latest';
import { routineStore } from './routineStore';

const NOTHING_NEXT: NextFigures = { may: [], mayNot: [] };

/** A routine being put together: its placements and the score the program makes of them. */
export class RoutineDesk extends Keeper<Routine> {
  #latest = new Latest<Routine>((routine) => this.#read(routine));

  score = $state.raw<Score>();
  selected = $state(0);
  next = $state.raw<NextFigures>(NOTHING_NEXT);
  repairs = $state.raw<Repair[]>([]);
  loop = $state.raw<Loop>();

  static async open(id: string): Promise<RoutineDesk> {
    const desk = new RoutineDesk(routineStore, await opened(routineStore, id));
    await desk.#latest.ask(desk.routine);
    await desk.#askNext();
    return desk;
  }

  get routine() {
    return this.document;
  }

  get placements(): Placement[] {
    return this.routine.placements;
  }

  seamAfter(placement: number): Seam | undefined {
    return this.score?.seams.find((seam) => seam.after === placement);
  }

  get broken(): number {
    return this.score?.seams.filter((seam) => seam.verdict.outcome === 'breaks').length ?? 0;
  }

  select(placement: number) {
    const last = this.placements.length - 1;
    this.selected = Math.max(0, Math.min(placement, last));
    void this.#askNext();
  }

  /** Puts a figure behind the chosen placement and chooses it. */
  add(following: Following) {
    this.insert([following.placement]);
  }

  /** Puts placements behind the chosen one and chooses the last of them. */
  insert(placements: Placement[]) {
    const at = this.placements.length === 0 ? 0 : this.selected + 1;
    this.#change(this.placements.toSpliced(at, 0, ...placements), at + placements.length - 1);
  }

  /** Changes how the chosen figure is danced. */
  dance(way: Partial<Placement>, placement = this.selected) {
    this.#amend(placement, (old) => ({ ...old, ...way }));
  }

  mend(repair: Repair) {
    this.#change(repair.placements, this.selected);
  }

  /** Mends every seam that breaks, from the first to the last, with the cheapest thing that does. */
  async mendAll() {
    for (let seam = this.#firstBroken(); seam !== undefined; seam = this.#firstBroken()) {
      const repairs = await this.#repairsAfter(seam);
      if (!repairs[0]) return;
      const broken = this.broken;
      this.selected = seam;
      this.mend(repairs[0]);
      await this.#latest.ask(this.routine);
      if (this.broken >= broken) return;
    }
  }

  async tryLoop() {
    try {
      this.loop = required(await api.POST('/api/loops', { body: this.routine }));
    } catch (thrown) {
      this.fail(thrown);
    }
  }

  async askRepairs(after: number) {
    this.repairs = [];
    if (this.seamAfter(after)?.verdict.outcome !== 'holds') this.repairs = await this.#repairsAfter(after);
  }

  remove(placement = this.selected) {
    this.#change(this.placements.toSpliced(placement, 1), Math.max(0, placement - 1));
  }

  move(from: number, to: number) {
    const moved = this.placements[from];
    if (!moved || to < 0 || to >= this.placements.length || from === to) return;
    this.#change(this.placements.toSpliced(from, 1).toSpliced(to, 0, moved), to);
  }

  turnCorner(placement = this.selected) {
    this.#amend(placement, (old) => ({ ...old, cornerAfter: !old.cornerAfter }));
  }

  highlight(placement = this.selected) {
    this.#amend(placement, (old) => ({ ...old, highlight: !old.highlight }));
  }

  note(placement: number, note: string) {
    this.#amend(placement, (old) => ({ ...old, note }));
  }

  /** Brings an older version back as the present work; undo takes it away again. */
  restore(version: Routine) {
    this.change({ ...version, id: this.routine.id });
  }

  rename(title: string) {
    this.change({ ...this.routine, title });
  }

  setTempo(tempo: number) {
    this.change({ ...this.routine, tempo });
  }

  #amend(index: number, change: (placement: Placement) => Placement) {
    const old = this.placements[index];
    if (old) this.#change(this.placements.with(index, change(old)), this.selected);
  }

  #change(placements: Placement[], selected: number) {
    this.selected = selected;
    this.change({ ...this.routine, placements });
  }

  protected changed() {
    this.loop = undefined;
    this.selected = Math.max(0, Math.min(this.selected, this.placements.length - 1));
    void this.#latest.ask(this.routine).then(() => this.#askNext());
  }

  async #read(routine: Routine) {
    try {
      this.score = required(await api.POST('/api/scores', { body: routine }));
      this.failure = undefined;
    } catch (thrown) {
      this.fail(thrown);
    }
  }

  #firstBroken() {
    return this.score?.seams.find((seam) => seam.verdict.outcome === 'breaks')?.after;
  }

  async #repairsAfter(after: number): Promise<Repair[]> {
    try {
      return required(await api.POST('/api/repairs', { body: { routine: this.routine, after } }));
    } catch (thrown) {
      this.fail(thrown);
      return [];
    }
  }

  async #askNext() {
    try {
      if (this.placements[this.selected] === undefined) {
        const figures = required(await api.GET('/api/figures', { params: { query: { dance: this.routine.dance } } }));
        this.next = {
          may: figures.map(({ id, title, level }) => ({ placement: { figure: id }, title, way: '', level, beats: 0, outcome: 'holds', reason: '' })),
          mayNot: [],
        };
        return;
      }
      this.next = required(await api.POST('/api/next', { body: { routine: this.routine, after: this.selected } }));
    } catch (thrown) {
      this.fail(thrown);
    }
  }
}
