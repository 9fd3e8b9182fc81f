import { type Box, boxOf } from "../geometry/polygon.ts";
import { SAME_MM } from "../limits.ts";
import type { Plan } from "../plan.ts";
import { type ModelBond, modelBond } from "../set-out/row-bond.ts";
import type { WallPlan } from "../wall-plan.ts";
import {
  floorsOf,
  innerRectangle,
  type ModelFloor,
  type Wedges,
  wedgesOf,
} from "./inner-rectangle.ts";

/** The places that the near edge of an opening may take, mm. */
export interface Range {
  from: number;
  to: number;
}

/** A rectangle that tile has to go round. A niche may move, along the rows and across them. */
export interface ModelOpening {
  id: string;
  x0: number;
  x1: number;
  y0: number;
  y1: number;
  alongRange?: Range;
  acrossRange?: Range;
}

/** A round hole in the tile. */
export interface ModelHole {
  x: number;
  y: number;
  radius: number;
}

/**
 * A wall as the search sees it: the largest upright rectangle inside its field, so that cuts are
 * measured at their narrow ends and a row does not depend on where the pattern stands. `along` and
 * `across` follow the bond: for standing tile they are up and to the right.
 */
export interface ModelWall {
  id: string;
  /** Its own: rows are as deep and tiles as long as on the other walls, their shifts may differ. */
  bond: ModelBond;
  alongFrom: number;
  alongTo: number;
  acrossFrom: number;
  acrossTo: number;
  /** How far the field reaches beyond each side of the rectangle at its widest. */
  wedge: Wedges;
  floors: ModelFloor[];
  openings: ModelOpening[];
  holes: ModelHole[];
  /** Heights of the bands that the rows stop at and go on from, from below. */
  bands: { y0: number; y1: number }[];
  /** How much it counts beside the other walls. */
  counts: number;
}

/** The wall that is seen first counts as much as two others. */
const SEEN_FIRST = 2;

/** Everything that the search varies over, in the bond's own directions. */
export interface SearchModel {
  /** The first wall's: those of the others differ from it in their shifts alone. */
  bond: ModelBond;
  walls: ModelWall[];
  /** The highest that course 1 may stand: its foot when a full tile is held at the low point. */
  courseFoot: number;
}

/** Limits of the search. */
export interface SearchLimits {
  /** How far the niches of a wall may move up or down in all, and sideways, mm; 0 leaves them. */
  nicheRange: number;
  nicheAcross?: number;
  /** The wall that is seen first. */
  seenFirst?: string | undefined;
}

/** The search's model of a plan with its drop in mm; undefined when no wall has a field, or the bond has no courses. */
export function searchModel(
  plan: Plan,
  drop: number,
  limits: SearchLimits,
): SearchModel | undefined {
  const [first] = plan.walls;
  if (!first?.cell.straight) return undefined;
  const bond = modelBond(first, plan.sliver);
  const ownBond = (wall: WallPlan) =>
    wall.cell === first.cell ? bond : modelBond(wall, plan.sliver);
  const bonds = plan.walls.map(ownBond);
  // Rows of unlike depth, or columns beside rows, do not move as one.
  if (!plan.walls.every(({ cell }, k) => cell.straight && rowsMeet(bonds[k], bond)))
    return undefined;
  const walls = plan.walls.flatMap((wall, k) =>
    wall.boundary.length > 0 ? [modelWall(wall, bonds[k] as ModelBond, limits)] : [],
  );
  const courseFoot = plan.first.y + drop - first.cell.height;
  return walls.length > 0 ? { bond, walls, courseFoot } : undefined;
}

/** Whether the rows of two bonds are of the same tile laid the same way. */
function rowsMeet(p: ModelBond | undefined, q: ModelBond): boolean {
  const same = (name: "length" | "depth" | "joint") =>
    Math.abs((p?.[name] ?? 0) - q[name]) < SAME_MM;
  return p?.standing === q.standing && same("length") && same("depth") && same("joint");
}

function modelWall(wall: WallPlan, bond: ModelBond, limits: SearchLimits): ModelWall {
  const { standing } = bond;
  const { left, right, bottom, top, spread } = innerRectangle(wall);
  const { nicheRange, nicheAcross = 0 } = limits;
  const panels = panelsOf(wall);
  // The field does not come to what is inside a panel: it ends at the panel.
  const met = wall.openings.filter(
    ({ ring }) => !panels.some((panel) => holds(panel, boxOf(ring))),
  );
  const niches = met
    .filter(({ opening }) => opening.kind === "niche")
    .map(({ ring }) => boxOf(ring));
  const up = sharedMove(
    niches.map(({ minY, maxY }) => [minY - bottom, top - maxY]),
    nicheRange,
  );
  const sideways = sharedMove(
    niches.map(({ minX, maxX }) => [minX - left, right - maxX]),
    nicheAcross,
  );
  const openings = met.map(({ opening, ring }): ModelOpening => {
    const [alongMove, acrossMove] = standing ? [up, sideways] : [sideways, up];
    const placed = inBond(boxOf(ring), standing);
    const moves = opening.kind === "niche";
    return {
      id: opening.id,
      ...placed,
      ...(moves && alongMove ? { alongRange: rangeOf(placed.x0, alongMove) } : {}),
      ...(moves && acrossMove ? { acrossRange: rangeOf(placed.y0, acrossMove) } : {}),
    };
  });
  const [alongFrom, alongTo] = standing ? [bottom, top] : [left, right];
  const [acrossFrom, acrossTo] = standing ? [left, right] : [bottom, top];
  return {
    id: wall.id,
    bond,
    alongFrom,
    alongTo,
    acrossFrom,
    acrossTo,
    wedge: wedgesOf(bond, spread),
    floors: floorsOf(wall, standing ? bond.length : bond.depth),
    openings: [...openings, ...panels.map(({ id, ...box }) => ({ id, ...inBond(box, standing) }))],
    holes: holesOf(wall, panels, standing),
    bands: bandsOf(wall, bottom, top),
    counts: wall.id === limits.seenFirst ? SEEN_FIRST : 1,
  };
}

/** A wall's holes, but for those inside a panel. */
function holesOf(
  { fixtures }: WallPlan,
  panels: (Box & { id: string })[],
  standing: boolean,
): ModelHole[] {
  return fixtures.flatMap(({ centre: [x, y], diameter }): ModelHole[] => {
    const radius = diameter / 2;
    const box = { minX: x - radius, maxX: x + radius, minY: y - radius, maxY: y + radius };
    if (panels.some((panel) => holds(panel, box))) return [];
    return [standing ? { x: y, y: x, radius } : { x, y, radius }];
  });
}

/** The openings with those that move across the rows so far on that the first of them begins there. */
export function movedAcross(openings: ModelOpening[], place: number | undefined): ModelOpening[] {
  const first = openings.find(({ acrossRange }) => acrossRange);
  if (!first || place === undefined) return openings;
  const by = place - first.y0;
  return openings.map(({ acrossRange, ...opening }) =>
    acrossRange ? { ...opening, y0: opening.y0 + by, y1: opening.y1 + by } : opening,
  );
}

/** The openings with those that move along the rows so far on. */
export function movedAlong(openings: ModelOpening[], by = 0): ModelOpening[] {
  return openings.map(({ alongRange, ...opening }) =>
    alongRange ? { ...opening, x0: opening.x0 + by, x1: opening.x1 + by } : opening,
  );
}

/** How far all niches of a wall can move together, given the room before and beyond each. */
function sharedMove(rooms: [number, number][], range: number): Range | undefined {
  if (rooms.length === 0 || range <= 0) return undefined;
  const from = Math.max(-range / 2, ...rooms.map(([before]) => -before));
  const to = Math.min(range / 2, ...rooms.map(([, beyond]) => beyond));
  return to > from ? { from, to } : undefined;
}

function rangeOf(at: number, { from, to }: Range): Range {
  return { from: at + from, to: at + to };
}

/** Bands as they are laid: one that begins inside another is not. */
function bandsOf({ zones }: WallPlan, from: number, to: number): ModelWall["bands"] {
  const bands: ModelWall["bands"] = [];
  for (const { zone, ring } of zones) {
    if (zone.kind !== "band" || ring.length < 3) continue;
    const { minY, maxY } = boxOf(ring);
    const last = bands.at(-1)?.y1 ?? Number.NEGATIVE_INFINITY;
    if (minY < last - SAME_MM || maxY <= from || minY >= to) continue;
    bands.push({ y0: Math.max(from, minY), y1: Math.min(to, maxY) });
  }
  return bands;
}

/** Panels: the field goes round them as round an opening. */
function panelsOf({ zones }: WallPlan): (Box & { id: string })[] {
  return zones
    .filter(({ zone, ring }) => zone.kind === "panel" && ring.length >= 3)
    .map(({ zone, ring }) => ({ id: zone.id, ...boxOf(ring) }));
}

/** Whether a box lies inside another. */
function holds(outer: Box, inner: Box): boolean {
  return (
    inner.minX >= outer.minX - SAME_MM &&
    inner.maxX <= outer.maxX + SAME_MM &&
    inner.minY >= outer.minY - SAME_MM &&
    inner.maxY <= outer.maxY + SAME_MM
  );
}

/** A box along the rows and across them. */
function inBond({ minX, maxX, minY, maxY }: Box, standing: boolean) {
  return standing
    ? { x0: minY, x1: maxY, y0: minX, y1: maxX }
    : { x0: minX, x1: maxX, y0: minY, y1: maxY };
}
