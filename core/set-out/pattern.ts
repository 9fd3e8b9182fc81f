import { boxOf, type Point, type Polygon, polygonArea, rectangle } from "../geometry/polygon.ts";
import { fieldTile } from "../project/defaults.ts";
import type { Project } from "../project/schema.ts";

/** One tile of the repeating cell, placed with the reference tile's lower left corner at 0, 0. */
export interface CellShape {
  /** Convex ring, counter-clockwise. */
  ring: Polygon;
  course: number;
  column: number;
  /** Of its upright box, mm: what cuts of this shape are measured against. */
  width: number;
  height: number;
  areaMm2: number;
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
  /** Tiles lie in level courses or plumb columns: centre, courses and cuts follow them. */
  straight: boolean;
}

/** The field's bond: a new bond is a new cell, with no other code to change. */
export function fieldPattern(project: Project): PatternCell {
  const { field } = project;
  const tile = fieldTile(project);
  const long = Math.max(tile.width, tile.height);
  const short = Math.min(tile.width, tile.height);
  const offset = field.pattern === "offset" ? (field.offset ?? 0.5) : 0;
  const alternating = offset > 0 && (field.run ?? "alternating") === "alternating";
  switch (field.pattern) {
    case "diagonal":
      return diagonalBond(long, short, field.joint, field.lay);
    case "herringbone":
      return herringbone(long, short, field.joint, field.angle ?? "block");
    case "basket-weave":
      return basketWeave(long, short, field.joint);
    case "hexagon":
      return hexagonBond(short, field.joint);
    case "stacked":
    case "offset":
      return field.lay === "lying"
        ? lyingBond(long, short, field.joint, offset, alternating)
        : standingBond(short, long, field.joint, offset, alternating);
    default:
      return field.pattern satisfies never;
  }
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
