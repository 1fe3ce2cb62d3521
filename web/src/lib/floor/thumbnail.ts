import type { FigurePath, FloorWay } from '$lib/api/client';
import { curveCatmullRom, line } from 'd3-shape';

/** Metres that a picture shows at least, so that what stays on its spot looks as if it did. */
const LEAST = { width: 3, height: 1.75 };
const MARGIN = 0.35;
/** Share of the picture's width. */
const DOT = 0.03;

interface Place {
  x: number;
  y: number;
}

const draw = line<Place>(
  (place) => place.x,
  (place) => place.y,
).curve(curveCatmullRom);

/** Metres up the room are drawn upwards. */
function placesOf(flat: number[]): Place[] {
  return Array.from({ length: flat.length / 2 }, (_, i) => ({ x: flat[2 * i]!, y: -flat[2 * i + 1]! }));
}

/** Both bodies' way through a figure as it is drawn small: the couple in the middle, the line of dance to the right, the wall below. */
export function thumbnailOf(path: FigurePath) {
  const man = placesOf(path.man);
  const lady = placesOf(path.lady);
  const all = [...man, ...lady];
  const [left, right] = [Math.min(...all.map(({ x }) => x)), Math.max(...all.map(({ x }) => x))];
  const [top, bottom] = [Math.min(...all.map(({ y }) => y)), Math.max(...all.map(({ y }) => y))];
  const width = Math.max(LEAST.width, right - left + 2 * MARGIN);
  const height = Math.max(LEAST.height, bottom - top + 2 * MARGIN);
  return {
    box: [(left + right - width) / 2, (top + bottom - height) / 2, width, height].join(' '),
    man: draw(man) ?? '',
    lady: draw(lady) ?? '',
    start: man[0]!,
    end: man[man.length - 1]!,
    dot: DOT * Math.max(width, (height * LEAST.width) / LEAST.height),
  };
}

/** A couple's way over their floor as it is drawn small: the first side of the room below. */
export function wayOf({ length, width, points }: FloorWay) {
  const places = placesOf(points);
  return {
    box: [-MARGIN, -width - MARGIN, length + 2 * MARGIN, width + 2 * MARGIN].join(' '),
    line: draw(places) ?? '',
    start: places[0],
    end: places.at(-1),
    dot: DOT * Math.max(length, (width * LEAST.width) / LEAST.height),
  };
}
