const DEEPEST = 200;

/** A value with every earlier state of it, for undo and redo. Each state is a plain snapshot. */
export class History<T> {
  #past = $state.raw<T[]>([]);
  #future = $state.raw<T[]>([]);
  #present = $state.raw() as T;
  #base: T | undefined;

  constructor(present: T) {
    this.#present = present;
  }

  get present() {
    return this.#present;
  }

  get canUndo() {
    return this.#past.length > 0;
  }

  get canRedo() {
    return this.#future.length > 0;
  }

  change(next: T) {
    this.#remember(this.#base ?? this.#present);
    this.#base = undefined;
    this.#present = next;
  }

  /** Changes the present without a step of its own until the next {@link settle}, as while a cell is being typed. */
  amend(next: T) {
    this.#base ??= this.#present;
    this.#present = next;
  }

  /** Makes one step of all amendments since the last one. */
  settle() {
    if (this.#base !== undefined && this.#base !== this.#present) this.#remember(this.#base);
    this.#base = undefined;
  }

  /** Takes back the amendments since the last step. */
  cancel() {
    if (this.#base !== undefined) this.#present = this.#base;
    this.#base = undefined;
  }

  /** Replaces the present by something that says the same in other words; no step. */
  reword(next: T) {
    this.#present = next;
  }

  undo() {
    this.settle();
    const previous = this.#past.at(-1);
    if (previous === undefined) return;
    this.#future = [this.#present, ...this.#future];
    this.#past = this.#past.slice(0, -1);
    this.#present = previous;
  }

  redo() {
    const next = this.#future[0];
    if (next === undefined) return;
    this.#past = [...this.#past, this.#present];
    this.#future = this.#future.slice(1);
    this.#present = next;
  }

  #remember(state: T) {
    this.#past = [...this.#past, state].slice(-DEEPEST);
    this.#future = [];
  }
}
