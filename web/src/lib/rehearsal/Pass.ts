import type { Pace } from './Pace';

/** A piece of dancing at one pace: from a beat of the stretch to its end, beginning at a time of the audio clock. */
export interface Pass {
  at: number;
  beat: number;
  end: number;
  pace: Pace;
  /** How many times the stretch has been danced before. */
  round: number;
}

export function beatIn(pass: Pass, time: number): number {
  return Math.min(pass.end, pass.pace.beatAt(pass.pace.secondsAt(pass.beat) + time - pass.at));
}

export function timeIn(pass: Pass, beat: number): number {
  return pass.at + pass.pace.secondsAt(beat) - pass.pace.secondsAt(pass.beat);
}

/** When the pass is over. */
export function overAt(pass: Pass): number {
  return timeIn(pass, pass.end);
}
