import { api, required } from '$lib/api/client';
import type { Chain, Floor, Following, Loop, NextFigures, Placement, Repair, Routine, RoutineElement, Score, Seam, Section } from '$lib/api/client';
import { Keeper, opened } from '$lib/ui/Keeper.svelte';
import { Latest } from '$lib/ui/Latest';
import { routineStore } from './routineStore';

/** A placement as it is written, and which time of its section is meant. */
interface Place {
  index: number;
  round: number;
}

const NOTHING_NEXT: NextFigures = { may: [], mayNot: [] };

/** A routine being put together: its placements as they are written, and the score with every repeat in its place. What is chosen is a passage of the score. */
export class RoutineDesk extends Keeper<Routine> {
  #latest = new Latest<Routine>((routine) => this.#read(routine));

  score = $state.raw<Score>();
  selected = $state(0);
  next = $state.raw<NextFigures>(NOTHING_NEXT);
  /** On which side of the chosen figure others are offered. */
  direction = $state<'next' | 'before'>('next');
  repairs = $state.raw<Repair[]>([]);
  loop = $state.raw<Loop>();
  bridges = $state.raw<Chain[]>();
  #toChoose: Place | undefined;

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

  /** The chosen placement as it is written. */
  get chosen(): Placement | undefined {
    return this.placements[this.#at.index];
  }

  /** The section the chosen placement is danced in. */
  get section(): Section | undefined {
    return this.sectionOf(this.#at.index);
  }

  sectionOf(index: number): Section | undefined {
    return this.placements.slice(0, index + 1).findLast((placement) => placement.section)?.section;
  }

  get #at(): Place {
    const passage = this.score?.placements[this.selected];
    return { index: Math.min(passage?.index ?? this.selected, Math.max(0, this.placements.length - 1)), round: passage?.round ?? 1 };
  }

  seamAfter(placement: number): Seam | undefined {
    return this.score?.seams.find((seam) => seam.after === placement);
  }

  get broken(): number {
    return this.score?.seams.filter((seam) => seam.verdict.outcome === 'breaks').length ?? 0;
  }

  select(placement: number) {
    const last = (this.score?.placements.length ?? this.placements.length) - 1;
    this.selected = Math.max(0, Math.min(placement, last));
    this.bridges = undefined;
    void this.#askNext();
  }

  /** Puts a figure beside the chosen placement, on the side it was offered for, and chooses it. */
  add(following: Following) {
    if (this.direction === 'next') this.insert([following.placement]);
    else this.#insertBefore(following.placement);
  }

  look(direction: 'next' | 'before') {
    this.direction = direction;
    void this.#askNext();
  }

  /** A section that begins with the chosen placement begins with the new one then. */
  #insertBefore(placement: Placement) {
    const { index, round } = this.#at;
    const chosen = this.placements[index];
    if (!chosen) return;
    const added = { ...placement, section: chosen.section, rounds: chosen.rounds };
    this.#change(this.placements.toSpliced(index, 1, added, { ...chosen, section: undefined }), { index, round });
  }

  /** Puts placements behind the chosen one and chooses the last of them. */
  insert(placements: Placement[]) {
    const { index, round } = this.#at;
    const at = this.placements.length === 0 ? 0 : index + 1;
    const rounds = this.chosen?.rounds;
    const added = placements.map((placement) => ({ ...placement, rounds: placement.rounds ?? rounds }));
    this.#change(this.placements.toSpliced(at, 0, ...added), { index: at + placements.length - 1, round });
  }

  /** Puts an element behind the chosen placement and chooses it. */
  addElement(element: RoutineElement) {
    this.insert([{ element }]);
  }

  /** A section begins with the chosen placement, or begins there no longer. */
  divide(section: Section | undefined) {
    this.#amend((old) => ({ ...old, section }));
  }

  /** Changes how the chosen figure is danced. */
  dance(way: Partial<Placement>) {
    this.#amend((old) => ({ ...old, ...way }));
  }

  mend(repair: Repair) {
    this.#change(repair.placements, this.#at);
  }

  /** The shortest chains from the chosen place to what follows it. */
  async askBridges(most = 8) {
    try {
      this.bridges = required(await api.POST('/api/bridges', { body: { routine: this.routine, after: this.selected, most } }));
    } catch (thrown) {
      this.fail(thrown);
    }
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

  remove() {
    const { index, round } = this.#at;
    this.#change(this.#without(index), { index: Math.max(0, index - 1), round });
  }

  /** Moves a passage's placement to where another passage's is. */
  move(from: number, to: number) {
    const source = this.score?.placements[from]?.index;
    const target = this.score?.placements[to];
    const moved = source === undefined ? undefined : this.placements[source];
    if (source === undefined || !target || !moved || source === target.index) return;
    this.#change(this.#without(source).toSpliced(target.index, 0, { ...moved, section: undefined }), target);
  }

  /** The placements without one; a section that began with it begins with the next. */
  #without(index: number): Placement[] {
    const section = this.placements[index]?.section;
    const left = this.placements.toSpliced(index, 1);
    const heir = left[index];
    return section && heir && !heir.section ? left.with(index, { ...heir, section }) : left;
  }

  /** Dances on another floor. */
  standOn(floor: Floor) {
    this.change({ ...this.routine, floor });
  }

  /** Says how tall the couple are. */
  measure(dancers: Routine['dancers']) {
    this.change({ ...this.routine, dancers });
  }

  turnCornerAfter(passage: number) {
    this.select(passage);
    this.turnCorner();
  }

  turnCorner() {
    this.#amend((old) => ({ ...old, cornerAfter: !old.cornerAfter }));
  }

  highlight() {
    this.#amend((old) => ({ ...old, highlight: !old.highlight }));
  }

  note(note: string) {
    this.#amend((old) => ({ ...old, note }));
  }

  bind(terms: Pick<Routine, 'syllabus' | 'level'>) {
    this.change({ ...this.routine, ...terms });
  }

  async archive(archived: boolean) {
    this.change({ ...this.routine, archived });
    await this.keep();
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

  #amend(change: (placement: Placement) => Placement) {
    const at = this.#at;
    const old = this.placements[at.index];
    if (old) this.#change(this.placements.with(at.index, change(old)), at);
  }

  #change(placements: Placement[], toChoose: Place) {
    this.#toChoose = toChoose;
    this.change({ ...this.routine, placements });
  }

  protected changed() {
    this.loop = undefined;
    this.bridges = undefined;
    void this.#latest.ask(this.routine).then(() => this.#askNext());
  }

  async #read(routine: Routine) {
    try {
      this.score = required(await api.POST('/api/scores', { body: routine }));
      this.#choose(this.score);
      this.failure = undefined;
    } catch (thrown) {
      this.fail(thrown);
    }
  }

  /** Chooses the passage that was meant before the score was there. */
  #choose({ placements }: Score) {
    const wanted = this.#toChoose;
    const exact = placements.findIndex(({ index, round }) => index === wanted?.index && round === wanted.round);
    const other = placements.findIndex(({ index }) => index === wanted?.index);
    if (wanted) this.selected = exact >= 0 ? exact : other;
    this.#toChoose = undefined;
    this.selected = Math.max(0, Math.min(this.selected, placements.length - 1));
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
      const question = { body: { routine: this.routine, after: this.selected } };
      this.next = required(await (this.direction === 'next' ? api.POST('/api/next', question) : api.POST('/api/previous', question)));
    } catch (thrown) {
      this.fail(thrown);
    }
  }
}
