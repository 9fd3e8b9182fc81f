import { areaTile, type LaidArea } from "../cut/laid-area.ts";
import type { CutPiece } from "../cut/pieces.ts";
import type { Figure } from "../figure.ts";
import type { Point, Polygon } from "../geometry/polygon.ts";
import { tileOf } from "../project/defaults.ts";
import type { Job, LaidTile } from "../project/job.ts";
import { type TileRef, tileOffset } from "../set-out/lattice.ts";
import type { CellShape } from "../set-out/pattern.ts";
import type { RegionEdge } from "../set-out/region.ts";
import {
  cellJoints,
  eachFacing,
  eachOverlap,
  type FacingSegment,
  type JointGrid,
  ON_EDGE,
  stretchesOn,
} from "./joints.ts";
import { sheetAt, sheetKey } from "./sheet-of-chip.ts";

/**
 * Spacers on one facing length e, in mm: none below 30, one below 200, else two. Across the joint, so
 * that they can be pulled before grout. Trade practice.
 */
export function spacersOn(e: number): number {
  // A thousandth of a millimetre of rounding must not add a spacer at 30 and 200.
  const length = Math.round(e * 1000) / 1000;
  if (length < 30) return 0;
  return length < 200 ? 1 : 2;
}

/** Facing lengths with the spacers that each takes. */
export interface SpacerSegment {
  /** Two pieces face each other, or a piece stands on the base. */
  of: "facing" | "base";
  length: number;
  count: number;
  each: number;
}

/** Spacers of a wall by the lengths that take them. */
export interface SpacerTally {
  segments: SpacerSegment[];
  spacers: number;
}

/** Whether pieces of a tile are held apart at all: lugs do it by themselves, and no joint needs none. */
export function isSpaced(tile: LaidTile, joint: number): boolean {
  return joint > 0 && !tile.lugged;
}

/** What spacers are counted from: an area, its joints, and where a wall's tile stands. */
export interface SpacedArea {
  area: LaidArea;
  grid: JointGrid;
  /** Joints between its pieces, by length; of tile on sheets those between chips do not count. */
  facing: FacingSegment[];
}

/** Spacers of one area: at its joints, and under pieces that stand on the base. */
export function areaSpacers(
  job: Pick<Job, "field" | "tiles">,
  { area, grid, facing }: SpacedArea,
  base: RegionEdge[],
): SpacerSegment[] {
  const tile = tileOf(job, areaTile(job.field.tile, area, 0));
  if (!isSpaced(tile, area.cell.joint)) return [];
  const lengths = tile.sheet
    ? sheetFacings(area, grid, tile.sheet).map(({ length }) => ({ length, count: 1 }))
    : facing;
  return [
    ...lengths.map(({ length, count }) => segment("facing", length, count)),
    ...standingLengths(area, tile, base).map(({ length }) => segment("base", length, 1)),
  ].filter(({ each }) => each > 0);
}

function segment(of: SpacerSegment["of"], length: number, count: number): SpacerSegment {
  return { of, length, count, each: spacersOn(length) };
}

/** The spacers of all areas of a wall, equal lengths together. */
export function tallySpacers(areas: SpacerSegment[][]): SpacerTally {
  const alike = new Map<string, SpacerSegment>();
  for (const own of areas.flat()) {
    const length = Math.round(own.length * 100) / 100;
    const key = `${own.of}/${length}/${own.each}`;
    const count = (alike.get(key)?.count ?? 0) + own.count;
    alike.set(key, { ...own, length, count });
  }
  const segments = [...alike.values()].sort((p, q) => q.length - p.length);
  return { segments, spacers: segments.reduce((sum, s) => sum + s.each * s.count, 0) };
}

/** Spacers of one wall: every length that takes some, with how many. */
export function spacersFigure({ segments, spacers }: SpacerTally): Figure {
  return {
    code: "spacers",
    value: spacers,
    unit: "count",
    terms: segments.map(({ of, length, count, each }) => ({
      code: of === "base" ? "spacersUnder" : "spacersEach",
      value: length,
      unit: "mm",
      ...{ count, each },
    })),
  };
}

/** Two sheets that face each other, by their rows, and over what length, mm. */
export interface SheetFacing {
  rows: [number, number];
  length: number;
}

/** Where neighbouring sheets face each other; the chips of one sheet take no spacers. */
export function sheetFacings(
  area: LaidArea,
  grid: JointGrid,
  sheet: NonNullable<LaidTile["sheet"]>,
): SheetFacing[] {
  const seams = new Map<string, { rows: [number, number]; stretches: [number, number][] }>();
  eachFacing(grid, area.pieces, cellJoints(area.cell), (joint, _line, from, to, near, far) => {
    const [one, other] = [sheetAt(area, sheet, near), sheetAt(area, sheet, far)];
    if (one.row === other.row && one.place === other.place) return;
    const key = `${sheetKey(one)} ${sheetKey(other)} ${joint.along}`;
    const seam = seams.get(key) ?? { rows: [one.row + 1, other.row + 1], stretches: [] };
    seams.set(key, seam);
    seam.stretches.push([from, to]);
  });
  return [...seams.values()].flatMap(({ rows, stretches }) =>
    joined(stretches, area.cell.joint).map((length) => ({ rows, length })),
  );
}

/** A piece, or a sheet, that stands on the base, and over what length, mm. */
export interface Standing {
  piece: TileRef & { ring?: Polygon };
  length: number;
}

/** What of an area stands on the base by its lower edge: pieces, or whole sheets. */
export function standingLengths(area: LaidArea, tile: LaidTile, base: RegionEdge[]): Standing[] {
  const { sheet } = tile;
  const found = new Map<string, { piece: Standing["piece"]; stretches: [number, number][] }>();
  const add = (key: string, piece: Standing["piece"], from: number, to: number) => {
    const own = found.get(key) ?? { piece, stretches: [] };
    found.set(key, own);
    own.stretches.push([from, to]);
  };
  const keyOf = (piece: CutPiece | TileRef) => {
    if (sheet) return sheetKey(sheetAt(area, sheet, piece));
    return "id" in piece ? piece.id : `${piece.shape}/${piece.i}/${piece.j}`;
  };
  const highest = Math.max(...base.flatMap(({ a, b }) => [a[1], b[1]])) + ON_EDGE;
  const low = area.pieces.filter(({ ring }) => ring.some(([, y]) => y <= highest));
  for (const { a, b } of base) {
    const length = Math.hypot(b[0] - a[0], b[1] - a[1]);
    if (length === 0) continue;
    const along: Point = [(b[0] - a[0]) / length, (b[1] - a[1]) / length];
    const normal: Point = [along[1], -along[0]];
    const line = { along, normal };
    const at = dot(normal, a);
    const within = [dot(along, a), dot(along, b)];
    for (const piece of low) {
      const own = stretchesOn(piece.ring, line, at);
      eachOverlap(own, within, within, (from, to) => add(keyOf(piece), piece, from, to));
    }
    const reach = [Math.min(a[1], b[1]) - ON_EDGE, Math.max(a[1], b[1]) + ON_EDGE] as const;
    eachWholeAt(area, reach, (tileRef, offset) => {
      const { ring } = area.cell.shapes[tileRef.shape] as CellShape;
      const shift = dot(along, offset);
      const own = stretchesOn(ring, line, at - dot(normal, offset)).map((s) => s + shift);
      eachOverlap(own, within, within, (from, to) => add(keyOf(tileRef), tileRef, from, to));
    });
  }
  const gap = sheet ? area.cell.joint : 0;
  return [...found.values()].flatMap(({ piece, stretches }) =>
    joined(stretches, gap).map((length) => ({ piece, length })),
  );
}

/** Every whole tile whose lowest point lies within a reach: only such a one can stand on a base there. */
function eachWholeAt(
  { runs, cell, origin }: LaidArea,
  [low, high]: readonly [number, number],
  visit: (tile: TileRef, offset: Point) => void,
): void {
  const feet = cell.shapes.map(({ ring }) => Math.min(...ring.map(([, y]) => y)));
  const level = cell.a.vector[1] === 0;
  for (let k = 0; k < runs.length; k += 4) {
    const [shape = 0, j = 0, from = 0, to = 0] = runs.subarray(k, k + 4);
    for (let i = from; i <= to; i++) {
      const offset = tileOffset(cell, origin, i, j);
      const foot = offset[1] + (feet[shape] as number);
      if (foot >= low && foot <= high) visit({ shape, i, j }, offset);
      else if (level) break;
    }
  }
}

/** Lengths of stretches, those that follow each other with no more than a gap between them as one. */
function joined(stretches: [number, number][], gap: number): number[] {
  const lengths: number[] = [];
  let [start, end] = [Number.NaN, -Infinity];
  for (const [from, to] of [...stretches].sort((p, q) => p[0] - q[0])) {
    if (from <= end + gap + ON_EDGE) {
      end = Math.max(end, to);
      continue;
    }
    if (end > -Infinity) lengths.push(end - start);
    [start, end] = [from, to];
  }
  if (end > -Infinity) lengths.push(end - start);
  return lengths;
}

function dot(p: Point, q: Point): number {
  return p[0] * q[0] + p[1] * q[1];
}
