import { fitOpening } from "../adjust/fit-joints.ts";
import { MM_PER_INCH } from "../length/units.ts";
import { SAME_MM, SAME_SUM } from "../limits.ts";
import { planProject } from "../plan.ts";
import type { Project } from "../project/schema.ts";
import type { ModelBond } from "../set-out/row-bond.ts";
import type { WallPlan } from "../wall-plan.ts";
import { bandMoves, withBandsMoved } from "./band-places.ts";
import { meetingJoints, SAME_JOINT } from "./meeting-joints.ts";
import { type ModelWall, type SearchLimits, searchModel } from "./model.ts";

/** What the search may change beside phase, courses and the niche's place. */
export interface VariantLimits {
  /**
   * Joints to try, mm: these two, the tape's marks between them, and those that close a run; `every`
   * asks for each joint at which anything changes.
   */
  joint: { least: number; most: number; every?: boolean };
  /** Niches may take sizes that land on joints, this much wider, narrower, higher or lower, mm. */
  nicheSize: number;
  /** How far all bands may move up or down together in all, mm; 0 leaves them. */
  bandRange?: number;
}

/** Searching more joints than this of each kind takes longer than a setter waits. */
const MOST_JOINTS = 12;

/** The job with each joint, height of bands and niche size that may be tried, the job as it is first. */
export function variantsOf(
  project: Project,
  { joint, nicheSize, bandRange = 0 }: VariantLimits,
  moves: SearchLimits,
): Project[] {
  const { least, most, every = false } = joint;
  const joints = distinctJoints([
    project.field.joint,
    ...jointMarks(project, least, most),
    ...(most > least ? [least, most, ...closingJoints(project, least, most)] : []),
    ...(every ? meetingJoints(project, least, most, moves) : []),
  ]);
  return joints.flatMap((mm) => {
    const jointed = { ...project, field: { ...project.field, joint: mm } };
    return bandHeights(jointed, bandRange).flatMap((moved) => [
      moved,
      ...(nicheSize > 0 ? nicheSizes(moved, nicheSize) : []),
    ]);
  });
}

function bandHeights(project: Project, range: number): Project[] {
  const model = range > 0 ? searchModel(planProject(project), 0, { nicheRange: 0 }) : undefined;
  const moves = model ? bandMoves(model, range) : [0];
  return moves.map((move) => withBandsMoved(project, move));
}

function distinctJoints(joints: number[]): number[] {
  const kept: number[] = [];
  for (const mm of joints) {
    if (!kept.some((other) => Math.abs(other - mm) < SAME_JOINT / 2)) kept.push(mm);
  }
  return kept;
}

/** The tape's marks from `least` to `most`: sixteenths of an inch, or half millimetres. */
export function jointMarks({ unit }: Project, least: number, most: number): number[] {
  const step = unit === "in" ? MM_PER_INCH / 16 : 0.5;
  const first = Math.ceil(least / step - SAME_MM);
  const count = Math.floor(most / step + SAME_MM) - first + 1;
  return Array.from(
    { length: Math.min(MOST_JOINTS, Math.max(0, count)) },
    (_, k) => (first + k) * step,
  );
}

/**
 * Joints from `least` to `most` at which whole tiles fill a run from edge to edge, of the field or
 * of an opening, along the rows or across them: there a cut at both ends goes at once. Those of the
 * fewest joints first; a run of many tiles closes with almost any joint.
 */
export function closingJoints(project: Project, least: number, most: number): number[] {
  const model = searchModel(planProject(project), 0, { nicheRange: 0 });
  if (!model) return [];
  const { bond, walls } = model;
  const found = walls.flatMap((wall) => [
    ...closing(bond.length, alongEdges(wall), rowShifts(wall.bond), least, most),
    ...closing(bond.depth, acrossEdges(wall), [0], least, most),
  ]);
  found.sort((p, q) => p.modules - q.modules || p.joint - q.joint);
  return distinctJoints(found.map(({ joint }) => joint)).slice(0, MOST_JOINTS);
}

/** Where a tile may begin and where one may end, mm. */
interface RunEdges {
  begins: number[];
  ends: number[];
}

function alongEdges({ alongFrom, alongTo, openings }: ModelWall): RunEdges {
  return {
    begins: [alongFrom, ...openings.map(({ x1 }) => x1)],
    ends: [alongTo, ...openings.map(({ x0 }) => x0)],
  };
}

function acrossEdges({ acrossFrom, acrossTo, openings }: ModelWall): RunEdges {
  return {
    begins: [acrossFrom, ...openings.map(({ y1 }) => y1)],
    ends: [acrossTo, ...openings.map(({ y0 }) => y0)],
  };
}

/** How rows are shifted against each other, as shares of a module. */
function rowShifts({ shifts, length, joint }: ModelBond): number[] {
  const shares = shifts.map((shift) => shift / (length + joint));
  return shares.flatMap((p) => shares.map((q) => p - q));
}

/**
 * From a beginning to an end lie n modules less a joint, from an end to a beginning n modules and a
 * joint, between two of a kind n modules; n counts the shift between two rows as well.
 */
function closing(
  tile: number,
  { begins, ends }: RunEdges,
  shifts: number[],
  least: number,
  most: number,
): { joint: number; modules: number }[] {
  const runs = [
    // Runs as modules alone: a joint is a module less a tile.
    ...begins.flatMap((from) => ends.map((to) => to - from - tile)),
    ...ends.flatMap((from) => begins.map((to) => to - from + tile)),
    ...[begins, ends].flatMap((kind) => kind.flatMap((from) => kind.map((to) => to - from))),
  ].filter((run) => run > 0);
  return runs.flatMap((run) =>
    shifts.flatMap((shift) => {
      const first = Math.ceil(run / (tile + most) - shift - SAME_SUM);
      const last = Math.floor(run / (tile + least) - shift + SAME_SUM);
      const counts = Array.from({ length: Math.max(0, last - first + 1) }, (_, k) => first + k);
      return counts
        .map((count) => count + shift)
        .filter((modules) => modules > SAME_MM)
        .map((modules) => ({ joint: run / modules - tile, modules }));
    }),
  );
}

/** Niches at most this many modules larger or smaller than the nearest size on joints are tried. */
const MOST_STEPS = 5;

/** Modules more or less that may be within a limit, none first. */
function sizeSteps(module: number, limit: number): number[] {
  const most = Math.min(MOST_STEPS, Math.ceil(limit / module));
  return [0, ...Array.from({ length: most }, (_, k) => [k + 1, -k - 1]).flat()];
}

/** Every niche on the joints of the bond as it stands, in each size that is within the limit. */
function nicheSizes(project: Project, limit: number): Project[] {
  const { walls } = planProject(project);
  const made = new Map<string, Project>();
  const { width, height, joint } = (walls[0] as WallPlan).cell;
  for (const wider of sizeSteps(width + joint, limit)) {
    for (const higher of sizeSteps(height + joint, limit)) {
      const draft = structuredClone(project);
      for (const wall of walls) {
        for (const { opening } of wall.openings) {
          if (opening.kind !== "niche") continue;
          fitOpening(wall, opening.id, [wider, higher])?.change(draft);
        }
      }
      const text = JSON.stringify(draft.walls);
      if (text !== JSON.stringify(project.walls) && sizesWithin(project, draft, limit)) {
        made.set(text, draft);
      }
    }
  }
  return [...made.values()];
}

function sizesWithin(before: Project, after: Project, limit: number): boolean {
  return before.walls.every((wall, w) =>
    wall.openings.every(({ width, height }, k) => {
      const sized = after.walls[w]?.openings[k];
      return (
        sized !== undefined &&
        Math.abs(sized.width - width) <= limit + SAME_MM &&
        Math.abs(sized.height - height) <= limit + SAME_MM
      );
    }),
  );
}
