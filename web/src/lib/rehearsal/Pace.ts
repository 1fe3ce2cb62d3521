/** When a beat is heard, seconds from the start of a stretch, at the tempo of its piece. */
export interface PacePoint {
  at: number;
  seconds: number;
}

/** How fast a stretch goes: between two points evenly, and before the first and after the last as fast as there. */
export class Pace {
  /** @param factor how many times slower than the tempo */
  constructor(
    private readonly points: PacePoint[],
    private readonly factor: number,
  ) {}

  secondsAt(beat: number): number {
    const [from, to] = this.#around((point) => point.at <= beat);
    return this.factor * (from.seconds + ((beat - from.at) * (to.seconds - from.seconds)) / (to.at - from.at));
  }

  beatAt(seconds: number): number {
    const wanted = seconds / this.factor;
    const [from, to] = this.#around((point) => point.seconds <= wanted);
    return from.at + ((wanted - from.seconds) * (to.at - from.at)) / (to.seconds - from.seconds);
  }

  #around(isBefore: (point: PacePoint) => boolean): [PacePoint, PacePoint] {
    const last = this.points.length - 2;
    const index = Math.max(0, Math.min(last, this.points.findLastIndex(isBefore)));
    return [this.points[index]!, this.points[index + 1]!];
  }
}
