import { distanceToSegment, edgesOf, type Point, type Polygon } from "../geometry/polygon.ts";
import { FACTORY_EDGE, THIN_STRIP } from "../limits.ts";
import type { Job, LaidTile } from "../project/job.ts";
import type { Tools } from "../project/schema.ts";
import type { Warning } from "../warning.ts";
import type { CutWall } from "./cut-wall.ts";
import { areaOf, tileOfPiece, wholeTile } from "./laid-area.ts";
import type { CutPiece } from "./pieces.ts";

/** What the tools at hand cannot do with a piece. */
export type ToolLimit = "strip-below-saw" | "cut-beyond-tools" | "no-hole-saw";

/** Length of the longest cut edge of a piece, mm; 0 for a piece that keeps all factory edges. */
export function longestCut(ring: Polygon, full: Polygon): number {
  const sides = edgesOf(full);
  const cuts = edgesOf(ring).filter(([a, b]) => {
    const middle: Point = [(a[0] + b[0]) / 2, (a[1] + b[1]) / 2];
    return sides.every(([p, q]) => distanceToSegment(middle, p, q) >= FACTORY_EDGE);
  });
  return Math.max(0, ...cuts.map(([a, b]) => Math.hypot(b[0] - a[0], b[1] - a[1])));
}

/** Whether a straight cut is scored and snapped: ceramic, 12 mm on both sides, within the cutter. */
export function isSnapped(
  piece: Pick<CutPiece, "kind" | "width" | "height">,
  lost: number,
  cut: number,
  material: LaidTile["material"],
  { cutterLength = Infinity }: Tools,
): boolean {
  const rest = Math.min(piece.width, piece.height);
  const breaks = material === "ceramic" && lost >= THIN_STRIP && rest >= THIN_STRIP;
  return piece.kind === "straight" && breaks && cut <= cutterLength;
}

/**
 * What stands against cutting a piece with the tools at hand: a cut longer than the saw's table, a
 * strip narrower than it holds, a hole without a hole saw. Where nothing is said of a tool there
 * is one that is large enough.
 */
export function toolLimits(
  wall: Pick<CutWall, "areas">,
  piece: CutPiece,
  tile: LaidTile,
  tools: Tools,
): ToolLimit[] {
  const { sawLength = Infinity, thinnestStrip = 0, holeSaw = true } = tools;
  const limits: ToolLimit[] = [];
  if (piece.holes.length > 0 && !holeSaw) limits.push("no-hole-saw");
  const cut = longestCut(piece.ring, wholeTile(wall, piece));
  // Sheets are cut with a knife.
  if (cut === 0 || tile.sheet) return limits;
  if (isSnapped(piece, lostBy(wall, piece), cut, tile.material, tools)) return limits;
  if (cut > sawLength) limits.push("cut-beyond-tools");
  if (Math.min(piece.width, piece.height) < thinnestStrip) limits.push("strip-below-saw");
  return limits;
}

/** How much of its tile a piece loses in width or height, whichever is more, mm. */
export function lostBy(wall: Pick<CutWall, "areas">, piece: CutPiece): number {
  const { cell } = areaOf(wall, piece);
  const { width, height } = cell.shapes[piece.shape] ?? cell;
  return Math.max(width - piece.width, height - piece.height);
}

/** Warnings of cuts that the tools at hand cannot make: one for each kind on each wall. */
export function checkTools(
  job: Pick<Job, "field" | "settings" | "tiles">,
  walls: CutWall[],
): Warning[] {
  const tools = job.settings.tools;
  if (!tools) return [];
  return walls.flatMap((wall) => {
    const byLimit = new Map<ToolLimit, CutPiece[]>();
    for (const piece of wall.pieces) {
      if (piece.kind === "none") continue;
      for (const limit of toolLimits(wall, piece, tileOfPiece(job, wall, piece), tools)) {
        byLimit.set(limit, [...(byLimit.get(limit) ?? []), piece]);
      }
    }
    return [...byLimit].map(([limit, pieces]) => warningOf(wall, limit, pieces, tools));
  });
}

function warningOf(wall: CutWall, code: ToolLimit, pieces: CutPiece[], tools: Tools): Warning {
  const [first, ...others] = pieces.map((piece) => ({
    piece,
    ...figuresOf(wall, code, piece, tools),
  }));
  const worst = others.reduce((most, other) => (other.by > most.by ? other : most), first as Worst);
  const { piece, by, size, limit } = worst;
  const values = { size, limit, by, count: pieces.length, number: piece.number };
  return { code, severity: "warning", wall: wall.id, piece: piece.id, values };
}

interface Worst {
  piece: CutPiece;
  size: number;
  limit: number;
  /** By how much it is beyond the limit; of a hole, how far it is from a joint. */
  by: number;
}

function figuresOf(
  wall: CutWall,
  code: ToolLimit,
  piece: CutPiece,
  tools: Tools,
): Omit<Worst, "piece"> {
  switch (code) {
    case "strip-below-saw": {
      const [size, limit] = [Math.min(piece.width, piece.height), tools.thinnestStrip ?? 0];
      return { size, limit, by: limit - size };
    }
    case "cut-beyond-tools": {
      const size = longestCut(piece.ring, wholeTile(wall, piece));
      const limit = tools.sawLength ?? 0;
      return { size, limit, by: size - limit };
    }
    case "no-hole-saw": {
      const size = Math.max(...piece.holes.map(({ diameter }) => diameter));
      return { size, limit: 0, by: toNearestJoint(wall, piece) };
    }
    default:
      return code satisfies never;
  }
}

/** How far a hole's centre is from the middle of the nearest joint beside its tile, mm. */
function toNearestJoint(wall: CutWall, piece: CutPiece): number {
  const { joint } = areaOf(wall, piece).cell;
  const [hole] = piece.holes;
  if (!hole) return 0;
  const sides = edgesOf(wholeTile(wall, piece));
  return Math.min(...sides.map(([a, b]) => distanceToSegment(hole.centre, a, b))) + joint / 2;
}
