import type { LaidArea } from "../cut/laid-area.ts";
import { edgesOf, type Point, type Polygon } from "../geometry/polygon.ts";
import type { Zone } from "../project/schema.ts";
import type { PlacedZone } from "../set-out/areas.ts";
import { tileOffset } from "../set-out/lattice.ts";
import { type CellJoint, eachOverlap, ON_EDGE, type Stretches, stretchesOn } from "./joints.ts";

/** How long the field's pieces face those of a zone across the joint round it, mm. */
export interface ZoneJoint {
  zone: Zone;
  mm: number;
}

type Line = Pick<CellJoint, "along" | "normal">;

/**
 * Joints between the field and each zone, whose pieces face each other across the field's joint.
 * A frame stands between the two and belongs to neither. No clip goes there: the tiles differ.
 */
export function zoneJoints(areas: LaidArea[], zones: PlacedZone[], joint: number): ZoneJoint[] {
  return zones.flatMap(({ zone, ring }) => {
    const own = areas.filter((area) => area.zone?.id === zone.id);
    if (zone.frame || own.length === 0) return [];
    const others = areas.filter((area) => area.zone?.id !== zone.id);
    const mm = edgesOf(ring).reduce((sum, edge) => sum + facingAlong(edge, own, others, joint), 0);
    return [{ zone, mm }];
  });
}

function facingAlong(
  [a, b]: [Point, Point],
  own: LaidArea[],
  others: LaidArea[],
  joint: number,
): number {
  const length = Math.hypot(b[0] - a[0], b[1] - a[1]);
  if (length === 0) return 0;
  const along: Point = [(b[0] - a[0]) / length, (b[1] - a[1]) / length];
  // Into the zone: its ring runs counter-clockwise.
  const normal: Point = [-along[1], along[0]];
  const line = { along, normal };
  const at = dot(normal, a);
  const outside = others.flatMap((area) => edgesOn(area, line, at));
  if (outside.length === 0) return 0;
  const inside = own.flatMap((area) => edgesOn(area, line, at + joint));
  let facing = 0;
  eachOverlap(outside, inside, [dot(along, a), dot(along, b)], (from, to) => {
    facing += to - from;
  });
  return facing;
}

/** The edges of an area's tiles and pieces that lie on a line. */
function edgesOn(area: LaidArea, line: Line, at: number): Stretches {
  const stretches = area.pieces.flatMap(({ ring }) => stretchesOn(ring, line, at));
  const step = dot(line.normal, area.cell.a.vector);
  for (let k = 0; k < area.runs.length; k += 4) {
    const [shape = 0, j = 0, from = 0, to = 0] = area.runs.subarray(k, k + 4);
    const ring = area.cell.shapes[shape]?.ring ?? [];
    for (const i of tilesAt(area, { line, ring, j, from, to, step }, at)) {
      const [x, y] = tileOffset(area.cell, area.origin, i, j);
      const moved = dot(line.along, [x, y]);
      const own = stretchesOn(ring, line, at - dot(line.normal, [x, y]));
      for (const end of own) stretches.push(end + moved);
    }
  }
  return stretches;
}

interface Run {
  line: Line;
  ring: Polygon;
  j: number;
  from: number;
  to: number;
  /** How much nearer each tile of the run is than the one before, mm. */
  step: number;
}

/** The tiles of a run that may have an edge on a line: all of them where the run goes along it. */
function tilesAt({ cell, origin }: LaidArea, run: Run, at: number): number[] {
  const { line, ring, j, from, to, step } = run;
  const first = dot(line.normal, tileOffset(cell, origin, from, j));
  const heights = new Set(ring.map((corner) => dot(line.normal, corner)));
  const tiles = new Set<number>();
  for (const height of heights) {
    const off = at - first - height;
    if (Math.abs(step) < ON_EDGE) {
      if (Math.abs(off) > ON_EDGE) continue;
      return Array.from({ length: to - from + 1 }, (_, n) => from + n);
    }
    const i = from + Math.round(off / step);
    if (i >= from && i <= to) tiles.add(i);
  }
  return [...tiles];
}

function dot(p: Point, q: Point): number {
  return p[0] * q[0] + p[1] * q[1];
}
