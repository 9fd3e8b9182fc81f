import { wrap } from "comlink";
import type { Plan } from "../../core/plan.ts";
import type { Project } from "../../core/project/schema.ts";
import { type LatestRunner, latestRunner } from "./latest.ts";
import type { PlanWorker } from "./plan.worker.ts";
import { type KnownPlan, type PlanAnswer, planFrom } from "./plan-answer.ts";

/** Plans projects in the worker; only the newest waits, so that a drag never queues up. */
export function createPlanner(
  onPlan: (plan: Plan, project: Project) => void,
  onFailure: (error: unknown) => void,
): LatestRunner<Project> {
  const worker = new Worker(new URL("./plan.worker.ts", import.meta.url), { type: "module" });
  const remote = wrap<PlanWorker>(worker);
  let known: KnownPlan = { walls: [], parts: {}, fingerprints: [] };
  const onAnswer = (answer: PlanAnswer, project: Project) => {
    const plan = planFrom(answer, known);
    const { walls, findings, build, film } = plan;
    known = { walls, parts: { findings, build, film }, fingerprints: answer.fingerprints };
    onPlan(plan, project);
  };
  return latestRunner((project) => remote.planProject(project), onAnswer, onFailure);
}
