import type { BoardPlan, WallBoard } from "./board/board-plan.ts";
import { type WallEnd, wallEnds } from "./build-up/wall-ends.ts";
import { checkCuts } from "./cut/check.ts";
import { areaRegion, countWhole, type LaidArea, layArea, type TileBudget } from "./cut/lay-area.ts";
import { type Lining, lineOpenings } from "./cut/linings.ts";
import { type CutPiece, numberPieces } from "./cut/pieces.ts";
import { type CutFlag, cutFlags } from "./cut/sides.ts";
import type { Figure, FigureCode, Term, WallFigureCode } from "./figure.ts";
import { type Point, type Polygon, polygonArea } from "./geometry/polygon.ts";
import { groutFigure, sealantFigure } from "./grout/grout.ts";
import {
  intoWall,
  type PlacedFixture,
  type PlacedOpening,
  placeFixtures,
  placeOpenings,
  within,
} from "./measure/openings.ts";
import { wallRegion } from "./measure/outline.ts";
import type { MeasuredWall, Survey } from "./measure/survey.ts";
import { fieldTile, setOutOf } from "./project/defaults.ts";
import type { Project } from "./project/schema.ts";
import { clipsFigure, clipsWanted } from "./set/clips.ts";
import { cellJoints, type JointTally, mergeTallies, tallyJoints } from "./set/joints.ts";
import { mortarFigure } from "./set/mortar.ts";
import { tiledWall } from "./set/tiled-wall.ts";
import { type ZoneJoint, zoneJoints } from "./set/zone-joints.ts";
import {
  type PlacedZone,
  placeZones,
  type WallArea,
  wallAreas,
  type ZoneCells,
} from "./set-out/areas.ts";
import { checkField, checkFollowing, checkOpenings, checkZones } from "./set-out/check.ts";
import { herringboneLines } from "./set-out/herringbone-lines.ts";
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
import { type PlacedShelf, placeShelves } from "./set-out/shelves.ts";
import { sideLengths } from "./set-out/side-lengths.ts";
import { type Following, followingOf, turnCorner } from "./set-out/turn-corner.ts";
import type { Warning } from "./warning.ts";
import { membraneAreaFigure, membraneVolumeFigure, wetRegion } from "./waterproof/membrane.ts";
import { stripsOf } from "./waterproof/strips.ts";

/** Everything that follows for one wall. Whole tiles are runs of the lattice, cut ones are pieces. */
export interface WallPlan {
  id: string;
  name: string;
  /** As it was measured; of a bond that goes on round a corner, the centre that this gives. */
  measured: MeasuredWall;
  follows?: Following;
  /** The wall itself, with nothing taken off. */
  region: Polygon;
  boundary: Polygon;
  ends: { left: WallEnd; right: WallEnd };
  openings: PlacedOpening[];
  fixtures: PlacedFixture[];
  shelves: PlacedShelf[];
  centre: CentreLine;
  lines: WallLine[];
  /** Cell and origin of the field from the base. */
  cell: PatternCell;
  origin: Point;
  /** The field and the zones, each with its lattice and tiles; the field from the base is first. */
  areas: LaidArea[];
  /** The pieces of all areas that are not whole tiles. */
  pieces: CutPiece[];
  zones: PlacedZone[];
  /** What lines the niches and windows. */
  linings: Lining[];
  flags: CutFlag[];
  joints: JointTally;
  tilesForCuts: number;
  figures: Record<WallFigureCode, Figure>;
}

/** What the walls share while they are planned. */
export interface SharedSetOut {
  project: Project;
  survey: Survey;
  cell: PatternCell;
  zoneCells: ZoneCells;
  first: FirstCourse;
  wetTop: number;
  boards: BoardPlan;
  /** What the walls still to be laid may take in all. */
  budget: TileBudget;
}

/** A wall's plan, and what is to be said of it. */
export interface PlannedWall {
  plan: WallPlan;
  warnings: Warning[];
}

/** The wall that a wall's bond goes on from, round which corner. */
interface Lead {
  from: WallPlan;
  following: Following;
}

/** All walls; one whose bond goes on round a corner comes after the wall that it follows. */
export function planWalls(shared: SharedSetOut): PlannedWall[] {
  const { walls } = shared.project;
  const planned = new Map<number, PlannedWall>();
  const begun = new Set<number>();
  const plan = (index: number): PlannedWall => {
    const known = planned.get(index);
    if (known) return known;
    begun.add(index);
    const following = followingOf(shared.project, index);
    const leader = walls.findIndex(({ id }) => id === following?.wall);
    // Walls that follow each other all round: one of them has to stand by itself.
    const stands = !following || leader < 0 || (begun.has(leader) && !planned.has(leader));
    const lead = stands ? undefined : { from: plan(leader).plan, following };
    const made = planWall(shared, index, lead);
    planned.set(index, made);
    return made;
  };
  return walls.map((_, index) => plan(index));
}

/** One wall, from its readings to its quantities. */
export function planWall(shared: SharedSetOut, index: number, lead?: Lead): PlannedWall {
  const { project, survey, cell } = shared;
  const set = setOutWall(shared, index, lead);
  const { measured, boundary, origin, centre, openings, fixtures, region } = set;
  const { id, name } = measured.wall;
  const field = { measured, boundary, cell, origin, centreX: centre.x };
  const zones = placeZones(project, survey, field);
  const areas = wallAreas(shared.zoneCells, field, zones);
  const tiles = layTiles(shared, areas, { measured, openings, fixtures, region });
  const wallBoard = shared.boards.walls[index] as WallBoard;
  const warnings = [
    ...(measured.empty ? [] : checkField(id, boundary, cell)),
    ...tiles.warnings,
    ...(boundary.length > 0 ? checkOpenings(id, region, fixtures) : []),
    ...checkZones(id, boundary, zones),
    ...checkFollowing(measured.wall),
  ];
  const plan = {
    id,
    name,
    measured,
    ...(set.follows ? { follows: set.follows } : {}),
    region: wallRegion(measured),
    boundary,
    ends: set.ends,
    openings,
    fixtures,
    shelves: set.shelves,
    centre,
    lines: linesOn(shared, set),
    cell,
    origin,
    areas: tiles.areas,
    pieces: tiles.pieces,
    zones,
    linings: lineOpenings(
      { project, cells: shared.zoneCells, measured, areas: tiles.areas, budget: shared.budget },
      within(boundary, intoWall(openings)),
    ),
    flags: tiles.flags,
    joints: tiles.joints,
    tilesForCuts: tiles.tilesForCuts,
    figures: wallFigures(shared, { ...set, tiles, zones, wallBoard }),
  };
  return { plan, warnings };
}

/** A wall with its field bounded and its bond placed, before any tile is laid. */
interface SetOutWall extends WallParts {
  ends: { left: WallEnd; right: WallEnd };
  shelves: PlacedShelf[];
  boundary: Polygon;
  centre: CentreLine;
  origin: Point;
  follows?: Following;
}

function setOutWall(shared: SharedSetOut, index: number, lead?: Lead): SetOutWall {
  const { project, survey, cell, first } = shared;
  const surveyed = survey.walls[index] as MeasuredWall;
  const ends = wallEnds(project, index);
  const shelves = placeShelves(project, survey, surveyed);
  const slots = shelves.flatMap(({ slot }) => (slot ? [slot] : []));
  const openings = [...placeOpenings(survey, surveyed), ...slots];
  const fixtures = placeFixtures(project, survey, surveyed);
  const boundary = fieldBoundary(project, survey, surveyed, ends, first, cell);
  const region = tileRegion(surveyed, boundary, openings, fixtures);
  const centre = centreLine(surveyed, ends, openings, fixtures);
  const placed = { ends, shelves, openings, fixtures, boundary, region, centre };
  const turned =
    lead &&
    turnCorner(project, lead.from, { measured: surveyed, cell, boundary, centre }, lead.following);
  if (!turned) {
    return { ...placed, measured: surveyed, origin: patternOrigin(surveyed, cell, centre, first) };
  }
  const measured = { ...surveyed, wall: { ...surveyed.wall, centre: turned } };
  const origin = patternOrigin(measured, cell, centre, first);
  return { ...placed, measured, origin, follows: lead.following };
}

function linesOn(
  { project, survey, first, cell }: SharedSetOut,
  { boundary, centre, origin }: SetOutWall,
): WallLine[] {
  return [
    ...wallLines(boundary, survey, first, centre, ledgerTop(project, cell, first)),
    ...(project.field.pattern === "herringbone"
      ? herringboneLines(cell, origin, boundary, centre.x)
      : []),
  ];
}

/** Top edge of the ledger: a joint above the first course, of tile on sheets above the first row of them. */
function ledgerTop(
  project: Project,
  { height, joint }: PatternCell,
  first: FirstCourse,
): number | undefined {
  if (!project.setOut.firstCourse.ledger) return undefined;
  const rows = fieldTile(project).sheet?.rows ?? 1;
  return first.y + (rows - 1) * (height + joint) + joint;
}

interface LaidWall {
  areas: LaidArea[];
  /** Where the tile of each area may be. */
  regions: TileRegion[];
  pieces: CutPiece[];
  flags: CutFlag[];
  joints: JointTally;
  tilesForCuts: number;
  warnings: Warning[];
}

interface WallParts {
  measured: MeasuredWall;
  openings: PlacedOpening[];
  fixtures: PlacedFixture[];
  region: TileRegion;
}

/** Lays each area's bond over its region and cuts it. */
function layTiles(
  { project, cell, budget }: SharedSetOut,
  areas: WallArea[],
  { measured, openings, fixtures, region }: WallParts,
): LaidWall {
  const wall = measured.wall.id;
  const regions = areas.map((area) =>
    areas.length === 1 ? region : areaRegion(measured, area, openings, fixtures),
  );
  const laid = areas.map((area, k) =>
    layArea(project, wall, area, regions[k] as TileRegion, budget),
  );
  const { sliver } = setOutOf(project);
  const ofField = laid.filter(({ area }) => area.zone === undefined);
  const flags = cutFlags(
    cell,
    region.edges,
    ofField.flatMap(({ edgePieces }) => edgePieces),
    sliver,
  );
  const fieldPieces = ofField.flatMap(({ area }) => area.pieces);
  const zonePieces = laid.filter(({ area }) => area.zone !== undefined);
  const tooMany: Warning = { code: "too-many-tiles", severity: "stop", wall, values: {} };
  return {
    areas: laid.map(({ area }) => area),
    regions,
    pieces: numberPieces(laid.map(({ area }) => area)),
    flags,
    joints: mergeTallies(
      laid.flatMap(({ grid, area }) =>
        grid ? [tallyJoints(grid, area.pieces, cellJoints(area.cell))] : [],
      ),
    ),
    tilesForCuts: laid.reduce((sum, { tilesForCuts }) => sum + tilesForCuts, 0),
    warnings: [
      ...(laid.some((area) => area.tooMany) ? [tooMany] : []),
      ...checkCuts(wall, cell, flags, fieldPieces, sliver),
      ...zonePieces.flatMap(({ area }) => checkCuts(wall, area.cell, [], area.pieces, sliver)),
    ],
  };
}

interface FigureParts extends Pick<SetOutWall, keyof WallParts | "ends" | "shelves"> {
  tiles: LaidWall;
  zones: PlacedZone[];
  wallBoard: WallBoard;
}

function wallFigures(
  { project, wetTop }: SharedSetOut,
  parts: FigureParts,
): Record<WallFigureCode, Figure> {
  const { measured, openings, fixtures, region, tiles, zones, wallBoard } = parts;
  const lengths = sideLengths(region.edges, parts.ends.left);
  const whole = tiles.areas.reduce((sum, { runs }) => sum + countWhole(runs), 0);
  const full = whole + tiles.pieces.filter(({ kind }) => kind === "none").length;
  const inField = within(region.boundary, openings);
  const inFilm = within(wetRegion(measured, wetTop), intoWall(openings));
  const membrane = membraneAreaFigure(measured, wetTop, inFilm, fixtures);
  const tiled = tiledWall(project, {
    measured,
    openings,
    interiors: intoWall(inField),
    fixtures,
    placed: zones,
    laid: tiles.areas.map((area, k) => ({ area, region: tiles.regions[k] as TileRegion })),
  });
  return {
    fieldAreaM2: fieldAreaFigure(region),
    tilesFull: countFigure("tilesFull", full),
    tilesCut: countFigure("tilesCut", whole + tiles.pieces.length - full),
    jointLengthM: jointFigure(tiles.joints, zoneJoints(tiles.areas, zones, project.field.joint)),
    membraneAreaM2: membrane,
    membraneL: membraneVolumeFigure(
      project,
      membrane.value,
      stripsOf(measured, inFilm, wallBoard),
      wallBoard.fasteners.length,
    ),
    clips: clipsFigure(tiles.joints, clipsWanted(project)),
    mortarKg: mortarFigure(project, tiled),
    groutKg: groutFigure(project, tiled, lengths),
    sealantM: sealantFigure(
      project,
      lengths,
      inField.map(({ opening }) => opening),
      parts.shelves.map(({ shelf }) => shelf),
    ),
  };
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

function jointFigure({ segments, lengthM }: JointTally, zones: ZoneJoint[]): Figure {
  const terms = [
    ...segments.map(({ length, count }): Term => {
      return { code: "facing", value: length, unit: "mm", count };
    }),
    ...zones.map(({ zone, mm }): Term => {
      return { code: "facingZone", value: mm, unit: "mm", of: zone.name ?? zone.id };
    }),
  ];
  const value = zones.reduce((sum, { mm }) => sum + mm / 1000, lengthM);
  return { code: "jointLengthM", value, unit: "m", terms };
}
