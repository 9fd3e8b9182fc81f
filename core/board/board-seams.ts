import { levelChords, plumbChords, type Stretch, withoutStretches } from "../geometry/chords.ts";
import { boxOf, type Point, type Polygon } from "../geometry/polygon.ts";
import { SAME_MM } from "../limits.ts";

/** A seam between two pieces. */
export interface Seam {
  from: readonly [number, number];
  to: readonly [number, number];
}

/** An opening in the board, by id. */
export interface Hole {
  id: string;
  ring: Polygon;
}

/** The room of one sheet on the wall, to the middle of the gaps round it. */
export interface Cell {
  minX: number;
  maxX: number;
  minY: number;
  maxY: number;
}

/** Seams run along the shared edges of cells, inside the wall and outside openings. */
export function seamsOf(cells: Cell[], region: Polygon, holes: Hole[], gap: number): Seam[] {
  const boxes = holes.map(({ ring }) => boxOf(ring));
  const seams: Seam[] = [];
  cells.forEach((cell, k) => {
    for (let later = k + 1; later < cells.length; later++) {
      const other = cells[later] as Cell;
      const y = cell.maxY === other.minY ? cell.maxY : other.maxY === cell.minY ? cell.minY : null;
      const x = cell.maxX === other.minX ? cell.maxX : other.maxX === cell.minX ? cell.minX : null;
      if (y !== null) {
        const shared: Stretch = [Math.max(cell.minX, other.minX), Math.min(cell.maxX, other.maxX)];
        const blocked = boxes.filter((box) => box.minY < y && box.maxY > y);
        const gaps = blocked.map((box): Stretch => [box.minX, box.maxX]);
        for (const [a, b] of within(levelChords(region, y), shared, gaps)) {
          seams.push({ from: [a, y], to: [b, y] });
        }
      } else if (x !== null) {
        const shared: Stretch = [Math.max(cell.minY, other.minY), Math.min(cell.maxY, other.maxY)];
        const blocked = boxes.filter((box) => box.minX < x && box.maxX > x);
        const gaps = blocked.map((box): Stretch => [box.minY, box.maxY]);
        for (const [a, b] of within(plumbChords(region, x), shared, gaps)) {
          seams.push({ from: [x, a], to: [x, b] });
        }
      }
    }
  });
  return seams.filter(({ from, to }) => to[0] - from[0] + to[1] - from[1] > gap);
}

function within(chords: Stretch[], [low, high]: Stretch, gaps: Stretch[]): Stretch[] {
  const inside = chords
    .map(([a, b]): Stretch => [Math.max(a, low), Math.min(b, high)])
    .filter(([a, b]) => b > a);
  return withoutStretches(inside, gaps);
}

/** How many corners of openings an upright seam at x would come too near to, between two heights. */
export function cornersNearX(
  holes: Hole[],
  x: number,
  minY: number,
  maxY: number,
  clear: number,
): number {
  let count = 0;
  for (const { ring } of holes) {
    for (const corner of ring) {
      const level = corner[1] > minY - clear && corner[1] < maxY + clear;
      if (level && Math.abs(corner[0] - x) < clear) count++;
    }
  }
  return count;
}

/** Corners of openings that lie nearer than `clear` to a seam. */
export function cornersNear(seams: Seam[], holes: Hole[], clear: number): number {
  let count = 0;
  for (const { ring } of holes) {
    for (const corner of ring) if (isNearSeam(corner, seams, clear - SAME_MM)) count++;
  }
  return count;
}

function isNearSeam(corner: Point, seams: Seam[], clear: number): boolean {
  for (const { from, to } of seams) {
    const dx = Math.max(from[0] - corner[0], 0, corner[0] - to[0]);
    const dy = Math.max(from[1] - corner[1], 0, corner[1] - to[1]);
    if (dx * dx + dy * dy < clear * clear) return true;
  }
  return false;
}
