import type { Options } from './options';

/** How the floor lies in the picture: how far it is turned, in degrees to the right, and whether left and right are changed. */
export interface View {
  turned: number;
  mirrored: boolean;
}

/** With the wall of side 3 up nothing is turned: the wall of side 1 is below and its line of dance runs to the right. */
export function viewOf({ wallUp, mirrored }: Options): View {
  return { turned: ((wallUp - 3) * 90 + 360) % 360, mirrored };
}

/** Where a point of the floor, seen from a centre, lies in the picture: to the right and down, in metres. */
export function inPicture({ turned, mirrored }: View, x: number, y: number): { x: number; y: number } {
  const radians = (turned * Math.PI) / 180;
  const right = x * Math.cos(radians) + y * Math.sin(radians);
  const up = -x * Math.sin(radians) + y * Math.cos(radians);
  return { x: mirrored ? -right : right, y: -up };
}

/** The same as an SVG transform, for things drawn in metres with y up. */
export function transformOf({ turned, mirrored }: View, x: number, y: number): string {
  return `scale(${mirrored ? -1 : 1} -1) rotate(${-turned}) translate(${-x} ${-y})`;
}
