import { expose } from "comlink";
import { planProject } from "../../core/plan.ts";
import type { Project } from "../../core/project/schema.ts";
import { type PassingAnswer, passingAnswer, type Told } from "./passing.ts";
import { answerWith, type PlanAnswer } from "./plan-answer.ts";

/** Fingerprints of the walls in the last whole answer: the page still has those. */
let sent: string[] = [];
let told: Told = { plan: undefined, looks: new Map() };

/** What the planning worker offers: the core's plan, off the main thread. */
const api = {
  planProject(project: Project): PlanAnswer {
    const plan = planProject(project);
    const answer = answerWith(project, plan, sent);
    sent = answer.fingerprints;
    told = { plan, looks: new Map() };
    return answer;
  },
  /** What of the plan follows the finger that drags something. */
  passProject(project: Project): PassingAnswer {
    return passingAnswer(planProject(project, { passing: true }), told);
  },
};

export type PlanWorker = typeof api;

expose(api);
