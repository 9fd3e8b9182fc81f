import { mod, SAME_MM } from "../limits.ts";
import type { Plan } from "../plan.ts";
import { movePattern } from "../project/centre-commands.ts";
import type { Command } from "../project/command.ts";
import { editOpening, together } from "../project/commands.ts";
import type { Project, Wall } from "../project/schema.ts";
import type { WallPlan } from "../wall-plan.ts";
import type { Layout, WallLayout } from "./layout.ts";
import type { ModelWall, SearchModel } from "./model.ts";

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
  const { cell, centre, centring } = wall;
  const { about } = centring;
  const free = found.left + cell.width / 2 - centre.x;
  // Lying courses repeat by the module; columns of a standing bond may differ and do not.
  const module = cell.width + cell.joint;
  const half = module / 2;
  const shift = bond.standing ? free : mod(free + half, module) - half;
  const place = { ...centreOf(shift, module), ...(about === undefined ? {} : { about }) };
  const model = walls.find(({ id }) => id === wall.id);
  return [
    movePattern(wall.id, place, courseFoot - layout.foot),
    ...(model ? moveNiches(project, model, bond.standing, found) : []),
  ];
}

/** A shift as a setter says it: a tile or a joint on the centre, where it is one of both. */
function centreOf(shift: number, module: number): Wall["centre"] {
  if (Math.abs(shift) < SAME_MM) return { mode: "tile" };
  if (Math.abs(Math.abs(shift) - module / 2) < SAME_MM) return { mode: "joint" };
  return { mode: "free", shift };
}

function moveNiches(
  project: Project,
  { id: wall, openings }: ModelWall,
  standing: boolean,
  { niche: { along, across } }: WallLayout,
): Command[] {
  const firstAlong = openings.find(({ alongRange }) => alongRange);
  const firstAcross = openings.find(({ acrossRange }) => acrossRange);
  const byAlong = firstAlong && along !== undefined ? along - firstAlong.x0 : 0;
  const byAcross = firstAcross && across !== undefined ? across - firstAcross.y0 : 0;
  const [dx, dy] = standing ? [byAcross, byAlong] : [byAlong, byAcross];
  return openings
    .filter(({ alongRange, acrossRange }) => alongRange || acrossRange)
    .flatMap(({ id }) => moveOpening(project, wall, id, dx, dy));
}

/** Moves an opening to the right and up as it was read: from the right or a ceiling the other way. */
function moveOpening(
  project: Project,
  wallId: string,
  id: string,
  dx: number,
  dy: number,
): Command[] {
  const wall = project.walls.find((candidate) => candidate.id === wallId);
  const opening = wall?.openings.find((candidate) => candidate.id === id);
  if (!opening || Math.hypot(dx, dy) < SAME_MM) return [];
  const { x, y } = opening;
  return [
    editOpening(wallId, id, {
      x: { ...x, at: x.from === "right" ? x.at - dx : x.at + dx },
      y: { ...y, at: y.from === "ceiling" ? y.at - dy : y.at + dy },
    }),
  ];
}
