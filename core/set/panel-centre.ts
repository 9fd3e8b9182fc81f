import { areaOf, type LaidArea } from "../cut/laid-area.ts";
import type { CutPiece } from "../cut/pieces.ts";
import { boxOf, type Point, type Polygon } from "../geometry/polygon.ts";
import { SAME_MM } from "../limits.ts";
import { lineX } from "../measure/corners.ts";
import type { MeasuredWall } from "../measure/survey.ts";
import { fieldTile } from "../project/defaults.ts";
import type { Job } from "../project/job.ts";
import type { PlacedZone } from "../set-out/areas.ts";
import { correctionLimits, type JointLimits, type UprightPlanned } from "./correction.ts";

/** What a panel whose centre was measured once it was set asks of the field beside it. */
export interface PanelCentre {
  wall: string;
  zone: string;
  /** As set less planned, mm: + to the right. */
  off: number;
  planned: UprightPlanned;
  /** The joints between field and panel where the field stays as planned. */
  joints: { left: number; right: number };
  limits: JointLimits;
  /** Both joints are within what a joint may become. */
  within: boolean;
  /** Cuts of the field that end at the panel, how far they reach to it, and will where the joints stay. */
  cuts: { piece: string; number: number; side: "left" | "right"; from: number; to: number }[];
}

/** A wall with its panels and the field round them. */
export interface PanelledWall {
  id: string;
  measured: MeasuredWall;
  zones: PlacedZone[];
  areas: LaidArea[];
  pieces: CutPiece[];
}

type PanelJob = Pick<Job, "field" | "tiles">;

/**
 * For each panel whose centre was measured from a corner: how far it is off its plan, whether the two
 * joints beside it take that up, and the cuts beside it where they do not (trade practice, by the
 * limits for courses).
 */
export function panelCentres(job: PanelJob, walls: PanelledWall[]): PanelCentre[] {
  return walls.flatMap((wall) => wall.zones.flatMap((placed) => panelCentre(job, wall, placed)));
}

function panelCentre(job: PanelJob, wall: PanelledWall, { zone, ring }: PlacedZone): PanelCentre[] {
  const { centreAt } = zone;
  if (zone.kind !== "panel" || !centreAt || ring.length === 0) return [];
  const { minX, maxX, minY, maxY } = boxOf(ring);
  const y = (minY + maxY) / 2;
  const { left, right } = wall.measured;
  const at =
    centreAt.from === "left" ? lineX(left, y) + centreAt.at : lineX(right, y) - centreAt.at;
  const off = at - (minX + maxX) / 2;
  const { joint } = job.field;
  const limits = correctionLimits(joint, fieldTile(job));
  const joints = { left: joint + off, right: joint - off };
  const fits = (mm: number) => mm >= limits.least - SAME_MM && mm <= limits.most + SAME_MM;
  const cuts = wall.pieces.flatMap((piece): PanelCentre["cuts"] => {
    if (piece.kind === "none" || areaOf(wall, piece).zone) return [];
    const box = boxOf(piece.ring);
    const meets = (x: number) => runsAlong(piece.ring, x, [minY, maxY]);
    const side = meets(minX) ? "left" : meets(maxX) ? "right" : "";
    if (!side) return [];
    // Of an L the arm that ends at the panel.
    const from = side === "left" ? minX - box.minX : box.maxX - maxX;
    const to = Math.max(0, from + (side === "left" ? off : -off));
    return [{ piece: piece.id, number: piece.number, side, from, to }];
  });
  const within = fits(joints.left) && fits(joints.right);
  const planned = { x: at - off, low: minY, high: maxY };
  return [{ wall: wall.id, zone: zone.id, off, planned, joints, limits, within, cuts }];
}

/** Whether a piece has an upright edge at this place along the wall, between two heights. */
function runsAlong(ring: Polygon, x: number, [from, to]: [number, number]): boolean {
  return ring.some((point, k) => {
    const before = ring.at(k - 1) as Point;
    const upright = Math.abs(point[0] - x) < SAME_MM && Math.abs(before[0] - x) < SAME_MM;
    const [low, high] = [Math.min(point[1], before[1]), Math.max(point[1], before[1])];
    return upright && low < to - SAME_MM && high > from + SAME_MM;
  });
}
