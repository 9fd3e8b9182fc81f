import type { WallEnd } from "../build-up/wall-ends.ts";
import { distanceToSegment, edgesOf, type Point, type Polygon } from "../geometry/polygon.ts";
import { FACTORY_EDGE } from "../limits.ts";
import type { PlacedOpening } from "../measure/openings.ts";
import type { FieldSide, RegionEdge } from "../set-out/region.ts";

/** Where a cut edge disappears. */
export type HiddenBy = "corner" | "base" | "top" | "trim" | "opening" | "fixture";

/** An edge that the saw makes, and where it goes. */
export interface CutEdge {
  a: Point;
  b: Point;
  by: HiddenBy;
  /** The field's own side that it lies at. */
  side?: FieldSide;
}

/** What tells where the cut edges of a wall go. */
export interface HidingWall {
  /** Edges of the field's boundary. */
  edges: RegionEdge[];
  ends: { left: WallEnd; right: WallEnd };
  openings: PlacedOpening[];
}

/** A cut edge this near to an edge of the field ends there, mm. */
const AT_EDGE = 1;

/** The edges of a piece that are none of its tile's own. */
export function cutEdges(wall: HidingWall, ring: Polygon, full: Polygon): CutEdge[] {
  return edgesOf(ring).flatMap(([a, b]): CutEdge[] => {
    const middle: Point = [(a[0] + b[0]) / 2, (a[1] + b[1]) / 2];
    return liesOn(middle, full, FACTORY_EDGE) ? [] : [{ a, b, ...goesTo(wall, middle) }];
  });
}

/** Where a cut edge goes, by its middle. */
export function goesTo(
  { edges, ends, openings }: HidingWall,
  at: Point,
): Pick<CutEdge, "by" | "side"> {
  const edge = edges.find(
    ({ a, b, of }) => of.kind === "boundary" && distanceToSegment(at, a, b) < AT_EDGE,
  );
  if (edge?.of.kind !== "boundary") {
    return { by: openings.some(({ ring }) => liesOn(at, ring, AT_EDGE)) ? "opening" : "fixture" };
  }
  const { side } = edge.of;
  if (side === "top") return { by: "top", side };
  if (side !== "left" && side !== "right") return { by: "base", side };
  return { by: ends[side].kind === "open" ? "trim" : "corner", side };
}

function liesOn(point: Point, ring: Polygon, within: number): boolean {
  return edgesOf(ring).some(([a, b]) => distanceToSegment(point, a, b) < within);
}
