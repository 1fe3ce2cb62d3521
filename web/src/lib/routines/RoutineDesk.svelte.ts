import { api, required } from '$lib/api/client';
import type { Placement, Routine, Score, Seam, Successor } from '$lib/api/client';
import { Keeper, opened } from '$lib/ui/Keeper.svelte';
import { Latest } from '$lib/ui/Latest';
import { routineStore } from './routineStore';

/** A routine being put together: its placements and the score the program makes of them. */
export class RoutineDesk extends Keeper<Routine> {
  #latest = new Latest<Routine>((routine) => this.#read(routine));

  score = $state.raw<Score>();
  selected = $state(0);
  next = $state.raw<Successor[]>([]);

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
  add(figure: string) {
    const at = this.placements.length === 0 ? 0 : this.selected + 1;
    this.#change(this.placements.toSpliced(at, 0, { figure }), at);
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

  async #askNext() {
    const placement = this.placements[this.selected];
    const scored = this.score?.placements[this.selected];
    try {
      if (placement === undefined) {
        const figures = required(await api.GET('/api/figures', { params: { query: { dance: this.routine.dance } } }));
        this.next = figures.map(({ id, title, level, bars }) => ({
          id,
          title,
          level,
          bars,
          verdict: { outcome: 'holds', comparisons: [] },
        }));
        return;
      }
      const query = { from: placement.figure, corner: placement.cornerAfter ?? false, entry: scored?.entry.name };
      this.next = required(await api.GET('/api/links', { params: { query } }));
    } catch (thrown) {
      this.fail(thrown);
    }
  }
}
