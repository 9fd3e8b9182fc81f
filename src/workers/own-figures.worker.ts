import { expose } from "comlink";
import {
  type JobFigure,
  jobFigures,
  type OwnFigure,
  ownFigures,
} from "../../core/log/own-figures.ts";
import { planProject } from "../../core/plan.ts";
import { jobOf } from "../../core/project/job.ts";
import type { Project } from "../../core/project/schema.ts";

/** Plans jobs that were worked on and tells what they say together, off the main thread. */
const api = {
  figures(projects: Project[]): OwnFigure[] {
    return ownFigures(projects.map(told));
  },
};

function told(project: Project): JobFigure[] {
  try {
    return jobFigures(project, jobOf(project), planProject(project));
  } catch {
    // A job that cannot be planned tells nothing.
    return [];
  }
}

export type OwnFiguresWorker = typeof api;

expose(api);
