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
  const seams = broken === 0 ? 'every seam can be danced' : `${broken} ${broken === 1 ? 'seam breaks' : 'seams break'}`;
  const struck = [walls > 0 && `a wall is hit ${times(walls)}`, obstacles > 0 && `an obstacle ${walls > 0 ? '' : 'is hit '}${times(obstacles)}`].filter(Boolean).join(', ');
  const joined = struck === '' ? seams : `${seams}${broken === 0 ? ', but ' : ', and '}${struck}`;
  return { good: broken === 0 && hits.length === 0, words: joined };
}

function times(count: number) {
  return count === 1 ? 'once' : count === 2 ? 'twice' : `${count} times`;
}
