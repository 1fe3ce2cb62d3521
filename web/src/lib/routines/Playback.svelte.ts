import type { Part, Score, ScoreStep } from '$lib/api/client';
import { distinct } from '$lib/ui/distinct';

/** Where in a routine the couple are, in beats; runs by itself while playing. */
export class Playback {
  beat = $state(0);
  playing = $state(false);
  #frame = 0;
  #score: () => Score | undefined;

  constructor(score: () => Score | undefined) {
    this.#score = score;
  }

  /** The step each part is on, if it has begun. */
  current(part: Part): ScoreStep | undefined {
    return this.#score()?.steps.findLast((step) => step.part === part && step.onset <= this.beat + 1e-6);
  }

  get onsets(): number[] {
    return distinct(this.#score()?.steps.map((step) => step.onset) ?? []);
  }

  toggle() {
    if (this.playing) this.pause();
    else this.play();
  }

  play() {
    const score = this.#score();
    if (!score || score.beats === 0) return;
    if (this.beat >= score.beats) this.beat = 0;
    this.playing = true;
    const beatsPerSecond = (score.tempo * score.beatsPerBar) / 60;
    let before = performance.now();
    const advance = (now: number) => {
      this.beat = Math.min(this.beat + ((now - before) / 1000) * beatsPerSecond, score.beats);
      before = now;
      if (this.beat >= score.beats) this.playing = false;
      else this.#frame = requestAnimationFrame(advance);
    };
    this.#frame = requestAnimationFrame(advance);
  }

  pause() {
    cancelAnimationFrame(this.#frame);
    this.playing = false;
  }

  go(beat: number) {
    this.beat = Math.max(0, Math.min(beat, this.#score()?.beats ?? 0));
  }

  /** To the next or the previous onset. */
  step(by: -1 | 1) {
    this.pause();
    const onsets = this.onsets;
    const onset = by > 0 ? onsets.find((at) => at > this.beat + 1e-6) : onsets.findLast((at) => at < this.beat - 1e-6);
    if (onset !== undefined) this.beat = onset;
  }
}
