import { intersect } from "../geometry/boolean.ts";
import {
  boxOf,
  clipHalfPlane,
  type Point,
  type Polygon,
  rectangle,
  ringInside,
} from "../geometry/polygon.ts";
import { SAME_MM } from "../limits.ts";
import { lineX } from "../measure/corners.ts";
import type { PlacedOpening } from "../measure/openings.ts";
import type { MeasuredWall } from "../measure/survey.ts";
import type { Job } from "../project/job.ts";
import type { Zone } from "../project/schema.ts";
import { bondPattern, type PatternCell } from "./pattern.ts";

/** What the tile of a zone is laid by. */
export type LaidZone = Pick<Zone, "id" | "kind" | "tile" | "joint">;

/** A part of a wall that one lattice of tiles is laid over. */
export interface WallArea {
  /** The zone that it belongs to; the field has none. */
  zone?: LaidZone;
  cell: PatternCell;
  origin: Point;
  boundary: Polygon;
  /** What of other zones is cut out of it, edge to edge of the field tile. */
  without: Polygon[];
}

/** Where a zone lies on a wall, from field tile to field tile. */
export interface PlacedZone {
  zone: Zone;
  ring: Polygon;
  /** What its own tile may occupy: less the field's joint and a frame. */
  inner: Polygon;
}

/** The cells of the job's zones by the zone's id: walls share them, and what follows from them. */
export type ZoneCells = Record<string, PatternCell>;

/** Works out the cell of every zone once for all walls. */
export function zoneCells(job: Pick<Job, "tiles" | "zones">): ZoneCells {
  return Object.fromEntries(job.zones.map((zone) => [zone.id, bondPattern(job, zone)]));
}

export interface WallField {
  measured: MeasuredWall;
  boundary: Polygon;
  cell: PatternCell;
  origin: Point;
  centreX: number;
}

/** Bands and panels of a wall in the plan's frame, the lowest first. */
export function placeZones(
  job: Pick<Job, "field" | "zones">,
  levelY: number,
  { measured, boundary }: Pick<WallField, "measured" | "boundary">,
): PlacedZone[] {
  if (boundary.length === 0) return [];
  const { joint } = job.field;
  return job.zones
    .flatMap((zone): PlacedZone[] => {
      const { bottom = 0, height = 0 } = zone;
      const y0 = levelY + bottom;
      if (zone.kind === "band") {
        const ring = between(boundary, y0, y0 + height);
        const inner = between(boundary, y0 + joint, y0 + height - joint);
        return ring.length > 0 ? [{ zone, ring, inner }] : [];
      }
      if (zone.kind !== "panel" || zone.wall !== measured.wall.id) return [];
      const { width = 0, x = { from: "left", at: 0 }, frame } = zone;
      const corner = lineX(x.from === "left" ? measured.left : measured.right, y0);
      const x0 = x.from === "left" ? corner + x.at : corner - x.at - width;
      const inset = joint + (frame ? frame.width + frame.joint : 0);
      const whole = rectangle(x0 + inset, y0 + inset, width - 2 * inset, height - 2 * inset);
      const inner = width > 2 * inset && height > 2 * inset ? within(whole, boundary) : [];
      return [{ zone, ring: rectangle(x0, y0, width, height), inner }];
    })
    .sort((p, q) => boxOf(p.ring).minY - boxOf(q.ring).minY);
}

/** A panel that leaves its field is warned of and laid as far as the field goes. */
function within(ring: Polygon, boundary: Polygon): Polygon {
  if (ringInside(ring, boundary)) return ring;
  return intersect([ring], [boundary])[0]?.outer ?? [];
}

/** The part of a field between two heights. */
function between(boundary: Polygon, low: number, high: number): Polygon {
  const above = clipHalfPlane(boundary, 0, -1, -low);
  const ring = clipHalfPlane(above, 0, 1, high);
  return ring.length < 3 || high - low < 1 ? [] : ring;
}

/**
 * A wall's field and zones, each with its lattice: the field from the base, then each band with
 * the field above it, whose courses go on from the band's top; then panels.
 */
export function wallAreas(cells: ZoneCells, field: WallField, zones: PlacedZone[]): WallArea[] {
  const { boundary, cell, origin } = field;
  const bands = zones.filter(({ zone }) => zone.kind === "band");
  const panels = zones.filter(({ zone }) => zone.kind === "panel");
  const without = panels.map(({ ring }) => ring);
  const areas: WallArea[] = [];
  let foot = Number.NEGATIVE_INFINITY;
  let from = origin;
  for (const band of bands) {
    const { minY, maxY } = boxOf(band.ring);
    // A band that begins inside another one is warned of and not laid.
    if (minY < foot - SAME_MM) continue;
    areas.push({ cell, origin: from, boundary: between(boundary, foot, minY), without });
    areas.push({ ...zoneArea(cells, field, band), without });
    from = originAbove(cell, from, minY, maxY);
    foot = maxY;
  }
  areas.push({
    cell,
    origin: from,
    boundary: bands.length === 0 ? boundary : between(boundary, foot, boxOf(boundary).maxY + 1),
    without,
  });
  const framed = panels.map((panel, k) => ({
    ...zoneArea(cells, field, panel),
    without: without.slice(0, k),
  }));
  return [...areas, ...framed];
}

/** Courses above a band count on: the next one begins at the band's top. */
function originAbove(cell: PatternCell, origin: Point, bottom: number, top: number): Point {
  if (!cell.straight) return origin;
  const module = cell.height + cell.joint;
  const below = Math.ceil((bottom - origin[1]) / module - SAME_MM);
  return [origin[0], top - below * module];
}

function zoneArea(cells: ZoneCells, field: WallField, { zone, inner }: PlacedZone): WallArea {
  const cell = cells[zone.id] as PatternCell;
  const box = inner.length > 0 ? boxOf(inner) : boxOf(field.boundary);
  const middle = zone.kind === "band" ? field.centreX : (box.minX + box.maxX) / 2;
  const origin = zoneOrigin(zone, cell, middle, box);
  return { zone: laidZone(zone), cell, origin, boundary: inner, without: [] };
}

function laidZone({ id, kind, tile, joint }: Zone): LaidZone {
  return { id, kind, tile, joint };
}

/** Lower left corner of a zone's reference tile: on the centre line, from its lower edge. */
function zoneOrigin(
  { centre = "tile" }: Zone,
  cell: PatternCell,
  middle: number,
  { minY, maxY }: { minY: number; maxY: number },
): Point {
  const x = centre === "tile" ? middle - cell.width / 2 : middle + cell.joint / 2;
  return [x, cell.straight ? minY : (minY + maxY - cell.height) / 2];
}

/** The back of a niche that is a zone: its own lattice in the finished opening. */
export function nicheArea(
  job: Pick<Job, "setOut" | "zones">,
  cells: ZoneCells,
  { opening, ring }: PlacedOpening,
): WallArea | undefined {
  const zone = job.zones.find(
    (candidate) => candidate.kind === "niche" && candidate.opening === opening.id,
  );
  if (!zone) return undefined;
  const { cornerJoint } = job.setOut;
  const box = boxOf(ring);
  const boundary = rectangle(
    box.minX + cornerJoint,
    box.minY + cornerJoint,
    opening.width - 2 * cornerJoint,
    opening.height - 2 * cornerJoint,
  );
  const cell = cells[zone.id] as PatternCell;
  const inner = boxOf(boundary);
  const origin = zoneOrigin(zone, cell, (inner.minX + inner.maxX) / 2, inner);
  return { zone: laidZone(zone), cell, origin, boundary, without: [] };
}
