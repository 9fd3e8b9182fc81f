import { type Point, type Polygon, rectangle } from "../geometry/polygon.ts";
import { fieldTile } from "../project/defaults.ts";
import type { Project } from "../project/schema.ts";

/** One tile of the repeating cell, placed with the reference tile's lower left corner at 0, 0. */
export interface CellShape {
  /** Convex ring, counter-clockwise. */
  ring: Polygon;
  course: number;
  column: number;
}

/** How course and column count on along a lattice vector. */
export interface LatticeStep {
  vector: Point;
  course: number;
  column: number;
}

/**
 * Every bond is one of these: tile shapes that repeat along two lattice vectors. The first shape
 * is the reference tile, course 1 and column 1.
 */
export interface PatternCell {
  shapes: CellShape[];
  a: LatticeStep;
  b: LatticeStep;
  joint: number;
  /** Size of the tile as it is laid. */
  width: number;
  height: number;
}

/** The field's bond: a new bond is a new cell, with no other code to change. */
export function fieldPattern(project: Project): PatternCell {
  const { field } = project;
  const tile = fieldTile(project);
  const long = Math.max(tile.width, tile.height);
  const short = Math.min(tile.width, tile.height);
  const offset = field.pattern === "offset" ? (field.offset ?? 0.5) : 0;
  const alternating = offset > 0 && (field.run ?? "alternating") === "alternating";
  if (field.lay === "lying") return lyingBond(long, short, field.joint, offset, alternating);
  return standingBond(short, long, field.joint, offset, alternating);
}

/** Courses run level; even courses (alternating) or every course (stepped) move to the right. */
function lyingBond(
  width: number,
  height: number,
  joint: number,
  offset: number,
  alternating: boolean,
): PatternCell {
  const [across, up] = [width + joint, height + joint];
  const shift = offset * across;
  const first = { ring: rectangle(0, 0, width, height), course: 1, column: 1 };
  const second = { ring: rectangle(shift, up, width, height), course: 2, column: 1 };
  return {
    shapes: alternating ? [first, second] : [first],
    a: { vector: [across, 0], course: 0, column: 1 },
    b: alternating
      ? { vector: [0, 2 * up], course: 2, column: 0 }
      : { vector: [shift, up], course: 1, column: 0 },
    joint,
    width,
    height,
  };
}

/** The same turned: columns run plumb, and the offset goes upward from column to column. */
function standingBond(
  width: number,
  height: number,
  joint: number,
  offset: number,
  alternating: boolean,
): PatternCell {
  const [across, up] = [width + joint, height + joint];
  const shift = offset * up;
  const first = { ring: rectangle(0, 0, width, height), course: 1, column: 1 };
  const second = { ring: rectangle(across, shift, width, height), course: 1, column: 2 };
  return {
    shapes: alternating ? [first, second] : [first],
    a: { vector: [0, up], course: 1, column: 0 },
    b: alternating
      ? { vector: [2 * across, 0], course: 0, column: 2 }
      : { vector: [across, shift], course: 0, column: 1 },
    joint,
    width,
    height,
  };
}
