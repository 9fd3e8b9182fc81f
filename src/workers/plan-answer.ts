import type { Plan } from "../../core/plan.ts";
import type { WallPlan } from "../../core/wall-plan.ts";

/** What the worker sends of a plan: all that is not the very same as in the last one it sent. */
export interface PlanAnswer {
  parts: Partial<Omit<Plan, "walls">>;
  /** Walls by their order; one that did not change is only named. */
  walls: (WallPlan | string)[];
}

/** Makes the answer for a plan, leaving out what the page has from the last one. */
export function answerWith(plan: Plan, last: Plan | undefined): PlanAnswer {
  const { walls, ...parts } = plan;
  const known = new Set(last?.walls);
  const changed = Object.entries(parts).filter(([name, part]) => {
    return !last || !Object.is(part, last[name as keyof Plan]);
  });
  return {
    parts: Object.fromEntries(changed),
    walls: walls.map((wall) => (known.has(wall) ? wall.id : wall)),
  };
}

/**
 * The whole plan again. What did not change are the very objects of the last plan, so that what
 * draws them sees at a glance that there is nothing to draw. Throws when the answer leaves out what
 * was never sent.
 */
export function planFrom({ parts, walls }: PlanAnswer, last: Plan | undefined): Plan {
  const whole = { ...last, ...parts };
  const all = walls.map((wall) => {
    const found = typeof wall === "string" ? last?.walls.find(({ id }) => id === wall) : wall;
    if (!found) throw new Error(`wall ${wall} was neither sent nor known`);
    return found;
  });
  if (!isComplete(whole)) throw new Error("a part was neither sent nor known");
  return { ...whole, walls: all };
}

/** Parts that were all sent with the first plan. */
const PARTS: Record<keyof Omit<Plan, "walls">, true> = {
  levelY: true,
  levelAssumed: true,
  lowPoint: true,
  fall: true,
  first: true,
  buildUp: true,
  findings: true,
  checks: true,
  board: true,
  film: true,
  sliver: true,
  totals: true,
  drops: true,
  fence: true,
  trim: true,
  stock: true,
  set: true,
  corrections: true,
  runEnds: true,
  panelCentres: true,
  grout: true,
  order: true,
  cost: true,
  tasks: true,
  shower: true,
  days: true,
  warnings: true,
};

function isComplete(parts: Partial<Omit<Plan, "walls">>): parts is Omit<Plan, "walls"> {
  return Object.keys(PARTS).every((name) => name in parts);
}
