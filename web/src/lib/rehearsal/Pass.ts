/** A piece of dancing at one tempo: from a beat of the stretch to its end, beginning at a time of the audio clock. */
export interface Pass {
  at: number;
  beat: number;
  end: number;
  secondsPerBeat: number;
  /** How many times the stretch has been danced before. */
  round: number;
}

export function beatIn(pass: Pass, time: number): number {
  return Math.min(pass.end, pass.beat + (time - pass.at) / pass.secondsPerBeat);
}

export function timeIn(pass: Pass, beat: number): number {
  return pass.at + (beat - pass.beat) * pass.secondsPerBeat;
}

/** When the pass is over. */
export function overAt(pass: Pass): number {
  return timeIn(pass, pass.end);
}
