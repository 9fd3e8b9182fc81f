import { wrap } from "comlink";
import type { Plan } from "../../core/plan.ts";
import type { Project } from "../../core/project/schema.ts";
import { type LatestRunner, latestRunner } from "./latest.ts";
import { type PassingAnswer, type PassingPlan, passingFrom } from "./passing.ts";
import type { PlanWorker } from "./plan.worker.ts";
import { type PlanAnswer, planFrom } from "./plan-answer.ts";
import { takePlanWorker } from "./plan-worker.ts";
import { type NumberedProject, type SentProject, sendProject } from "./project-sent.ts";

/** What the planner is asked: a project, and whether it only passes by under a dragging finger. */
export interface Asked {
  project: Project;
  passing?: boolean;
}

export interface PlanListener {
  onPlan: (plan: Plan, project: Project) => void;
  onPassing: (passing: PassingPlan, project: Project) => void;
  onFailure: (error: unknown) => void;
}

/** Plans what it is asked, and tells its listener. */
export type PlannerOf = (listener: PlanListener) => LatestRunner<Asked>;

/** An answer of the worker, whole or only what passes. */
type Answer = { whole: PlanAnswer } | { passing: PassingAnswer };

/** Plans projects in the worker; only the newest waits, so that a drag never queues up. */
export const createPlanner: PlannerOf = ({ onPlan, onPassing, onFailure }) => {
  const remote = wrap<PlanWorker>(takePlanWorker());
  let sent: NumberedProject | undefined;
  let plan: Plan | undefined;
  let last: PassingPlan | undefined;

  /** Sends what changed since the last time; the worker that does not have that gets the whole. */
  async function send<A>(
    project: Project,
    ask: (sent: SentProject) => Promise<A | undefined>,
  ): Promise<A> {
    for (const before of [sent, undefined]) {
      const next = sendProject(before, project);
      sent = { project, revision: next.revision };
      const answer = await ask(next);
      if (answer) return answer;
    }
    throw new Error("the planner did not take the job");
  }

  const ask = async ({ project, passing }: Asked): Promise<Answer> =>
    // Nothing can pass over a plan that was never made.
    passing && plan
      ? { passing: await send(project, (next) => remote.passProject(next)) }
      : { whole: await send(project, (next) => remote.planProject(next, plan !== undefined)) };
  const onAnswer = (answer: Answer, { project }: Asked) => {
    if ("whole" in answer) {
      plan = planFrom(answer.whole, plan);
      last = undefined;
      onPlan(plan, project);
    } else if (plan) {
      last = passingFrom(answer.passing, plan, last);
      onPassing(last, project);
    }
  };
  return latestRunner(ask, onAnswer, (error) => {
    // Neither side knows now what the other one has.
    sent = undefined;
    plan = undefined;
    onFailure(error);
  });
};
