import msg from '$lib/messages/figures';
import { api, fileOf, Problem, required } from '$lib/api/client';
import type { ColumnKey, Completion, Derivation, Figure, Finding, Fix, Part, Place, Reading, RoutineEffect, Row, ShippedFigure, Unreadable } from '$lib/api/client';
import { asKept } from '$lib/ui/asKept';
import { distinct } from '$lib/ui/distinct';
import { EditSession, opened } from '$lib/ui/EditSession.svelte';
import { Latest } from '$lib/ui/Latest';
import { saveFile } from '$lib/ui/saveFile';
import { notices } from '$lib/ui/Notices.svelte';
import { figureStore } from './figureStore';
import { numbered, withBlock, withRows, type MovedRow } from './rows';

const MOST_COPIES = 50;

/** Whether a changed figure breaks a routine. */
export function breaks({ seams, problems }: RoutineEffect) {
  return problems.length > 0 || seams.some(({ outcome }) => outcome === 'breaks');
}

/** Whether a changed figure makes seams of a routine bend, and breaks none. */
export function bends(effect: RoutineEffect) {
  return effect.seams.length > 0 && !breaks(effect);
}

/** What keeping a figure that breaks nothing has done to the routines that use it. */
function whatItDid(effects: RoutineEffect[]): string {
  const bent = effects.filter(bends);
  const seams = bent.reduce((sum, effect) => sum + effect.seams.length, 0);
  return seams > 0 ? msg.seamsBendNow({ seams, routines: bent.map(({ title }) => title).join(', ') }) : msg.noSeamChanges({ routines: effects.length });
}

const NOTHING_READ: Reading = { unreadable: [], findings: [], man: [], lady: [], repeats: [] };

/** Fields of a figure that are single texts and edited in place. */
export type TextField = 'title' | 'bars';

/** A way to make a chart from another: its kind, the part it starts from, or the new counts. */
export interface Way {
  kind: 'opposite' | 'partner' | 'mirror' | 'retime';
  from?: Part;
  man?: string;
  lady?: string;
}

/** A cell of a chart. */
export interface Cell {
  part: Part;
  row: number;
  column: ColumnKey;
}

/** What may be taken for a cell: in its own column, in another, or over several rows. */
export interface Offer {
  column: ColumnKey;
  text: string;
  wording: string;
  rows?: string[];
}

/** A figure being described: its text, what the program says of it, and what a cell could become. */
export class FigureSheet extends EditSession<Figure> {
  #latest = new Latest<Figure>((figure) => this.#read(figure));
  #completing = new Latest<Cell>((cell) => this.#complete(cell));
  #comparing = new Latest<Figure>((figure) => this.#compare(figure));
  #editing: string | undefined;
  #entered: Cell | undefined;
  /** Whether the last failure was one of reading, which the next reading clears. */
  #unreadable = false;

  reading = $state.raw<Reading>(NOTHING_READ);
  completions = $state.raw<Completion[]>([]);
  /** What keeping would do to the routines that dance the figure, while the coach decides. */
  effects = $state.raw<RoutineEffect[]>();
  /** The routines for whose sake it was not deleted. */
  users = $state.raw<RoutineEffect[]>([]);
  /** Charts made from other charts, shown before they are accepted. */
  proposal = $state.raw<Derivation>();
  /** The figure as it came with the program and what differs from it; null if it did not come with it. */
  shipped = $state.raw<ShippedFigure | null>();

  static async open(id: string): Promise<FigureSheet> {
    const kept = asKept(figureStore, id, () => api.GET('/api/figures/{id}/reading', { params: { path: { id } } }));
    const sheet = new FigureSheet(figureStore, await opened(figureStore, id));
    const reading = await kept;
    if (reading?.tag === sheet.tag) sheet.#take(sheet.figure, reading.document);
    else await sheet.#latest.ask(sheet.figure);
    return sheet;
  }

  get figure() {
    return this.document;
  }

  /** The distinct onsets of both parts in order, in beats. */
  get onsets(): number[] {
    const all = [...this.reading.man, ...this.reading.lady].flatMap((row) => (row.onset === undefined ? [] : [row.onset]));
    return distinct(all);
  }

  get open() {
    return this.reading.findings.filter((finding) => finding.muted === undefined);
  }

  get muted() {
    return this.reading.findings.filter((finding) => finding.muted !== undefined);
  }

  finding(pointer: string): Finding | undefined {
    return this.open.find((finding) => finding.place.pointer === pointer);
  }

  unreadable(pointer: string): Unreadable | undefined {
    return this.reading.unreadable.find((unreadable) => unreadable.place.pointer === pointer);
  }

  isDerived(pointer: string) {
    return this.figure.derived?.includes(pointer) ?? false;
  }

  /** What may be taken for a cell with one key: what it may have been meant to say, or else how it may go on. */
  offered({ part, row, column }: Cell): Offer[] {
    const unreadable = this.unreadable(`/${part}/${row}/${column}`);
    const choices = (unreadable?.choices ?? []).map((choice) => ({ ...choice, column: choice.column as ColumnKey }));
    const spread =
      unreadable && unreadable.rows.length > 1
        ? [{ column, text: unreadable.rows.join(', '), wording: msg.overRows({ count: unreadable.rows.length }), rows: unreadable.rows }]
        : [];
    return choices.length + spread.length > 0 ? [...choices, ...spread] : this.completions.map((completion) => ({ column, ...completion }));
  }

  /** Takes one of them. Words that belong in another column go there, and leave the rest of their cell behind. */
  take(cell: Cell, offer: Offer) {
    const { part, row, column } = cell;
    if (offer.rows) {
      this.paste(
        part,
        row,
        [column],
        offer.rows.map((text) => [text]),
      );
    } else if (offer.column === column) {
      this.type(part, row, column, offer.text);
    } else {
      const text = this.figure[part][row]?.[column] ?? '';
      const unreadable = this.unreadable(`/${part}/${row}/${column}`);
      const rest = unreadable ? text.slice(0, unreadable.from) + text.slice(unreadable.from + unreadable.text.length) : '';
      const rows = this.figure[part].map((each, index) => (index === row ? { ...each, [column]: rest.trim(), [offer.column]: offer.text } : each));
      this.#editing = undefined;
      this.history.cancel();
      this.change({ ...this.figure, [part]: rows });
    }
  }

  /** While a cell is being typed the rest is read along with it. */
  type(part: Part, row: number, column: ColumnKey, text: string) {
    this.#editing = `/${part}/${row}/${column}`;
    this.amend(this.#withCell(part, row, column, text));
    this.completions = [];
    void this.#completing.ask({ part, row, column });
  }

  typeField(field: TextField, text: string) {
    this.#editing = `/${field}`;
    this.amend({ ...this.figure, [field]: text });
  }

  override accept() {
    this.#editing = undefined;
    this.completions = [];
    super.accept();
    this.noteChange();
  }

  cancel() {
    this.#editing = undefined;
    this.completions = [];
    this.history.cancel();
    this.noteChange();
  }

  /** Changes any fields in one step. */
  set(fields: Partial<Figure>) {
    this.change({ ...this.figure, ...fields });
  }

  apply(fix: Fix) {
    this.put(fix.place, fix.text);
  }

  put(place: Place, text: string) {
    this.#editing = undefined;
    if (place.part && place.row !== undefined && place.column) {
      this.change(this.#withCell(place.part as Part, place.row, place.column as ColumnKey, text));
    } else if (place.pointer === '/repeat/times' && this.figure.repeat) {
      this.change({ ...this.figure, repeat: { ...this.figure.repeat, times: text } });
    } else if (place.pointer === '/cautions') {
      this.change({ ...this.figure, cautions: [...(this.figure.cautions ?? []), text] });
    } else {
      this.change({ ...this.figure, [place.pointer.slice(1)]: text });
    }
  }

  /** Puts a block of cells from a spreadsheet, beginning at a cell; rows it goes beyond are added. */
  paste(part: Part, row: number, columns: ColumnKey[], block: string[][]) {
    this.#editing = undefined;
    this.history.cancel();
    this.change(withBlock(this.figure, part, row, columns, block));
  }

  /** Applies the first fix found at a place, if there is one. */
  mend(pointer: string) {
    const fix = this.finding(pointer)?.fixes[0];
    if (fix) this.apply(fix);
  }

  async propose(way: Way) {
    try {
      this.proposal = required(await api.POST('/api/derivations', { body: { figure: this.figure, ...way } }));
      this.clearFailure();
    } catch (thrown) {
      this.fail(thrown);
    }
  }

  acceptProposal() {
    if (this.proposal) this.set(this.proposal.figure);
    this.proposal = undefined;
  }

  compareWithShipped(figure: Figure) {
    return this.#comparing.ask(figure);
  }

  /** Lays the shipped figure over this one; undo takes it away again. */
  takeShipped() {
    if (!this.shipped) return;
    this.change(this.shipped.figure);
  }

  async #compare(figure: Figure) {
    try {
      const [shipped] = required(await api.POST('/api/shipped-figures/{id}/comparison', { params: { path: { id: figure.id } }, body: figure }));
      this.shipped = shipped ?? null;
    } catch (thrown) {
      this.fail(thrown);
    }
  }

  mute(finding: Finding, reason: string) {
    const mute = { rule: finding.rule, at: finding.place.pointer, reason };
    this.set({ mutes: [...(this.figure.mutes ?? []), mute] });
  }

  hearAgain(finding: Finding) {
    const other = (mute: { rule: string; at?: string }) => mute.rule !== finding.rule || (mute.at && mute.at !== finding.place.pointer);
    this.set({ mutes: this.figure.mutes?.filter(other) });
  }

  insertRow(part: Part, after: number) {
    this.#changeRows(part, (rows) => rows.toSpliced(after + 1, 0, { row: {} }));
  }

  repeatRow(part: Part, row: number) {
    this.#changeRows(part, (rows) => rows.toSpliced(row + 1, 0, { row: { ...rows[row]!.row } }));
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

  /** Keeps the figure; where that would break a routine the coach is asked first. */
  override async keep() {
    this.accept();
    this.effects = undefined;
    const effects = this.isNew || this.isKept ? [] : await this.#effects(this.figure);
    if (!effects) return;
    if (effects.some(breaks)) {
      this.effects = effects;
      return;
    }
    await super.keep();
    if (effects.length > 0 && this.isKept) notices.say({ sentence: whatItDid(effects) });
  }

  /** Keeps it although routines break; they are marked in the list of routines. */
  async keepAnyway() {
    this.effects = undefined;
    await super.keep();
  }

  /** Keeps what is here as a figure of its own and leaves the one that routines dance as it was; answers the copy's id. */
  async keepAsCopy(): Promise<string | undefined> {
    this.effects = undefined;
    const { id, title } = this.figure;
    for (let number = 2; number <= MOST_COPIES; number++) {
      try {
        const copy = await figureStore.create({ ...this.figure, id: `${id}-${number}`, title: `${title} ${number}` });
        this.discard();
        return copy.document.id;
      } catch (thrown) {
        if (!(thrown instanceof Problem && thrown.status === 409)) {
          this.fail(thrown);
          return undefined;
        }
      }
    }
    this.failure = msg.thereAreAlreadyCopiesRename({ MOSTCOPIES: MOST_COPIES });
    return undefined;
  }

  /** Deletes the figure, unless a routine dances it; answers whether it is gone. */
  override async delete(): Promise<boolean> {
    const users = await this.#effects(this.figure);
    if (!users) return false;
    if (users.length > 0) {
      this.failure = msg.itIsUsedInRemove({ join: users.map(({ title }) => title).join(', ') });
      this.users = users;
      return false;
    }
    return super.delete();
  }

  /** An older version becomes the present work; undo takes it away again. */
  restore(version: Figure) {
    this.change({ ...version, id: this.figure.id });
  }

  /** What would become of routines; none of a figure that cannot be read, and nothing, said why, where it cannot be asked. */
  async #effects(figure: Figure): Promise<RoutineEffect[] | undefined> {
    try {
      return required(await api.POST('/api/figures/{id}/effects', { params: { path: { id: figure.id } }, body: figure }));
    } catch (thrown) {
      if (thrown instanceof Problem && thrown.status === 422) return [];
      this.fail(thrown);
      return undefined;
    }
  }

  protected changed() {
    void this.#latest.ask(this.figure);
  }

  #withCell(part: Part, row: number, column: ColumnKey, text: string): Figure {
    const rows = this.figure[part].map((existing, index) => (index === row ? { ...existing, [column]: text } : existing));
    const pointer = `/${part}/${row}/${column}`;
    const derived = this.isDerived(pointer) ? { derived: this.figure.derived?.filter((other) => other !== pointer) } : {};
    return { ...this.figure, [part]: rows, ...derived };
  }

  #changeRows(part: Part, change: (rows: MovedRow[]) => MovedRow[]) {
    this.change(withRows(this.figure, part, change(numbered(this.figure[part]))));
  }

  async #read(figure: Figure) {
    try {
      this.#take(figure, required(await api.POST('/api/readings', { body: figure })));
    } catch (thrown) {
      this.#unreadable = true;
      this.fail(thrown);
    }
  }

  #take(figure: Figure, reading: Reading) {
    this.reading = reading;
    if (this.#unreadable) this.clearFailure();
    this.#unreadable = false;
    if (this.figure === figure && this.#editing === undefined) this.#canonical();
  }

  /** The steps as they are drawn, true to scale. */
  async saveSteps() {
    try {
      saveFile(await fileOf('/api/step-drawings', this.figure), `${this.figure.id}-steps.svg`);
    } catch (thrown) {
      this.fail(thrown);
    }
  }

  /** What usually stands in a cell that is still empty is offered as soon as it is entered. */
  enter(cell: Cell) {
    this.#entered = cell;
    this.completions = [];
    if (!this.figure[cell.part][cell.row]?.[cell.column]) void this.#completing.ask(cell);
  }

  async #complete({ part, row, column }: Cell) {
    const rows = this.figure[part];
    const query = {
      dance: this.figure.dance,
      column,
      text: rows[row]?.[column] ?? '',
      footPosition: column === 'footPosition' ? '' : (rows[row]?.footPosition ?? ''),
      before: rows[row - 1]?.[column] ?? '',
    };
    try {
      const found = required(await api.GET('/api/completions', { params: { query } }));
      const still = this.#entered?.part === part && this.#entered.row === row && this.#entered.column === column;
      if ((this.#editing !== undefined || still) && !this.#completing.isBehind) this.completions = found;
    } catch (thrown) {
      this.fail(thrown);
    }
  }

  /** Puts every cell that was read into the shorthand the program would write. */
  #canonical() {
    const rewrite = (part: Part): Row[] =>
      this.figure[part].map((row, index) => {
        const canonical = this.reading[part][index]?.shorthand;
        if (!canonical) return row;
        const unreadable = this.reading.unreadable.filter((text) => text.place.part === part && text.place.row === index);
        const kept = Object.fromEntries(unreadable.map((text) => [text.place.column, row[text.place.column as ColumnKey]]));
        return { ...canonical, ...kept };
      });
    const next = { ...this.figure, man: rewrite('man'), lady: rewrite('lady') };
    if (JSON.stringify(next) !== JSON.stringify(this.figure)) {
      this.history.reword(next);
      this.remember();
    }
  }
}
