import { wrap } from "comlink";
import type { Plan } from "../../core/plan.ts";
import type { Project } from "../../core/project/schema.ts";
import { reuseWalls } from "./fingerprint.ts";
import { type LatestRunner, latestRunner } from "./latest.ts";
import type { PlanAnswer, PlanWorker } from "./plan.worker.ts";

/** Plans projects in the worker; only the newest waits, so that a drag never queues up. */
export function createPlanner(
  onPlan: (plan: Plan, project: Project) => void,
  onFailure: (error: unknown) => void,
): LatestRunner<Project> {
  const worker = new Worker(new URL("./plan.worker.ts", import.meta.url), { type: "module" });
  const remote = wrap<PlanWorker>(worker);
  let earlier: PlanAnswer | undefined;
  const onAnswer = (answer: PlanAnswer, project: Project) => {
    const plan = reuseWalls(answer, earlier);
    earlier = { plan, fingerprints: answer.fingerprints };
    onPlan(plan, project);
  };
  return latestRunner((project) => remote.planProject(project), onAnswer, onFailure);
}
