import type { WallEnd } from "../build-up/wall-ends.ts";
import { distance } from "../geometry/polygon.ts";
import type { FieldSide, RegionEdge } from "./region.ts";

/** Lengths of the plane changes that a wall owns, mm. */
export interface SideLengths {
  /** Along the base; with a leg, down the tub front and along the floor as well. */
  base: number;
  top: number;
  /** The inside corner at the left end; 0 at an open end or an outside corner. The right one is the next wall's. */
  leftCorner: number;
}

/** Measures the plane changes along the field's boundary. */
export function sideLengths(edges: RegionEdge[], left: WallEnd): SideLengths {
  const along = (...sides: FieldSide[]) =>
    edges
      .filter(({ of }) => of.kind === "boundary" && sides.includes(of.side))
      .reduce((sum, { a, b }) => sum + distance(a, b), 0);
  return {
    base: along("bottom", "front", "floor"),
    top: along("top"),
    leftCorner: left.kind === "open" || left.outside ? 0 : along("left"),
  };
}
