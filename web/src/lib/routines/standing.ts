import msg from '$lib/messages/routines';
import type { Collision, RoomReport } from '$lib/api/client';

/** What is hit on the floor the routine is held against; nothing while that is not known. */
export function hitsOf(report: RoomReport | undefined): Collision[] {
  return report?.collisions ?? [];
}

/** How a routine stands: the seams that break, the walls and obstacles that are hit, and the figures whose charts do not add up. */
export interface Standing {
  good: boolean;
  words: string;
}

export function standingOf(broken: number, hits: Collision[], unsound: string[]): Standing {
  const walls = hits.filter(({ wall }) => wall).length;
  const obstacles = hits.length - walls;
  const seams = msg.seamsThatBreak({ seams: broken });
  const struck = [walls > 0 && msg.wallsHit({ walls }), obstacles > 0 && msg.obstaclesHit({ obstacles })].filter(Boolean).join(', ');
  const joined = struck === '' ? seams : broken === 0 ? msg.standsBut({ seams, struck }) : msg.standsAnd({ seams, struck });
  const whole = unsound.length === 0 ? joined : msg.standsUnsound({ joined, figures: unsound.length });
  return { good: broken === 0 && hits.length === 0 && unsound.length === 0, words: whole };
}
