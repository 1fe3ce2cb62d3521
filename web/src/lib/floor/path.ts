import type { Motion, PlaceOnFloor, Score } from '$lib/api/client';
import { curveCatmullRom, line } from 'd3-shape';
import { poseAt } from './motion';

/** Beats between two points of the path. */
const PIECE = 0.25;

/** The couple's way through one placement. */
export interface Stretch {
  path: string;
  side: number;
  section: number;
}

const draw = line<Pick<PlaceOnFloor, 'x' | 'y'>>(
  (place) => place.x,
  (place) => place.y,
).curve(curveCatmullRom);

/** The middle of the couple at a beat. */
export function centreAt(motion: Motion, beat: number) {
  const man = poseAt(motion.man, beat).body;
  const lady = poseAt(motion.lady, beat).body;
  return { x: (man.x + lady.x) / 2, y: (man.y + lady.y) / 2 };
}

/** The couple's way, placement by placement; sections are numbered from 0 in the order they begin. */
export function stretchesOf(score: Score, sectionOf: (placement: number) => number): Stretch[] {
  const motion = score.motion;
  if (!motion) return [];
  return score.placements.map((placement, index) => {
    const points = [];
    const end = placement.onset + placement.beats;
    for (let beat = placement.onset; beat < end; beat += PIECE) points.push(centreAt(motion, beat));
    points.push(centreAt(motion, end));
    return { path: draw(points) ?? '', side: placement.side, section: sectionOf(index) };
  });
}
