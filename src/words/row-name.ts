import type { Project } from "../../core/project/schema.ts";
import type { SetRow } from "../../core/set/rows.ts";
import { ui } from "./ui.ts";

/** What a row of tile is called: its wall and course, its zone, or the opening whose interior it is. */
export function rowName(project: Project, { wall: id, zone, opening, courses }: SetRow): string {
  const wall = project.walls.find((own) => own.id === id);
  const name = wall?.name ?? id;
  if (opening !== undefined) {
    const of = wall?.openings.find((own) => own.id === opening);
    return ui.set.interior(name, of?.name ?? ui.set.niche);
  }
  const [from, to] = courses;
  const course = ui.set.courses(from, to);
  if (zone === undefined) return ui.set.row(name, course);
  const of = project.zones?.find((own) => own.id === zone);
  return ui.set.row(ui.set.zoneRow(name, of?.name ?? zone), course);
}
