import { expose } from "comlink";
import { type Plan, planProject } from "../../core/plan.ts";
import type { Project } from "../../core/project/schema.ts";
import { fingerprint } from "./fingerprint.ts";

/** A plan with what tells each of its walls from the same wall in another plan. */
export interface PlanAnswer {
  plan: Plan;
  fingerprints: string[];
}

/** What the planning worker offers: the core's plan, off the main thread. */
const api = {
  planProject(project: Project): PlanAnswer {
    const plan = planProject(project);
    return { plan, fingerprints: plan.walls.map((wall) => fingerprint(project, wall)) };
  },
};

export type PlanWorker = typeof api;

expose(api);
