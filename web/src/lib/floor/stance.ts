import type { PlaceOnFloor, Stance } from '$lib/api/client';

/** When a dancer reaches a stance, in beats. */
export interface TimedStance {
  onset: number;
  stance: Stance;
}

/** How long before its onset a step begins, at most, in beats. */
const LONGEST_STEP = 0.75;

function eased(share: number) {
  return (1 - Math.cos(Math.PI * Math.min(1, Math.max(0, share)))) / 2;
}

function blendDegrees(from: number, to: number, share: number) {
  const turn = ((((to - from) % 360) + 540) % 360) - 180;
  return from + turn * share;
}

function blendPlace(from: PlaceOnFloor, to: PlaceOnFloor, share: number): PlaceOnFloor {
  return {
    x: from.x + (to.x - from.x) * share,
    y: from.y + (to.y - from.y) * share,
    degrees: blendDegrees(from.degrees, to.degrees, share),
  };
}

function blend(from: Stance, to: Stance, share: number): Stance {
  return {
    body: blendPlace(from.body, to.body, share),
    left: blendPlace(from.left, to.left, share),
    right: blendPlace(from.right, to.right, share),
  };
}

/** Where a dancer is at a beat: on the way to the next stance shortly before its onset, else standing in the last one. */
export function stanceAt(start: Stance, steps: TimedStance[], beat: number): Stance {
  let from = start;
  let reached = -LONGEST_STEP;
  for (const { onset, stance } of steps) {
    if (onset > beat) {
      const begins = Math.max(reached, onset - LONGEST_STEP);
      return beat <= begins ? from : blend(from, stance, eased((beat - begins) / (onset - begins)));
    }
    from = stance;
    reached = onset;
  }
  return from;
}
