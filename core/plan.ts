import { type BoardPlan, planBoard } from "./board/board-plan.ts";
import { checkBoard } from "./board/check.ts";
import { type BuildUp, fieldBuildUp } from "./build-up/wall-ends.ts";
import { checkAtWall } from "./cut/at-wall.ts";
import { type DropsPlan, planDrops } from "./cut/drops/drops.ts";
import { wholeBudget } from "./cut/lay-area.ts";
import { checkTools } from "./cut/tools.ts";
import type { WallFigureCode } from "./figure.ts";
import { checkSurvey } from "./measure/check.ts";
import { checkFindings, type Findings, surveyFindings } from "./measure/findings.ts";
import { placeFixtures } from "./measure/openings.ts";
import { type LowPoint, surveyWalls } from "./measure/survey.ts";
import { orderRows } from "./order/order.ts";
import type { OrderRow } from "./order/row.ts";
import { tileNeeds } from "./order/tile-needs.ts";
import { trimRows } from "./order/trim-rows.ts";
import { wallRows } from "./order/wall-rows.ts";
import { setOutOf } from "./project/defaults.ts";
import type { Project } from "./project/schema.ts";
import { THINNEST_BED, thinBeds } from "./project/trowel.ts";
import { zoneCells } from "./set-out/areas.ts";
import { checkBond, checkLegs } from "./set-out/check.ts";
import { type FirstCourse, firstCourseLine } from "./set-out/lines.ts";
import { fieldPattern } from "./set-out/pattern.ts";
import { checkShelves } from "./set-out/shelves.ts";
import type { SliverRule } from "./set-out/slivers.ts";
import { checkTrim, planTrim, type TrimPlan } from "./set-out/trim.ts";
import { planWalls, type WallPlan } from "./wall-plan.ts";
import type { Severity, Warning } from "./warning.ts";
import { checkFilm } from "./waterproof/check.ts";
import { type FilmPlan, planFilm } from "./waterproof/film-plan.ts";
import { wetZoneTop } from "./waterproof/membrane.ts";

/** Everything that follows from a project. It is never stored. */
export interface Plan {
  levelY: number;
  levelAssumed: boolean;
  lowPoint: LowPoint;
  /** Fall of the base over the whole enclosure, mm. */
  fall: number;
  first: FirstCourse;
  buildUp: BuildUp;
  findings: Findings;
  board: BoardPlan;
  film: FilmPlan;
  sliver: SliverRule;
  walls: WallPlan[];
  totals: Record<WallFigureCode, number>;
  drops: DropsPlan;
  trim: TrimPlan;
  order: OrderRow[];
  warnings: Warning[];
}

/**
 * The whole plan of a job, in the order of the trade: measure, build-up, set-out, cut, then the
 * quantities. Pure and deterministic: the worker, the endpoint, the tests and the benchmark all
 * call this. The project must have passed `parseProject`. A plan that only passes by under a
 * dragging finger may leave out the exact search for the fewest tiles.
 */
export function planProject(project: Project, { passing = false } = {}): Plan {
  const survey = surveyWalls(project);
  const findings = surveyFindings(project, survey);
  const board = planBoard(project, survey);
  const cell = fieldPattern(project);
  const first = firstCourseLine(project, survey, cell);
  const fixtures = survey.walls.flatMap((wall) => placeFixtures(project, survey, wall));
  const wetTop = wetZoneTop(project, fixtures);
  const shared = {
    ...{ project, survey, cell, first, wetTop, boards: board },
    zoneCells: zoneCells(project),
    budget: wholeBudget(),
  };
  const planned = planWalls(shared);
  const walls = planned.map(({ plan }) => plan);
  const totals = jobTotals(walls);
  const drops = planDrops(project, walls, passing ? 0 : undefined);
  const trim = planTrim(project, walls);
  const film = planFilm(project, walls, board, wetTop);
  const { baseTolerance, sliver } = setOutOf(project);
  return {
    levelY: survey.levelY,
    levelAssumed: survey.levelAssumed,
    lowPoint: survey.lowPoint,
    fall: survey.fall,
    first,
    buildUp: fieldBuildUp(project),
    findings,
    board,
    film,
    sliver,
    walls,
    totals,
    drops,
    trim,
    order: [
      ...orderRows(project, {
        ...totals,
        tiles: tileNeeds(project, walls, drops),
      }),
      ...trimRows(trim),
      ...wallRows(project, board, film),
    ],
    warnings: bySeverity([
      ...checkSurvey(survey, baseTolerance),
      ...checkFindings(project, findings),
      ...checkBoard(project, survey, board),
      ...checkFilm(film, walls),
      ...checkBond(project),
      ...checkLegs(project),
      ...checkTrim(trim),
      ...checkShelves(project, survey.levelY, walls),
      ...checkTools(project, walls),
      ...checkAtWall(project.atWall ?? [], walls),
      ...checkBeds(project),
      ...planned.flatMap(({ warnings }) => warnings),
    ]),
  };
}

function jobTotals(walls: WallPlan[]): Record<WallFigureCode, number> {
  const total = (code: WallFigureCode) =>
    walls.reduce((sum, { figures }) => sum + figures[code].value, 0);
  return {
    fieldAreaM2: total("fieldAreaM2"),
    tilesFull: total("tilesFull"),
    tilesCut: total("tilesCut"),
    jointLengthM: total("jointLengthM"),
    membraneAreaM2: total("membraneAreaM2"),
    membraneL: total("membraneL"),
    clips: total("clips"),
    mortarKg: total("mortarKg"),
    groutKg: total("groutKg"),
    sealantM: total("sealantM"),
  };
}

function checkBeds(project: Project): Warning[] {
  return thinBeds(project).map(({ tile, bed }) => {
    const values = { bed, limit: THINNEST_BED };
    return { code: "thin-bed", severity: "warning", item: tile.id, values };
  });
}

const WEIGHT: Record<Severity, number> = { stop: 0, warning: 1, note: 2 };

function bySeverity(warnings: Warning[]): Warning[] {
  return [...warnings].sort((p, q) => WEIGHT[p.severity] - WEIGHT[q.severity]);
}
