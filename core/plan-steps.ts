import type { BoardPlan } from "./board/board-plan.ts";
import { checkBoard } from "./board/check.ts";
import { checkAtWall } from "./cut/at-wall.ts";
import { type SurveyCheck, surveyChecks } from "./cut/survey-checks.ts";
import { checkTools } from "./cut/tools.ts";
import { type FencePlan, planFence } from "./cut/workable.ts";
import { type Task, tasksOf } from "./days/tasks.ts";
import type { WallFigureCode } from "./figure.ts";
import type { GroutPlan } from "./grout/grout-plan.ts";
import { checkGrout } from "./grout/kind.ts";
import { nudgeStep } from "./length/units.ts";
import { checkSurvey } from "./measure/check.ts";
import { checkFindings, type Findings, surveyFindings } from "./measure/findings.ts";
import type { Survey } from "./measure/survey.ts";
import { type OrderInputs, orderRows } from "./order/order.ts";
import type { OrderRow } from "./order/row.ts";
import { trimRows } from "./order/trim-rows.ts";
import { wallRows } from "./order/wall-rows.ts";
import { type Job, jobParts } from "./project/job.ts";
import type { Recall } from "./recall.ts";
import { checkBeds, checkHanging } from "./set/check.ts";
import { type Correction, corrections } from "./set/correction.ts";
import { checkMortar } from "./set/mortar-rule.ts";
import { panelCentres } from "./set/panel-centre.ts";
import { type RunEnd, runEnds } from "./set/run-end.ts";
import type { SetPlan } from "./set/set-plan.ts";
import { checkSuitability } from "./set/suitability.ts";
import { type ZoneCells, zoneCells } from "./set-out/areas.ts";
import { checkBond, checkLegs } from "./set-out/check.ts";
import { type FirstCourse, firstCourseLine } from "./set-out/lines.ts";
import { fieldPattern, type PatternCell } from "./set-out/pattern.ts";
import { checkShelves } from "./set-out/shelves.ts";
import { checkTrim, type TrimPlan } from "./set-out/trim.ts";
import type { WallPlan } from "./wall-plan.ts";
import type { Severity, Warning } from "./warning.ts";
import { checkFilm } from "./waterproof/check.ts";
import type { FilmPlan } from "./waterproof/film-plan.ts";

interface OrderParts extends OrderInputs {
  job: Job;
  trim: TrimPlan;
  board: BoardPlan;
  film: FilmPlan;
}

/** What runs that were measured at their end ask. */
export function runEndsOf({ job, walls }: Pick<CorrectionInputs, "job" | "walls">): RunEnd[] {
  return runEnds(job, walls);
}

/** What panels that were measured at their centre ask. */
export function panelCentresOf({ job, walls }: Pick<CorrectionInputs, "job" | "walls">) {
  return panelCentres(job, walls);
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

/** The work of the job from what its stages come to. */
export function plannedTasks({ job, walls, boards, films, coats, set, grout }: TaskParts): Task[] {
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

/** What measured courses ask of those above them. */
export function correctionsOf({ job, walls, levelY }: CorrectionInputs): Correction[] {
  return corrections(job, walls, levelY);
}

/** Everything to buy, before what is on hand. */
export function orderOf({ job, trim, board, film, ...amounts }: OrderParts): OrderRow[] {
  return [...orderRows(job, amounts), ...trimRows(trim), ...wallRows(job, board, film)];
}

/** How the saw's fence is set. */
export function fenceOf({ job, walls }: { job: Job; walls: WallPlan[] }): FencePlan {
  return planFence(job, walls, nudgeStep(job));
}

/** The cells of the job's zones, as the walls were laid with them. */
export function cellsOf(job: Job, recall: Recall): ZoneCells {
  return recall.kept("zone-cells", { job: jobParts(job) }, (own) => zoneCells(own.job));
}

interface CheckInputs extends Pick<Stages, "job" | "survey" | "walls"> {
  corners: Findings["corners"];
}

/** What of the survey is decided on. */
export function checksOf({ job, survey, corners, walls }: CheckInputs): SurveyCheck[] {
  return surveyChecks(job, survey, corners, walls);
}

/** What the survey found. */
export function findingsOf({ job, survey }: { job: Job; survey: Survey }): Findings {
  return surveyFindings(job, survey);
}

interface FirstCourseInputs {
  job: Job;
  fall: number;
  maxBaseY: number;
  cell: PatternCell;
}

/** Where the first course's top is. */
export function firstCourse({ job, cell, ...base }: FirstCourseInputs): FirstCourse {
  return firstCourseLine(job, base, cell);
}

interface Stages {
  job: Job;
  survey: Survey;
  findings: Findings;
  board: BoardPlan;
  film: FilmPlan;
  trim: TrimPlan;
  walls: WallPlan[];
}

/** Warnings of the survey. */
export function surveyWarnings({
  job,
  survey,
  findings,
}: Pick<Stages, "job" | "survey" | "findings">) {
  return [...checkSurvey(survey), ...checkFindings(job, findings)];
}

/** Warnings of board and framing. */
export function boardWarnings({ job, survey, board }: Pick<Stages, "job" | "survey" | "board">) {
  return checkBoard(job, survey, board);
}

/** Warnings of the film. */
export function filmWarnings({ film, walls }: { film: FilmPlan; walls: Survey["walls"] }) {
  return checkFilm(film, walls);
}

/** Warnings of tile, its cuts and what it is set in. */
export function tileWarnings({
  job,
  survey,
  walls,
  trim,
}: Omit<Stages, "findings" | "board" | "film">) {
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

/** The walls' figures added up. */
export function jobTotals(walls: WallPlan[]): Record<WallFigureCode, number> {
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

/** Stops first, notes last. */
export function bySeverity(warnings: Warning[]): Warning[] {
  return [...warnings].sort((p, q) => WEIGHT[p.severity] - WEIGHT[q.severity]);
}
