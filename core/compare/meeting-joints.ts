import { SAME_SUM } from "../limits.ts";
import { planProject } from "../plan.ts";
import type { Project } from "../project/schema.ts";
import { type Axis, acrossAxis, alongAxis, breakpoints, type Repeat } from "./candidates.ts";
import { type SearchLimits, type SearchModel, searchModel } from "./model.ts";

/** Two joints nearer than this are one, mm: nobody sets tile to a hundredth. */
export const SAME_JOINT = 0.01;

/** A length at the least joint and at the most: in between it lies on the straight line. */
type Line = [atLeast: number, atMost: number];

/**
 * Every joint from `least` to `most` mm at which two breakpoints of one phase meet, to a hundredth
 * of a millimetre. Breakpoints move on straight lines as the joint grows, and between two meetings
 * none passes another: every term of a layout that stays on its breakpoints is a straight line
 * there, so that a best one lies at a meeting or at an end of the range. Both ends are among them.
 */
export function meetingJoints(
  project: Project,
  least: number,
  most: number,
  limits: SearchLimits,
): number[] {
  if (most - least < SAME_JOINT) return [];
  const modelAt = (joint: number) => {
    const jointed = { ...project, field: { ...project.field, joint } };
    return searchModel(planProject(jointed), project.setOut.firstCourse.drop, limits);
  };
  const [first, last] = [modelAt(least), modelAt(most)];
  if (!first || !last) return [];
  const found = new Meetings(least, most);
  const [near, far] = [phaseGroups(first), phaseGroups(last)];
  near.forEach((axes, k) => {
    const lines = axes.flatMap((axis, a) => linesOf(axis, far[k]?.[a] as Axis));
    const [own, other] = [axes[0], far[k]?.[0]];
    if (own && other) found.addAll(lines, [moduleOf(own), moduleOf(other)]);
  });
  return found.joints();
}

function moduleOf({ size, joint }: Axis): number {
  return size + joint;
}

/** Axes by the phase that they share: each wall has one of its own, and all have one together. */
function phaseGroups({ bond: { standing }, walls }: SearchModel): Axis[][] {
  const [own, shared] = standing ? [acrossAxis, alongAxis] : [alongAxis, acrossAxis];
  return [
    ...walls.map((wall) => [own(wall.bond, wall)]),
    walls.map((wall) => shared(wall.bond, wall)),
  ];
}

/** Breakpoints of an axis at both ends of the joint's range, each twin beside its other. */
function linesOf(near: Axis, far: Axis): Line[] {
  const cuts = near.repeats.flatMap((repeat, k) =>
    cutLines([repeat, far.repeats[k] as Repeat], near.size),
  );
  const atMost = breakpoints(
    far,
    cuts.map(([, cut]) => cut),
  );
  return breakpoints(
    near,
    cuts.map(([cut]) => cut),
  ).map((phase, k) => [phase, atMost[k] as number]);
}

/** The lengths of a repeat that are cuts of a tile at some joint of the range. */
function cutLines([near, far]: [Repeat, Repeat], size: number): Line[] {
  const lines: Line[] = [];
  const first = Math.ceil(Math.min(-near.base / near.every, -far.base / far.every));
  const last = Math.max((size - near.base) / near.every, (size - far.base) / far.every);
  for (let k = first; k <= last; k++) {
    lines.push([near.base + k * near.every, far.base + k * far.every]);
  }
  return lines;
}

/** Joints at which lines meet, one for each hundredth of a millimetre. */
class Meetings {
  readonly #least: number;
  readonly #reach: number;
  readonly #found: (number | undefined)[];

  constructor(least: number, most: number) {
    this.#least = least;
    this.#reach = most - least;
    this.#found = Array.from({ length: Math.ceil(this.#reach / SAME_JOINT) });
    this.#add(0);
    this.#add(1);
  }

  /** Lines are phases: they meet where they differ by any number of whole modules. */
  addAll(lines: Line[], module: Line): void {
    const own = distinct(lines, module);
    for (let p = 1; p < own.length; p++) {
      for (let q = 0; q < p; q++) this.#meet(own[p] as Line, own[q] as Line, module);
    }
  }

  joints(): number[] {
    return this.#found.filter((joint) => joint !== undefined);
  }

  #meet([p0, p1]: Line, [q0, q1]: Line, [m0, m1]: Line): void {
    const [near, far] = [p0 - q0, p1 - q1];
    const [from, to] = [near / m0, far / m1];
    const last = Math.max(from, to);
    for (let k = Math.ceil(Math.min(from, to)); k <= last; k++) {
      const [before, after] = [near - k * m0, far - k * m1];
      // Lines that stay together are one.
      if (before !== after) this.#add(before / (before - after));
    }
  }

  #add(share: number): void {
    const joint = this.#least + Math.min(1, Math.max(0, share)) * this.#reach;
    const at = Math.min(
      this.#found.length - 1,
      Math.floor((joint - this.#least) / SAME_JOINT + SAME_SUM),
    );
    this.#found[at] ??= joint;
  }
}

/** Each line once, moved by whole modules so that it begins within the first. */
function distinct(lines: Line[], [m0, m1]: Line): Line[] {
  const kept = new Map<string, Line>();
  for (const [near, far] of lines) {
    const modules = Math.floor(near / m0 + SAME_SUM);
    const line: Line = [near - modules * m0, far - modules * m1];
    kept.set(line.map((each) => each.toFixed(5)).join("/"), line);
  }
  return [...kept.values()];
}
