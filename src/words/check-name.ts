import type { Project } from "../../core/project/schema.ts";
import { ui } from "./ui.ts";

/** What a check of the survey is called, by its id; undefined for checks of single readings. */
export function surveyCheckName(project: Project, check: string): string | undefined {
  const [kind, wall, place = ""] = check.split("/");
  const { checks } = ui.measure;
  const nameOf = (id = "") => project.walls.find((candidate) => candidate.id === id)?.name ?? id;
  switch (kind) {
    case "plumb":
      return checks.plumb(place === "right");
    case "level":
      return checks.level;
    case "square":
      return checks.square(nameOf(wall), nameOf(place));
    case "ceiling":
      return checks.ceiling;
    case "centre": {
      const of = project.walls.find(({ id }) => id === wall);
      const opening = of?.openings.find(({ id }) => id === place);
      return checks.centre(opening?.name ?? ui.measure.kinds.niche);
    }
    case "panel": {
      const zone = project.zones?.find(({ id }) => id === place);
      return checks.panel(zone?.name ?? place);
    }
    default:
      return undefined;
  }
}

/** What any check that was decided on is called. */
export function checkName(project: Project, check: string): string {
  const [kind = ""] = check.split("/");
  if (kind === "flat") return ui.inline(ui.measure.flat);
  const surveyed = surveyCheckName(project, check);
  if (surveyed) return ui.inline(surveyed);
  return (ui.measure.misclosures as Record<string, string>)[kind] ?? kind;
}
