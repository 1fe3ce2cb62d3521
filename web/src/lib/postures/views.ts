import type { Body, Joint } from '$lib/api/client';

/** From where the two are seen. */
export type View = 'front' | 'side' | 'above';

/** A point of the picture, metres: to the right and down. */
export interface Seen {
  x: number;
  y: number;
}

/** Where a joint is seen: from behind his back looking his way, from his right, or from above with his back below. */
export function seen(view: View, joint: Joint): Seen {
  if (view === 'front') return { x: -joint.y, y: -joint.z };
  if (view === 'side') return { x: joint.x, y: -joint.z };
  return { x: -joint.y, y: -joint.x };
}

/** A line through joints. */
export function line(view: View, joints: Joint[]): string {
  return joints
    .map((joint) => seen(view, joint))
    .map(({ x, y }) => `${x.toFixed(3)},${y.toFixed(3)}`)
    .join(' ');
}

/** Everything of a body that is drawn. */
export function jointsOf(body: Body): Joint[] {
  return [...body.leftLeg, ...body.rightLeg, ...body.leftArm, ...body.rightArm, ...body.spine, body.head, body.nose];
}

/** The frame of a picture that holds both, with some air around them. */
export function frameOf(view: View, bodies: Body[]): { x: number; y: number; width: number; height: number } {
  const points = bodies.flatMap(jointsOf).map((joint) => seen(view, joint));
  const xs = points.map(({ x }) => x);
  const ys = points.map(({ y }) => y);
  const AIR = 0.14;
  const x = Math.min(...xs) - AIR;
  const y = Math.min(...ys) - AIR;
  return { x, y, width: Math.max(...xs) + AIR - x, height: Math.max(...ys) + AIR - y };
}
