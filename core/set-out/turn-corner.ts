import { wallEnds } from "../build-up/wall-ends.ts";
import { boxOf, type Point, type Polygon } from "../geometry/polygon.ts";
import { mod } from "../limits.ts";
import type { Job, JobWall } from "../project/job.ts";
import type { Wall } from "../project/schema.ts";
import type { CentreLine } from "./lines.ts";
import type { PatternCell } from "./pattern.ts";

/** How a bond goes on round a corner: the drop starts the next wall, or joints meet as in a mirror. */
export type CornerBond = "wrap" | "mirror";

/** A wall whose bond goes on from the wall that runs into one of its corners. */
export interface Following {
  /** The wall that it goes on from. */
  wall: string;
  side: "left" | "right";
  bond: CornerBond;
}

/** What a wall follows round a corner; none where it does not, or where nothing runs into that corner. */
export function followingOf({ job, wall }: { job: Job; wall: JobWall }): Following | undefined {
  const { mode, side = "left", bond = "wrap" } = wall.centre;
  if (mode !== "corner") return undefined;
  const { kind, neighbour } = wallEnds(job, wall)[side];
  return kind === "butts" && neighbour !== undefined ? { wall: neighbour, side, bond } : undefined;
}

/** What is known of a wall before its tiles are laid. */
export interface Unlaid {
  centring: Wall["centre"];
  cell: PatternCell;
  boundary: Polygon;
  centre: CentreLine;
}

/**
 * The centre that makes a wall's bond go on round the corner from the wall that runs into it.
 * Wrap: the drop of that wall's last tile, less the kerf, is the first piece here, so the bond
 * turns the corner. Mirror: the first piece here is as wide as the last one there, so upright
 * joints stand alike on both sides. None for bonds without courses.
 */
export function turnCorner(
  job: Pick<Job, "settings">,
  from: { boundary: Polygon; origin: Point },
  to: Unlaid,
  { side, bond }: Pick<Following, "side" | "bond">,
): Wall["centre"] | undefined {
  const { cell } = to;
  if (!cell.straight || from.boundary.length === 0 || to.boundary.length === 0) return undefined;
  const { width, joint } = cell;
  const module = width + joint;
  const [there, here] = [boxOf(from.boundary), boxOf(to.boundary)];
  // What stands of course 1's tile at the corner on the wall that runs.
  const standing =
    side === "left"
      ? Math.min(width, mod(there.maxX - from.origin[0], module))
      : Math.min(width, width - mod(there.minX - from.origin[0], module));
  const drop = width - Math.max(0, standing) - job.settings.kerf;
  // Without a drop to speak of the next wall starts with a whole tile.
  const wrapped = drop > 0 ? drop : width;
  const first = bond === "wrap" ? wrapped : Math.max(0, standing);
  const left = side === "left" ? here.minX + first - width : here.maxX - first;
  const shift = left + width / 2 - to.centre.x;
  const half = module / 2;
  const { about } = to.centring;
  return {
    mode: "free",
    shift: mod(shift + half, module) - half,
    ...(about === undefined ? {} : { about }),
  };
}

/**
 * The wall that decides where a wall's pattern stands: itself, or the one that it follows, through
 * every corner; and whether its pattern goes the same way (1) or the other (−1) when that is moved.
 */
export function leadingWall<W extends { id: string; follows?: Following }>(
  walls: W[],
  wall: W,
): { wall: W; way: 1 | -1 } {
  let lead = wall;
  let way: 1 | -1 = 1;
  while (lead.follows) {
    const { wall: id, bond } = lead.follows;
    const next = walls.find((candidate) => candidate.id === id);
    if (!next) break;
    if (bond === "mirror") way = way === 1 ? -1 : 1;
    lead = next;
  }
  return { wall: lead, way };
}
