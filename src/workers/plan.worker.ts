import { expose } from "comlink";
import { type Plan, Planner, planProject } from "../../core/plan.ts";
import type { Project } from "../../core/project/schema.ts";
import { type PlanWall, planThumbs } from "../paths/thumbs.ts";
import { type PassingAnswer, passingAnswer, type Told } from "./passing.ts";
import { answerWith, type PlanAnswer } from "./plan-answer.ts";
import { type NumberedProject, receiveProject, type SentProject } from "./project-sent.ts";

const planner = new Planner();
let held: NumberedProject | undefined;
/** The last whole plan: the page still has what was sent of it. */
let last: Plan | undefined;
let told: Told = { plan: undefined, walls: new Map() };

/** What the planning worker offers: the core's plan, off the main thread. Without the project that a
 * change goes on from there is no answer: the whole one has to be sent. */
const api = {
  planProject(sent: SentProject, hasLast: boolean): PlanAnswer | undefined {
    const project = take(sent);
    if (!project) return undefined;
    const plan = planner.plan(project);
    const answer = answerWith(plan, hasLast ? last : undefined);
    last = plan;
    told = { plan, walls: new Map() };
    return answer;
  },
  /** A job as a small picture: nothing of it is remembered. */
  picture(project: Project): PlanWall[] {
    return planThumbs(planProject(project));
  },
  /** What of the plan follows the finger that drags something. */
  passProject(sent: SentProject): PassingAnswer | undefined {
    const project = take(sent);
    return project && passingAnswer(planner.pass(project), told);
  },
};

function take(sent: SentProject): Project | undefined {
  const project = receiveProject(held, sent);
  held = project && { project, revision: sent.revision };
  return project;
}

export type PlanWorker = typeof api;

expose(api);
