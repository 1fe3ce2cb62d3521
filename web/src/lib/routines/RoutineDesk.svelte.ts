import msg from '$lib/messages/routines';
import { api, required } from '$lib/api/client';
import type {
  Chain,
  Composition,
  Detour,
  Floor,
  Following,
  Loop,
  NextAmalgamation,
  NextFigures,
  Placement,
  Repair,
  Routine,
  RoutineElement,
  Score,
  Seam,
  Section,
} from '$lib/api/client';
import { asKept } from '$lib/ui/asKept';
import { EditSession, opened } from '$lib/ui/EditSession.svelte';
import { Latest } from '$lib/ui/Latest';
import { routineStore } from './routineStore';

/** A placement as it is written, and which time of its section is meant. */
interface Place {
  index: number;
  round: number;
}

export type Direction = 'next' | 'before' | 'instead';

/** While a title is being typed it may be empty; what is asked meanwhile does not depend on it. */
function titled(routine: Routine): Routine {
  return routine.title.trim() === '' ? { ...routine, title: msg.untitled() } : routine;
}

/** What was found for one passage of a routine as it was then; it is offered as long as both are what is looked at. */
interface Found<T> {
  routine: Routine;
  passage: number;
  direction: Direction;
  found: T;
}

/** Whether two states of a routine differ in nothing but the title. */
function danceTheSame(one: Routine, other: Routine): boolean {
  return (Object.keys({ ...one, ...other }) as (keyof Routine)[]).every((key) => key === 'title' || one[key] === other[key]);
}

const NOTHING_NEXT: NextFigures = { may: [], mayNot: [] };

/** A routine being put together: its placements as they are written, and the score with every repeat in its place. What is chosen is a passage of the score. */
export class RoutineDesk extends EditSession<Routine> {
  #latest = new Latest<Routine>((routine) => this.#read(routine));
  #following = new Latest<true>(() => this.#readNext());
  #going = new Latest<true>(() => this.#readAmalgamations());

  score = $state.raw<Score>();
  selected = $state(0);
  #next = $state.raw<Found<NextFigures>>();
  #amalgamations = $state.raw<Found<NextAmalgamation[]>>();
  /** On which side of the chosen figure others are offered, or in its place. */
  direction = $state<Direction>('next');
  #repairs = $state.raw<Found<Repair[]>>();
  loop = $state.raw<Loop>();
  #bridges = $state.raw<Found<Chain[]>>();
  #detours = $state.raw<Found<Detour[]>>();
  #toChoose: Place | undefined;
  /** The placements the score has been made of. */
  #scored: Placement[] = [];

  /** @param chosen the passage that is chosen first, for who asks what may be danced beside it; what is only shown asks for nothing */
  static async open(id: string, chosen?: number): Promise<RoutineDesk> {
    const kept = asKept(routineStore, id, () => api.GET('/api/routines/{id}/score', { params: { path: { id } } }));
    const desk = new RoutineDesk(routineStore, await opened(routineStore, id));
    const isThere = chosen !== undefined && chosen >= 0 && chosen < desk.placements.length;
    if (isThere) {
      desk.selected = chosen;
      void desk.#askNext();
    }
    const score = await kept;
    if (score?.tag === desk.tag) desk.#take(desk.routine, score.document);
    else await desk.#latest.ask(desk.routine);
    if (chosen !== undefined && !isThere) desk.select(chosen);
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

  /** Which placement is chosen, and in which round; while the score is behind the routine, the one that will be. */
  get #at(): Place {
    if (this.#toChoose) return this.#toChoose;
    const passage = this.score?.placements[this.selected];
    return { index: Math.min(passage?.index ?? this.selected, Math.max(0, this.placements.length - 1)), round: passage?.round ?? 1 };
  }

  /** What may be danced beside the chosen figure; while that is being worked out, what was known last. */
  get next(): NextFigures {
    return this.#next?.found ?? NOTHING_NEXT;
  }

  /** The amalgamations that may be danced after the chosen figure, or begin the routine; none while others are looked for. */
  get amalgamations(): NextAmalgamation[] {
    return this.#current(this.#amalgamations) ?? [];
  }

  /** What would mend the seam after the chosen figure, once that was asked for. */
  get repairs(): Repair[] {
    return this.#current(this.#repairs) ?? [];
  }

  /** The shortest chains across the seam after the chosen figure, once they were asked for. */
  get bridges(): Chain[] | undefined {
    return this.#current(this.#bridges);
  }

  /** Ways round what blocks the way after the chosen figure, once they were asked for. */
  get detours(): Detour[] | undefined {
    return this.#current(this.#detours);
  }

  #current<T>(offer: Found<T> | undefined): T | undefined {
    return offer && danceTheSame(offer.routine, this.routine) && offer.passage === this.selected && offer.direction === this.direction ? offer.found : undefined;
  }

  /** Done when the score is that of the routine. */
  get settled(): Promise<void> {
    return this.#latest.settled;
  }

  /** Done when it is known what may be danced beside what was chosen last. */
  get offered(): Promise<void> {
    return this.#following.settled;
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
    this.#chooseLater();
    this.#bridges = undefined;
    this.#detours = undefined;
    void this.#askNext();
  }

  /** Puts a figure beside the chosen placement, on the side it was offered for, and chooses it. */
  async add(following: Following) {
    const meant = this.#current(this.#next) ? following : await this.#offeredNow(following);
    if (!meant) return this.saySo(msg.isNotOfferedHereAnyMore({ title: following.title }));
    if (this.direction === 'next') this.insert([meant.placement]);
    else if (this.direction === 'instead') this.replace(meant);
    else this.#insertBefore(meant.placement);
  }

  /** The same as it is offered once it is known again what is: what was pressed was offered for another place or an earlier state. */
  async #offeredNow(following: Following): Promise<Following | undefined> {
    await this.offered;
    const wanted = JSON.stringify(following.placement);
    return this.next.may.find((each) => JSON.stringify(each.placement) === wanted);
  }

  /** Puts an amalgamation behind the chosen placement, as it is offered there. */
  addAmalgamation(offer: NextAmalgamation) {
    if (this.amalgamations.includes(offer)) this.insert(offer.placements);
    else this.saySo(msg.isNotOfferedHereAnyMore({ title: offer.title }));
  }

  look(direction: Direction) {
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

  /** What was composed, or its first so many placements; a routine that begins with it begins where that was composed for. */
  takeComposition({ placements, start }: Composition, most = placements.length) {
    if (start && this.placements.length === 0) {
      const floor = { ...this.score!.floor, ...this.routine.floor, start };
      this.#toChoose = { index: most - 1, round: 1 };
      this.change({ ...this.routine, floor, placements: placements.slice(0, most) });
    } else this.insert(placements.slice(0, most));
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
    this.#bridges = (await this.#find(async (routine, after) => required(await api.POST('/api/bridges', { body: { routine, after, most } })))) ?? this.#bridges;
  }

  /** What could be danced if the way were blocked after the chosen place. */
  async askDetours() {
    this.#detours = (await this.#find(async (routine, after) => required(await api.POST('/api/detours', { body: { routine, after } })))) ?? this.#detours;
  }

  /** Keeps ways round with the routine, beside the placement after which they begin. */
  keepEscapes(detours: Detour[]) {
    const escapes = detours.map(({ kind, sentence, placements, rejoins }) => ({ kind, sentence, placements, later: rejoins - this.selected }));
    this.#amend((old) => ({ ...old, escapes: escapes.length > 0 ? escapes : undefined }));
  }

  /** Takes over placements that a plan has worked out, in one step. */
  takePlan(placements: Placement[]) {
    this.#change(placements, this.#at);
  }

  async tryLoop() {
    try {
      await this.settled;
      const { routine } = this;
      const loop = required(await api.POST('/api/loops', { body: routine }));
      if (danceTheSame(routine, this.routine)) this.loop = loop;
    } catch (thrown) {
      this.fail(thrown);
    }
  }

  /** What would mend the seam after the chosen figure, unless it holds. */
  async askRepairs() {
    if (this.seamAfter(this.selected)?.verdict.outcome === 'holds') return;
    this.#repairs = (await this.#find(async (routine, after) => required(await api.POST('/api/repairs', { body: { routine, after } })))) ?? this.#repairs;
  }

  /** Asks for something about the chosen passage, once it is known where that lies; nothing if meanwhile another is looked at. */
  async #find<T>(ask: (routine: Routine, passage: number) => Promise<T>): Promise<Found<T> | undefined> {
    await this.settled;
    const { routine, selected: passage, direction } = this;
    try {
      const offer = { routine, passage, direction, found: await ask(titled(routine), passage) };
      return this.#current(offer) === undefined ? undefined : offer;
    } catch (thrown) {
      this.fail(thrown);
      return undefined;
    }
  }

  /** Takes the chosen figure out, and has done so when the score is there. A corner after it is then turned after the figure before. */
  async remove() {
    const { index, round } = this.#at;
    const gone = this.placements[index];
    if (!gone) return;
    const title = this.score?.placements[this.selected]?.title ?? msg.it();
    const heir = this.placements[index - 1];
    const left = this.#without(index);
    const passes = gone.cornerAfter === true && heir !== undefined && !heir.cornerAfter;
    this.#change(passes ? left.with(index - 1, { ...heir, cornerAfter: true }) : left, { index: Math.max(0, index - 1), round });
    if (passes) this.saySo(msg.theCornerAfterIsNow({ title, index: this.#titleBefore(index) }));
    else if (gone.cornerAfter) this.saySo(heir ? msg.cornerGoneTaken({ title, before: this.#titleBefore(index) }) : msg.cornerGoneFirst({ title }));
    await this.#latest.settled;
  }

  /** Puts another figure in the place of the chosen one; corner, highlight, note and section stay. */
  replace(following: Following) {
    this.#amend((old) => ({
      ...following.placement,
      cornerAfter: old.cornerAfter,
      highlight: old.highlight,
      note: old.note,
      section: old.section,
      rounds: old.rounds,
    }));
  }

  #titleBefore(index: number): string {
    return this.score?.placements.findLast((passage) => passage.index === index - 1)?.title ?? msg.theFigureBefore();
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

  /** Changes the hall's length or width. Where the couple begin stays, unless a wall is there now. */
  resizeFloor(size: Partial<Pick<Floor, 'length' | 'width'>>) {
    const floor = { ...this.score!.floor, ...this.routine.floor, ...size };
    const start = floor.start ?? this.score!.floor.start ?? { x: 0, y: 0 };
    const within = { x: Math.min(start.x, floor.length), y: Math.min(start.y, floor.width) };
    this.standOn({ ...floor, start: within });
    if (within.x !== start.x || within.y !== start.y) {
      this.saySo(msg.theCoupleStartedMFrom({ x: start.x, y: start.y, x2: within.x, y2: within.y }));
    }
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

  /** While a note is being typed; {@link accept} makes a step of it. */
  typeNote(note: string) {
    const { index } = this.#at;
    const old = this.placements[index];
    if (old) this.amend({ ...this.routine, placements: this.placements.with(index, { ...old, note }) });
  }

  bind(conditions: Partial<Pick<Routine, 'syllabus' | 'level' | 'kind'>>) {
    this.change({ ...this.routine, ...conditions });
  }

  async archive(archived: boolean) {
    this.change({ ...this.routine, archived });
    await this.keep();
  }

  /** Brings an older version back as the present work; undo takes it away again. */
  restore(version: Routine) {
    this.change({ ...version, id: this.routine.id });
  }

  /** While the title is being typed; {@link accept} makes a step of it. */
  typeTitle(title: string) {
    this.amend({ ...this.routine, title });
  }

  /** Dances to a piece from one of its bars on, or to none. */
  layOn(piece: string, from = 1) {
    this.change({ ...this.routine, music: piece === '' ? undefined : { piece, from } });
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
    void this.#latest.ask(this.routine).then(() => this.#askNext());
  }

  async #read(routine: Routine) {
    try {
      this.#take(routine, required(await api.POST('/api/scores', { body: titled(routine) })));
      this.failure = undefined;
    } catch (thrown) {
      this.fail(thrown);
    }
  }

  #take(routine: Routine, score: Score) {
    this.score = score;
    this.#scored = routine.placements;
    this.#choose(score);
  }

  /** What is chosen while the score is behind the routine stays chosen when the score is there. */
  #chooseLater() {
    const passage = this.score?.placements[this.selected];
    const meant = passage && this.#scored[passage.index];
    const index = meant ? this.placements.indexOf(meant) : -1;
    if (this.#toChoose && passage && index >= 0) this.#toChoose = { index, round: passage.round };
  }

  /** Chooses the passage that was meant before the score was there. */
  #choose({ placements }: Score) {
    const wanted = this.#toChoose;
    const exact = placements.findIndex(({ index, round }) => index === wanted?.index && round === wanted.round);
    const other = placements.findIndex(({ index }) => index === wanted?.index);
    if (wanted) this.selected = exact >= 0 ? exact : other;
    if (!this.#latest.isBehind) this.#toChoose = undefined;
    this.selected = Math.max(0, Math.min(this.selected, placements.length - 1));
  }

  #askNext(): Promise<void> {
    if (this.direction === 'next') void this.#going.ask(true);
    return this.#following.ask(true);
  }

  async #readNext() {
    this.#next = (await this.#find((routine, passage) => this.#beside(routine, passage))) ?? this.#next;
  }

  async #readAmalgamations() {
    const found = await this.#find(async (routine, passage) =>
      required(await api.POST('/api/next-amalgamations', { body: { routine, after: routine.placements.length === 0 ? -1 : passage } })),
    );
    this.#amalgamations = found ?? this.#amalgamations;
  }

  async #beside(routine: Routine, passage: number): Promise<NextFigures> {
    const isFirst = this.direction === 'instead' && passage === 0;
    if (this.chosen === undefined || isFirst) {
      const figures = required(await api.GET('/api/figures', { params: { query: { dance: routine.dance } } }));
      return {
        may: figures.map(({ id, title, level }) => ({ placement: { figure: id }, title, way: '', level, beats: 0, outcome: 'holds', reason: '' })),
        mayNot: [],
      };
    }
    const question = { body: { routine, after: this.direction === 'instead' ? passage - 1 : passage } };
    return required(await (this.direction === 'before' ? api.POST('/api/previous', question) : api.POST('/api/next', question)));
  }
}
