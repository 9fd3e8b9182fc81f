import { boxOf, type Point, type Polygon, polygonArea, rectangle } from "../geometry/polygon.ts";
import { longestSide, tileOf } from "../project/defaults.ts";
import type { Job, LaidTile } from "../project/job.ts";
import type { Bond, Wall } from "../project/schema.ts";
import { scaleTile } from "./scale-bond.ts";

/** One tile of the repeating cell, placed with the reference tile's lower left corner at 0, 0. */
export interface CellShape {
  /** Counter-clockwise; convex unless there is a hull. */
  ring: Polygon;
  /** Round a ring that is not convex. */
  hull?: Polygon;
  course: number;
  column: number;
  /** Of its upright box, mm: what cuts of this shape are measured against. */
  width: number;
  height: number;
  areaMm2: number;
  /** Id of its tile, in a bond of several sizes. */
  tile?: string;
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
  /** Size of the reference tile as it is laid: of its upright box. */
  width: number;
  height: number;
  /** Tiles lie in level courses or plumb columns of one size: centre and cuts follow them. */
  straight: boolean;
  /** Heights of the courses of one repeat, from course 1 up, mm; none in a bond without courses. */
  courses: number[];
}

/** The field's bond. */
export function fieldPattern(job: Pick<Job, "field" | "tiles">): PatternCell {
  return bondPattern(job, job.field);
}

/** How the field's tile is laid on a wall: in the wall's own bond, or in the field's. */
export function wallBond({ field }: Pick<Job, "field">, wall: Pick<Wall, "bond">): Bond {
  if (!wall.bond) return field;
  const { offset: _, run: __, angle: ___, second: ____, ...shared } = field;
  return { ...shared, ...wall.bond };
}

/** The cell of a bond: a new bond is a new cell, with no other code to change. */
export function bondPattern(job: Pick<Job, "tiles">, bond: Bond): PatternCell {
  const tile = tileOf(job, bond.tile);
  const { joint, lay } = bond;
  const long = longestSide(tile);
  const short = Math.min(tile.width, tile.height);
  const offset = bond.pattern === "offset" ? (bond.offset ?? 0.5) : 0;
  const alternating = offset > 0 && (bond.run ?? "alternating") === "alternating";
  switch (bond.pattern) {
    case "diagonal":
      return diagonalBond(long, short, joint, lay);
    case "herringbone":
      return herringbone(long, short, joint, bond.angle ?? "block");
    case "basket-weave":
      return basketWeave(long, short, joint);
    case "hexagon":
      return hexagonBond(short, joint);
    case "scale":
      return scaleBond(short, joint, lay === "lying" ? "up" : "down");
    case "two-heights":
      return twoHeights(tile, secondTile(job, bond), joint);
    case "pinwheel":
      return pinwheel(tile, secondTile(job, bond), joint);
    case "stacked":
    case "offset":
      return lay === "lying"
        ? lyingBond(long, short, joint, offset, alternating)
        : standingBond(short, long, joint, offset, alternating);
    default:
      return bond.pattern satisfies never;
  }
}

/** The other tile of a bond of two sizes; half the first one until the job has it. */
export function secondTile(job: Pick<Job, "tiles">, bond: Bond): LaidTile {
  const found = job.tiles.find(({ id }) => id === bond.second);
  if (found) return found;
  const first = tileOf(job, bond.tile);
  const half = (side: number) => Math.max(5, (side - bond.joint) / 2);
  return bond.pattern === "pinwheel"
    ? { ...first, width: half(first.width), height: half(first.height) }
    : { ...first, width: longestSide(first), height: half(Math.min(first.width, first.height)) };
}

/** Whether a bond takes two sizes of tile. */
export function hasTwoSizes({ pattern }: Bond): boolean {
  return pattern === "two-heights" || pattern === "pinwheel";
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
  const first = shapeOf(rectangle(0, 0, width, height), 1, 1);
  const second = shapeOf(rectangle(shift, up, width, height), 2, 1);
  return {
    shapes: alternating ? [first, second] : [first],
    a: { vector: [across, 0], course: 0, column: 1 },
    b: alternating
      ? { vector: [0, 2 * up], course: 2, column: 0 }
      : { vector: [shift, up], course: 1, column: 0 },
    joint,
    width,
    height,
    straight: true,
    courses: [height],
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
  const first = shapeOf(rectangle(0, 0, width, height), 1, 1);
  const second = shapeOf(rectangle(across, shift, width, height), 1, 2);
  return {
    shapes: alternating ? [first, second] : [first],
    a: { vector: [0, up], course: 1, column: 0 },
    b: alternating
      ? { vector: [2 * across, 0], course: 0, column: 2 }
      : { vector: [across, shift], course: 0, column: 1 },
    joint,
    width,
    height,
    straight: true,
    courses: [height],
  };
}

/** A tile of the cell with what cuts of it are measured against. */
function shapeOf(ring: Polygon, course: number, column: number): CellShape {
  const { minX, minY, maxX, maxY } = boxOf(ring);
  return {
    ring,
    course,
    column,
    width: maxX - minX,
    height: maxY - minY,
    areaMm2: polygonArea(ring),
  };
}

/** Steps of the lattice: numbers go on by courses along the second vector, by columns along the first. */
function cellOf(rings: Polygon[], a: Point, b: Point, joint: number, turn = 0): PatternCell {
  const turned = rings.map((ring) => rotate(ring, turn));
  const [reference] = turned;
  const { minX, minY } = boxOf(reference ?? []);
  const shapes = turned.map((ring, k) =>
    shapeOf(
      ring.map(([x, y]): Point => [x - minX, y - minY]),
      1,
      k + 1,
    ),
  );
  const { width, height } = shapes[0] as CellShape;
  return {
    shapes,
    a: { vector: rotate([a], turn)[0] as Point, course: 0, column: rings.length },
    b: { vector: rotate([b], turn)[0] as Point, course: 1, column: 0 },
    joint,
    width,
    height,
    straight: false,
    courses: [],
  };
}

function rotate(ring: Polygon, angle: number): Polygon {
  if (angle === 0) return ring;
  const [sine, cosine] = [Math.sin(angle), Math.cos(angle)];
  return ring.map(([x, y]): Point => [x * cosine - y * sine, x * sine + y * cosine]);
}

const EIGHTH = Math.PI / 4;

/** A stacked bond turned by 45 degrees. */
function diagonalBond(
  long: number,
  short: number,
  joint: number,
  lay: "lying" | "standing",
): PatternCell {
  const [width, height] = lay === "lying" ? [long, short] : [short, long];
  const ring = rectangle(0, 0, width, height);
  return cellOf([ring], [width + joint, 0], [0, height + joint], joint, EIGHTH);
}

/**
 * Herringbone of any ratio: stairs of lying tiles, each with a standing one at its right end. The
 * stairs rise by a tile's width and joint; the next ones lie a tile's length and joint away.
 */
function herringbone(
  long: number,
  short: number,
  joint: number,
  angle: "block" | "point",
): PatternCell {
  const lying = rectangle(0, 0, long, short);
  const standing = rectangle(long + joint, short - long, short, long);
  const [p, q] = [short + joint, long + joint];
  const turn = angle === "point" ? EIGHTH : 0;
  return cellOf([lying, standing], [p, p], [-q, q], joint, turn);
}

/** Blocks of tiles side by side, lying and standing by turns, as many as make a block nearly square. */
function basketWeave(long: number, short: number, joint: number): PatternCell {
  const count = Math.max(1, Math.round((long + joint) / (short + joint)));
  const across = count * (short + joint);
  // Where the tile is no exact multiple of its width, the block keeps the larger of the two.
  const block = Math.max(long + joint, across);
  const lying = Array.from({ length: count }, (_, k) =>
    rectangle(0, k * (short + joint), long, short),
  );
  const standing = Array.from({ length: count }, (_, k) =>
    rectangle(block + k * (short + joint), 0, short, long),
  );
  return cellOf([...lying, ...standing], [2 * block, 0], [block, block], joint);
}

/** Regular hexagons with upright sides; `flats` is the distance between opposite sides. */
function hexagonBond(flats: number, joint: number): PatternCell {
  const side = flats / Math.sqrt(3);
  const ring: Polygon = [
    [flats / 2, 0],
    [flats, side / 2],
    [flats, (3 * side) / 2],
    [flats / 2, 2 * side],
    [0, (3 * side) / 2],
    [0, side / 2],
  ];
  const module = flats + joint;
  return cellOf([ring], [module, 0], [module / 2, (module * Math.sqrt(3)) / 2], joint);
}

/** Scales or fans, each a joint away from its neighbours. */
function scaleBond(width: number, joint: number, round: "up" | "down"): PatternCell {
  const { ring, hull, along, up } = scaleTile(width, joint, round);
  const cell = cellOf([ring], along, up, joint);
  const { minX, minY } = boxOf(ring);
  const placed = hull.map(([x, y]): Point => [x - minX, y - minY]);
  return { ...cell, shapes: cell.shapes.map((shape) => ({ ...shape, hull: placed })) };
}

/** Long repeats of two lengths are given up beyond this many tiles. */
const MOST_IN_COURSE = 24;

/**
 * Courses of two heights by turns. Where the lengths differ the cell is as long as both repeat in,
 * to half a millimetre.
 */
function twoHeights(tile: LaidTile, second: LaidTile, joint: number): PatternCell {
  const lying = (t: LaidTile) =>
    [longestSide(t) + joint, Math.min(t.width, t.height) + joint] as const;
  const [[across, up], [secondAcross, secondUp]] = [lying(tile), lying(second)];
  const count = repeatOf(across, secondAcross);
  const length = count * across;
  const seconds = Math.max(1, Math.round(length / secondAcross));
  const course = (
    n: number,
    step: number,
    y: number,
    height: number,
    of: LaidTile,
    number: number,
  ) =>
    Array.from({ length: n }, (_, k) => {
      const ring = rectangle(
        k * step,
        y,
        Math.min(step, longestSide(of) + joint) - joint,
        height - joint,
      );
      return { ...shapeOf(ring, number, k + 1), tile: of.id };
    });
  return {
    shapes: [
      ...course(count, across, 0, up, tile, 1),
      ...course(seconds, length / seconds, up, secondUp, second, 2),
    ],
    a: { vector: [length, 0], course: 0, column: Math.max(count, seconds) },
    b: { vector: [0, up + secondUp], course: 2, column: 0 },
    joint,
    width: across - joint,
    height: up - joint,
    straight: false,
    courses: [up - joint, secondUp - joint],
  };
}

/** How many of one module make a whole number of the other. */
function repeatOf(one: number, other: number): number {
  for (let count = 1; count <= MOST_IN_COURSE; count++) {
    const rest = (count * one) / other;
    if (rest > 0.9 && Math.abs(rest - Math.round(rest)) * other < 0.5) return count;
  }
  return 1;
}

/** Large squares, each with a small one at its lower right corner: no joint runs through. */
function pinwheel(tile: LaidTile, second: LaidTile, joint: number): PatternCell {
  const large = Math.min(tile.width, tile.height);
  const small = Math.min(second.width, second.height);
  const [p, q] = [large + joint, small + joint];
  const cell = cellOf(
    [rectangle(0, 0, large, large), rectangle(p, 0, small, small)],
    [p, q],
    [-q, p],
    joint,
  );
  return {
    ...cell,
    shapes: cell.shapes.map((shape, k) => ({ ...shape, tile: k === 0 ? tile.id : second.id })),
  };
}
