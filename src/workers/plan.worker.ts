import { expose } from "comlink";
import { planProject } from "../../core/plan.ts";

/** What the planning worker offers: the core's plan, off the main thread. */
const api = { planProject };

export type PlanWorker = typeof api;

expose(api);
