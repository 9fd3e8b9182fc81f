import type { Plan } from "../../core/plan.ts";
import type { Project } from "../../core/project/schema.ts";
import type { WallPlan } from "../../core/wall-plan.ts";

/** Parts of the plan that most changes leave as they are. */
const PARTS = ["findings", "board", "film", "trim", "drops", "order", "warnings"] as const;

type Parts = Pick<Plan, (typeof PARTS)[number]>;

/** What the worker sends: the plan, and of its walls and parts only those that changed. */
export interface PlanAnswer {
  plan: Omit<Plan, "walls" | keyof Parts>;
  parts: Partial<Parts>;
  walls: (WallPlan | undefined)[];
  fingerprints: string[];
}

/** What the page keeps of the last answer, to fill the next one from. */
export interface KnownPlan {
  walls: WallPlan[];
  parts: Partial<Parts>;
  fingerprints: string[];
}

/**
 * A text that is the same for two plans of a wall only when they are the same. A plan follows from
 * its inputs, so the wall's readings, where it lies, its bond and the settings are enough.
 */
export function fingerprint(
  { settings, setOut, field, tiles, zones }: Project,
  wall: WallPlan,
): string {
  const { measured, follows, region, boundary, shelves, origin, centre, lines } = wall;
  const values = Object.values(wall.figures).map(({ value }) => value);
  const inputs = [
    measured.wall,
    follows,
    region,
    boundary,
    shelves,
    origin,
    centre,
    lines,
    values,
    settings,
    setOut.sliver,
    field,
    tiles,
    zones,
  ];
  return digest(JSON.stringify(inputs));
}

/** A short name of a text: its length and two 32-bit hashes that mix differently. */
function digest(text: string): string {
  let [p, q] = [0x811c9dc5, 0x01234567];
  for (let k = 0; k < text.length; k++) {
    const code = text.charCodeAt(k);
    p = Math.imul(p ^ code, 0x01000193);
    q = Math.imul(q ^ code, 0x85ebca6b);
  }
  return `${text.length}.${p >>> 0}.${q >>> 0}`;
}

/** Makes the answer for a plan, leaving out the walls and parts whose fingerprints were sent. */
export function answerWith(project: Project, whole: Plan, sent: string[]): PlanAnswer {
  const { walls, findings, board, film, trim, drops, order, warnings, ...plan } = whole;
  const ofWalls = walls.map((wall) => fingerprint(project, wall));
  const ofParts = PARTS.map((name) => name + digest(JSON.stringify(whole[name])));
  return {
    plan,
    parts: Object.fromEntries(
      PARTS.filter((_, k) => !sent.includes(ofParts[k] ?? "")).map((name) => [name, whole[name]]),
    ),
    walls: walls.map((wall, k) => (sent.includes(ofWalls[k] ?? "") ? undefined : wall)),
    fingerprints: [...ofWalls, ...ofParts],
  };
}

/**
 * The whole plan again. Walls that did not change are the very objects of the last plan, so that
 * what draws them sees at a glance that there is nothing to draw. Throws when the answer leaves
 * out a wall that was never sent.
 */
export function planFrom({ plan, parts, walls, fingerprints }: PlanAnswer, known: KnownPlan): Plan {
  const all = walls.map((wall, k) => {
    const same = known.walls[known.fingerprints.indexOf(fingerprints[k] ?? "")];
    const found = same ?? wall;
    if (!found) throw new Error(`wall ${k} was neither sent nor known`);
    return found;
  });
  const whole = { ...known.parts, ...parts };
  if (!isComplete(whole)) throw new Error("a part was neither sent nor known");
  return { ...plan, ...whole, walls: all };
}

function isComplete(parts: Partial<Parts>): parts is Parts {
  return PARTS.every((name) => parts[name] !== undefined);
}

/** What the page keeps of a plan to fill the next answer from. */
export function knownOf(plan: Plan, { fingerprints }: PlanAnswer): KnownPlan {
  const parts = Object.fromEntries(PARTS.map((name) => [name, plan[name]]));
  return { walls: plan.walls, parts, fingerprints };
}
