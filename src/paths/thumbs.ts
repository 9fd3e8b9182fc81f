import { type Box, boxOf, circleRing } from "../../core/geometry/polygon.ts";
import type { Plan } from "../../core/plan.ts";
import { ringPath, ringsPath, wholeTilesPath } from "./paths.ts";

/** One wall as a small picture: paths in mm, y down. */
export interface PlanWall {
  id: string;
  box: Box;
  field: string;
  whole: string;
  cut: string;
  openings: string;
  /** Slots of shelves, and the holes of fixtures. */
  shelves: string;
  holes: string;
}

/** The walls of a plan as paths, made where the plan is, so that only texts travel. */
export function planThumbs(plan: Plan): PlanWall[] {
  return plan.walls.map((wall) => ({
    id: wall.id,
    box: boxOf(wall.boundary.length > 0 ? wall.boundary : wall.region),
    field: ringPath(wall.boundary),
    whole:
      wall.areas.map(wholeTilesPath).join("") +
      ringsPath(wall.pieces.filter(({ kind }) => kind === "none").map(({ ring }) => ring)),
    cut: ringsPath(wall.pieces.filter(({ kind }) => kind !== "none").map(({ ring }) => ring)),
    openings: ringsPath(wall.openings.map(({ ring }) => ring)),
    shelves: ringsPath(wall.shelves.map(({ ring }) => ring)),
    holes: ringsPath(wall.fixtures.map(({ centre, diameter }) => circleRing(centre, diameter))),
  }));
}
