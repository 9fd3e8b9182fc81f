import type { Project } from "../../../core/project/schema.ts";
import { patternName } from "../../jobs/patterns.ts";
import { ui } from "../../words/ui.ts";

/** A bond as a setter calls it, with how its tile lies. */
export function nameOfBond(field: Project["field"]): string {
  return `${ui.patterns[patternName(field)]}, ${ui.inline(ui.lay[field.lay])}`;
}
