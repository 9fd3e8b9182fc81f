import { wrap } from "comlink";
import type { Plan } from "../../core/plan.ts";
import type { Project } from "../../core/project/schema.ts";
import { type LatestRunner, latestRunner } from "./latest.ts";
import { type PassingAnswer, type PassingPlan, passingFrom } from "./passing.ts";
import type { PlanWorker } from "./plan.worker.ts";
import { type KnownPlan, knownOf, type PlanAnswer, planFrom } from "./plan-answer.ts";

/** What the planner is asked: a project, and whether it only passes by under a dragging finger. */
export interface Asked {
  project: Project;
  passing?: boolean;
}

interface Listener {
  onPlan: (plan: Plan, project: Project) => void;
  onPassing: (passing: PassingPlan, project: Project) => void;
  onFailure: (error: unknown) => void;
}

/** An answer of the worker, whole or only what passes. */
type Answer = { whole: PlanAnswer } | { passing: PassingAnswer };

/** Plans projects in the worker; only the newest waits, so that a drag never queues up. */
export function createPlanner({ onPlan, onPassing, onFailure }: Listener): LatestRunner<Asked> {
  const worker = new Worker(new URL("./plan.worker.ts", import.meta.url), { type: "module" });
  const remote = wrap<PlanWorker>(worker);
  let known: KnownPlan = { walls: [], parts: {}, fingerprints: [] };
  let plan: Plan | undefined;
  let last: PassingPlan | undefined;
  const ask = async ({ project, passing }: Asked): Promise<Answer> =>
    // Nothing can pass over a plan that was never made.
    passing && plan
      ? { passing: await remote.passProject(project) }
      : { whole: await remote.planProject(project) };
  const onAnswer = (answer: Answer, { project }: Asked) => {
    if ("whole" in answer) {
      plan = planFrom(answer.whole, known);
      known = knownOf(plan, answer.whole);
      last = undefined;
      onPlan(plan, project);
    } else if (plan) {
      last = passingFrom(answer.passing, plan, last);
      onPassing(last, project);
    }
  };
  return latestRunner(ask, onAnswer, onFailure);
}
