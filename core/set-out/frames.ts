import { boxOf } from "../geometry/polygon.ts";
import type { PlacedZone } from "./areas.ts";

/** What liners round panels cover, m². */
export function framesM2(zones: PlacedZone[]): number {
  return zones.reduce((sum, { zone, ring, inner }) => {
    if (!zone.frame) return sum;
    const { width } = zone.frame;
    const [outer, box] = [boxOf(ring), boxOf(inner)];
    const [w, h] = [box.maxX - box.minX, box.maxY - box.minY];
    const gap = (outer.maxX - outer.minX - w) / 2 - width;
    return gap > 0 ? sum + frameArea(w, h, width, zone.frame.joint) / 1e6 : sum;
  }, 0);
}

/** A frame of a width, a joint away from what it frames. */
function frameArea(w: number, h: number, width: number, joint: number): number {
  const [innerW, innerH] = [w + 2 * joint, h + 2 * joint];
  return (innerW + 2 * width) * (innerH + 2 * width) - innerW * innerH;
}
