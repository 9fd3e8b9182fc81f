import type { Plan } from "../../plan.ts";
import { type Command, editOpening, movePattern, together } from "../../project/commands.ts";
import type { Project } from "../../project/schema.ts";
import type { WallPlan } from "../../wall-plan.ts";
import { mod } from "./evaluate.ts";
import type { SearchModel } from "./model.ts";
import type { Layout, WallLayout } from "./search.ts";

/** One step that gives a job a found layout: every wall's centre, the first course, its niches. */
export function applyLayout(
  project: Project,
  plan: Plan,
  model: SearchModel,
  layout: Layout,
): Command {
  const commands = layout.walls.flatMap((found) => {
    const wall = plan.walls.find(({ id }) => id === found.wall);
    return wall ? wallCommands(project, wall, model, layout, found) : [];
  });
  return together("apply-layout", commands);
}

function wallCommands(
  project: Project,
  wall: WallPlan,
  { bond, courseFoot, walls }: SearchModel,
  layout: Layout,
  found: WallLayout,
): Command[] {
  const { cell, centre, measured } = wall;
  const about = measured.wall.centre.about;
  const free = found.left + cell.width / 2 - centre.x;
  // Lying courses repeat by the module; columns of a standing bond may differ and do not.
  const module = cell.width + cell.joint;
  const half = module / 2;
  const shift = bond.standing ? free : mod(free + half, module) - half;
  const place = { mode: "free" as const, shift, ...(about === undefined ? {} : { about }) };
  const moving = walls.find(({ id }) => id === wall.id)?.openings.find(({ moves }) => moves);
  return [
    movePattern(wall.id, place, courseFoot - layout.foot),
    ...(moving && found.niche !== undefined
      ? moveOpening(
          project,
          wall.id,
          moving.id,
          found.niche - (bond.standing ? moving.x0 : moving.y0),
        )
      : []),
  ];
}

/** Moves an opening up as it was read: down from a ceiling counts the other way. */
export function moveOpening(project: Project, wallId: string, id: string, up: number): Command[] {
  const wall = project.walls.find((candidate) => candidate.id === wallId);
  const opening = wall?.openings.find((candidate) => candidate.id === id);
  if (!opening || Math.abs(up) < 1e-6) return [];
  const { y } = opening;
  const at = y.from === "ceiling" ? y.at - up : y.at + up;
  return [editOpening(wallId, id, { y: { ...y, at } })];
}
