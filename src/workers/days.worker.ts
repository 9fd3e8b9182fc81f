import { expose } from "comlink";
import { planDays, type Standing } from "../../core/days/days-plan.ts";
import type { Met } from "../../core/days/simulate.ts";
import type { Task } from "../../core/days/tasks.ts";
import type { Job } from "../../core/project/job.ts";

/** Runs the work thousands of times, off the main thread. */
const api = {
  met(days: Job["days"], tasks: Task[], standing: Standing | undefined): Met | undefined {
    return planDays({ days }, tasks, true, standing)?.met;
  },
};

export type DaysWorker = typeof api;

expose(api);
