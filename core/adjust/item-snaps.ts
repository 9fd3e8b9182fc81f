import { mod } from "../limits.ts";
import type { Command } from "../project/command.ts";
import { modelBond } from "../set-out/row-bond.ts";
import type { WallPlan } from "../wall-plan.ts";
import type { SnapName } from "./move-pattern.ts";

/** An opening, fixture or zone moved on its wall, and what it came to rest on. */
export interface MovedItem {
  command: Command | undefined;
  snaps: SnapName[];
}

/** How far something moves to rest on what it snapped to. */
export interface Snap {
  by: number;
  snaps: SnapName[];
}

/** Nothing was in reach. */
export const FREE: Snap = { by: 0, snaps: [] };

/** The first of the snaps that is in reach: they stand in the order of what matters. */
export function nearestSnap(reach: number, snaps: Snap[]): Snap {
  if (reach <= 0) return FREE;
  return snaps.find((snap) => snap.snaps.length > 0 && Math.abs(snap.by) <= reach) ?? FREE;
}

/** The middle between two places. */
export function middleOf([from, to]: [number, number]): number {
  return (from + to) / 2;
}

/** The middle of something on the nearest of several. */
export function middleSnap(from: number, size: number, middles: number[], name: SnapName): Snap {
  return shortest(
    middles.map((middle) => middle - (from + size / 2)),
    name,
  );
}

/** Edge to edge with another opening, so that both stand at one height or above each other. */
export function edgeSnap(from: number, size: number, others: [number, number][]): Snap {
  const moves = others.flatMap(([start, length]) => [start - from, start + length - (from + size)]);
  return shortest(moves, "item-item");
}

function shortest(moves: number[], name: SnapName): Snap {
  const [by] = moves.sort((p, q) => Math.abs(p) - Math.abs(q));
  return by === undefined ? FREE : { by, snaps: [name] };
}

/** The nearer of both edges to a tile's edge: the lower one to a far edge, the upper to a near one. */
export function snapToJoints(
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
