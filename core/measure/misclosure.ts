import { heightAt } from "../geometry/profile.ts";
import { SAME_SUM } from "../limits.ts";
import type { CornerWall, Meeting } from "../project/enclosure.ts";
import type { Job } from "../project/job.ts";
import { lineX } from "./corners.ts";
import type { MeasuredWall, Survey } from "./survey.ts";

/** What contradicts what. */
export type MisclosureKind =
  | "width-lean"
  | "width-between"
  | "base-at-corner"
  | "top-at-corner"
  | "level-loop"
  | "plan-loop";

/** Readings that contradict each other, and by how much. Nothing is averaged away. */
export interface Misclosure {
  kind: MisclosureKind;
  /** The wall whose readings disagree; at a corner the wall on its left. */
  wall?: string;
  neighbour?: string;
  /** Height above the low point that it was found at, mm. */
  y?: number;
  /** What was read less what the other readings say, mm. */
  size: number;
  tolerance: number;
}

/** Two ways to the same figure may differ by this much before it is said, mm. */
const TOLERANCE: Record<MisclosureKind, number> = {
  "width-lean": 2,
  "width-between": 2,
  "base-at-corner": 2,
  "top-at-corner": 3,
  "level-loop": 3,
  "plan-loop": 5,
};

/**
 * Every second way to a figure that the readings hold: widths against leans, widths between bottom
 * and top against straight corners, base and top as both walls of a corner read them, the level
 * line once round a closed enclosure, and its plan with the corners' angles.
 */
export function misclosures(
  job: Pick<Job, "closed" | "meetings" | "walls">,
  survey: Survey,
): Misclosure[] {
  const corners = job.meetings;
  return [
    ...survey.walls.flatMap((wall) => widthMisclosures(wall, survey.levelY)),
    ...corners.flatMap((corner) => cornerMisclosures(survey, corner)),
    ...(job.closed ? [levelLoop(survey, corners), planLoop(job, corners)] : []),
  ].filter((found): found is Misclosure => found !== undefined);
}

/** Misclosures that are larger than their tolerance. */
export function beyondTolerance(found: Misclosure[]): Misclosure[] {
  return found.filter(({ size, tolerance }) => Math.abs(size) > tolerance + SAME_SUM);
}

function widthMisclosures(measured: MeasuredWall, levelY: number): Misclosure[] {
  const { wall, left, right, leanMismatch } = measured;
  const found: Misclosure[] = [];
  if (leanMismatch !== undefined) {
    found.push({ ...of("width-lean", leanMismatch), wall: wall.id, y: heightAt(measured.top, 0) });
  }
  for (const { level, width } of wall.widths ?? []) {
    const y = levelY + level;
    const straight = lineX(right, y) - lineX(left, y);
    found.push({ ...of("width-between", width - straight), wall: wall.id, y });
  }
  return found;
}

function of(kind: MisclosureKind, size: number) {
  return { kind, size, tolerance: TOLERANCE[kind] };
}

/** Both walls of a corner stand on the same base and reach the same ceiling there. */
function cornerMisclosures(survey: Survey, { left, right }: Meeting): Misclosure[] {
  const [p, q] = [measuredOf(survey, left), measuredOf(survey, right)];
  if (!p || !q) return [];
  const place = { wall: left.id, neighbour: right.id };
  const found: Misclosure[] = [];
  const base = baseStep(p, q);
  if (base !== undefined) found.push({ ...of("base-at-corner", base), ...place });
  if (
    left.top.length > 0 &&
    right.top.length > 0 &&
    reachesCeiling(left) &&
    reachesCeiling(right)
  ) {
    const step = heightAt(p.top, left.width.bottom) - heightAt(q.top, 0);
    found.push({ ...of("top-at-corner", step), ...place });
  }
  return found;
}

function reachesCeiling({ topIs }: CornerWall): boolean {
  return topIs === "ceiling";
}

/** How much higher the left wall's readings put the base of the corner; undefined without any. */
function baseStep(left: MeasuredWall, right: MeasuredWall): number | undefined {
  const hasLeg = left.leg?.side === "right" || right.leg?.side === "left";
  if (hasLeg || left.wall.base.length === 0 || right.wall.base.length === 0) return undefined;
  return heightAt(left.base, left.wall.width.bottom) - heightAt(right.base, 0);
}

function measuredOf(survey: Survey, { id }: CornerWall): MeasuredWall | undefined {
  return survey.walls.find(({ wall }) => wall.id === id);
}

/**
 * Once round: along each wall the base rises by what was read there. Back at the start the rises
 * must have cancelled out; what is left is the error of carrying the level line round.
 */
function levelLoop(survey: Survey, corners: Meeting[]): Misclosure | undefined {
  const steps = corners.map(({ left, right }) => {
    const [p, q] = [measuredOf(survey, left), measuredOf(survey, right)];
    return p && q ? baseStep(p, q) : undefined;
  });
  const known = steps.filter((step): step is number => step !== undefined);
  if (known.length < corners.length) return undefined;
  return of(
    "level-loop",
    known.reduce((sum, step) => sum + step, 0),
  );
}

/** Walks the plan along the walls' widths, turning by the corners' angles, and back to the start. */
function planLoop(job: Pick<Job, "walls">, corners: Meeting[]): Misclosure {
  let heading = 0;
  let [x, y] = [0, 0];
  job.walls.forEach((wall, k) => {
    x += wall.width.bottom * Math.cos(heading);
    y += wall.width.bottom * Math.sin(heading);
    heading += Math.PI - (corners[k]?.angle ?? Math.PI / 2);
  });
  return of("plan-loop", Math.hypot(x, y));
}
