import { planProject } from "../../core/plan.ts";
import { planFile } from "../../core/plan-file.ts";
import { parseProjectText } from "../../core/project/parse.ts";
import type { Project } from "../../core/project/schema.ts";
import { words } from "../../core/words/spoken.ts";
import type { PlanReply, PlanTask } from "./planner-pool.ts";
import { problemText } from "./problem.ts";

/*
 * A process that plans one project file after another. It reads, plans and writes them itself, so
 * that the server that it belongs to never stops to do so.
 */

process.on("message", ({ id, body }: PlanTask) => {
  const send = (reply: PlanReply) => process.send?.(reply);
  const answer = (status: number, type: string, text: string) =>
    send({ id, status, type, body: Buffer.from(text) });
  const parsed = parseProjectText(Buffer.from(body).toString("utf8"));
  if (!parsed.ok) {
    const errors = parsed.issues.map((issue) => {
      return { path: issue.path, message: words.fieldIssue(issue) };
    });
    answer(400, "application/problem+json", problemText(400, "Not a valid project file", errors));
    return;
  }
  send({ id, about: contentOf(parsed.project) });
  const plan = planProject(parsed.project);
  answer(200, "application/json", JSON.stringify(planFile(parsed.project, plan)));
});

// A server that has gone needs no plans.
process.on("disconnect", () => process.exit(0));

/** What makes a job large: its walls, what is in them, and how small its tile is. */
function contentOf({ walls, tiles, field, zones = [] }: Project): string {
  const openings = walls.reduce((sum, wall) => sum + wall.openings.length, 0);
  const fixtures = walls.reduce((sum, wall) => sum + wall.fixtures.length, 0);
  const readings = walls.reduce((sum, { base, top }) => sum + base.length + top.length, 0);
  const tile = tiles.find(({ id }) => id === field.tile);
  return [
    `${walls.length} walls`,
    `${openings} openings`,
    `${fixtures} fixtures`,
    `${readings} readings`,
    `${zones.length} zones`,
    ...(tile ? [`tile of ${tile.width} × ${tile.height} mm`] : []),
  ].join(", ");
}
