import { boxOf } from "../geometry/polygon.ts";
import type { PlacedZone } from "./areas.ts";

/**
 * Long points of the liner round a panel, mm: across its head and sill and up its sides, a joint of
 * the field inside the panel's ring. None without a frame, and none where the frame would leave the
 * panel no room for its own tile: that is warned of, and nothing is laid.
 */
export function linerSize(
  { zone, ring, inner }: PlacedZone,
  fieldJoint: number,
): { across: number; up: number } | undefined {
  if (!zone.frame || inner.length === 0) return undefined;
  const { minX, minY, maxX, maxY } = boxOf(ring);
  return { across: maxX - minX - 2 * fieldJoint, up: maxY - minY - 2 * fieldJoint };
}

/** What the liner round a panel covers, m². */
export function frameM2(placed: PlacedZone, fieldJoint: number): number {
  const size = linerSize(placed, fieldJoint);
  if (!size) return 0;
  const { across, up } = size;
  const both = 2 * (placed.zone.frame?.width ?? 0);
  return (across * up - (across - both) * (up - both)) / 1e6;
}
