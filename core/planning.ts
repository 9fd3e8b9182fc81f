import { type BoardPlan, planBoard } from "./board/board-plan.ts";
import { type BuildUp, fieldBuildUp } from "./build-up/wall-ends.ts";
import { type Cost, costOf, type PricedRow, pricedRows } from "./cost/cost.ts";
import { type DropsPlan, planDrops } from "./cut/drops/drops.ts";
import { checkWarnings, type SurveyCheck } from "./cut/survey-checks.ts";
import type { FencePlan } from "./cut/workable.ts";
import { type DaysPlan, planDays } from "./days/days-plan.ts";
import { personHours, type Task } from "./days/tasks.ts";
import type { WallFigureCode } from "./figure.ts";
import { type GroutPlan, planGrout } from "./grout/grout-plan.ts";
import { type FirstShower, firstShower } from "./hand-over/first-shower.ts";
import type { Findings } from "./measure/findings.ts";
import { type LowPoint, surveyWalls } from "./measure/survey.ts";
import { checkStock, type StockCheck, stockWarnings } from "./order/stock.ts";
import { tileNeeds } from "./order/tile-needs.ts";
import {
  boardWarnings,
  bySeverity,
  cellsOf,
  checksOf,
  correctionsOf,
  fenceOf,
  filmWarnings,
  findingsOf,
  firstCourse,
  jobTotals,
  orderOf,
  panelCentresOf,
  plannedTasks,
  runEndsOf,
  surveyWarnings,
  tileWarnings,
} from "./plan-steps.ts";
import { type Job, jobParts, resolveJob } from "./project/job.ts";
import type { Project } from "./project/schema.ts";
import { Recall } from "./recall.ts";
import type { Correction } from "./set/correction.ts";
import type { PanelCentre } from "./set/panel-centre.ts";
import type { RunEnd } from "./set/run-end.ts";
import { planSet, type SetPlan } from "./set/set-plan.ts";
import type { FirstCourse } from "./set-out/lines.ts";
import { fieldPattern } from "./set-out/pattern.ts";
import type { SliverRule } from "./set-out/slivers.ts";
import { planTrim, type TrimPlan } from "./set-out/trim.ts";
import type { WallPlan } from "./wall-plan.ts";
import { planWalls } from "./walls.ts";
import type { Warning } from "./warning.ts";
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
  /** And of panels that were measured at their centre. */
  panelCentres: PanelCentre[];
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
  const { survey, board, first, planned } = tiled;
  const inputs = { job: jobParts(job) };
  const measured = { ...inputs, survey };
  const findings = recall.kept("findings", measured, findingsOf);
  const walls = planned.map(({ plan }) => plan);
  const { corners } = findings;
  const checks = recall.kept("checks", { ...measured, corners, walls }, checksOf);
  const work = workOn(job, tiled, walls, recall);
  const { film, trim, stock } = work;
  const { levelY } = survey;
  return {
    ...{ levelY, levelAssumed: survey.levelAssumed, lowPoint: survey.lowPoint, fall: survey.fall },
    ...{ first, findings, checks, board, walls, sliver: job.setOut.sliver },
    buildUp: fieldBuildUp(job),
    fence: recall.kept("fence", { ...inputs, walls }, fenceOf),
    corrections: recall.kept("corrections", { ...inputs, walls, levelY }, correctionsOf),
    runEnds: recall.kept("run-ends", { ...inputs, walls }, runEndsOf),
    panelCentres: recall.kept("panel-centres", { ...inputs, walls }, panelCentresOf),
    ...work,
    ...business(job, work, recall),
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

/** What the tile on the walls takes: film, stock, setting, grout, order and the work of it all. */
function workOn(
  job: Job,
  { survey, board, wetTop, planned }: ReturnType<typeof tileAll>,
  walls: WallPlan[],
  recall: Recall,
) {
  const inputs = { job: jobParts(job) };
  const totals = jobTotals(walls);
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
  return { totals, drops, trim, film, stock, set, grout, order, tasks };
}

/** What the work costs, when it is done, and when the shower may run. */
function business(
  job: Job,
  { order, tasks, grout }: Pick<Plan, "order" | "tasks" | "grout">,
  recall: Recall,
): Pick<Plan, "cost" | "days" | "shower"> {
  const inputs = { job: jobParts(job) };
  return {
    cost: recall.kept("cost", { ...inputs, order, tasks }, (own) =>
      costOf(own.job, own.order, personHours(own.tasks)),
    ),
    days: recall.kept("days", { ...inputs, tasks }, (own) => planDays(own.job, own.tasks, false)),
    shower: recall.kept("shower", { ...inputs, sealerL: grout.sealer.value }, (own) =>
      firstShower(own.job, own.sealerL),
    ),
  };
}
