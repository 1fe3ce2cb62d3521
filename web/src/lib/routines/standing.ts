import msg from '$lib/messages/routines';
import type { Collision, RoomReport } from '$lib/api/client';

/** What is hit on the floor the routine is held against; nothing while that is not known. */
export function hitsOf(report: RoomReport | undefined): Collision[] {
  return report?.collisions ?? [];
}

/** How a routine stands: the seams that break, and the walls and obstacles that are hit. */
export interface Standing {
  good: boolean;
  words: string;
}

export function standingOf(broken: number, hits: Collision[]): Standing {
  const walls = hits.filter(({ wall }) => wall).length;
  const obstacles = hits.length - walls;
  const seams = msg.seamsThatBreak({ seams: broken });
  const struck = [walls > 0 && msg.wallsHit({ walls }), obstacles > 0 && msg.obstaclesHit({ obstacles })].filter(Boolean).join(', ');
  const joined = struck === '' ? seams : broken === 0 ? msg.standsBut({ seams, struck }) : msg.standsAnd({ seams, struck });
  return { good: broken === 0 && hits.length === 0, words: joined };
}
