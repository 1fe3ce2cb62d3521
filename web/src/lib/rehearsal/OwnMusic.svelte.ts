import msg from '$lib/messages/rehearsal';
import { api, required, sentenceOf } from '$lib/api/client';
import { Latest } from '$lib/ui/Latest';
import { SteadyTime } from './SteadyTime';
import { SLOWEST_HEARD } from './tempo';

/** No browser plays slower than this. */
const SLOWEST_RATE = 0.0625;
/** Fewer taps than this say no tempo. */
const FEWEST_TAPS = 4;

/** The coach's own music, played from this computer; it is sent nowhere. Its first beat and its tempo are tapped. */
export class OwnMusic {
  name = $state<string>();
  failure = $state<string>();
  /** Seconds into the piece at which the dancing begins. */
  firstBeat = $state(0);
  beatsPerMinute = $state(0);
  taps = $state<number[]>([]);
  #audio = new Audio();
  #url: string | undefined;
  #steady = new SteadyTime();
  #latest = new Latest<number[]>((seconds) => this.#estimate(seconds));

  get ready(): boolean {
    return this.name !== undefined && this.beatsPerMinute > 0;
  }

  /** Opens a file; if it is no music, what was open before stays. */
  async open(file: File) {
    const url = URL.createObjectURL(file);
    const audio = new Audio();
    audio.preservesPitch = true;
    audio.src = url;
    try {
      await new Promise<void>((resolve, reject) => {
        audio.onloadedmetadata = () => resolve();
        audio.onerror = () => reject(new Error('no music'));
      });
    } catch {
      URL.revokeObjectURL(url);
      this.failure = msg.isNotMusicThisBrowser({ name: file.name });
      return;
    }
    this.close();
    this.#audio = audio;
    this.#url = url;
    this.name = file.name;
  }

  /** Gives the file back; the picture follows the program's own track again. */
  close() {
    this.#audio.pause();
    if (this.#url) URL.revokeObjectURL(this.#url);
    this.#url = undefined;
    this.name = undefined;
    this.failure = undefined;
    this.taps = [];
    this.beatsPerMinute = 0;
    this.firstBeat = 0;
  }

  async play(beat: number, percent: number) {
    this.#audio.currentTime = Math.max(0, this.#timeOf(beat));
    this.setPercent(percent);
    this.#steady = new SteadyTime();
    await this.#audio.play();
  }

  pause() {
    this.#audio.pause();
  }

  /** How fast, of the piece's own tempo. */
  setPercent(percent: number) {
    this.#audio.playbackRate = Math.max(SLOWEST_RATE, percent / 100);
    this.#audio.muted = percent < SLOWEST_HEARD;
  }

  get ended(): boolean {
    return this.#audio.ended;
  }

  /** The beat of the dancing that is heard now. */
  beat(): number {
    const time = this.#steady.look(this.#audio.currentTime, performance.now() / 1000, this.#audio.paused ? 0 : this.#audio.playbackRate);
    return ((time - this.firstBeat) * this.beatsPerMinute) / 60;
  }

  /** Plays the piece from its start, to be tapped along with. */
  async listen() {
    this.taps = [];
    this.#audio.currentTime = 0;
    this.setPercent(100);
    await this.#audio.play();
  }

  /** One beat is tapped: the first is the first beat of the dancing, and all together are the tempo. */
  tap() {
    if (this.#audio.paused) return;
    this.taps = [...this.taps, this.#audio.currentTime];
    if (this.taps.length >= FEWEST_TAPS) void this.#latest.ask(this.taps);
  }

  async #estimate(seconds: number[]) {
    try {
      const estimate = required(await api.POST('/api/taps', { body: { seconds } }));
      this.beatsPerMinute = Math.round(600 / estimate.secondsPerTap) / 10;
      this.firstBeat = Math.round(estimate.first * 1000) / 1000;
      this.failure = undefined;
    } catch (thrown) {
      this.failure = sentenceOf(thrown);
    }
  }

  #timeOf(beat: number): number {
    return this.firstBeat + (beat * 60) / this.beatsPerMinute;
  }
}
