import { type Remote, wrap } from "comlink";
import type { Project } from "../../core/project/schema.ts";
import type { PlanWall } from "../paths/thumbs.ts";
import type { PlanWorker } from "./plan.worker.ts";

/** Pictures that were made, by job; each with the job's change that it shows. */
const made = new Map<string, { revision: number; picture: Promise<PlanWall[]> }>();

let remote: Remote<PlanWorker> | undefined;

/** The surround of a job as a small picture, planned off the main thread once for each change. */
export function pictureOf(project: Project, revision: number): Promise<PlanWall[]> {
  const known = made.get(project.id);
  if (known?.revision === revision) return known.picture;
  remote ??= wrap<PlanWorker>(
    new Worker(new URL("./plan.worker.ts", import.meta.url), { type: "module" }),
  );
  const picture = remote.picture(project);
  made.set(project.id, { revision, picture });
  return picture;
}
