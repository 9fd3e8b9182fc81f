import { SAME_MM } from "../limits.ts";
import type { PatternCell } from "./pattern.ts";
import { type SliverRule, sliverLimit } from "./slivers.ts";

/** The bond as rows of equal tiles, each row moved along by its own shift. */
export interface ModelBond {
  /** Along the row and across it. */
  length: number;
  depth: number;
  joint: number;
  /** Shift of a row, by its number from the reference row, within one module. */
  shiftOf: (row: number) => number;
  /** All shifts that rows can have. */
  shifts: number[];
  /** Rows stand upright: along is up, across is to the right. */
  standing: boolean;
  slivers: { along: number; across: number };
}

/** The bond of a wall as rows with shifts, for bonds that have courses or columns. */
export function modelBond({ cell }: { cell: PatternCell }, rule: SliverRule): ModelBond {
  const standing = cell.a.vector[0] === 0;
  const [length, depth] = standing ? [cell.height, cell.width] : [cell.width, cell.height];
  const module = length + cell.joint;
  const along = standing ? 1 : 0;
  const [, second] = cell.shapes;
  const wrap = (shift: number) => {
    const rest = shift % module;
    return rest < 0 ? rest + module : rest;
  };
  const alternate = second ? (second.ring[0]?.[along] ?? 0) : 0;
  const step = cell.b.vector[along];
  const shiftOf = second
    ? (row: number) => (row % 2 === 0 ? 0 : wrap(alternate))
    : (row: number) => wrap(row * step);
  return {
    length,
    depth,
    joint: cell.joint,
    shiftOf,
    shifts: distinct(Array.from({ length: 60 }, (_, row) => shiftOf(row))),
    standing,
    slivers: {
      along: sliverLimit(length, cell.joint, rule),
      across: sliverLimit(depth, cell.joint, rule),
    },
  };
}

function distinct(values: number[]): number[] {
  const kept: number[] = [];
  for (const value of values) {
    if (!kept.some((other) => Math.abs(other - value) < SAME_MM)) kept.push(value);
  }
  return kept;
}
