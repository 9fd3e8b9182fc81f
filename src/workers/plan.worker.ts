import { expose } from "comlink";
import { ClipperWanted, takeClipper } from "../../core/geometry/boolean.ts";
// Without the clipper, which few jobs need: a seventh of what a device loads before its first figures.
import { type Plan, Planner, planProject } from "../../core/planning.ts";
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
  async planProject(sent: SentProject, hasLast: boolean): Promise<PlanAnswer | undefined> {
    const project = take(sent);
    if (!project) return undefined;
    const plan = await clipped(() => planner.plan(project));
    const answer = answerWith(plan, hasLast ? last : undefined);
    last = plan;
    told = { plan, walls: new Map() };
    return answer;
  },
  /** A job as a small picture: nothing of it is remembered. */
  async picture(project: Project): Promise<PlanWall[]> {
    return planThumbs(await clipped(() => planProject(project)));
  },
  /** What of the plan follows the finger that drags something. */
  async passProject(sent: SentProject): Promise<PassingAnswer | undefined> {
    const project = take(sent);
    return project && passingAnswer(await clipped(() => planner.pass(project)), told);
  },
};

/** What is planned, and planned again with the clipper where it turns out to be needed. */
async function clipped<Planned>(make: () => Planned): Promise<Planned> {
  try {
    return make();
  } catch (error) {
    if (!(error instanceof ClipperWanted)) throw error;
    await fetchClipper();
    return make();
  }
}

async function fetchClipper(): Promise<void> {
  takeClipper((await import("../../core/geometry/clipper.ts")).clipRings);
}

/** So long after it began the first figures are there, and what a job may want later can come, ms. */
const QUIET = 4000;

// What cannot be fetched now is asked for when it is needed.
setTimeout(() => void fetchClipper().catch(() => undefined), QUIET);

function take(sent: SentProject): Project | undefined {
  const project = receiveProject(held, sent);
  held = project && { project, revision: sent.revision };
  return project;
}

export type PlanWorker = typeof api;

expose(api);
