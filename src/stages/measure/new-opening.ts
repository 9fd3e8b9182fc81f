import type { Fixture, Opening, Wall } from "../../../core/project/schema.ts";
import { openingFor } from "../../../core/set-out/dish.ts";
import { ui } from "../../words/ui.ts";

/** A niche that a usual stud bay takes with the usual layers, mm. */
const NEW_DEPTH = 85;

/** A niche or window that stands on the level line in the middle of a wall, until it is measured. */
export function newOpening(wall: Wall, kind: Opening["kind"]): Opening {
  return {
    id: crypto.randomUUID(),
    kind,
    name: ui.measure.kinds[kind],
    width: Math.min(355.6, wall.width.bottom / 2),
    height: 304.8,
    depth: NEW_DEPTH,
    x: { from: "left", at: wall.width.bottom / 2, to: "centre" },
    y: { from: "level", at: 0, to: "bottom" },
  };
}

/** A soap dish whose flange of 6 × 4 1/4 in lies over the tile by 1/4 in. */
export function newDish(wall: Wall): Opening {
  const size = openingFor({ width: 152.4, height: 107.95 }, 6.35);
  // Beside the middle, where niches stand.
  const x = { from: "left" as const, at: wall.width.bottom / 5, to: "centre" as const };
  return { ...newOpening(wall, "dish"), ...size, x, depth: 0 };
}

/** A socket beside the middle, its cut as large as the box and smaller than the plate. */
export function newObstacle(wall: Wall): Opening {
  const x = { from: "left" as const, at: wall.width.bottom / 4, to: "centre" as const };
  const { depth: _, ...opening } = newOpening(wall, "obstacle");
  return {
    ...opening,
    ...{ what: "socket" as const, name: ui.measure.obstacle.whats.socket, x },
    ...{ width: 57.15, height: 95.25, plate: { width: 76.2, height: 120.65 } },
  };
}

/** A valve in the middle of a wall, until it is measured. */
export function newFixture(wall: Wall): Fixture {
  return {
    id: crypto.randomUUID(),
    kind: "valve",
    name: ui.measure.fixtureKinds.valve,
    pipe: 76.2,
    escutcheon: 165.1,
    x: { from: "left", at: wall.width.bottom / 2 },
    y: { from: "level", at: 0 },
  };
}
