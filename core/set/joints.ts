import type { CutPiece } from "../cut/pieces.ts";
import { type Box, boxOf, type Point, type Polygon } from "../geometry/polygon.ts";
import { SAME_MM, SAME_SUM } from "../limits.ts";
import {
  type TileGrid,
  type TileRef,
  TileState,
  tileIndex,
  tileOffset,
} from "../set-out/lattice.ts";
import type { PatternCell } from "../set-out/pattern.ts";
import { clipsOn } from "./clips.ts";

/** Facing lengths between neighbouring pieces, gathered by length. */
export interface FacingSegment {
  /** e: length over which the two pieces face each other, mm. */
  length: number;
  count: number;
  clipsEach: number;
}

/** All joints of a wall between pieces; crossings and the perimeter are left out. */
export interface JointTally {
  segments: FacingSegment[];
  lengthM: number;
  clips: number;
}

/** Facing lengths shorter than this are corners that touch and not joints, mm. */
const LEAST_FACING = 0.01;

/** How far a piece's edge may lie off the factory edge and still be that edge, mm. */
export const ON_EDGE = 0.01;

/** A joint of the pattern: shape `from` faces shape `to` of the cell (di, dj) steps away. */
export interface CellJoint {
  from: number;
  to: number;
  di: number;
  dj: number;
  /** Direction of the joint, and its outward normal from `from` to `to`. */
  along: Point;
  normal: Point;
  /** Where `from`'s edge lies along the normal, and what of it faces `to` along the direction. */
  offset: number;
  start: number;
  end: number;
}

/** What of a grid its joints are told from. */
export type JointGrid = Omit<TileGrid, "edgeTiles">;

/**
 * A stretch over which two tiles face each other: between the two distances along the joint, whose
 * near side lies on `line` along the normal. A cut one is told by its piece.
 */
type Meet = (
  joint: CellJoint,
  line: number,
  from: number,
  to: number,
  near: TileRef | CutPiece,
  far: TileRef | CutPiece,
) => void;

/** Counts the joints between whole tiles by their states and measures those at cut pieces. */
export function tallyJoints(grid: JointGrid, pieces: CutPiece[], joints: CellJoint[]): JointTally {
  const byLength = new Map<number, number>();
  let totalMm = 0;
  const add = (length: number, count: number) => {
    if (length < LEAST_FACING || count === 0) return;
    const key = Math.round(length * 100) / 100;
    byLength.set(key, (byLength.get(key) ?? 0) + count);
    // Told lengths are rounded; hundreds of equal ones would round the sum the same way.
    totalMm += length * count;
  };
  for (const joint of joints) add(joint.end - joint.start, countWholePairs(grid, joint));
  facingAtCuts(grid, joints, pieces, (_joint, _line, from, to) => add(to - from, 1));
  // No stem goes between tiles that touch.
  const clips = grid.cell.joint > 0 ? clipsOn : () => 0;
  const segments = [...byLength].map(([length, count]) => {
    return { length, count, clipsEach: clips(length) };
  });
  return tallyOf(segments, totalMm / 1000);
}

function tallyOf(segments: FacingSegment[], lengthM: number): JointTally {
  return {
    segments: segments.sort((p, q) => q.length - p.length),
    lengthM,
    clips: segments.reduce((sum, { clipsEach, count }) => sum + clipsEach * count, 0),
  };
}

/** Several tallies as one. */
export function mergeTallies(tallies: JointTally[]): JointTally {
  const [only] = tallies;
  if (only && tallies.length === 1) return only;
  const alike = new Map<string, FacingSegment>();
  for (const segment of tallies.flatMap(({ segments }) => segments)) {
    const key = `${segment.length}/${segment.clipsEach}`;
    const count = (alike.get(key)?.count ?? 0) + segment.count;
    alike.set(key, { ...segment, count });
  }
  return tallyOf(
    [...alike.values()],
    tallies.reduce((sum, { lengthM }) => sum + lengthM, 0),
  );
}

/** The joints of cells that were asked for: walls share theirs. */
const known = new WeakMap<PatternCell, CellJoint[]>();

/** The joints of the repeating cell, each once: those whose normal points right or up. */
export function cellJoints(cell: PatternCell): CellJoint[] {
  const joints = known.get(cell) ?? jointsOf(cell);
  known.set(cell, joints);
  return joints;
}

function jointsOf(cell: PatternCell): CellJoint[] {
  const joints: CellJoint[] = [];
  const reach = neighbourReach(cell);
  const shapes = cell.shapes.map(({ ring }) => ({ box: boxOf(ring), sides: sidesOf(ring) }));
  shapes.forEach((from, f) => {
    shapes.forEach((to, t) => {
      for (let dj = -reach; dj <= reach; dj++) {
        for (let di = -reach; di <= reach; di++) {
          const shift = tileOffset(cell, ORIGIN, di, dj);
          if (boxGap(from.box, to.box, shift) > cell.joint + LEAST_FACING) continue;
          for (const side of facingSides(from.sides, to.sides, shift, cell.joint)) {
            joints.push({ from: f, to: t, di, dj, ...side });
          }
        }
      }
    });
  });
  return joints;
}

const ORIGIN: Point = [0, 0];

/** How far a moved box is from another one along x or y, whichever is more, mm. */
function boxGap(from: Box, to: Box, [dx, dy]: Point): number {
  return Math.max(
    to.minX + dx - from.maxX,
    from.minX - to.maxX - dx,
    to.minY + dy - from.maxY,
    from.minY - to.maxY - dy,
  );
}

/** How many lattice steps away a neighbour can be: long tiles in a herringbone reach far. */
function neighbourReach({ shapes, a, b, straight }: PatternCell): number {
  if (straight) return 3;
  const size = Math.max(...shapes.map(({ width, height }) => Math.max(width, height)));
  const step = Math.min(Math.hypot(...a.vector), Math.hypot(...b.vector));
  return Math.max(3, Math.ceil((2 * size) / step) + 1);
}

function facingSides(from: RingSide[], to: RingSide[], shift: Point, joint: number) {
  const sides: Omit<CellJoint, "from" | "to" | "di" | "dj">[] = [];
  for (const { a, b, along, normal, offset } of from) {
    if (normal[1] < -SAME_SUM || (normal[1] < SAME_SUM && normal[0] < 0)) continue;
    for (const other of to) {
      if (dot(normal, other.normal) > -1 + SAME_SUM) continue;
      if (Math.abs(dot(normal, other.a) + dot(normal, shift) - offset - joint) > SAME_MM) continue;
      const moved = dot(along, shift);
      const [p, q] = [dot(along, other.a) + moved, dot(along, other.b) + moved];
      const start = Math.max(dot(along, a), Math.min(p, q));
      const end = Math.min(dot(along, b), Math.max(p, q));
      if (end - start > LEAST_FACING) sides.push({ along, normal, offset, start, end });
    }
  }
  return sides;
}

/** A side of a ring, with its direction, its outward normal and where it lies along the normal. */
interface RingSide {
  a: Point;
  b: Point;
  along: Point;
  normal: Point;
  offset: number;
}

function sidesOf(ring: Polygon): RingSide[] {
  return ring.map((a, k) => {
    const b = ring[(k + 1) % ring.length] as Point;
    const length = Math.hypot(b[0] - a[0], b[1] - a[1]);
    const along: Point = [(b[0] - a[0]) / length, (b[1] - a[1]) / length];
    const normal: Point = [along[1], -along[0]];
    return { a, b, along, normal, offset: dot(normal, a) };
  });
}

function dot(p: Point, q: Point): number {
  return p[0] * q[0] + p[1] * q[1];
}

/** Hands on every stretch of joint between neighbouring pieces, those between whole tiles too. */
export function eachFacing(
  grid: JointGrid,
  pieces: CutPiece[],
  joints: CellJoint[],
  meet: Meet,
): void {
  const { cell, origin, i0, j0 } = grid;
  for (const joint of joints) {
    const { along, normal, from: shape, to, di, dj } = joint;
    eachWholePair(grid, joint, (row, column) => {
      const [i, j] = [column + i0, row + j0];
      const [x, y] = tileOffset(cell, origin, i, j);
      const shift = along[0] * x + along[1] * y;
      const line = joint.offset + normal[0] * x + normal[1] * y;
      const far = { shape: to, i: i + di, j: j + dj };
      meet(joint, line, joint.start + shift, joint.end + shift, { shape, i, j }, far);
    });
  }
  facingAtCuts(grid, joints, pieces, meet);
}

function countWholePairs(grid: JointGrid, joint: CellJoint): number {
  let count = 0;
  eachWholePair(grid, joint, () => {
    count++;
  });
  return count;
}

function eachWholePair(
  { state, ni, nj }: JointGrid,
  joint: CellJoint,
  visit: (row: number, column: number) => void,
): void {
  for (let row = 0; row < nj; row++) {
    const otherRow = row + joint.dj;
    if (otherRow < 0 || otherRow >= nj) continue;
    const here = (joint.from * nj + row) * ni;
    const there = (joint.to * nj + otherRow) * ni + joint.di;
    const first = Math.max(0, -joint.di);
    const last = Math.min(ni, ni - joint.di);
    for (let column = first; column < last; column++) {
      if (state[here + column] === TileState.whole && state[there + column] === TileState.whole) {
        visit(row, column);
      }
    }
  }
}

/** Stretches of a line, one after the other: from, to, from, to … A wall has thousands of them. */
export type Stretches = number[];

/** Where joint segments at cut pieces run: both pieces must still have their factory edge there. */
function facingAtCuts(grid: JointGrid, joints: CellJoint[], pieces: CutPiece[], meet: Meet): void {
  const { groups, places } = piecesByTile(grid, pieces);
  const at = (index: number) => groups[(places[index] as number) - 1];
  for (const own of groups) {
    const { shape, i, j } = own[0] as CutPiece;
    for (const joint of joints) {
      if (joint.from === shape) {
        const other = tileIndex(grid, joint.to, i + joint.di, j + joint.dj);
        const meets = other >= 0 && grid.state[other] !== TileState.outside;
        if (meets) measurePair(grid, joint, i, j, own, at(other), meet);
      }
      // A whole neighbour does not look for this tile itself; a cut one does, from its own side.
      if (joint.to === shape) {
        const [otherI, otherJ] = [i - joint.di, j - joint.dj];
        const other = tileIndex(grid, joint.from, otherI, otherJ);
        if (grid.state[other] === TileState.whole) {
          measurePair(grid, joint, otherI, otherJ, undefined, own, meet);
        }
      }
    }
  }
}

/** The pieces of each cut tile, and every tile's place among these, counted from 1. */
function piecesByTile(grid: JointGrid, pieces: CutPiece[]) {
  const groups: CutPiece[][] = [];
  const places = new Int32Array(grid.state.length);
  for (const piece of pieces) {
    const index = tileIndex(grid, piece.shape, piece.i, piece.j);
    const place = places[index] as number;
    if (place > 0) groups[place - 1]?.push(piece);
    else places[index] = groups.push([piece]);
  }
  return { groups, places };
}

/** Hands on the stretches of one joint; `undefined` pieces stand for a whole tile. */
function measurePair(
  grid: JointGrid,
  joint: CellJoint,
  i: number,
  j: number,
  from: CutPiece[] | undefined,
  to: CutPiece[] | undefined,
  meet: Meet,
): void {
  const { origin, cell } = grid;
  const { along, normal } = joint;
  const x = origin[0] + i * cell.a.vector[0] + j * cell.b.vector[0];
  const y = origin[1] + i * cell.a.vector[1] + j * cell.b.vector[1];
  const shift = along[0] * x + along[1] * y;
  const line = joint.offset + normal[0] * x + normal[1] * y;
  const whole = [joint.start + shift, joint.end + shift];
  for (let f = 0; f < (from?.length ?? 1); f++) {
    const near = from ? stretchesOn((from[f] as CutPiece).ring, joint, line) : whole;
    if (near.length === 0) continue;
    for (let t = 0; t < (to?.length ?? 1); t++) {
      const far = to ? stretchesOn((to[t] as CutPiece).ring, joint, line + cell.joint) : whole;
      const one = from?.[f] ?? { shape: joint.from, i, j };
      const other = to?.[t] ?? { shape: joint.to, i: i + joint.di, j: j + joint.dj };
      eachOverlap(near, far, whole, (start, end) => meet(joint, line, start, end, one, other));
    }
  }
}

/** Most edges do not lie on the line that is asked for. */
const NOWHERE: Stretches = [];

/** The stretches of a ring that lie on the line normal·p = offset, measured along it. */
export function stretchesOn(
  ring: Polygon,
  { along, normal }: Pick<CellJoint, "along" | "normal">,
  offset: number,
): Stretches {
  let stretches = NOWHERE;
  let a = ring[ring.length - 1] as Point;
  let before = Math.abs(normal[0] * a[0] + normal[1] * a[1] - offset) <= ON_EDGE;
  for (let k = 0; k < ring.length; k++) {
    const b = ring[k] as Point;
    const on = Math.abs(normal[0] * b[0] + normal[1] * b[1] - offset) <= ON_EDGE;
    if (on && before) {
      const p = along[0] * a[0] + along[1] * a[1];
      const q = along[0] * b[0] + along[1] * b[1];
      if (stretches === NOWHERE) stretches = [Math.min(p, q), Math.max(p, q)];
      else stretches.push(Math.min(p, q), Math.max(p, q));
    }
    a = b;
    before = on;
  }
  return stretches.length <= 2 ? stretches : merged(stretches);
}

/** Collinear corners on an edge must not split its joint in two. */
function merged(stretches: Stretches): Stretches {
  const pairs: [from: number, to: number][] = [];
  for (let k = 0; k < stretches.length; k += 2) {
    pairs.push([stretches[k] as number, stretches[k + 1] as number]);
  }
  const joined: Stretches = [];
  for (const [from, to] of pairs.sort((p, q) => p[0] - q[0])) {
    const last = joined.length - 1;
    if (last > 0 && from <= (joined[last] as number) + ON_EDGE) {
      joined[last] = Math.max(joined[last] as number, to);
    } else joined.push(from, to);
  }
  return joined;
}

/** Hands on every stretch over which those of two facing lines overlap, within one of the line. */
export function eachOverlap(
  near: Stretches,
  far: Stretches,
  within: Stretches,
  visit: (from: number, to: number) => void,
): void {
  for (let n = 0; n < near.length; n += 2) {
    for (let f = 0; f < far.length; f += 2) {
      const from = Math.max(near[n] as number, far[f] as number, within[0] as number);
      const to = Math.min(near[n + 1] as number, far[f + 1] as number, within[1] as number);
      if (to - from > LEAST_FACING) visit(from, to);
    }
  }
}
