import { boxOf, type Polygon, rectangle } from "../geometry/polygon.ts";
import { lineX } from "../measure/corners.ts";
import type { PlacedOpening } from "../measure/openings.ts";
import type { MeasuredWall } from "../measure/survey.ts";
import { meetingAt } from "../project/enclosure.ts";
import type { Job } from "../project/job.ts";
import type { Shelf } from "../project/schema.ts";
import { type Warning, warningOf } from "../warning.ts";
import type { WallArea } from "./areas.ts";
import { courseTops } from "./courses.ts";
import type { PatternCell } from "./pattern.ts";

/** What one wall has of a corner shelf. */
export interface PlacedShelf {
  shelf: Shelf;
  /** The end of the wall that it stands at. */
  side: "left" | "right";
  /** The shelf's own edge against the wall. */
  ring: Polygon;
  /** What is cut out of the tile for it: the edge and a joint round it; none when it is hung. */
  slot: PlacedOpening | undefined;
}

/** The shelves in the inside corners at both ends of a wall. */
export function placeShelves(
  job: Pick<Job, "field" | "meetings" | "shelves">,
  levelY: number,
  measured: MeasuredWall,
): PlacedShelf[] {
  const { joint } = job.field;
  return job.shelves.flatMap((shelf) => {
    const side = sideOf(job, shelf, measured.wall.id);
    if (!side) return [];
    const y = levelY + shelf.level;
    const corner = lineX(measured[side], y);
    const { leg, thickness } = shelf;
    const ring = rectangle(side === "left" ? corner : corner - leg, y, leg, thickness);
    return [{ shelf, side, ring, slot: slotFor(shelf, side, joint, boxOf(ring)) }];
  });
}

function sideOf(
  job: Pick<Job, "meetings">,
  shelf: Shelf,
  wall: string,
): PlacedShelf["side"] | undefined {
  return (["left", "right"] as const).find((side) => {
    const meeting = meetingAt(job, wall, side);
    return meeting?.kind === "inside" && stands(shelf, meeting);
  });
}

function stands(shelf: Shelf, { left, right }: Record<"left" | "right", { id: string }>): boolean {
  return shelf.left === left.id && shelf.right === right.id;
}

function slotFor(
  { id, name, leg, thickness, level, set }: Shelf,
  side: PlacedShelf["side"],
  joint: number,
  { minX, minY }: { minX: number; minY: number },
): PlacedOpening | undefined {
  if (set === "tile") return undefined;
  const [x, y] = [side === "left" ? minX : minX - joint, minY - joint];
  const [width, height] = [leg + joint, thickness + 2 * joint];
  return {
    opening: {
      id,
      kind: "shelf",
      ...(name === undefined ? {} : { name }),
      width,
      height,
      x: { from: side, at: 0 },
      y: { from: "level", at: level - joint },
    },
    x,
    y,
    ring: rectangle(x, y, width, height),
  };
}

/** A wall whose courses are known. */
type Coursed = { areas: WallArea[]; cell: PatternCell };

/** Where the underside of a shelf can be, above the level line, so that the course below it stays whole, mm. */
export function shelfLevels(levelY: number, wall: Coursed): number[] {
  const levels = courseTops(wall).map(({ at }) => at + wall.cell.joint - levelY);
  return levels.sort((p, q) => p - q);
}

/** Levels nearer than this are one, mm. */
const SAME_LEVEL = 0.5;

/** The next level above or below at which the course under a shelf stays whole; none at the ends. */
export function nextLevel(levels: number[], level: number, up: boolean): number | undefined {
  return up
    ? levels.find((other) => other > level + SAME_LEVEL)
    : levels.filter((other) => other < level - SAME_LEVEL).at(-1);
}

/** What is asked of a wall with shelves. */
interface ShelfWall extends Coursed {
  boundary: Polygon;
  shelves: PlacedShelf[];
}

/** Shelves without a corner, off the wall, off the courses, or hung without blocking behind them. */
export function checkShelves(
  job: Pick<Job, "build" | "shelves">,
  levelY: number,
  walls: ShelfWall[],
): Warning[] {
  return job.shelves.flatMap((shelf): Warning[] => {
    const place = { wall: shelf.left, item: shelf.id };
    const at = walls.flatMap((wall) =>
      wall.shelves
        .filter((placed) => placed.shelf.id === shelf.id)
        .map((placed) => ({ wall, placed })),
    );
    const [first] = at;
    if (!first) return [warningOf("shelf-no-corner", "warning", {}, place)];
    if (at.some(({ wall, placed }) => leaves(wall, placed))) {
      return [warningOf("opening-leaves-wall", "stop", {}, place)];
    }
    if (shelf.set === "tile") {
      return hasBlocking(job, shelf)
        ? []
        : [warningOf("shelf-without-blocking", "note", {}, place)];
    }
    const levels = shelfLevels(levelY, first.wall);
    if (levels.some((level) => Math.abs(level - shelf.level) <= SAME_LEVEL)) return [];
    const [down, up] = [false, true].map((way) => nextLevel(levels, shelf.level, way));
    const moves = [down, up].flatMap((level) => (level === undefined ? [] : [level - shelf.level]));
    const move = moves.sort((p, q) => Math.abs(p) - Math.abs(q))[0];
    return move === undefined ? [] : [warningOf("shelf-off-joint", "note", { move }, place)];
  });
}

/** Whether a shelf is not on the tile all the way from its corner. */
function leaves({ boundary }: ShelfWall, { side, ring }: PlacedShelf): boolean {
  if (boundary.length === 0) return true;
  const [field, own] = [boxOf(boundary), boxOf(ring)];
  const far = side === "left" ? own.maxX > field.maxX : own.minX < field.minX;
  return far || own.minY < field.minY || own.maxY > field.maxY;
}

/** Blocking behind one of its walls at the shelf's height; a hung load needs it. */
function hasBlocking(
  { build }: Pick<Job, "build">,
  { left, right, level, thickness }: Shelf,
): boolean {
  return (build?.blocking ?? []).some(
    (block) =>
      (block.wall === left || block.wall === right) &&
      Math.abs(block.level - (level + thickness / 2)) <= block.height / 2,
  );
}
