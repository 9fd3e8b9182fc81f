import type { BuildPlan, WallBuild } from "./build/build-plan.ts";
import { type WallEnd, wallEnds } from "./build/corner-offsets.ts";
import { checkCuts } from "./cut/check.ts";
import { type CutPiece, cutTiles } from "./cut/pieces.ts";
import { type CutFlag, cutFlags } from "./cut/sides.ts";
import type { Figure, FigureCode, WallFigureCode } from "./figure.ts";
import { type Point, type Polygon, polygonArea } from "./geometry/polygon.ts";
import { groutFigure, sealantFigure } from "./grout/grout.ts";
import {
  type PlacedFixture,
  type PlacedOpening,
  placeFixtures,
  placeOpenings,
} from "./measure/openings.ts";
import { wallRegion } from "./measure/outline.ts";
import type { MeasuredWall, Survey } from "./measure/survey.ts";
import { setOutOf } from "./project/defaults.ts";
import type { Project } from "./project/schema.ts";
import { clipsFigure, clipsWanted } from "./set/clips.ts";
import { type CellJoint, type JointTally, tallyJoints } from "./set/joints.ts";
import { mortarFigure } from "./set/mortar.ts";
import { checkField, checkOpenings } from "./set-out/check.ts";
import { classifyTiles, wholeRuns } from "./set-out/lattice.ts";
import {
  type CentreLine,
  centreLine,
  type FirstCourse,
  fieldBoundary,
  patternOrigin,
  type WallLine,
  wallLines,
} from "./set-out/lines.ts";
import type { PatternCell } from "./set-out/pattern.ts";
import { type TileRegion, tileRegion } from "./set-out/region.ts";
import { sideLengths } from "./set-out/side-lengths.ts";
import type { Warning } from "./warning.ts";
import { interiorAreaM2, membraneAreaFigure, membraneVolumeFigure } from "./waterproof/membrane.ts";
import { stripsOf } from "./waterproof/strips.ts";

/** Everything that follows for one wall. Whole tiles are runs of the lattice, cut ones are pieces. */
export interface WallPlan {
  id: string;
  name: string;
  measured: MeasuredWall;
  /** The wall itself, with nothing taken off. */
  region: Polygon;
  boundary: Polygon;
  ends: { left: WallEnd; right: WallEnd };
  openings: PlacedOpening[];
  fixtures: PlacedFixture[];
  centre: CentreLine;
  lines: WallLine[];
  cell: PatternCell;
  origin: Point;
  /** shape, j, first i, last i for each run of whole tiles. */
  runs: Int32Array;
  pieces: CutPiece[];
  flags: CutFlag[];
  joints: JointTally;
  tilesForCuts: number;
  nicheInteriorM2: number;
  figures: Record<WallFigureCode, Figure>;
}

/** What the walls share while they are planned. */
export interface SharedSetOut {
  project: Project;
  survey: Survey;
  cell: PatternCell;
  /** The joints of the cell, the same on every wall. */
  cellJoints: CellJoint[];
  first: FirstCourse;
  wetTop: number;
  build: BuildPlan;
}

/** One wall, from its readings to its quantities. */
export function planWall(
  shared: SharedSetOut,
  index: number,
): { plan: WallPlan; warnings: Warning[] } {
  const { project, survey, cell, first } = shared;
  const measured = survey.walls[index] as MeasuredWall;
  const { id, name } = measured.wall;
  const ends = wallEnds(project, index);
  const openings = placeOpenings(survey, measured);
  const fixtures = placeFixtures(project, survey, measured);
  const boundary = fieldBoundary(project, survey, measured, ends, first);
  const region = tileRegion(measured, boundary, openings, fixtures);
  const centre = centreLine(measured, ends, openings, fixtures);
  const origin = patternOrigin(measured, cell, centre, first);

  const tiles = layTiles(shared, id, origin, region);
  const figures = wallFigures(shared, measured, {
    ends,
    openings,
    fixtures,
    region,
    tiles,
    build: shared.build.walls[index] as WallBuild,
  });
  const warnings = [
    ...checkField(id, boundary, cell),
    ...tiles.warnings,
    ...(boundary.length > 0 ? checkOpenings(id, region, fixtures) : []),
  ];
  const plan = {
    id,
    name,
    measured,
    region: wallRegion(measured),
    boundary,
    ends,
    openings,
    fixtures,
    centre,
    lines: wallLines(boundary, survey, first, centre),
    cell,
    origin,
    runs: tiles.runs,
    pieces: tiles.pieces,
    flags: tiles.flags,
    joints: tiles.joints,
    tilesForCuts: tiles.tilesForCuts,
    nicheInteriorM2: nicheInterior(openings),
    figures,
  };
  return { plan, warnings };
}

interface LaidTiles {
  runs: Int32Array;
  pieces: CutPiece[];
  flags: CutFlag[];
  joints: JointTally;
  tilesForCuts: number;
  warnings: Warning[];
}

/** Lays the bond over the region and cuts it. */
function layTiles(
  { project, cell, cellJoints }: SharedSetOut,
  wall: string,
  origin: Point,
  region: TileRegion,
): LaidTiles {
  const grid = region.boundary.length > 0 ? classifyTiles(cell, origin, region) : undefined;
  if (!grid) return noTiles(wall, region);
  const { sliver } = setOutOf(project);
  const { pieces, tilesCut, edgePieces } = cutTiles(wall, grid, region);
  const flags = cutFlags(cell, region.edges, edgePieces, sliver);
  return {
    runs: wholeRuns(grid),
    pieces,
    flags,
    joints: tallyJoints(grid, pieces, cellJoints),
    tilesForCuts: tilesCut,
    warnings: checkCuts(wall, cell, flags, pieces, sliver),
  };
}

function noTiles(wall: string, { boundary }: TileRegion): LaidTiles {
  const tooMany: Warning = { code: "too-many-tiles", severity: "stop", wall, values: {} };
  return {
    runs: new Int32Array(0),
    pieces: [],
    flags: [],
    joints: { segments: [], lengthM: 0, clips: 0 },
    tilesForCuts: 0,
    warnings: boundary.length > 0 ? [tooMany] : [],
  };
}

interface WallParts {
  ends: { left: WallEnd; right: WallEnd };
  openings: PlacedOpening[];
  fixtures: PlacedFixture[];
  region: TileRegion;
  tiles: LaidTiles;
  build: WallBuild;
}

function wallFigures(
  { project, cell, wetTop }: SharedSetOut,
  measured: MeasuredWall,
  { ends, openings, fixtures, region, tiles, build }: WallParts,
): Record<WallFigureCode, Figure> {
  const lengths = sideLengths(region.edges, ends.left);
  const fieldM2 = region.area / 1e6;
  const whole = countWhole(tiles.runs);
  const full = whole + tiles.pieces.filter(({ kind }) => kind === "none").length;
  const membrane = membraneAreaFigure(measured, wetTop, openings, fixtures);
  return {
    fieldAreaM2: fieldAreaFigure(region),
    tilesFull: countFigure("tilesFull", full),
    tilesCut: countFigure("tilesCut", whole + tiles.pieces.length - full),
    jointLengthM: jointFigure(tiles.joints),
    membraneAreaM2: membrane,
    membraneL: membraneVolumeFigure(
      project,
      membrane.value,
      stripsOf(measured, openings, build),
      build.fasteners.length,
    ),
    clips: clipsFigure(tiles.joints, clipsWanted(project)),
    mortarKg: mortarFigure(project, fieldM2, nicheInterior(openings)),
    groutKg: groutFigure(project, fieldM2, piecesAreaM2(cell, tiles), lengths),
    sealantM: sealantFigure(
      project,
      lengths,
      openings.map(({ opening }) => opening),
    ),
  };
}

function nicheInterior(openings: PlacedOpening[]): number {
  return openings
    .filter(({ opening }) => opening.kind === "niche")
    .reduce((sum, { opening }) => sum + interiorAreaM2(opening), 0);
}

function fieldAreaFigure({ boundary, voids, circles, area }: TileRegion): Figure {
  const holes = circles.reduce((sum, { diameter }) => sum + (Math.PI * diameter ** 2) / 4, 0);
  const openings = voids.reduce((sum, ring) => sum + polygonArea(ring), 0);
  return {
    code: "fieldAreaM2",
    value: area / 1e6,
    unit: "m2",
    terms: [
      {
        code: "boundary",
        value: boundary.length > 0 ? polygonArea(boundary) / 1e6 : 0,
        unit: "m2",
      },
      { code: "openings", value: -openings / 1e6, unit: "m2" },
      { code: "fixtureHoles", value: -holes / 1e6, unit: "m2" },
    ],
  };
}

function countFigure(code: FigureCode, value: number): Figure {
  return { code, value, unit: "count", terms: [{ code, value, unit: "count" }] };
}

function jointFigure({ segments, lengthM }: JointTally): Figure {
  const terms = segments.map(({ length, count }) => ({
    code: "facing",
    value: length,
    unit: "mm" as const,
    count,
  }));
  return { code: "jointLengthM", value: lengthM, unit: "m", terms };
}

/** Number of whole tiles in runs. */
export function countWhole(runs: Int32Array): number {
  let count = 0;
  for (let k = 0; k < runs.length; k += 4) {
    count += (runs[k + 3] as number) - (runs[k + 2] as number) + 1;
  }
  return count;
}

function piecesAreaM2({ shapes }: PatternCell, { runs, pieces }: LaidTiles): number {
  let total = pieces.reduce((sum, piece) => sum + piece.areaMm2, 0);
  for (let k = 0; k < runs.length; k += 4) {
    const count = (runs[k + 3] as number) - (runs[k + 2] as number) + 1;
    total += count * (shapes[runs[k] as number]?.areaMm2 ?? 0);
  }
  return total / 1e6;
}
