import { intersect } from "../geometry/boolean.ts";
import {
  distance,
  distanceToRing,
  edgesOf,
  type Point,
  type Polygon,
} from "../geometry/polygon.ts";
import type { PlacedOpening } from "../measure/openings.ts";
import type { Opening } from "../project/schema.ts";

/** The joint between tile and what stands in its way, mm. */
export interface ObstacleJoint {
  opening: Opening;
  mm: number;
}

/** An edge this near to the field's own lies on it: there is no tile beside it, mm. */
const ON_BOUNDARY = 1;

/** Whether a plate hides its edge: tile runs under it, and nothing is sealed. */
export function isPlated({ what, plate }: Opening): boolean {
  return plate !== undefined || what === "socket" || what === "switch";
}

/** How long the joint round each obstacle is where tile meets it; plates hide theirs. */
export function obstacleJoints(inTheWay: PlacedOpening[], boundary: Polygon): ObstacleJoint[] {
  const open = inTheWay.filter(({ opening }) => !isPlated(opening));
  return obstacleRings(open, boundary);
}

/** How far tile goes round each obstacle. */
export function obstacleRings(inTheWay: PlacedOpening[], boundary: Polygon): ObstacleJoint[] {
  if (boundary.length === 0) return [];
  return inTheWay.map(({ opening, ring }) => ({
    opening,
    mm: intersect([ring], [boundary])
      .flatMap(({ outer }) => edgesOf(outer))
      .filter(([a, b]) => {
        const middle: Point = [(a[0] + b[0]) / 2, (a[1] + b[1]) / 2];
        return distanceToRing(middle, boundary) > ON_BOUNDARY;
      })
      .reduce((sum, [a, b]) => sum + distance(a, b), 0),
  }));
}
