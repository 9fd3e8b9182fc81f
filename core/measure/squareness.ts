import { clearOf, fieldBuildUp } from "../build-up/wall-ends.ts";
import type { Job } from "../project/job.ts";

/** A corner whose squareness was read, and what it does to the tiles that meet in it. */
export interface CornerFinding {
  left: string;
  right: string;
  /** Radians more than a right angle. */
  off: number;
  /** How far the right-hand wall runs out of square over its width, mm. */
  runOut: number;
  /** The wall that butts, and by how much its tile starts later, so its corner cut is narrower, mm. */
  butts: string;
  narrower: number;
  /** How much wider the corner joint opens at the tile face than at the back, or the reverse, mm. */
  jointTaper: number;
}

/**
 * Inside corners that are not taken as square. The butting wall's cut starts where neither its
 * back nor its front edge is nearer than the joint to the other wall's tile face.
 */
export function cornerFindings(
  job: Pick<Job, "beds" | "field" | "meetings" | "setOut" | "settings" | "tiles">,
): CornerFinding[] {
  return job.meetings.flatMap((meeting) => {
    const { left, right, corner, angle, kind } = meeting;
    if (!corner?.square || kind === "outside") return [];
    const off = angle - Math.PI / 2;
    const runs = corner.runs ?? (right.role === "back" && left.role !== "back" ? "right" : "left");
    const butts = runs === "left" ? right : left;
    const other = runs === "left" ? left : right;
    const own = fieldBuildUp(job, butts);
    const face = fieldBuildUp(job, other);
    const away = face.bed + face.tile + job.setOut.cornerJoint;
    return [
      {
        left: left.id,
        right: right.id,
        off,
        runOut: right.width.bottom * Math.tan(off),
        butts: butts.id,
        narrower: clearOf(away, own, angle) - away,
        jointTaper: own.tile * Math.abs(Math.tan(off)),
      },
    ];
  });
}
