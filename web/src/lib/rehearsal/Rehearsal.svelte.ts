import { api, required, sentenceOf, type Part, type Routine, type Score, type ScoreStep, type SoundTrack, type TrackQuestion } from '$lib/api/client';
import { distinct } from '$lib/ui/distinct';
import { flushSync } from 'svelte';
import { OwnMusic } from './OwnMusic.svelte';
import { rememberedOptions, rememberOptions, type Options } from './options';
import { SLOWEST, SLOWEST_HEARD } from './tempo';
import { TrackPlayer } from './TrackPlayer';

/** How loud the accompaniment is beside the clicks and the voice. */
const BAND = 0.7;
/** A ladder that would begin at its top begins so many rungs lower. */
const RUNGS = 6;
interface Bars {
  first: number;
  last: number;
}

/** Beats nearer than this are the same. */
const SAME = 1e-6;

/** A routine being rehearsed: where the dancers are, what is heard, and which stretch is danced again and again. */
export class Rehearsal {
  /** Where the dancers are, beats from the start of the routine; in the count-in before the stretch. */
  beat = $state(0);
  playing = $state(false);
  /** How many times the stretch has been danced since it was started. */
  round = $state(0);
  options = $state<Options>()!;
  /** First and last passage of what is danced. */
  first = $state(0);
  last = $state(0);
  /** The bars that are danced, from 1, where the stretch was said in bars: it may begin and end within a figure. */
  #bars = $state.raw<Bars>();
  failure = $state<string>();
  track = $state.raw<SoundTrack>();
  readonly music = new OwnMusic();
  #player: TrackPlayer | undefined;
  #frame = 0;
  #wanted = '';
  #ready = Promise.resolve();
  #steps: Record<Part, ScoreStep[]>;

  constructor(
    readonly routine: Routine,
    readonly score: Score,
    /** How it is rehearsed where that is said beforehand, by an exercise; otherwise as it was last, which is remembered. */
    private readonly stated?: Partial<Options>,
  ) {
    this.options = { ...rememberedOptions(), ...stated };
    this.last = Math.max(0, score.placements.length - 1);
    this.#steps = { man: score.steps.filter((step) => step.part === 'man'), lady: score.steps.filter((step) => step.part === 'lady') };
  }

  get from(): number {
    if (this.#bars) return Math.max(0, this.#lineBefore(this.#bars.first));
    return this.score.placements[this.first]?.onset ?? 0;
  }

  get to(): number {
    if (this.#bars) return Math.min(this.score.beats, this.#lineBefore(this.#bars.last + 1));
    const placement = this.score.placements[this.last];
    return placement ? placement.onset + placement.beats : this.score.beats;
  }

  /** The beat of the routine on which a bar begins; before its start where a dance begins within its first bar. */
  #lineBefore(bar: number): number {
    return (bar - 1) * this.score.beatsPerBar - this.score.firstBeat;
  }

  #barAt(beat: number): number {
    return Math.floor((beat + this.score.firstBeat) / this.score.beatsPerBar + SAME) + 1;
  }

  /** How many bars the routine has; one that is begun counts. */
  get barCount(): number {
    return this.#barAt(Math.max(0, this.score.beats - 2 * SAME * this.score.beatsPerBar));
  }

  /** The bars in which the stretch begins and ends. */
  get bars(): Bars {
    return this.#bars ?? { first: this.#barAt(this.from), last: this.#barAt(Math.max(this.from, this.to - 2 * SAME * this.score.beatsPerBar)) };
  }

  /** Dances from the beginning of one bar to the end of another, wherever figures begin and end. */
  chooseBars(first: number, last: number) {
    const within = (bar: number) => Math.max(1, Math.min(bar, this.barCount));
    const bars = { first: within(Math.min(first, last)), last: within(Math.max(first, last)) };
    const at = (beat: number) => this.score.placements.findLastIndex(({ onset }) => onset <= beat + SAME);
    this.first = Math.max(0, at(Math.max(0, this.#lineBefore(bars.first))));
    this.last = Math.max(this.first, at(this.#lineBefore(bars.last + 1) - 2 * SAME));
    this.#bars = bars;
    this.#begin();
  }

  /** Per cent of the tempo, with what the ladder has added. */
  percentIn(round: number): number {
    const { percent, ladder, ladderStep, ladderEvery, ladderTarget } = this.options;
    if (!ladder || percent >= ladderTarget) return percent;
    return Math.min(ladderTarget, percent + ladderStep * Math.floor(round / Math.max(1, ladderEvery)));
  }

  get percentNow(): number {
    return this.percentIn(this.round);
  }

  get silent(): boolean {
    return this.percentNow < SLOWEST_HEARD;
  }

  /** The words of the count as they are shown, in beats of the routine. */
  words = $derived<{ at: number; text: string }[]>(this.track?.words.map(({ at, text }) => ({ at: at + this.from, text })) ?? []);

  #word = $derived(lastAt(this.words, (word) => word.at, this.beat));
  #man = $derived(lastAt(this.steps('man'), (step) => step.onset, this.beat));
  #lady = $derived(lastAt(this.steps('lady'), (step) => step.onset, this.beat));

  /** What is counted now. */
  get word(): string | undefined {
    return this.words[this.#word]?.text;
  }

  steps(part: Part): ScoreStep[] {
    return this.#steps[part];
  }

  /** Which of its steps a part is on, from 0; −1 before the first. */
  index(part: Part): number {
    return part === 'man' ? this.#man : this.#lady;
  }

  current(part: Part): ScoreStep | undefined {
    return this.steps(part)[this.index(part)];
  }

  following(part: Part): ScoreStep | undefined {
    return this.steps(part)[this.index(part) + 1];
  }

  /** The seam that is being danced over and breaks, if it does. */
  get brokenSeam() {
    const placement = this.current('man')?.placement ?? 0;
    return this.score.seams.find((seam) => seam.after === placement - 1 && seam.verdict.outcome === 'breaks');
  }

  set(change: Partial<Options>) {
    const before = this.percentNow;
    this.options = { ...this.options, ...change };
    const { ladder, percent, ladderTarget, ladderStep } = this.options;
    if (change.ladder && ladder && percent >= ladderTarget) this.options = { ...this.options, percent: Math.max(SLOWEST, ladderTarget - RUNGS * ladderStep) };
    if (!this.stated) rememberOptions(this.options);
    if (this.percentNow !== before) {
      this.#player?.retime();
      this.music.setPercent(this.percentNow);
    }
    void this.prepare();
  }

  /** Dances from one passage to another. */
  choose(first: number, last: number) {
    this.first = Math.max(0, Math.min(first, last));
    this.last = Math.min(this.score.placements.length - 1, Math.max(first, last));
    this.#bars = undefined;
    this.#begin();
  }

  #begin() {
    const restarts = this.playing;
    this.pause();
    this.beat = this.from;
    void this.prepare().then(() => (restarts ? this.play() : undefined));
  }

  /** Dances the part after the one that is danced, the first after the last. */
  nextPart() {
    const { parts } = this.score;
    const now = parts.findIndex((part) => part.first === this.first && part.last === this.last);
    const next = parts[(now + 1) % Math.max(1, parts.length)];
    if (next) this.choose(next.first, next.last);
  }

  /** Gets ready what is to be heard; who asks while it is being got ready waits for the same. */
  prepare(): Promise<void> {
    if (this.score.beats === 0) return Promise.resolve();
    const question = this.#question;
    const wanted = JSON.stringify({ ...question, routine: undefined });
    if (wanted !== this.#wanted) {
      this.#wanted = wanted;
      this.#ready = this.#fetch(question, wanted);
    }
    return this.#ready;
  }

  async #fetch(question: TrackQuestion, wanted: string) {
    try {
      const track = required(await api.POST('/api/tracks', { body: question }));
      if (wanted !== this.#wanted) return this.#ready;
      await this.#player?.load(track);
      this.track = track;
      this.failure = undefined;
    } catch (thrown) {
      if (wanted === this.#wanted) this.#wanted = '';
      this.failure = sentenceOf(thrown);
    }
  }

  get #question(): TrackQuestion {
    const { countInBars, counted, counting, clicks, voice, music } = this.options;
    return {
      routine: this.routine,
      from: this.from,
      to: this.to,
      countInBars,
      counted,
      counting,
      clicks: clicks ? 1 : 0,
      voice: voice ? 1 : 0,
      music: music ? BAND : 0,
    };
  }

  /** The same as a file at the tempo that is set. */
  get fileQuestion(): TrackQuestion {
    return { ...this.#question, percent: this.options.percent };
  }

  toggle() {
    if (this.playing) this.pause();
    else void this.play();
  }

  async play() {
    if (this.score.beats === 0 || this.playing) return;
    await this.prepare();
    const track = this.track;
    if (!track) return;
    const atStart = this.beat <= this.from + SAME || this.beat >= this.to - SAME;
    this.playing = true;
    this.round = 0;
    try {
      if (this.music.ready) {
        await this.music.play(atStart ? this.from : this.beat, this.percentNow);
      } else {
        this.#player ??= this.#newPlayer();
        await this.#player.load(track);
        await this.#player.start(atStart ? -track.countIn : this.beat - this.from);
      }
    } catch (thrown) {
      this.playing = false;
      this.failure = sentenceOf(thrown);
      return;
    }
    this.#frame = requestAnimationFrame(this.#draw);
  }

  pause() {
    cancelAnimationFrame(this.#frame);
    this.#player?.stop();
    this.music.pause();
    this.playing = false;
    this.beat = Math.max(this.from, Math.min(this.beat, this.to));
  }

  /** To a beat of the routine; dancing goes on from there. */
  go(beat: number) {
    const goesOn = this.playing;
    this.pause();
    this.beat = Math.max(this.from, Math.min(beat, this.to));
    if (goesOn) void this.play();
  }

  /** To the next or the previous step of the part that is counted, or of either. */
  step(by: -1 | 1) {
    this.pause();
    const shown = this.options.shown;
    const onsets = shown === 'both' ? distinct(this.score.steps.map((step) => step.onset)) : this.steps(shown).map((step) => step.onset);
    const onset = by > 0 ? onsets.find((at) => at > this.beat + SAME) : onsets.findLast((at) => at < this.beat - SAME);
    if (onset !== undefined) this.beat = onset;
  }

  async close() {
    this.pause();
    this.music.close();
    await this.#player?.close();
    this.#player = undefined;
  }

  #newPlayer() {
    return new TrackPlayer({
      slower: (round) => 100 / this.percentIn(round),
      isHeard: (round) => this.percentIn(round) >= SLOWEST_HEARD,
      rest: () => (this.options.loops ? this.options.restBars * this.score.beatsPerBar * this.#secondsPerBeat(this.round) : undefined),
    });
  }

  #secondsPerBeat(round: number): number {
    return (60 / (this.score.tempo * this.score.beatsPerBar)) * (100 / this.percentIn(round));
  }

  #draw = () => {
    const goesOn = this.music.ready ? this.#followMusic() : this.#followTrack();
    flushSync();
    if (goesOn) this.#frame = requestAnimationFrame(this.#draw);
  };

  #followTrack(): boolean {
    const now = this.#player?.now();
    if (!now) {
      this.pause();
      this.beat = this.to;
      return false;
    }
    this.beat = this.from + now.beat;
    this.round = now.round;
    return true;
  }

  #followMusic(): boolean {
    const beat = this.music.beat();
    if (beat < this.to && !this.music.ended) {
      this.beat = Math.max(this.from - 1, beat);
      return true;
    }
    if (this.options.loops) {
      this.round += 1;
      void this.music.play(this.from, this.percentNow);
      this.beat = this.from;
      return true;
    }
    this.pause();
    return false;
  }
}

/** The index of the last that begins no later than a beat, in the order of time; −1 if none does. */
function lastAt<T>(things: T[], at: (thing: T) => number, beat: number): number {
  let low = 0;
  let high = things.length;
  while (low < high) {
    const middle = (low + high) >> 1;
    if (at(things[middle]!) <= beat + SAME) low = middle + 1;
    else high = middle;
  }
  return low - 1;
}
