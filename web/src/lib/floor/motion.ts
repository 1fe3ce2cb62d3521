import type { DancerMotion, PlaceCurve, PlaceOnFloor } from '$lib/api/client';

/** One dancer at one moment: places, the share of the weight on the left foot and how far risen, both from 0 to 1. */
export interface Pose {
  body: PlaceOnFloor;
  left: PlaceOnFloor;
  right: PlaceOnFloor;
  weight: number;
  height: number;
}

/** Numbers to each key of a curve: the beat, the value, and how fast it changes there. */
const KEY = 3;

/** The value of a curve at a beat. */
export function valueAt(keys: readonly number[], beat: number): number {
  const last = keys.length - KEY;
  if (beat <= keys[0]!) return keys[1]!;
  if (beat >= keys[last]!) return keys[last + 1]!;
  let low = 0;
  let high = last / KEY;
  while (high - low > 1) {
    const middle = (low + high) >> 1;
    if (keys[middle * KEY]! <= beat) low = middle;
    else high = middle;
  }
  const from = low * KEY;
  const to = from + KEY;
  const span = keys[to]! - keys[from]!;
  const share = (beat - keys[from]!) / span;
  const left = 1 - share;
  return (
    keys[from + 1]! * (1 + 2 * share) * left * left +
    keys[from + 2]! * span * share * left * left +
    keys[to + 1]! * share * share * (3 - 2 * share) -
    keys[to + 2]! * span * share * share * left
  );
}

function placeAt(curve: PlaceCurve, beat: number): PlaceOnFloor {
  return { x: valueAt(curve.x, beat), y: valueAt(curve.y, beat), degrees: valueAt(curve.degrees, beat) };
}

export function poseAt(motion: DancerMotion, beat: number): Pose {
  return {
    body: placeAt(motion.body, beat),
    left: placeAt(motion.left, beat),
    right: placeAt(motion.right, beat),
    weight: valueAt(motion.weight, beat),
    height: valueAt(motion.height, beat),
  };
}
