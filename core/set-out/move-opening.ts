import { type Command, editFixture, editOpening } from "../project/commands.ts";
import type { Fixture, Opening } from "../project/schema.ts";
import type { WallPlan } from "../wall-plan.ts";
import { mod } from "./compare/evaluate.ts";
import { modelBond } from "./compare/model.ts";
import type { SnapName } from "./move-pattern.ts";

/** An opening or fixture moved on its wall, and what it came to rest on. */
export interface MovedItem {
  command: Command | undefined;
  snaps: SnapName[];
}

/**
 * Moves a niche, window or fixture by dx to the right and dy up, mm, as it was read: away from its
 * corner, up from the level line or base, down from the ceiling. Within `reach` an opening's edges
 * snap to joints of the bond and its middle to the wall's centre line; a fixture snaps to the
 * centre line alone.
 */
export function moveItemBy(
  wall: WallPlan,
  id: string,
  dx: number,
  dy: number,
  reach: number,
): MovedItem {
  const opening = wall.openings.find((candidate) => candidate.opening.id === id);
  if (opening) {
    const { width, height } = opening.opening;
    const across = snapAcross(wall, opening.x + dx, width, opening.y + dy + height / 2, reach);
    const up = snapUp(wall, opening.y + dy, height, opening.x + dx + width / 2, reach);
    const patch = movedReading(opening.opening, dx + across.by, dy + up.by);
    return {
      command: patch && editOpening(wall.id, id, patch as Partial<Opening>),
      snaps: [...across.snaps, ...up.snaps],
    };
  }
  const fixture = wall.fixtures.find((candidate) => candidate.fixture.id === id);
  if (!fixture) return { command: undefined, snaps: [] };
  const off = wall.centre.x - (fixture.centre[0] + dx);
  const snapped = Math.abs(off) <= reach;
  const patch = movedReading(fixture.fixture, dx + (snapped ? off : 0), dy);
  return {
    command: patch && editFixture(wall.id, id, patch as Partial<Fixture>),
    snaps: snapped ? ["item-centre"] : [],
  };
}

interface Reading {
  x: { from: "left" | "right"; at: number };
  y: { from: "level" | "base" | "ceiling"; at: number };
}

/** The reading after the move; none when it would leave its corner. */
function movedReading({ x, y }: Reading, dx: number, dy: number): Reading | undefined {
  const at = x.from === "left" ? x.at + dx : x.at - dx;
  if (at < 0) return undefined;
  return { x: { ...x, at }, y: { ...y, at: y.from === "ceiling" ? y.at - dy : y.at + dy } };
}

interface Snap {
  by: number;
  snaps: SnapName[];
}

const FREE: Snap = { by: 0, snaps: [] };

function snapAcross(wall: WallPlan, x: number, width: number, middle: number, reach: number): Snap {
  if (reach <= 0) return FREE;
  const toCentre = wall.centre.x - (x + width / 2);
  if (Math.abs(toCentre) <= reach) return { by: toCentre, snaps: ["item-centre"] };
  return snapToJoints(wall, x, width, middle, reach, "across");
}

function snapUp(wall: WallPlan, y: number, height: number, middle: number, reach: number): Snap {
  return reach <= 0 ? FREE : snapToJoints(wall, y, height, middle, reach, "up");
}

/** The nearer of both edges to a tile's edge: the lower one to a far edge, the upper to a near one. */
function snapToJoints(
  wall: WallPlan,
  from: number,
  size: number,
  middle: number,
  reach: number,
  axis: "across" | "up",
): Snap {
  const { cell, origin } = wall;
  if (!cell.straight) return FREE;
  const bond = modelBond(wall, "third");
  const [x, y] = origin;
  const alongRow = (axis === "up") === bond.standing;
  const [own, other] = axis === "across" ? [x, y] : [y, x];
  const tile = axis === "across" ? cell.width : cell.height;
  const module = tile + cell.joint;
  const row = Math.floor((middle - other) / (bond.depth + bond.joint));
  const start = own + (alongRow ? bond.shiftOf(row) : 0);
  const half = module / 2;
  const lower = half - mod(from - start - tile + half, module);
  const upper = half - mod(from + size - start + half, module);
  const by = Math.abs(lower) <= Math.abs(upper) ? lower : upper;
  return Math.abs(by) <= reach ? { by, snaps: ["item-joint"] } : FREE;
}
