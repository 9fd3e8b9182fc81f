import type { WallEnd } from "../build-up/wall-ends.ts";
import { boxOf, type Point, type Polygon } from "../geometry/polygon.ts";
import { heightAt, profilePoints } from "../geometry/profile.ts";
import { SAME_MM, TAPER_SHOWN } from "../limits.ts";
import type { PlacedOpening } from "../measure/openings.ts";
import type { CornerFinding } from "../measure/squareness.ts";
import type { MeasuredWall, Survey } from "../measure/survey.ts";
import type { Job } from "../project/job.ts";
import type { Warning } from "../warning.ts";
import type { CutFlag, FlagSide, SideRow } from "./sides.ts";

/** What a survey is checked for before board goes up, each to be mended or agreed to. */
export type CheckKind = "plumb" | "level" | "square" | "ceiling" | "centre" | "panel";

/** What a fault does to the cuts at its side, mm. */
export interface CutsThere {
  /** Pieces that taper or are cut by it. */
  count: number;
  narrowest: number;
  widest: number;
}

/** One check of the survey with its size, its limit and what it does to the cuts. */
export interface SurveyCheck {
  kind: CheckKind;
  /** Names it among the decisions. */
  id: string;
  wall: string;
  passes: boolean;
  /** How far off, mm; of a lean over the wall's height. */
  size: number;
  limit: number;
  /** What is said of it where it fails. */
  warning: Warning;
}

/** What is asked of a wall's cuts and openings. */
interface CheckedWall {
  id: string;
  measured: MeasuredWall;
  boundary: Polygon;
  ends: { left: WallEnd; right: WallEnd };
  openings: PlacedOpening[];
  flags: CutFlag[];
}

type CheckJob = Pick<Job, "settings" | "setOut" | "zones">;

/** Further off the middle than this share of the wall a niche has a place of its own. */
const BESIDE = 0.25;

/** A corner this far from square over the whole wall is worth a word, mm. Trade practice. */
const RUN_OUT = 3;

/** A niche this near to the middle is in it, mm. */
const CENTRED = 3;

/**
 * Plumb, level, square, ceiling and niches off centre: every check of the walls with what it does to
 * the cuts. Each that fails is mended, or agreed to before the work goes on (trade practice).
 */
export function surveyChecks(
  job: CheckJob,
  survey: Survey,
  corners: CornerFinding[],
  walls: CheckedWall[],
): SurveyCheck[] {
  return [
    ...levelCheck(job, survey, walls),
    ...corners.map(squareCheck),
    ...walls.flatMap((wall) => [
      ...plumbChecks(job, wall),
      ...ceilingCheck(job, wall),
      ...centreChecks(wall),
      ...panelChecks(job, wall),
    ]),
  ];
}

/** The checks that fail, as warnings; one that somebody decided on is only noted. */
export function checkWarnings(checks: SurveyCheck[], decided: string[]): Warning[] {
  return checks.flatMap(({ id, passes, warning }): Warning[] => {
    if (passes) return [];
    return [decided.includes(id) ? { ...warning, severity: "note" } : warning];
  });
}

function levelCheck({ setOut }: CheckJob, survey: Survey, walls: CheckedWall[]): SurveyCheck[] {
  const { fall, lowPoint } = survey;
  const tolerance = setOut.baseTolerance;
  // The floor under a leg is no base: its courses are 0 and below.
  const rows = walls
    .flatMap((wall) => rowsAt(wall, "bottom"))
    .filter(({ cut, course }) => cut && course >= 1);
  const values = { fall, x: lowPoint.x, tolerance, ...cutsOf(rows) };
  const wall = lowPoint.wall;
  const warning: Warning = { code: "base-out-of-level", severity: "warning", wall, values };
  const passes = fall <= tolerance;
  return [{ kind: "level", id: "level", wall, passes, size: fall, limit: tolerance, warning }];
}

function squareCheck({ left, right, runOut, narrower, jointTaper }: CornerFinding): SurveyCheck {
  const size = Math.abs(runOut);
  const warning: Warning = {
    code: "corner-out-of-square",
    severity: "warning",
    wall: right,
    values: { runOut: size, open: runOut > 0 ? 1 : 0, narrower, jointTaper },
  };
  const id = `square/${left}/${right}`;
  return {
    kind: "square",
    id,
    wall: right,
    passes: size <= RUN_OUT,
    size,
    limit: RUN_OUT,
    warning,
  };
}

/** A lean, told over the wall's height and over a metre. */
function plumbChecks({ settings }: CheckJob, wall: CheckedWall): SurveyCheck[] {
  const { measured, id } = wall;
  if (measured.empty) return [];
  const limit = settings.plumbPerM;
  return (["left", "right"] as const).map((side): SurveyCheck => {
    const { slope, x0 } = measured[side];
    const height = heightAt(measured.top, x0) - heightAt(measured.base, x0);
    const perM = Math.abs(slope) * 1000;
    const lean = Math.abs(slope) * height;
    const tapers = rowsAt(wall, side).filter(({ ends: [a, b] }) => Math.abs(a - b) > TAPER_SHOWN);
    const warning: Warning = {
      code: "out-of-plumb",
      severity: "warning",
      wall: id,
      side,
      values: { lean, perM, limit, right: side === "right" ? 1 : 0, ...cutsOf(tapers) },
    };
    const passes = perM <= limit + SAME_MM;
    return {
      kind: "plumb",
      id: `plumb/${id}/${side}`,
      wall: id,
      passes,
      size: lean,
      limit,
      warning,
    };
  });
}

function ceilingCheck({ settings }: CheckJob, wall: CheckedWall): SurveyCheck[] {
  const { measured, id } = wall;
  if (measured.empty || measured.wall.topIs === "height") return [];
  const limit = settings.ceilingFall;
  const size = Math.max(...runsOf(profilePoints(measured.top, 0, measured.wall.width.bottom)));
  const values = { fall: size, limit, ...cutsOf(rowsAt(wall, "top").filter(({ cut }) => cut)) };
  const warning: Warning = { code: "ceiling-not-level", severity: "warning", wall: id, values };
  const passes = size <= limit + SAME_MM;
  return [{ kind: "ceiling", id: `ceiling/${id}`, wall: id, passes, size, limit, warning }];
}

/** How far each stretch of a top falls or rises; a step is no slope. */
function runsOf(points: Point[]): number[] {
  const runs: number[][] = [];
  points.forEach(([x, y], k) => {
    if (k === 0 || points[k - 1]?.[0] === x) runs.push([]);
    runs.at(-1)?.push(y);
  });
  return runs.map((heights) => Math.max(...heights) - Math.min(...heights));
}

/** Niches that are meant to be in the middle of their wall and are not quite. */
function centreChecks({ id: wall, boundary, openings }: CheckedWall): SurveyCheck[] {
  if (boundary.length === 0) return [];
  const { minX, maxX } = boxOf(boundary);
  return openings.flatMap(({ opening, x }): SurveyCheck[] => {
    if (opening.kind !== "niche") return [];
    const off = x + opening.width / 2 - (minX + maxX) / 2;
    const size = Math.abs(off);
    if (size > (maxX - minX) * BESIDE) return [];
    const values = { off: size, right: off > 0 ? 1 : 0 };
    const warning: Warning = {
      ...{ code: "niche-off-centre" as const, severity: "note" as const },
      ...{ wall, item: opening.id, values },
    };
    const id = `centre/${wall}/${opening.id}`;
    return [{ kind: "centre", id, wall, passes: size <= CENTRED, size, limit: CENTRED, warning }];
  });
}

/** A set panel may lean by this much, mm: less than its joints show. Trade practice. */
const PANEL_DRIFT = 1.5;

/** Courses over which a drift is taken out. Trade practice. */
const TAKEN_OUT_OVER = 5;

/** Panels whose corners no longer run plumb, as they were measured once they were set. */
function panelChecks({ zones }: CheckJob, { id: wall }: CheckedWall): SurveyCheck[] {
  return zones.flatMap((zone): SurveyCheck[] => {
    if (zone.kind !== "panel" || zone.wall !== wall || zone.drift === undefined) return [];
    const size = Math.abs(zone.drift);
    const values = {
      ...{ drift: size, right: zone.drift > 0 ? 1 : 0, limit: PANEL_DRIFT },
      ...{ perRow: size / TAKEN_OUT_OVER, rows: TAKEN_OUT_OVER },
    };
    const place = { wall, item: zone.id };
    const warning: Warning = { code: "panel-drifts", severity: "warning", ...place, values };
    const passes = size <= PANEL_DRIFT + SAME_MM;
    const id = `panel/${wall}/${zone.id}`;
    return [{ kind: "panel", id, wall, passes, size, limit: PANEL_DRIFT, warning }];
  });
}

function rowsAt({ flags }: CheckedWall, side: FlagSide): SideRow[] {
  return flags.find((flag) => flag.side === side)?.rows ?? [];
}

function cutsOf(rows: SideRow[]): CutsThere {
  const ends = rows.flatMap((row) => row.ends);
  return {
    count: rows.length,
    narrowest: ends.length > 0 ? Math.min(...ends) : 0,
    widest: ends.length > 0 ? Math.max(...ends) : 0,
  };
}
