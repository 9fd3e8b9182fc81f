import { boxOf } from "../geometry/polygon.ts";
import { mod, SAME_MM } from "../limits.ts";
import { editItem } from "../project/items.ts";
import type { Zone } from "../project/schema.ts";
import type { WallPlan } from "../wall-plan.ts";
import {
  edgeSnap,
  FREE,
  type MovedItem,
  middleSnap,
  nearestSnap,
  type Snap,
  snapToJoints,
} from "./item-snaps.ts";

/**
 * Moves a band or a panel by dx to the right and dy up, mm, as it was read: from its corner and
 * from the level line. A band goes round all walls: it moves up and down alone, and its lower edge
 * snaps to a course of the field under it. A panel's edges snap to joints and to openings, its
 * middle to the wall's centre line.
 */
export function moveZoneBy(
  wall: WallPlan,
  id: string,
  dx: number,
  dy: number,
  reach: number,
): MovedItem {
  const placed = wall.zones.find(({ zone }) => zone.id === id);
  if (!placed) return { command: undefined, snaps: [] };
  const { zone, ring } = placed;
  const { minX, minY, maxX, maxY } = boxOf(ring);
  const [width, height] = [maxX - minX, maxY - minY];
  const [x, y] = [minX + dx, minY + dy];
  if (zone.kind === "band") {
    const up = nearestSnap(reach, [courseSnap(wall, minY, y)]);
    const patch = { bottom: (zone.bottom ?? 0) + dy + up.by };
    return { command: editItem({ list: "zones" }, id, patch), snaps: up.snaps };
  }
  const across = nearestSnap(reach, [
    middleSnap(x, width, [wall.centre.x], "item-centre"),
    edgeSnap(
      x,
      width,
      wall.openings.map((opening) => [opening.x, opening.opening.width]),
    ),
    snapToJoints(wall, x, width, y + height / 2, reach, "across"),
  ]);
  const up = nearestSnap(reach, [
    edgeSnap(
      y,
      height,
      wall.openings.map((opening) => [opening.y, opening.opening.height]),
    ),
    snapToJoints(wall, y, height, x + width / 2, reach, "up"),
  ]);
  const moved = movedPanel(zone, dx + across.by, dy + up.by);
  return {
    command: moved && editItem({ list: "zones" }, id, moved),
    snaps: [...across.snaps, ...up.snaps],
  };
}

/** The lower edge of a band on the nearest course top of the field that lies under it. */
function courseSnap({ areas, cell, origin }: WallPlan, from: number, to: number): Snap {
  if (!cell.straight) return FREE;
  const below = areas.find(
    ({ zone, boundary }) =>
      zone === undefined && boundary.length > 0 && Math.abs(boxOf(boundary).maxY - from) < SAME_MM,
  );
  const module = cell.height + cell.joint;
  const top = (below?.origin ?? origin)[1] + cell.height;
  return { by: module / 2 - mod(to - top + module / 2, module), snaps: ["item-joint"] };
}

/** The reading after the move; none when it would leave its corner. */
function movedPanel({ x, bottom = 0 }: Zone, dx: number, dy: number): Partial<Zone> | undefined {
  if (!x) return undefined;
  const at = x.from === "right" ? x.at - dx : x.at + dx;
  return at < 0 ? undefined : { x: { ...x, at }, bottom: bottom + dy };
}
