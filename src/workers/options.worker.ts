import { expose } from "comlink";
import { type OptionFigures, optionFigures } from "../../core/options/option-figures.ts";
import { planProject } from "../../core/plan.ts";
import type { Project } from "../../core/project/schema.ts";
import { type PlanWall, planThumbs } from "../paths/thumbs.ts";

/** Plans versions of a job, off the main thread. */
const api = {
  plan(project: Project): { figures: OptionFigures; picture: PlanWall[] } {
    const plan = planProject(project);
    return { figures: optionFigures(project, plan), picture: planThumbs(plan) };
  },
};

export type OptionsWorker = typeof api;

expose(api);
