import { type WallEnd, wallEnds } from "../build-up/wall-ends.ts";
import { boxOf, type Polygon } from "../geometry/polygon.ts";
import type { PlacedFixture, PlacedOpening } from "../measure/openings.ts";
import { wallRegion } from "../measure/outline.ts";
import type { MeasuredWall } from "../measure/survey.ts";
import { fieldTile, tileOf } from "../project/defaults.ts";
import type { Job, JobWall } from "../project/job.ts";
import type { Wall } from "../project/schema.ts";
import type { Warning } from "../warning.ts";
import { type PlacedZone, placeZones, type WallArea, wallAreas, type ZoneCells } from "./areas.ts";
import { checkField, checkFollowing, checkOpenings, checkZones } from "./check.ts";
import { herringboneLines } from "./herringbone-lines.ts";
import {
  type CentreLine,
  centreLine,
  type FirstCourse,
  fieldBoundary,
  patternOrigin,
  type WallLine,
  wallLines,
} from "./lines.ts";
import { type PatternCell, wallBond } from "./pattern.ts";
import { areaRegion, type TileRegion, tileRegion } from "./region.ts";
import { checkSheets } from "./sheets.ts";
import { type PlacedShelf, placeShelves } from "./shelves.ts";
import { type TrimRun, trimRuns } from "./trim-runs.ts";
import { type Following, turnCorner } from "./turn-corner.ts";

/** A wall with its field bounded and its bond placed, before any tile is laid. */
export interface SetOutWall {
  id: string;
  measured: MeasuredWall;
  /** How the pattern is centred; of a bond that goes on round a corner, what this comes to. */
  centring: Wall["centre"];
  follows?: Following;
  /** The wall itself, with nothing taken off. */
  region: Polygon;
  boundary: Polygon;
  ends: { left: WallEnd; right: WallEnd };
  /** What ends the field where it shows. */
  trims: NonNullable<Wall["trim"]>;
  /** What is let into the tile: the wall's openings, and the slots of shelves. */
  openings: PlacedOpening[];
  fixtures: PlacedFixture[];
  shelves: PlacedShelf[];
  centre: CentreLine;
  lines: WallLine[];
  /** Cell and origin of the field from the base. */
  cell: PatternCell;
  origin: WallArea["origin"];
  zones: PlacedZone[];
  /** Trim at its ends and top, round its openings and panels. */
  trimRuns: TrimRun[];
  /** The field and the zones, each with its lattice; the field from the base is first. */
  beds: WallArea[];
  /** Where tile may be: of the field as a whole, and of each of the areas. */
  fieldRegion: TileRegion;
  regions: TileRegion[];
  /** What is to be said of the field's size, and of what is placed in it. */
  fit: Warning[];
  warnings: Warning[];
}

/** What the walls of a job share in their set-out. */
export interface SharedSetOut {
  cell: PatternCell;
  zoneCells: ZoneCells;
  first: FirstCourse;
  levelY: number;
  maxBaseY: number;
}

/** A wall as it was measured, and the wall that its bond goes on from, round which corner. */
export interface SetOutInputs extends SharedSetOut {
  job: Job;
  wall: JobWall;
  measured: MeasuredWall;
  leadBoundary: Polygon | undefined;
  leadOrigin: WallArea["origin"] | undefined;
  following: Following | undefined;
}

const NO_TRIM = {};

/** Bounds a wall's field and places its bond and zones. */
export function setOutWall(inputs: SetOutInputs): SetOutWall {
  const { job, wall, measured, cell, first, levelY, maxBaseY } = inputs;
  const { id } = measured.wall;
  const ends = wallEnds(job, wall);
  const shelves = placeShelves(job, levelY, measured);
  const slots = shelves.flatMap(({ slot }) => (slot ? [slot] : []));
  const openings = [...measured.openings, ...slots];
  const { fixtures } = measured;
  const boundary = fieldBoundary(job, measured, ends, wall.trim, { first, cell, maxBaseY });
  const fieldRegion = tileRegion(measured, boundary, openings, fixtures);
  const centre = centreLine(measured, ends, openings, wall.centre.about);
  const turned = turnedCentre(inputs, { boundary, centre });
  const centring = turned ?? wall.centre;
  const origin = patternOrigin(centring, cell, centre, first);
  const field = { measured, boundary, cell, origin, centreX: centre.x };
  const zones = placeZones(job, levelY, field);
  const beds = wallAreas(inputs.zoneCells, field, zones);
  const set = {
    ...{ id, measured, centring, region: wallRegion(measured), boundary },
    ...{ ends, trims: wall.trim ?? NO_TRIM },
    ...(turned && inputs.following ? { follows: inputs.following } : {}),
    ...{ openings, fixtures, shelves, centre },
    lines: linesOn(inputs, { boundary, centre, origin, beds }),
    ...{ cell, origin, zones, beds, fieldRegion },
    regions:
      beds.length === 1
        ? [fieldRegion]
        : beds.map((area) => areaRegion(measured, area, openings, fixtures)),
  };
  return {
    ...set,
    trimRuns: trimRuns(job, set),
    fit: measured.empty ? [] : checkField(id, boundary, cell),
    warnings: [
      ...(boundary.length > 0 ? checkOpenings(id, fieldRegion, fixtures) : []),
      ...checkZones(id, boundary, zones),
      ...checkFollowing(id, centring),
      ...checkSheets(id, fieldTile(job), { cell, boundary }),
      ...beds.flatMap((bed) => (bed.zone ? checkSheets(id, tileOf(job, bed.zone.tile), bed) : [])),
    ],
  };
}

/** The centre that goes on from the wall that this one follows; none where it follows none. */
function turnedCentre(
  { job, wall, cell, leadBoundary, leadOrigin, following }: SetOutInputs,
  placed: { boundary: Polygon; centre: CentreLine },
): Wall["centre"] | undefined {
  if (!following || !leadBoundary || !leadOrigin) return undefined;
  const lead = { boundary: leadBoundary, origin: leadOrigin };
  return turnCorner(job, lead, { centring: wall.centre, cell, ...placed }, following);
}

function linesOn(
  { job, wall, levelY, first, cell }: SetOutInputs,
  { boundary, centre, origin, beds }: Pick<SetOutWall, "boundary" | "centre" | "origin" | "beds">,
): WallLine[] {
  const { sheet } = fieldTile(job);
  return [
    ...wallLines(boundary, levelY, first, centre, ledgerTop(job, cell, first)),
    ...(wallBond(job, wall).pattern === "herringbone"
      ? herringboneLines(cell, origin, boundary, centre.x)
      : []),
    ...beds.flatMap((bed) => panelLines(job, bed)),
    ...(sheet && cell.straight ? sheetLine(cell, sheet.columns, origin, boundary, centre.x) : []),
  ];
}

/** The two lines of a herringbone panel, within its own edges. */
function panelLines({ zones }: Pick<Job, "zones">, bed: WallArea): WallLine[] {
  const { zone, cell, origin, boundary } = bed;
  if (zone?.kind !== "panel" || boundary.length === 0) return [];
  if (zones.find(({ id }) => id === zone.id)?.pattern !== "herringbone") return [];
  const { minX, maxX } = boxOf(boundary);
  return herringboneLines(cell, origin, boundary, (minX + maxX) / 2).map((line) => ({
    ...line,
    id: `${zone.id}/${line.id}`,
  }));
}

/** Plumb along the seam between sheets that is nearest to the centre: errors add up sheet by sheet. */
function sheetLine(
  { width, joint }: PatternCell,
  columns: number,
  origin: WallArea["origin"],
  boundary: Polygon,
  centreX: number,
): WallLine[] {
  if (boundary.length === 0) return [];
  const sheet = columns * (width + joint);
  const seam = origin[0] - joint / 2;
  const x = seam + Math.round((centreX - seam) / sheet) * sheet;
  const { minX, maxX, minY, maxY } = boxOf(boundary);
  if (x <= minX || x >= maxX) return [];
  return [{ id: "sheets", kind: "control", from: [x, minY], to: [x, maxY] }];
}

/**
 * Top edge of the ledger: a joint above the course below the one that stands on it; tile on sheets
 * stands on it by whole sheets.
 */
function ledgerTop(
  job: Pick<Job, "field" | "setOut" | "tiles">,
  { height, joint, courses }: PatternCell,
  first: FirstCourse,
): number | undefined {
  if (!job.setOut.ledger) return undefined;
  const rows = fieldTile(job).sheet?.rows ?? 1;
  const below = (job.setOut.ledgerCourse - 1) * rows;
  // Courses of a bond of several heights come in turns.
  const tall = (k: number) => courses[k % courses.length] ?? height;
  const above = Array.from({ length: below - 1 }, (_, k) => tall(k + 1) + joint);
  return first.y + above.reduce((sum, mm) => sum + mm, 0) + joint;
}
