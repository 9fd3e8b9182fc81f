import type { WallEnd } from "../build-up/wall-ends.ts";
import { type Box, boxesApart, boxOf, distance, type Polygon } from "../geometry/polygon.ts";
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

/** What ends this near to the field's edge stands at it, mm. */
const AT_EDGE = 1;

function grown({ minX, minY, maxX, maxY }: Box): Box {
  return {
    ...{ minX: minX - AT_EDGE, minY: minY - AT_EDGE },
    ...{ maxX: maxX + AT_EDGE, maxY: maxY + AT_EDGE },
  };
}

/** The same lengths without the stretches where something stands in the way of tile. */
export function freeOf(
  lengths: SideLengths,
  edges: RegionEdge[],
  inTheWay: Polygon[],
): SideLengths {
  if (inTheWay.length === 0) return lengths;
  const taken = (side: FieldSide, along: 0 | 1) =>
    edges
      .filter(({ of }) => of.kind === "boundary" && of.side === side)
      .reduce((sum, { a, b }) => {
        const edge = boxOf([a, b]);
        const [from, to] = along === 0 ? [edge.minX, edge.maxX] : [edge.minY, edge.maxY];
        return inTheWay.reduce((all, ring) => {
          const box = boxOf(ring);
          if (boxesApart(grown(edge), box)) return all;
          const [low, high] = along === 0 ? [box.minX, box.maxX] : [box.minY, box.maxY];
          return all + Math.max(0, Math.min(to, high) - Math.max(from, low));
        }, sum);
      }, 0);
  return {
    base: Math.max(0, lengths.base - taken("bottom", 0) - taken("floor", 0)),
    top: Math.max(0, lengths.top - taken("top", 0)),
    leftCorner: lengths.leftCorner === 0 ? 0 : Math.max(0, lengths.leftCorner - taken("left", 1)),
  };
}
