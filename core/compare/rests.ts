import { LEAST_PIECE, mod, SAME_MM } from "../limits.ts";

/**
 * What is left of the tile that runs over `edge`, on its far side: between nothing and a whole tile
 * when the edge falls into a tile, a whole tile when it falls into a joint. `start` is any tile's
 * near edge.
 */
export function restBeyond(edge: number, start: number, size: number, joint: number): number {
  const into = mod(edge - start + SAME_MM, size + joint) - SAME_MM;
  if (into < LEAST_PIECE || into > size - LEAST_PIECE) return size;
  return size - into;
}

/** The same on the near side of an edge. */
export function restBefore(edge: number, start: number, size: number, joint: number): number {
  const into = mod(edge - start + SAME_MM, size + joint) - SAME_MM;
  if (into < LEAST_PIECE || into > size - LEAST_PIECE) return size;
  return into;
}

/**
 * Whether at the end that rows begin at, narrow at `edge` and wider by a wedge, a tile shows in the
 * wedge alone: it runs out to nothing there.
 */
export function runsOutNear(
  edge: number,
  wedge: number,
  start: number,
  size: number,
  joint: number,
): boolean {
  return (
    wedge >= LEAST_PIECE && inWedge(mod(start + size - edge, size + joint), wedge, size + joint)
  );
}

/** The same at the end that rows run up to. */
export function runsOutFar(
  edge: number,
  wedge: number,
  start: number,
  size: number,
  joint: number,
): boolean {
  return wedge >= LEAST_PIECE && inWedge(mod(edge - start, size + joint), wedge, size + joint);
}

/**
 * Whether a tile begins in the wedge. Of the tile at the narrow end so much shows: when that is
 * next to nothing it is that tile, otherwise the one after it, a module further out.
 */
function inWedge(shows: number, wedge: number, module: number): boolean {
  return wedge + (shows < LEAST_PIECE ? shows : shows - module) >= LEAST_PIECE;
}
