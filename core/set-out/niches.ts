import { boxOf, type Polygon, polygonArea } from "../geometry/polygon.ts";
import { areaRegion, type LaidArea, layArea } from "../lay-area.ts";
import type { PlacedOpening } from "../measure/openings.ts";
import type { MeasuredWall } from "../measure/survey.ts";
import { DEFAULTS, tileOf } from "../project/defaults.ts";
import type { Project } from "../project/schema.ts";
import { nicheArea, type PlacedZone, type ZoneCells } from "./areas.ts";

/** The back of a niche with its own tile, and the strips that line its sides. */
export interface NicheBack {
  opening: string;
  area: LaidArea;
  returns: ReturnStrip[];
}

/** Pieces of one return, in order along it: each as long as given and as wide as the niche is deep. */
export interface ReturnStrip {
  side: "sill" | "head" | "left" | "right";
  depth: number;
  lengths: number[];
}

/** Lays the backs of a wall's niches that have a tile of their own, and cuts their returns. */
export function layNiches(
  project: Project,
  cells: ZoneCells,
  measured: MeasuredWall,
  openings: PlacedOpening[],
): NicheBack[] {
  return openings.flatMap((placed) => {
    const area = nicheArea(project, cells, placed);
    if (!area?.zone) return [];
    const region = areaRegion(measured, area, [], []);
    const { area: laid } = layArea(project, measured.wall.id, area, region);
    const tile = tileOf(project, area.zone.tile);
    const long = Math.max(tile.width, tile.height);
    const depth = placed.opening.depth ?? DEFAULTS.nicheDepth;
    const strip = (side: ReturnStrip["side"], length: number): ReturnStrip => ({
      side,
      depth,
      lengths: equalLengths(length, long, area.cell.joint),
    });
    const { width, height } = placed.opening;
    const returns = [
      strip("sill", width),
      strip("head", width),
      strip("left", height),
      strip("right", height),
    ];
    return [{ opening: placed.opening.id, area: laid, returns }];
  });
}

/** As few pieces as the tile's length allows, all alike: no sliver at either end. */
function equalLengths(length: number, longest: number, joint: number): number[] {
  const count = Math.max(1, Math.ceil((length + joint) / (longest + joint) - 1e-9));
  const each = (length - (count - 1) * joint) / count;
  return Array.from({ length: count }, () => each);
}

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

/** Area of a zone's own tile field, m². */
export function zoneM2(inner: Polygon): number {
  return inner.length < 3 ? 0 : polygonArea(inner) / 1e6;
}
