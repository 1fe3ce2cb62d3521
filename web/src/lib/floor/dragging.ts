interface Point {
  x: number;
  y: number;
}

/** Metres to which a thing that is dragged is placed. */
const RASTER = 0.1;

/** Where on the floor the pointer is, of a drawing in metres with y upwards; nowhere if the drawing is not shown. */
export function floorPoint(drawing: SVGGraphicsElement, { clientX, clientY }: { clientX: number; clientY: number }): Point | undefined {
  const matrix = drawing.getScreenCTM();
  if (!matrix) return undefined;
  const { x, y } = new DOMPoint(clientX, clientY).matrixTransform(matrix.inverse());
  return { x, y };
}

/** The nearest place of the raster at which something so large is still within the floor. */
export function placedWithin(floor: { length: number; width: number }, { x, y }: Point, size = { length: 0, width: 0 }): Point {
  return { x: onRaster(x, floor.length - size.length), y: onRaster(y, floor.width - size.width) };
}

function onRaster(value: number, most: number) {
  return Math.round(Math.min(Math.max(0, value), Math.max(0, most)) / RASTER) / Math.round(1 / RASTER);
}
