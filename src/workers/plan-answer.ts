import type { Plan } from "../../core/plan.ts";
import type { Project } from "../../core/project/schema.ts";
import type { WallPlan } from "../../core/wall-plan.ts";

/** What the worker sends: the plan, and of its walls only those that it did not send last time. */
export interface PlanAnswer {
  plan: Omit<Plan, "walls">;
  walls: (WallPlan | undefined)[];
  fingerprints: string[];
}

/** What the page keeps of the last answer, to fill the next one from. */
export interface KnownWalls {
  walls: WallPlan[];
  fingerprints: string[];
}

/**
 * A text that is the same for two plans of a wall only when they are the same. A plan follows from
 * its inputs, so the wall's readings, where it lies, its bond and the settings are enough.
 */
export function fingerprint({ settings, setOut, field, tiles }: Project, wall: WallPlan): string {
  const { measured, region, boundary, origin, centre, lines } = wall;
  const values = Object.values(wall.figures).map(({ value }) => value);
  return JSON.stringify([
    measured.wall,
    region,
    boundary,
    origin,
    centre,
    lines,
    values,
    settings,
    setOut.sliver,
    field,
    tiles,
  ]);
}

/** Makes the answer for a plan, leaving out the walls whose fingerprints were sent before. */
export function answerWith(project: Project, plan: Plan, sent: string[]): PlanAnswer {
  const { walls, ...rest } = plan;
  const fingerprints = walls.map((wall) => fingerprint(project, wall));
  return {
    plan: rest,
    walls: walls.map((wall, k) => (sent.includes(fingerprints[k] ?? "") ? undefined : wall)),
    fingerprints,
  };
}

/**
 * The whole plan again. Walls that did not change are the very objects of the last plan, so that
 * what draws them sees at a glance that there is nothing to draw. Throws when the answer leaves
 * out a wall that was never sent.
 */
export function planFrom({ plan, walls, fingerprints }: PlanAnswer, known: KnownWalls): Plan {
  const all = walls.map((wall, k) => {
    const same = known.walls[known.fingerprints.indexOf(fingerprints[k] ?? "")];
    const found = same ?? wall;
    if (!found) throw new Error(`wall ${k} was neither sent nor known`);
    return found;
  });
  return { ...plan, walls: all };
}
