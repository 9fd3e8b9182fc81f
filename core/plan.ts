import { type BoardPlan, planBoard } from "./board/board-plan.ts";
import { checkBoard } from "./board/check.ts";
import { type BuildUp, fieldBuildUp } from "./build-up/wall-ends.ts";
import { type Cost, costOf, type PricedRow, pricedRows } from "./cost/cost.ts";
import { checkAtWall } from "./cut/at-wall.ts";
import { type DropsPlan, planDrops } from "./cut/drops/drops.ts";
import { checkWarnings, type SurveyCheck, surveyChecks } from "./cut/survey-checks.ts";
import { checkTools } from "./cut/tools.ts";
import { type FencePlan, planFence } from "./cut/workable.ts";
import { type DaysPlan, planDays } from "./days/days-plan.ts";
import { personHours, type Task, tasksOf } from "./days/tasks.ts";
import type { WallFigureCode } from "./figure.ts";
import { type GroutPlan, planGrout } from "./grout/grout-plan.ts";
import { checkGrout } from "./grout/kind.ts";
import { type FirstShower, firstShower } from "./hand-over/first-shower.ts";
import { nudgeStep } from "./length/units.ts";
import { checkSurvey } from "./measure/check.ts";
import { checkFindings, type Findings, surveyFindings } from "./measure/findings.ts";
import { type LowPoint, type Survey, surveyWalls } from "./measure/survey.ts";
import { type OrderInputs, orderRows } from "./order/order.ts";
import type { OrderRow } from "./order/row.ts";
import { checkStock, type StockCheck, stockWarnings } from "./order/stock.ts";
import { tileNeeds } from "./order/tile-needs.ts";
import { trimRows } from "./order/trim-rows.ts";
import { wallRows } from "./order/wall-rows.ts";
import { type Job, jobParts, resolveJob } from "./project/job.ts";
import type { Project } from "./project/schema.ts";
import { Recall } from "./recall.ts";
import { checkBeds, checkHanging } from "./set/check.ts";
import { type Correction, corrections } from "./set/correction.ts";
import { checkMortar } from "./set/mortar-rule.ts";
import { type RunEnd, runEnds } from "./set/run-end.ts";
import { planSet, type SetPlan } from "./set/set-plan.ts";
import { checkSuitability } from "./set/suitability.ts";
import { type ZoneCells, zoneCells } from "./set-out/areas.ts";
import { checkBond, checkLegs } from "./set-out/check.ts";
import { type FirstCourse, firstCourseLine } from "./set-out/lines.ts";
import { fieldPattern, type PatternCell } from "./set-out/pattern.ts";
import { checkShelves } from "./set-out/shelves.ts";
import type { SliverRule } from "./set-out/slivers.ts";
import { checkTrim, planTrim, type TrimPlan } from "./set-out/trim.ts";
import type { WallPlan } from "./wall-plan.ts";
import { planWalls } from "./walls.ts";
import type { Severity, Warning } from "./warning.ts";
import { checkFilm } from "./waterproof/check.ts";
import { type FilmPlan, planFilm } from "./waterproof/film-plan.ts";
import { wetZoneTop } from "./waterproof/membrane.ts";

/** Everything that follows from a project: the stages' results side by side. It is never stored. */
export interface Plan {
  levelY: number;
  levelAssumed: boolean;
  lowPoint: LowPoint;
  /** Fall of the base over the whole enclosure, mm. */
  fall: number;
  first: FirstCourse;
  buildUp: BuildUp;
  findings: Findings;
  /** What of the survey is mended or agreed to before the work goes on. */
  checks: SurveyCheck[];
  board: BoardPlan;
  film: FilmPlan;
  sliver: SliverRule;
  walls: WallPlan[];
  totals: Record<WallFigureCode, number>;
  drops: DropsPlan;
  fence: FencePlan;
  trim: TrimPlan;
  /** What is on hand of a tile against all that needs it. */
  stock: StockCheck[];
  /** The days on the wall: order, sessions, mortar. */
  set: SetPlan;
  /** What courses that were measured ask of those above them. */
  corrections: Correction[];
  /** The same of runs that were measured at their end. */
  runEnds: RunEnd[];
  grout: GroutPlan;
  /** What to buy, with prices where they are known, and what it comes to. */
  order: PricedRow[];
  cost: Cost;
  /** The work of the job, one person at it. */
  tasks: Task[];
  shower: FirstShower;
  /** The work by the calendar, where a start or an end is given; without honest dates, which take time. */
  days: DaysPlan | undefined;
  warnings: Warning[];
}

/**
 * The whole plan of a job, in the order of the trade: measure, build-up, board, set-out, cut, then
 * the quantities. Pure and deterministic: the worker, the endpoint, the tests and the benchmark all
 * call this. The project must have passed `parseProject`.
 */
export function planProject(project: Project): Plan {
  return planWith(project, new Recall(false));
}

function planWith(project: Project, recall: Recall): Plan {
  const job = resolveJob(project, recall);
  return planAll(job, tileAll(job, recall), recall);
}

/** Plans a job again and again, working out anew only what follows from what has changed. */
export class Planner {
  private recall = new Recall();

  /** The same plan as `planProject` gives; parts that have not changed are the very same objects. */
  plan(project: Project): Plan {
    return this.with((recall) => {
      const plan = planWith(project, recall);
      recall.tidy();
      return plan;
    });
  }

  /** What of that plan is seen under a dragging finger; the rest is left as it was. */
  pass(project: Project): PassingTiles {
    return this.with((recall) => {
      const job = resolveJob(project, recall);
      const { first, planned } = tileAll(job, recall);
      const walls = planned.map(({ plan }) => plan);
      return { first, sliver: job.setOut.sliver, walls, totals: jobTotals(walls) };
    });
  }

  /** What was half remembered when planning failed is no ground for another plan. */
  private with<R>(make: (recall: Recall) => R): R {
    try {
      return make(this.recall);
    } catch (error) {
      this.recall = new Recall();
      throw error;
    }
  }
}

/** The tile of a job and what is told of it wall by wall. */
export type PassingTiles = Pick<Plan, "first" | "sliver" | "walls" | "totals">;

/** The stages of a job from its survey to the tile on its walls. */
function tileAll(job: Job, recall: Recall) {
  const inputs = { job: jobParts(job) };
  const survey = recall.kept("survey", inputs, (own) => surveyWalls(own.job, recall));
  const measured = { ...inputs, survey };
  const board = recall.kept("board", measured, (own) => planBoard(own.job, own.survey, recall));
  const { fall, maxBaseY } = survey;
  const cell = recall.kept("cell", inputs, (own) => fieldPattern(own.job));
  const first = recall.kept("first-course", { ...inputs, fall, maxBaseY, cell }, firstCourse);
  const wetTop = wetZoneTop(job, survey.walls);
  const shared = { job, survey, cell, first, wetTop, boards: board.walls };
  return { survey, board, first, wetTop, planned: planWalls(shared, recall) };
}

/** The stages that follow from the tile on the walls, and all stages side by side. */
function planAll(job: Job, tiled: ReturnType<typeof tileAll>, recall: Recall): Plan {
  const { survey, board, first, wetTop, planned } = tiled;
  const inputs = { job: jobParts(job) };
  const measured = { ...inputs, survey };
  const findings = recall.kept("findings", measured, findingsOf);
  const walls = planned.map(({ plan }) => plan);
  const totals = jobTotals(walls);
  const { corners } = findings;
  const checks = recall.kept("checks", { ...measured, corners, walls }, checksOf);
  const drops = planDrops(
    job,
    planned.map(({ laid }) => laid),
    recall,
  );
  const trim = recall.kept("trim", { ...inputs, walls }, (own) => planTrim(own.job, own.walls));
  const areasM2 = walls.map(({ figures }) => figures.membraneAreaM2.value);
  const film = recall.kept(
    "film",
    { ...inputs, walls: survey.walls, areasM2, boards: board.walls, wetTop },
    (own) => planFilm(own, recall),
  );
  const needs = recall.kept("needs", { ...inputs, walls, drops }, (own) =>
    tileNeeds(own.job, own.walls, own.drops),
  );
  const stock = recall.kept(
    "stock",
    { ...inputs, zoneCells: cellsOf(job, recall), walls, boards: board.walls, needs },
    checkStock,
  );
  const set = planSet(job, walls, recall);
  const grout = planGrout(job, walls, set.rows, recall);
  const gross = recall.kept(
    "order",
    {
      ...{ ...inputs, ...totals, tiles: needs, trim, board, film },
      sessionSpacers: Math.max(0, ...set.sessions.map((session) => session.spacers)),
      ...{ wedges: set.wedges, sealer: grout.sealer },
    },
    orderOf,
  );
  const order = recall.kept("priced", { gross, prices: job.prices, stock }, (own) =>
    pricedRows(own.gross, own.prices, own.stock),
  );
  const tasks = recall.kept(
    "tasks",
    { ...inputs, walls, boards: board.walls, films: film.walls, coats: film.coats, set, grout },
    plannedTasks,
  );
  return {
    levelY: survey.levelY,
    levelAssumed: survey.levelAssumed,
    lowPoint: survey.lowPoint,
    fall: survey.fall,
    first,
    buildUp: fieldBuildUp(job),
    findings,
    checks,
    board,
    film,
    sliver: job.setOut.sliver,
    walls,
    totals,
    drops,
    fence: recall.kept("fence", { ...inputs, walls }, fenceOf),
    trim,
    stock,
    set,
    corrections: recall.kept(
      "corrections",
      { ...inputs, walls, levelY: survey.levelY },
      correctionsOf,
    ),
    runEnds: recall.kept("run-ends", { ...inputs, walls }, runEndsOf),
    grout,
    order,
    tasks,
    cost: recall.kept("cost", { ...inputs, order, tasks }, (own) =>
      costOf(own.job, own.order, personHours(own.tasks)),
    ),
    days: recall.kept("days", { ...inputs, tasks }, (own) => planDays(own.job, own.tasks, false)),
    shower: recall.kept("shower", { ...inputs, sealerL: grout.sealer.value }, (own) =>
      firstShower(own.job, own.sealerL),
    ),
    warnings: bySeverity([
      ...recall.kept("survey-warnings", { ...measured, findings }, surveyWarnings),
      ...checkWarnings(checks, job.decided),
      ...stockWarnings(stock),
      ...recall.kept("board-warnings", { ...measured, board }, boardWarnings),
      ...recall.kept("film-warnings", { film, walls: survey.walls }, filmWarnings),
      ...recall.kept("tile-warnings", { ...inputs, survey, walls, trim }, tileWarnings),
      ...planned.flatMap(({ warnings }) => warnings),
    ]),
  };
}

interface OrderParts extends OrderInputs, Pick<Plan, "trim" | "board" | "film"> {
  job: Job;
}

function runEndsOf({ job, walls }: Pick<CorrectionInputs, "job" | "walls">): RunEnd[] {
  return runEnds(job, walls);
}

interface TaskParts {
  job: Job;
  walls: WallPlan[];
  boards: BoardPlan["walls"];
  films: FilmPlan["walls"];
  coats: number;
  set: SetPlan;
  grout: GroutPlan;
}

function plannedTasks({ job, walls, boards, films, coats, set, grout }: TaskParts): Task[] {
  const liquid = job.build.traits.film === "liquid";
  return tasksOf(job, {
    walls: walls.map(({ id, figures, tiled }, k) => ({
      id,
      boardM2: boards[k]?.figures.boardAreaM2.value ?? 0,
      stripM: liquid ? (films[k]?.figures.stripM.value ?? 0) : 0,
      membraneM2: figures.membraneAreaM2.value,
      sealantM: figures.sealantM.value,
      tiledM2: tiled.fieldM2 + sumM2(tiled.zones),
    })),
    coats: liquid ? coats : Number(job.build.traits.film === "sheet"),
    sessions: set.sessions,
    rows: set.rows,
    mixes: grout.mixes,
    sealerL: grout.sealer.value,
  });
}

function sumM2(parts: { areaM2: number }[]): number {
  return parts.reduce((sum, { areaM2 }) => sum + areaM2, 0);
}

interface CorrectionInputs {
  job: Job;
  walls: WallPlan[];
  levelY: number;
}

function correctionsOf({ job, walls, levelY }: CorrectionInputs): Correction[] {
  return corrections(job, walls, levelY);
}

function orderOf({ job, trim, board, film, ...amounts }: OrderParts): OrderRow[] {
  return [...orderRows(job, amounts), ...trimRows(trim), ...wallRows(job, board, film)];
}

function fenceOf({ job, walls }: { job: Job; walls: WallPlan[] }): FencePlan {
  return planFence(job, walls, nudgeStep(job));
}

/** The cells of the job's zones, as the walls were laid with them. */
function cellsOf(job: Job, recall: Recall): ZoneCells {
  return recall.kept("zone-cells", { job: jobParts(job) }, (own) => zoneCells(own.job));
}

interface CheckInputs extends Pick<Stages, "job" | "survey" | "walls"> {
  corners: Findings["corners"];
}

function checksOf({ job, survey, corners, walls }: CheckInputs): SurveyCheck[] {
  return surveyChecks(job, survey, corners, walls);
}

function findingsOf({ job, survey }: { job: Job; survey: Survey }): Findings {
  return surveyFindings(job, survey);
}

interface FirstCourseInputs {
  job: Job;
  fall: number;
  maxBaseY: number;
  cell: PatternCell;
}

function firstCourse({ job, cell, ...base }: FirstCourseInputs): FirstCourse {
  return firstCourseLine(job, base, cell);
}

interface Stages extends Pick<Plan, "findings" | "board" | "film" | "trim" | "walls"> {
  job: Job;
  survey: Survey;
}

function surveyWarnings({ job, survey, findings }: Pick<Stages, "job" | "survey" | "findings">) {
  return [...checkSurvey(survey), ...checkFindings(job, findings)];
}

function boardWarnings({ job, survey, board }: Pick<Stages, "job" | "survey" | "board">) {
  return checkBoard(job, survey, board);
}

function filmWarnings({ film, walls }: { film: FilmPlan; walls: Survey["walls"] }) {
  return checkFilm(film, walls);
}

function tileWarnings({ job, survey, walls, trim }: Omit<Stages, "findings" | "board" | "film">) {
  return [
    ...checkBond(job),
    ...checkLegs(job),
    ...checkTrim(trim),
    ...checkShelves(job, survey.levelY, walls),
    ...checkTools(job, walls),
    ...checkAtWall(job.atWall, walls),
    ...checkBeds(job),
    ...checkMortar(job),
    ...checkHanging(job, walls[0]?.cell ?? fieldPattern(job)),
    ...checkGrout(job),
    ...checkSuitability(job),
  ];
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
    spacers: total("spacers"),
    mortarKg: total("mortarKg"),
    groutKg: total("groutKg"),
    sealantM: total("sealantM"),
    hiddenBeadM: total("hiddenBeadM"),
    maskM: total("maskM"),
  };
}

const WEIGHT: Record<Severity, number> = { stop: 0, warning: 1, note: 2 };

function bySeverity(warnings: Warning[]): Warning[] {
  return [...warnings].sort((p, q) => WEIGHT[p.severity] - WEIGHT[q.severity]);
}
