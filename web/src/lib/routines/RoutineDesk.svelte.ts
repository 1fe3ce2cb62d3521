import { api, Problem, required, sentenceOf } from '$lib/api/client';
import type { Fault, Placement, Routine, Score, Seam, Successor } from '$lib/api/client';
import { dropDraft, findDraft, keepDraft } from '$lib/ui/Draft';
import { History } from '$lib/ui/History.svelte';
import { Latest } from '$lib/ui/Latest';

const KIND = 'routine';

/** A routine being put together: its placements, the score the program makes of them, and what is stored. */
export class RoutineDesk {
  #history = $state.raw<History<Routine>>()!;
  #tag = '';
  #stored = $state.raw<Routine>()!;
  #latest = new Latest<Routine>((routine) => this.#read(routine));

  score = $state.raw<Score>();
  selected = $state(0);
  next = $state.raw<Successor[]>([]);
  failure = $state<string>();
  faults = $state.raw<Fault[]>([]);
  conflict = $state.raw<Routine>();
  keeping = $state(false);

  private constructor(routine: Routine, tag: string) {
    this.#stored = routine;
    this.#tag = tag;
    this.#history = new History(routine);
  }

  static async open(id: string): Promise<RoutineDesk> {
    const answer = await api.GET('/api/routines/{id}', { params: { path: { id } } });
    const desk = new RoutineDesk(required(answer), answer.response.headers.get('ETag') ?? '');
    const draft = findDraft<Routine>(KIND, id);
    if (draft !== undefined) {
      desk.#history.change(draft.value);
      desk.#tag = draft.tag;
    }
    await desk.#latest.ask(desk.routine);
    await desk.#askNext();
    return desk;
  }

  get routine() {
    return this.#history.present;
  }

  get placements(): Placement[] {
    return this.routine.placements;
  }

  get isKept() {
    return JSON.stringify(this.routine) === JSON.stringify(this.#stored);
  }

  get canUndo() {
    return this.#history.canUndo;
  }

  get canRedo() {
    return this.#history.canRedo;
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
    this.#put({ ...this.routine, title });
  }

  setTempo(tempo: number) {
    this.#put({ ...this.routine, tempo });
  }

  undo() {
    this.#history.undo();
    this.#changed();
  }

  redo() {
    this.#history.redo();
    this.#changed();
  }

  async keep() {
    this.keeping = true;
    try {
      const written = this.routine;
      const answer = await api.PUT('/api/routines/{id}', {
        params: { path: { id: written.id }, header: { 'If-Match': this.#tag } },
        body: written,
      });
      this.#stored = required(answer);
      this.#tag = answer.response.headers.get('ETag') ?? '';
      if (this.routine === written) this.#history.reword(this.#stored);
      this.#clearFailure();
      this.#remember();
    } catch (thrown) {
      this.#fail(thrown);
      if (thrown instanceof Problem && thrown.status === 409) this.conflict = thrown.stored as Routine;
    } finally {
      this.keeping = false;
    }
  }

  async takeStored() {
    await this.#reload();
    this.#history.change(this.#stored);
    this.#clearFailure();
    this.#changed();
  }

  async keepOver() {
    await this.#reload();
    await this.keep();
  }

  async #reload() {
    const answer = await api.GET('/api/routines/{id}', { params: { path: { id: this.routine.id } } });
    this.#stored = required(answer);
    this.#tag = answer.response.headers.get('ETag') ?? '';
  }

  #amend(index: number, change: (placement: Placement) => Placement) {
    const old = this.placements[index];
    if (old) this.#change(this.placements.with(index, change(old)), this.selected);
  }

  #change(placements: Placement[], selected: number) {
    this.selected = selected;
    this.#put({ ...this.routine, placements });
  }

  #put(routine: Routine) {
    this.#history.change(routine);
    this.#changed();
  }

  #changed() {
    this.selected = Math.max(0, Math.min(this.selected, this.placements.length - 1));
    this.#remember();
    void this.#latest.ask(this.routine).then(() => this.#askNext());
  }

  #remember() {
    if (this.isKept) dropDraft(KIND, this.routine.id);
    else keepDraft(KIND, this.routine.id, { value: this.routine, tag: this.#tag });
  }

  async #read(routine: Routine) {
    try {
      this.score = required(await api.POST('/api/scores', { body: routine }));
      this.#clearFailure();
    } catch (thrown) {
      this.#fail(thrown);
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
      this.#fail(thrown);
    }
  }

  #fail(thrown: unknown) {
    this.failure = sentenceOf(thrown);
    this.faults = thrown instanceof Problem ? thrown.faults : [];
  }

  #clearFailure() {
    this.failure = undefined;
    this.faults = [];
    this.conflict = undefined;
  }
}
