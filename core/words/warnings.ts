import type { LengthStyle } from "../length/units.ts";
import type { Project } from "../project/schema.ts";
import type { Warning } from "../warning.ts";
import { words } from "./spoken.ts";
import { told } from "./told.ts";

/** How a job's reader wants lengths in sentences. */
export function lengthStyle(project: Project): LengthStyle {
  return { unit: project.unit, mark: project.mark ?? 16 };
}

/** A warning in the job's unit, with its wall and opening called by their names. */
export function warningSentences(project: Project, warning: Warning) {
  const wall = project.walls.find(({ id }) => id === warning.wall);
  const items = [...(wall?.openings ?? []), ...(wall?.fixtures ?? [])];
  const item = items.find(({ id }) => id === warning.item);
  const shelf = project.shelves?.find(({ id }) => id === warning.item);
  const named = [...(project.zones ?? []), ...project.tiles].find(({ id }) => id === warning.item);
  return told.warning(warning, lengthStyle(project), {
    ...(wall ? { wall: wall.name } : {}),
    ...(named?.name ? { item: named.name } : {}),
    ...(item ? { item: item.name ?? item.kind } : {}),
    ...(shelf ? { item: shelf.name ?? words.shelf } : {}),
  });
}
