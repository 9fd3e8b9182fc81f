import type { LengthStyle } from "../../../core/length/units.ts";
import type { Plan } from "../../../core/plan.ts";
import type { Project } from "../../../core/project/schema.ts";
import type { Paper } from "./paper.ts";

/** What a part of the work pack is written from. */
export interface Given {
  paper: Paper;
  project: Project;
  plan: Plan;
  style: LengthStyle;
  /** When it is given, ms. */
  at: number;
}
