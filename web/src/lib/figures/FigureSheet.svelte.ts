import { api, Problem, required, sentenceOf } from '$lib/api/client';
import type { ColumnKey, Fault, Figure, Finding, Fix, Part, Place, Reading, Row, Unread } from '$lib/api/client';
import { dropDraft, findDraft, keepDraft } from '$lib/ui/Draft';
import { distinct } from '$lib/ui/distinct';
import { History } from '$lib/ui/History.svelte';
import { Latest } from '$lib/ui/Latest';

const KIND = 'figure';
const NOTHING_READ: Reading = { unread: [], findings: [], man: [], lady: [], repeats: [] };

/** Fields of a figure that are single texts and edited in place. */
export type TextField = 'title' | 'level' | 'bars';

/** A figure being read and corrected: its text, what the program says of it, and what is stored. */
export class FigureSheet {
  #history = $state.raw<History<Figure>>()!;
  #tag = '';
  #stored = $state.raw<Figure>()!;
  #latest = new Latest<Figure>((figure) => this.#read(figure));
  #editing: string | undefined;

  reading = $state.raw<Reading>(NOTHING_READ);
  failure = $state<string>();
  faults = $state.raw<Fault[]>([]);
  conflict = $state.raw<Figure>();
  recovered = $state(false);
  keeping = $state(false);

  private constructor(figure: Figure, tag: string) {
    this.#stored = figure;
    this.#tag = tag;
    this.#history = new History(figure);
  }

  static async open(id: string): Promise<FigureSheet> {
    const answer = await api.GET('/api/figures/{id}', { params: { path: { id } } });
    const sheet = new FigureSheet(required(answer), answer.response.headers.get('ETag') ?? '');
    const draft = findDraft<Figure>(KIND, id);
    if (draft !== undefined) {
      sheet.#history.change(draft.value);
      sheet.#tag = draft.tag;
      sheet.recovered = true;
    }
    await sheet.#latest.ask(sheet.figure);
    return sheet;
  }

  get figure() {
    return this.#history.present;
  }

  get isKept() {
    return this.figure === this.#stored || JSON.stringify(this.figure) === JSON.stringify(this.#stored);
  }

  get canUndo() {
    return this.#history.canUndo;
  }

  get canRedo() {
    return this.#history.canRedo;
  }

  /** The distinct onsets of both parts in order, in beats. */
  get onsets(): number[] {
    const all = [...this.reading.man, ...this.reading.lady].flatMap((row) => (row.onset === undefined ? [] : [row.onset]));
    return distinct(all);
  }

  finding(pointer: string): Finding | undefined {
    return this.reading.findings.find((finding) => finding.place.pointer === pointer);
  }

  unread(pointer: string): Unread | undefined {
    return this.reading.unread.find((unread) => unread.place.pointer === pointer);
  }

  /** While a cell is being typed the rest is read along with it. */
  type(part: Part, row: number, column: ColumnKey, text: string) {
    this.#editing = `/${part}/${row}/${column}`;
    this.#history.amend(this.#withCell(part, row, column, text));
    this.#changed();
  }

  typeField(field: TextField, text: string) {
    this.#editing = `/${field}`;
    this.#history.amend({ ...this.figure, [field]: text });
    this.#changed();
  }

  accept() {
    this.#editing = undefined;
    this.#history.settle();
    this.#changed();
  }

  cancel() {
    this.#editing = undefined;
    this.#history.cancel();
    this.#changed();
  }

  apply(fix: Fix) {
    this.put(fix.place, fix.text);
  }

  put(place: Place, text: string) {
    this.#editing = undefined;
    const next =
      place.part && place.row !== undefined && place.column
        ? this.#withCell(place.part as Part, place.row, place.column as ColumnKey, text)
        : { ...this.figure, [place.pointer.slice(1)]: text };
    this.#history.change(next);
    this.#changed();
  }

  /** Applies the first fix found at a place, if there is one. */
  mend(pointer: string) {
    const fix = this.finding(pointer)?.fixes[0];
    if (fix) this.apply(fix);
  }

  insertRow(part: Part, after: number) {
    this.#changeRows(part, (rows) => rows.toSpliced(after + 1, 0, {}));
  }

  repeatRow(part: Part, row: number) {
    this.#changeRows(part, (rows) => rows.toSpliced(row + 1, 0, { ...rows[row] }));
  }

  removeRow(part: Part, row: number) {
    if (this.figure[part].length > 1) this.#changeRows(part, (rows) => rows.toSpliced(row, 1));
  }

  /** Moves a row and answers where it is then. */
  moveRow(part: Part, row: number, by: -1 | 1): number {
    const to = row + by;
    if (to < 0 || to >= this.figure[part].length) return row;
    this.#changeRows(part, (rows) => rows.toSpliced(row, 1).toSpliced(to, 0, rows[row]!));
    return to;
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
    this.accept();
    this.keeping = true;
    const written = this.figure;
    try {
      const answer = await api.PUT('/api/figures/{id}', {
        params: { path: { id: written.id }, header: { 'If-Match': this.#tag } },
        body: written,
      });
      const kept = required(answer);
      this.#tag = answer.response.headers.get('ETag') ?? '';
      this.#stored = kept;
      if (this.figure === written) this.#history.reword(kept);
      this.#clearFailure();
      this.#remember();
    } catch (thrown) {
      this.failure = sentenceOf(thrown);
      this.faults = thrown instanceof Problem ? thrown.faults : [];
      if (thrown instanceof Problem && thrown.status === 409) this.conflict = thrown.stored as Figure;
    } finally {
      this.keeping = false;
    }
  }

  /** After a conflict: the stored version replaces what is here; undo brings this one back. */
  async takeStored() {
    await this.#reload();
    this.#history.change(this.#stored);
    this.#clearFailure();
    this.#changed();
  }

  /** After a conflict: what is here replaces the stored version. */
  async keepOver() {
    await this.#reload();
    await this.keep();
  }

  discardRecovered() {
    this.recovered = false;
    this.#history.undo();
    this.#changed();
  }

  async #reload() {
    const answer = await api.GET('/api/figures/{id}', { params: { path: { id: this.figure.id } } });
    this.#stored = required(answer);
    this.#tag = answer.response.headers.get('ETag') ?? '';
  }

  #clearFailure() {
    this.failure = undefined;
    this.faults = [];
    this.conflict = undefined;
    this.recovered = false;
  }

  #withCell(part: Part, row: number, column: ColumnKey, text: string): Figure {
    const rows = this.figure[part].map((existing, index) => (index === row ? { ...existing, [column]: text } : existing));
    return { ...this.figure, [part]: rows };
  }

  #changeRows(part: Part, change: (rows: Row[]) => Row[]) {
    this.#history.settle();
    this.#history.change({ ...this.figure, [part]: change(this.figure[part]) });
    this.#changed();
  }

  #changed() {
    this.#remember();
    void this.#latest.ask(this.figure);
  }

  #remember() {
    if (this.isKept) dropDraft(KIND, this.figure.id);
    else keepDraft(KIND, this.figure.id, { value: this.figure, tag: this.#tag });
  }

  async #read(figure: Figure) {
    try {
      this.reading = required(await api.POST('/api/readings', { body: figure }));
      if (this.figure === figure && this.#editing === undefined) this.#canonical();
    } catch (thrown) {
      this.failure = sentenceOf(thrown);
    }
  }

  /** Puts every cell that was read into the shorthand the program would write. */
  #canonical() {
    const rewrite = (part: Part) =>
      this.figure[part].map((row, index) => {
        const canonical = this.reading[part][index]?.shorthand;
        if (!canonical) return row;
        const unread = this.reading.unread.filter((text) => text.place.part === part && text.place.row === index);
        const kept = Object.fromEntries(unread.map((text) => [text.place.column, row[text.place.column as ColumnKey]]));
        return { ...canonical, ...kept };
      });
    const next = { ...this.figure, man: rewrite('man'), lady: rewrite('lady') };
    if (JSON.stringify(next) !== JSON.stringify(this.figure)) {
      this.#history.reword(next);
      this.#remember();
    }
  }
}
