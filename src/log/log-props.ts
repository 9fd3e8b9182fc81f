import type { Plan } from "../../core/plan.ts";
import type { Project } from "../../core/project/schema.ts";

/** What the page and its views are shown with. */
export interface LogProps {
  project: Project;
  plan: Plan;
}
