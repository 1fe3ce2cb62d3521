import msg from '$lib/messages/routines';
import { api, Problem, required, sentenceOf, type Composition, type CompositionQuestion, type Compositions, type Progress } from '$lib/api/client';
import { sectionsOf, type StripSection } from '$lib/music/strip';
import { unique } from '$lib/ui/unique';
import type { RoutineDesk } from './RoutineDesk.svelte';

/** Milliseconds between two looks at how far a search is. */
const LOOK_EVERY = 400;

/** The bars in a text, counted from behind the first so many, or an error that names what is no bar of what follows them. */
function barsOf(text: string, first: number): number[] {
  const words = text.split(/[\s,;]+/).filter((word) => word !== '');
  const wrong = words.find((word) => !/^\d{1,3}$/.test(word));
  if (wrong !== undefined) throw new Problem(0, msg.isNotABarNumber({ wrong }));
  const early = words.find((word) => Number(word) <= first);
  if (early !== undefined) throw new Problem(0, msg.barIsAlreadyDancedThe({ early, first: first + 1 }));
  return words.map((word) => Number(word) - first);
}

export type Fullness = 'sparse' | 'full';
/** Behind the chosen figure, or at the end of its section: of the last time it is danced, or of one time more. */
export type Where = '' | 'last time' | 'once more';

/** How much energy is wanted over equal parts of it, from 1 to 5; nothing for the usual curve. */
export const ENERGIES = {
  usual: undefined,
  building: [2, 2, 3, 3, 4, 4, 5, 4],
  calm: [2, 2, 3, 2, 2, 3, 3, 2],
  bright: [3, 4, 4, 4, 5, 4, 5, 4],
} as const;
export type Energy = keyof typeof ENERGIES;

/** A stretch of the composition that may be sparse or full, in bars counted from its beginning. */
export interface Stretch {
  title: string;
  from: number;
  to: number;
}

/** What is asked of a composition, and what came of it. */
export class Composing {
  /** The bar of the routine it goes to. */
  toBar = $state(16);
  /** How many corners are turned; empty for as many as the way needs. */
  corners = $state<number | null>(null);
  where = $state<Where>('');
  /** How many bars are added to a section. */
  added = $state(4);
  bends = $state(false);
  meetsNext = $state(false);
  /** How often a figure may begin within four bars; once until more was allowed. */
  mostTimes = $state<number>();
  fitsRoom = $state(true);
  /** What a composition need not keep to. */
  lifted = $state<string[]>([]);
  /** Bars in words, as they are typed: "5, 13"; of the routine, or of what is added to a section. */
  hits = $state('');
  boundaries = $state('');
  #fullness = $state.raw<Record<number, Fullness>>({});
  #sections = $state.raw<StripSection[]>([]);
  /** How many points each soft wish counts, as the reasons of an answer are named; the usual ones until they are changed. */
  weights = $state<Record<string, number>>({});
  usualWeights = $state.raw<Record<string, number>>({});
  #wishes = $state.raw<Record<string, string>>({});

  energy = $state<Energy>('usual');
  /** The amalgamations that are to stay when the rest is composed anew, by id. */
  held = $state.raw<string[]>([]);
  #barred = $state.raw<string[]>([]);

  answer = $state.raw<Compositions>();
  failure = $state<string>();
  busy = $state(false);
  progress = $state.raw<Progress>();
  #run = '';

  constructor(private readonly desk: () => RoutineDesk) {
    void this.#weigh();
    void this.#hear();
  }

  /** The sections of the piece tell apart what may be sparse and full. */
  async #hear() {
    const piece = this.desk().routine.music?.piece;
    if (piece === undefined) return;
    try {
      this.#sections = sectionsOf(required(await api.GET('/api/pieces/{id}', { params: { path: { id: piece } } })));
    } catch (thrown) {
      this.failure = sentenceOf(thrown);
    }
  }

  /** Whole bars danced before the composition begins. */
  get #before(): number {
    const { score, selected, placements } = this.desk();
    const passage = score?.placements[selected];
    return score && passage && placements.length > 0 ? Math.floor((passage.onset + passage.beats) / score.beatsPerBar + 1e-6) : 0;
  }

  /** How many bars lie before bar 1 of the composition, as its bars are said. */
  get #first(): number {
    return this.where === '' ? this.#before : 0;
  }

  /** The sections of the music that the composition is danced to, or what lies between the bars with which a figure must begin. */
  get stretches(): Stretch[] {
    const bars = this.where === '' ? this.toBar - this.#before : this.added;
    if (bars < 1) return [];
    const heard = this.where === '' ? this.#heard(bars) : [];
    if (heard.length > 0) return heard;
    const starts = [
      1,
      ...this.#typedBoundaries
        .map((bar) => bar - this.#first)
        .filter((bar) => bar > 1 && bar <= bars)
        .toSorted((a, b) => a - b),
    ];
    return starts.map((from, index) => this.#stretch('', from, (starts[index + 1] ?? bars + 1) - 1));
  }

  #heard(bars: number): Stretch[] {
    const begins = this.#before + (this.desk().routine.music?.from ?? 1) - 1;
    return this.#sections
      .map(({ title, bar, bars: long }) => ({ title, from: Math.max(1, bar - begins), to: Math.min(bars, bar + long - 1 - begins) }))
      .filter(({ from, to }) => from <= to)
      .map(({ title, from, to }) => this.#stretch(title, from, to));
  }

  #stretch(title: string, from: number, to: number): Stretch {
    const words = from === to ? msg.bar({ value: this.#first + from }) : msg.bars({ value: this.#first + from, value2: this.#first + to });
    return { title: title === '' ? words : `${title}, ${words}`, from, to };
  }

  get #typedBoundaries(): number[] {
    return this.boundaries
      .split(/[\s,;]+/)
      .map(Number)
      .filter((bar) => Number.isInteger(bar));
  }

  fullnessFrom(bar: number): Fullness | '' {
    return this.#fullness[bar] ?? '';
  }

  fill(bar: number, fullness: Fullness | '') {
    const others = Object.entries(this.#fullness).filter(([from]) => Number(from) !== bar);
    this.#fullness = Object.fromEntries(fullness === '' ? others : [...others, [bar, fullness]]);
  }

  async #weigh() {
    try {
      this.usualWeights = required(await api.GET('/api/composing-weights'));
      this.weights = { ...this.usualWeights };
    } catch (thrown) {
      this.failure = sentenceOf(thrown);
    }
  }

  /** The figures that anything is wished of, with what. */
  get wishes(): [figure: string, wish: string][] {
    return Object.entries(this.#wishes);
  }

  /** Nothing wished leaves a figure free to come or not. */
  want(figure: string, wish: string) {
    const others = this.wishes.filter(([other]) => other !== figure);
    this.#wishes = Object.fromEntries(wish === '' ? others : [...others, [figure, wish]]);
  }

  /** An amalgamation that pleases stays while the rest is composed anew, until it is let go. */
  hold(amalgamation: string) {
    this.held = this.held.includes(amalgamation) ? this.held.filter((other) => other !== amalgamation) : [...this.held, amalgamation];
  }

  /** Composes the same with all its amalgamations but one. */
  async swap({ stages }: Composition, amalgamation: string) {
    const others = stages.map((stage) => stage.amalgamation).filter((other) => other !== undefined && other !== amalgamation);
    this.held = unique(others as string[]);
    this.#barred = unique([...this.#barred.filter((other) => !others.includes(other)), amalgamation]);
    await this.ask();
  }

  async ask() {
    const { routine, selected, placements, score } = this.desk();
    const passages = score?.placements.length ?? 0;
    this.busy = true;
    this.failure = undefined;
    this.#run = crypto.randomUUID();
    const watch = setInterval(() => void this.#look(), LOOK_EVERY);
    try {
      const body = {
        routine,
        after: placements.length === 0 ? undefined : selected,
        meetsNext: this.meetsNext && selected + 1 < passages,
        ...(this.where === '' ? { toBar: this.toBar } : { within: this.where, least: this.added, most: this.added }),
        fullness: this.stretches.flatMap(({ from, to }) => {
          const fullness = this.fullnessFrom(from);
          return fullness === '' ? [] : [{ from, to, fullness }];
        }),
        required: this.#wished('required'),
        forbidden: this.#wished('forbidden'),
        favourites: this.#wished('favourite'),
        bends: this.bends,
        mostTimes: this.mostTimes,
        corners: this.corners ?? undefined,
        lifted: this.lifted,
        highlights: this.#wished('highlight'),
        hits: barsOf(this.hits, this.#first),
        boundaries: barsOf(this.boundaries, this.#first),
        fitsRoom: this.fitsRoom,
        weights: this.weights,
        requiredAmalgamations: this.held,
        forbiddenAmalgamations: this.#barred.filter((each) => !this.held.includes(each)),
        energies: this.meetsNext ? undefined : ENERGIES[this.energy]?.slice(),
        run: this.#run,
      };
      this.answer = required(await api.POST('/api/compositions', { body }));
    } catch (thrown) {
      this.answer = undefined;
      this.failure = sentenceOf(thrown);
    } finally {
      clearInterval(watch);
      this.progress = undefined;
      this.busy = false;
    }
  }

  /** Asks what would have an answer, and shows in the fields what was given up. */
  async relax(question: CompositionQuestion) {
    const { routine, toBar, bends, corners, fitsRoom, lifted, meetsNext, required: wanted, forbidden } = question;
    this.toBar = toBar ?? this.toBar;
    this.bends = bends ?? false;
    this.corners = corners ?? null;
    this.fitsRoom = fitsRoom ?? true;
    this.lifted = lifted ?? [];
    this.meetsNext = meetsNext ?? false;
    this.mostTimes = question.mostTimes;
    this.boundaries = (question.boundaries ?? []).map((bar) => bar + this.#first).join(', ');
    const left = [...(wanted ?? []), ...(forbidden ?? [])];
    this.held = question.requiredAmalgamations ?? [];
    this.#wishes = Object.fromEntries(this.wishes.filter(([figure, wish]) => (wish !== 'required' && wish !== 'forbidden') || left.includes(figure)));
    const bound = this.desk().routine;
    if (bound.level !== routine.level || bound.syllabus !== routine.syllabus) this.desk().bind({ syllabus: routine.syllabus, level: routine.level });
    await this.ask();
  }

  /** Ends the search; what was found by then is the answer. */
  async stop() {
    try {
      await api.DELETE('/api/compositions/{run}', { params: { path: { run: this.#run } } });
    } catch (thrown) {
      this.failure = sentenceOf(thrown);
    }
  }

  /** A search may end before its progress is asked for; then there is nothing to show. Where the program does not answer, the search itself says so. */
  async #look() {
    const answer = await api.GET('/api/compositions/{run}', { params: { path: { run: this.#run } } }).catch(() => undefined);
    if (this.busy && answer?.data?.running) this.progress = answer.data;
  }

  #wished(wish: string) {
    return Object.keys(this.#wishes).filter((figure) => this.#wishes[figure] === wish);
  }
}
