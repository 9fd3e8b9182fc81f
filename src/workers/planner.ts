import { wrap } from "comlink";
import type { Plan } from "../../core/plan.ts";
import type { Project } from "../../core/project/schema.ts";
import { type LatestRunner, latestRunner } from "./latest.ts";
import type { PlanWorker } from "./plan.worker.ts";
import { type KnownPlan, knownOf, type PlanAnswer, planFrom } from "./plan-answer.ts";

/** What the planner is asked: a project, and whether it only passes by under a dragging finger. */
export interface Asked {
  project: Project;
  passing?: boolean;
}

/** Plans projects in the worker; only the newest waits, so that a drag never queues up. */
export function createPlanner(
  onPlan: (plan: Plan, project: Project) => void,
  onFailure: (error: unknown) => void,
): LatestRunner<Asked> {
  const worker = new Worker(new URL("./plan.worker.ts", import.meta.url), { type: "module" });
  const remote = wrap<PlanWorker>(worker);
  let known: KnownPlan = { walls: [], parts: {}, fingerprints: [] };
  const onAnswer = (answer: PlanAnswer, { project }: Asked) => {
    const plan = planFrom(answer, known);
    known = knownOf(plan, answer);
    onPlan(plan, project);
  };
  return latestRunner(
    ({ project, passing = false }) => remote.planProject(project, passing),
    onAnswer,
    onFailure,
  );
}
