import { countCuts, type KitLine, toolKit } from "../../core/order/tool-kit.ts";
import type { Plan } from "../../core/plan.ts";
import { bedOf, jobOf } from "../../core/project/job.ts";
import type { Project } from "../../core/project/schema.ts";

/** The tools and consumables of a job, counted from its plan. */
export function kitOf(project: Project, plan: Plan): KitLine[] {
  const job = jobOf(project);
  const used = new Set(plan.set.mortars.map(({ tile }) => tile));
  const trowels = new Set([...used].map((tile) => JSON.stringify(bedOf(job, tile).trowel)));
  const sum = (values: number[]) => values.reduce((all, value) => all + value, 0);
  const needs = {
    boardM2: sum(plan.board.walls.map(({ figures }) => figures.boardAreaM2.value)),
    coats: plan.film.walls.some(({ regions }) => regions.length > 0) ? plan.film.coats : 0,
    sessions: plan.set.sessions.length,
    areaM2: plan.totals.fieldAreaM2,
    cuts: countCuts(job, plan.walls),
  };
  return toolKit(needs, trowels.size);
}
