import { expose } from "comlink";
import { planProject } from "../../core/plan.ts";
import type { Project } from "../../core/project/schema.ts";
import { answerWith, type PlanAnswer } from "./plan-answer.ts";

/** Fingerprints of the walls in the last answer: the page still has those. */
let sent: string[] = [];

/** What the planning worker offers: the core's plan, off the main thread. */
const api = {
  planProject(project: Project, passing: boolean): PlanAnswer {
    const answer = answerWith(project, planProject(project), sent, passing);
    sent = answer.fingerprints;
    return answer;
  },
};

export type PlanWorker = typeof api;

expose(api);
