import type { SoundTrack } from '$lib/api/client';
import { Pace } from './Pace';
import { beatIn, overAt, timeIn, type Pass } from './Pass';
import { SoundBank } from './SoundBank';
import { SteadyTime } from './SteadyTime';

/** How dancing goes on: at what tempo, and what comes after a pass. */
export interface Course {
  /** How many times slower than the tempo. */
  slower(round: number): number;
  /** Whether any of it is heard at that tempo. */
  isHeard(round: number): boolean;
  /** Seconds of rest before the next time; undefined if this was the last. */
  rest(): number | undefined;
}

/** How often sounds are put down for playing, and how far ahead, in seconds; a page in the background is looked at only once a second. */
const EVERY = 0.025;
const AHEAD = 0.2;
const AHEAD_IN_BACKGROUND = 2.5;
/** Time for the first sound to be got ready. */
const SOON = 0.06;

/** Plays a track on the audio clock, to the sample, and says at any moment which beat is heard. Beats are those of the stretch, before its start less than zero. */
export class TrackPlayer {
  #context = new AudioContext();
  #bank = new SoundBank(this.#context);
  #steady = new SteadyTime();
  #passes: Pass[] = [];
  #placed = 0;
  #sounding: { source: AudioBufferSourceNode; at: number }[] = [];
  #timer: number | undefined;
  #track: SoundTrack | undefined;
  #volume = this.#context.createGain();

  constructor(private readonly course: Course) {
    this.#volume.connect(this.#context.destination);
  }

  /** Makes ready; the track that plays goes on with its next pass. */
  async load(track: SoundTrack) {
    await this.#bank.load(track.cues.map((cue) => cue.sound));
    this.#track = track;
  }

  async start(beat: number) {
    if (!this.#track) return;
    await this.#context.resume();
    this.#silence(0);
    this.#steady = new SteadyTime();
    const round = 0;
    this.#passes = [{ at: this.#context.currentTime + SOON, beat, end: this.#track.beats, pace: this.#pace(round), round }];
    this.#placed = beat;
    this.#place();
    this.#timer ??= window.setInterval(() => this.#place(), EVERY * 1000);
  }

  stop() {
    window.clearInterval(this.#timer);
    this.#timer = undefined;
    this.#silence(0);
    this.#passes = [];
  }

  /** The tempo is another from now on: what has been put down but not yet heard is put down anew. */
  retime() {
    const time = this.#context.currentTime + SOON;
    const pass = this.#passAt(time);
    if (!pass) return;
    this.#silence(time);
    const now: Pass = { ...pass, at: Math.max(time, pass.at), beat: time < pass.at ? pass.beat : beatIn(pass, time), pace: this.#pace(pass.round) };
    this.#passes = [...this.#passes.filter((each) => each.at < now.at && each !== pass), ...(pass.at < now.at ? [pass] : []), now];
    this.#placed = now.beat;
    this.#place();
  }

  /** The beat that is heard now, and in which round; undefined once all is over. */
  now(): { beat: number; round: number } | undefined {
    const time = this.#steady.look(this.#context.currentTime - (this.#context.outputLatency || 0), performance.now() / 1000);
    const pass = this.#passAt(time) ?? this.#passes[0];
    const last = this.#passes.at(-1);
    if (!pass || !last) return undefined;
    if (time > overAt(last) && this.#isOver) return undefined;
    return { beat: time < pass.at ? pass.beat : beatIn(pass, time), round: pass.round };
  }

  async close() {
    this.stop();
    await this.#context.close();
  }

  #isOver = false;

  #pace(round: number): Pace {
    return new Pace(this.#track?.pace ?? [], this.course.slower(round));
  }

  /** The pass under way at a time: the last that has begun. */
  #passAt(time: number): Pass | undefined {
    return this.#passes.findLast((pass) => pass.at <= time) ?? this.#passes[0];
  }

  #place() {
    const track = this.#track;
    let pass = this.#passes.at(-1);
    if (!track || !pass) return;
    this.#isOver = false;
    const horizon = this.#context.currentTime + (document.hidden ? AHEAD_IN_BACKGROUND : AHEAD);
    for (;;) {
      const until = beatIn(pass, horizon);
      if (this.course.isHeard(pass.round)) this.#sound(track, pass, this.#placed, until);
      this.#placed = Math.max(this.#placed, until);
      if (until < pass.end || overAt(pass) > horizon) break;
      const rest = this.course.rest();
      if (rest === undefined) {
        this.#isOver = true;
        break;
      }
      const round: number = pass.round + 1;
      pass = { at: overAt(pass) + rest, beat: -track.countIn, end: track.beats, pace: this.#pace(round), round };
      this.#passes = [...this.#passes.slice(-2), pass];
      this.#placed = pass.beat;
      if (pass.at > horizon) break;
    }
  }

  #sound(track: SoundTrack, pass: Pass, from: number, until: number) {
    for (const cue of track.cues) {
      if (cue.at < from || cue.at >= until) continue;
      const buffer = this.#bank.get(cue.sound);
      if (!buffer) continue;
      const source = new AudioBufferSourceNode(this.#context, { buffer });
      const gain = new GainNode(this.#context, { gain: cue.gain });
      source.connect(gain).connect(this.#volume);
      const at = timeIn(pass, cue.at);
      source.start(at);
      this.#sounding.push({ source, at });
    }
    const past = this.#context.currentTime - 1;
    this.#sounding = this.#sounding.filter((each) => each.at > past);
  }

  /** What would begin at this time or later is not heard. */
  #silence(from: number) {
    for (const { source, at } of this.#sounding) if (at >= from) source.stop();
    this.#sounding = this.#sounding.filter((each) => each.at < from);
  }
}
