import { type WallEnd, wallEnds } from "../build-up/wall-ends.ts";
import type { Polygon } from "../geometry/polygon.ts";
import type { PlacedFixture, PlacedOpening } from "../measure/openings.ts";
import { wallRegion } from "../measure/outline.ts";
import type { MeasuredWall } from "../measure/survey.ts";
import { fieldTile } from "../project/defaults.ts";
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
import type { PatternCell } from "./pattern.ts";
import { areaRegion, type TileRegion, tileRegion } from "./region.ts";
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
  const boundary = fieldBoundary(job, measured, ends, wall.trim?.top, { first, cell, maxBaseY });
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
    lines: linesOn(inputs, { boundary, centre, origin }),
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
  { job, levelY, first, cell }: SetOutInputs,
  { boundary, centre, origin }: Pick<SetOutWall, "boundary" | "centre" | "origin">,
): WallLine[] {
  return [
    ...wallLines(boundary, levelY, first, centre, ledgerTop(job, cell, first)),
    ...(job.field.pattern === "herringbone"
      ? herringboneLines(cell, origin, boundary, centre.x)
      : []),
  ];
}

/** Top edge of the ledger: a joint above the first course, of tile on sheets above the first row of them. */
function ledgerTop(
  job: Pick<Job, "field" | "setOut" | "tiles">,
  { height, joint }: PatternCell,
  first: FirstCourse,
): number | undefined {
  if (!job.setOut.ledger) return undefined;
  const rows = fieldTile(job).sheet?.rows ?? 1;
  return first.y + (rows - 1) * (height + joint) + joint;
}
