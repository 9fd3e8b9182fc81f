import type { Plan } from "../../core/plan.ts";
import type { Project } from "../../core/project/schema.ts";
import { ui } from "../words/ui.ts";

type Entry = NonNullable<NonNullable<Project["film"]>["gate"]>[number];

/** Checks before tile that are neither done nor waived; some follow from what was logged. */
export function openChecks(project: Project, plan: Plan): string[] {
  const entries = project.film?.gate ?? [];
  const automatic = plan.film.gate as Record<string, boolean>;
  return Object.keys(ui.waterproof.gates).filter(
    (check) => !automatic[check] && !entries.some((entry) => isThrough(entry, check)),
  );
}

/** A waived check needs its reason before it counts. */
function isThrough({ id, state, reason }: Entry, check: string): boolean {
  return id === check && (state === "done" || (reason ?? "").trim() !== "");
}
