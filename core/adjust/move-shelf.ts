import { boxOf } from "../geometry/polygon.ts";
import { editItem } from "../project/items.ts";
import { type PlacedShelf, shelfLevels } from "../set-out/shelves.ts";
import type { WallPlan } from "../wall-plan.ts";
import { type MovedItem, nearestSnap } from "./item-snaps.ts";

/** Moves a shelf up or down by dy, mm; within reach its underside snaps to a course. */
export function moveShelfBy(
  wall: WallPlan,
  { shelf, ring }: PlacedShelf,
  dy: number,
  reach: number,
): MovedItem {
  // The level line lies as far under the shelf as it was read.
  const levelY = boxOf(ring).minY - shelf.level;
  const to = shelf.level + dy;
  const up = nearestSnap(
    reach,
    shelfLevels(levelY, wall)
      .filter((level) => Math.abs(level - to) <= reach)
      .map((level) => ({ by: level - to, snaps: ["item-joint"] })),
  );
  return {
    command: editItem({ list: "shelves" }, shelf.id, { level: to + up.by }),
    snaps: up.snaps,
  };
}
