import {
  type Box,
  boxOf,
  contains,
  type Point,
  type Polygon,
  translate,
} from "../geometry/polygon.ts";
import type { CellShape, PatternCell } from "./pattern.ts";
import type { RegionEdge, TileRegion } from "./region.ts";

/** What became of one tile of the lattice. */
export const TileState = { outside: 0, whole: 1, cut: 2 } as const;

/** An edge nearer than this to a tile's side runs along it and does not cut it, mm. */
const TOUCH = 1e-3;

/** Tiles beyond this many on one wall are not set out: the job is a mistake or not a wall. */
export const MOST_TILES = 200_000;

/** One tile of the lattice: which shape of the cell, at which multiple of the two vectors. */
export interface TileRef {
  shape: number;
  i: number;
  j: number;
}

/** A tile that the region's edges reach, with the edges that run through it. */
export interface EdgeTile extends TileRef {
  crossing: RegionEdge[];
  /** An edge of the boundary is among those that reach it. */
  atBoundary: boolean;
}

/** Every tile of the lattice over a region: its state, and the tiles near the region's edges. */
export interface TileGrid {
  cell: PatternCell;
  origin: Point;
  i0: number;
  j0: number;
  ni: number;
  nj: number;
  state: Uint8Array;
  edgeTiles: EdgeTile[];
}

/** Index of a tile in `state`; −1 outside the grid. */
export function tileIndex(
  grid: Pick<TileGrid, "i0" | "j0" | "ni" | "nj">,
  shape: number,
  i: number,
  j: number,
): number {
  const column = i - grid.i0;
  const row = j - grid.j0;
  if (column < 0 || row < 0 || column >= grid.ni || row >= grid.nj) return -1;
  return (shape * grid.nj + row) * grid.ni + column;
}

/** Offset of a tile from its place in the cell. */
export function tileOffset(cell: PatternCell, origin: Point, i: number, j: number): Point {
  return [
    origin[0] + i * cell.a.vector[0] + j * cell.b.vector[0],
    origin[1] + i * cell.a.vector[1] + j * cell.b.vector[1],
  ];
}

/** The ring of one tile in the plan's frame. */
export function tileRing(grid: Pick<TileGrid, "cell" | "origin">, tile: TileRef): Polygon {
  const offset = tileOffset(grid.cell, grid.origin, tile.i, tile.j);
  return translate(shapeOf(grid.cell, tile.shape).ring, offset);
}

/** Course and column of a tile; the reference tile is course 1, column 1. */
export function tileNumber(cell: PatternCell, { shape, i, j }: TileRef) {
  const { course, column } = shapeOf(cell, shape);
  return {
    course: course + i * cell.a.course + j * cell.b.course,
    column: column + i * cell.a.column + j * cell.b.column,
  };
}

/**
 * Sorts every tile of the lattice into outside, whole or cut. Only tiles near an edge of the
 * region are looked at one by one; a row of tiles between two of them shares one answer, so the
 * work grows with the length of the edges and not with the number of tiles.
 *
 * Gives undefined when the region would take more tiles than `most`.
 */
export function classifyTiles(
  cell: PatternCell,
  origin: Point,
  region: TileRegion,
  most = MOST_TILES,
): TileGrid | undefined {
  const grid = emptyGrid(cell, origin, region, most);
  if (!grid) return undefined;
  const near = markEdges(grid, region.edges);
  for (let shape = 0; shape < cell.shapes.length; shape++) fillRows(grid, shape, near, region);
  return grid;
}

interface LatticeFrame {
  u: Point;
  v: Point;
}

/** Rows of the matrix that turns a point into multiples of the lattice vectors. */
function latticeFrame({ a, b }: PatternCell): LatticeFrame {
  const [[ax, ay], [bx, by]] = [a.vector, b.vector];
  const determinant = ax * by - ay * bx;
  return {
    u: [by / determinant, -bx / determinant],
    v: [-ay / determinant, ax / determinant],
  };
}

function toLattice({ u, v }: LatticeFrame, point: Point): Point {
  return [u[0] * point[0] + u[1] * point[1], v[0] * point[0] + v[1] * point[1]];
}

function emptyGrid(
  cell: PatternCell,
  origin: Point,
  region: TileRegion,
  most: number,
): TileGrid | undefined {
  const frame = latticeFrame(cell);
  const { minX, minY, maxX, maxY } = region.box;
  const corners = [
    [minX, minY],
    [maxX, minY],
    [maxX, maxY],
    [minX, maxY],
  ].map(([x, y]) => toLattice(frame, [(x as number) - origin[0], (y as number) - origin[1]]));
  const span = boxOf(corners);
  const shapes = boxOf(...cell.shapes.map(({ ring }) => ring.map((p) => toLattice(frame, p))));
  const i0 = Math.floor(span.minX - shapes.maxX) - 1;
  const j0 = Math.floor(span.minY - shapes.maxY) - 1;
  const ni = Math.ceil(span.maxX - shapes.minX) + 2 - i0;
  const nj = Math.ceil(span.maxY - shapes.minY) + 2 - j0;
  if (!(ni * nj * cell.shapes.length <= most)) return undefined;
  const state = new Uint8Array(ni * nj * cell.shapes.length);
  return { cell, origin, i0, j0, ni, nj, state, edgeTiles: [] };
}

/**
 * Finds the tiles that an edge runs through or passes within a joint of; gives for every tile of the
 * grid its place among these, counted from 1. Of a tile that is not convex its hull is asked: an
 * edge through the hull alone leaves the tile whole when it is cut.
 */
function markEdges(grid: TileGrid, edges: RegionEdge[]): Int32Array {
  const near = new Int32Array(grid.state.length);
  const { origin, cell, edgeTiles } = grid;
  const [along, up] = [cell.a.vector, cell.b.vector];
  const frame = latticeFrame(grid.cell);
  for (let shape = 0; shape < grid.cell.shapes.length; shape++) {
    const footprint = footprintOf(grid.cell, shape, frame);
    const { hull, ring } = shapeOf(grid.cell, shape);
    const sides = sidesOf(hull ?? ring);
    for (const edge of edges) {
      visitTilesAlong(grid, frame, footprint, edge, (i, j) => {
        const index = tileIndex(grid, shape, i, j);
        if (index < 0) return;
        near[index] ||= edgeTiles.push({ shape, i, j, crossing: [], atBoundary: false });
        const tile = edgeTiles[(near[index] as number) - 1] as EdgeTile;
        if (edge.of.kind === "boundary") tile.atBoundary = true;
        const x = origin[0] + i * along[0] + j * up[0];
        const y = origin[1] + i * along[1] + j * up[1];
        if (crossesTile(sides, x, y, edge)) tile.crossing.push(edge);
      });
    }
  }
  return near;
}

/**
 * A shape's reach in lattice units, widened by a joint so that edges that run inside a joint
 * still mark the tiles beside it. Along the rows it is at least a whole step: where tiles of one
 * shape stand apart, an edge that runs between two of them must mark one, or the row would go on
 * as if there were none.
 */
function footprintOf(cell: PatternCell, shape: number, frame: LatticeFrame): Box {
  const reach = cell.joint + 1;
  const { minX, minY, maxX, maxY } = boxOf(shapeOf(cell, shape).ring);
  const box = boxOf(
    [
      [minX - reach, minY - reach],
      [maxX + reach, minY - reach],
      [maxX + reach, maxY + reach],
      [minX - reach, maxY + reach],
    ].map(([x, y]) => toLattice(frame, [x as number, y as number])),
  );
  const lacking = Math.max(0, 1.001 - (box.maxX - box.minX)) / 2;
  return { ...box, minX: box.minX - lacking, maxX: box.maxX + lacking };
}

/* This and crossesTile run for every edge at every tile near it: coordinates by index, no arrays. */
function visitTilesAlong(
  { origin }: TileGrid,
  { u, v }: LatticeFrame,
  reach: Box,
  { a, b }: RegionEdge,
  visit: (i: number, j: number) => void,
): void {
  const au = u[0] * (a[0] - origin[0]) + u[1] * (a[1] - origin[1]);
  const av = v[0] * (a[0] - origin[0]) + v[1] * (a[1] - origin[1]);
  const bu = u[0] * (b[0] - origin[0]) + u[1] * (b[1] - origin[1]);
  const bv = v[0] * (b[0] - origin[0]) + v[1] * (b[1] - origin[1]);
  const jFrom = Math.ceil(Math.min(av, bv) - reach.maxY);
  const jTo = Math.floor(Math.max(av, bv) - reach.minY);
  for (let j = jFrom; j <= jTo; j++) {
    // The stretch of the edge inside this row's band.
    const low = j + reach.minY;
    const high = j + reach.maxY;
    const t0 = av === bv ? 0 : clamp01(((av < bv ? low : high) - av) / (bv - av));
    const t1 = av === bv ? 1 : clamp01(((av < bv ? high : low) - av) / (bv - av));
    const u0 = au + t0 * (bu - au);
    const u1 = au + t1 * (bu - au);
    const iFrom = Math.ceil(Math.min(u0, u1) - reach.maxX);
    const iTo = Math.floor(Math.max(u0, u1) - reach.minX);
    for (let i = iFrom; i <= iTo; i++) visit(i, j);
  }
}

function clamp01(t: number): number {
  return Math.min(1, Math.max(0, t));
}

/** A side of a convex shape as the half-plane n·p ≤ limit that it bounds. */
interface Side {
  nx: number;
  ny: number;
  limit: number;
}

function sidesOf(ring: Polygon): Side[] {
  return ring.map(([x0, y0], k) => {
    const [x1, y1] = ring[(k + 1) % ring.length] as Point;
    const length = Math.hypot(x1 - x0, y1 - y0);
    const [nx, ny] = [(y1 - y0) / length, (x0 - x1) / length];
    return { nx, ny, limit: nx * x0 + ny * y0 };
  });
}

/** Whether an edge runs through the inside of a convex tile (clipped to its sides in turn). */
function crossesTile(sides: Side[], left: number, low: number, { a, b }: RegionEdge): boolean {
  const x = a[0] - left;
  const y = a[1] - low;
  const dx = b[0] - a[0];
  const dy = b[1] - a[1];
  let from = 0;
  let to = 1;
  for (const { nx, ny, limit } of sides) {
    const over = nx * x + ny * y - (limit - TOUCH);
    const change = nx * dx + ny * dy;
    if (change === 0) {
      if (over > 0) return false;
    } else if (change > 0) {
      to = Math.min(to, -over / change);
    } else {
      from = Math.max(from, -over / change);
    }
    if (from >= to) return false;
  }
  return true;
}

/** Walks each row: edge tiles get their own answer, runs between them the answer of their first. */
function fillRows(grid: TileGrid, shape: number, near: Int32Array, region: TileRegion): void {
  const [centreX, centreY] = middleOf(shapeOf(grid.cell, shape));
  const [a, b] = [grid.cell.a.vector, grid.cell.b.vector];
  const left = grid.origin[0] + centreX;
  const low = grid.origin[1] + centreY;
  for (let row = 0; row < grid.nj; row++) {
    let known = false;
    let current: number = TileState.outside;
    for (let column = 0; column < grid.ni; column++) {
      const index = (shape * grid.nj + row) * grid.ni + column;
      const place = near[index] as number;
      if (place > 0 && (grid.edgeTiles[place - 1] as EdgeTile).crossing.length > 0) {
        grid.state[index] = TileState.cut;
        known = false;
        continue;
      }
      if (!known || place > 0) {
        const [i, j] = [column + grid.i0, row + grid.j0];
        const centre: Point = [left + i * a[0] + j * b[0], low + i * a[1] + j * b[1]];
        current = insideRegion(region, centre) ? TileState.whole : TileState.outside;
      }
      grid.state[index] = current;
      known = place === 0;
    }
  }
}

function middleOf({ ring }: CellShape): Point {
  const { minX, minY, maxX, maxY } = boxOf(ring);
  return [(minX + maxX) / 2, (minY + maxY) / 2];
}

function insideRegion({ boundary, voids, circles }: TileRegion, point: Point): boolean {
  if (!contains(boundary, point)) return false;
  if (voids.some((ring) => contains(ring, point))) return false;
  return !circles.some(
    ({ centre, diameter }) => Math.hypot(point[0] - centre[0], point[1] - centre[1]) < diameter / 2,
  );
}

function shapeOf(cell: PatternCell, shape: number): CellShape {
  return cell.shapes[shape] as CellShape;
}

/** Whole tiles as runs along the first lattice vector: shape, j, first i, last i for each run. */
export function wholeRuns(grid: TileGrid): Int32Array {
  const runs: number[] = [];
  for (let shape = 0; shape < grid.cell.shapes.length; shape++) {
    for (let row = 0; row < grid.nj; row++) {
      const start = (shape * grid.nj + row) * grid.ni;
      let first = -1;
      for (let column = 0; column <= grid.ni; column++) {
        const whole = column < grid.ni && grid.state[start + column] === TileState.whole;
        if (whole && first < 0) first = column;
        if (!whole && first >= 0) {
          runs.push(shape, row + grid.j0, first + grid.i0, column - 1 + grid.i0);
          first = -1;
        }
      }
    }
  }
  return Int32Array.from(runs);
}
