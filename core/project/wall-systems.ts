import type { WALL_SYSTEMS } from "./build-schema.ts";
import type { Project } from "./schema.ts";

/** The schools of what goes on the studs and what keeps the water out. */
export type WallSystem = (typeof WALL_SYSTEMS)[number];

/** Recommended: one continuous film whose thickness can be read. */
export const RECOMMENDED_SYSTEM: WallSystem = "board-liquid";

/** The job's wall system, or the recommended one. */
export function wallSystem(project: Project): WallSystem {
  return project.build?.system ?? RECOMMENDED_SYSTEM;
}

/** Systems whose film is brushed or rolled on over the whole wet area. */
export function hasLiquidFilm(system: WallSystem): boolean {
  return system === "board-liquid";
}
