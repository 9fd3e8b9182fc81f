import type { Corner, Project, SquareReading, Wall } from "./schema.ts";

/** What a corner asks of its two walls. */
export type CornerWall = Pick<
  Wall,
  "id" | "name" | "role" | "width" | "base" | "top" | "topIs" | "trim" | "layers"
>;

/** Two walls that meet, left to right as seen from inside. */
export interface Meeting {
  left: CornerWall;
  right: CornerWall;
  kind: "inside" | "outside";
  /** What was decided and read about the corner. */
  corner: Corner | undefined;
  /** Angle between the walls in the room, radians; a right angle until somebody reads it. */
  angle: number;
}

const RIGHT_ANGLE = Math.PI / 2;

/** All corners of the enclosure from the left; four walls close into a ring. */
export function meetings(project: Project): Meeting[] {
  const { walls } = project;
  const count = closesRing(project) ? walls.length : walls.length - 1;
  return Array.from({ length: count }, (_, k) => {
    const left = cornerWall(walls[k] as Wall);
    const right = cornerWall(walls[(k + 1) % walls.length] as Wall);
    const corner = project.corners?.find((c) => c.left === left.id && c.right === right.id);
    return {
      left,
      right,
      kind: corner?.kind ?? "inside",
      corner,
      angle: (corner?.square && cornerAngle(corner.square)) ?? RIGHT_ANGLE,
    };
  });
}

function cornerWall(wall: Wall): CornerWall {
  const { id, name, role, width, base, top, topIs = "ceiling", trim, layers } = wall;
  return { id, name, role, width, base, top, topIs, trim, layers };
}

/** Whether the last wall meets the first. */
export function closesRing({ enclosure, walls }: Project): boolean {
  return enclosure.kind === "four-walls" && walls.length >= 3;
}

/** The corner at one end of a wall; none at an open end. */
export function meetingAt(
  { meetings }: { meetings: Meeting[] },
  wall: string,
  side: "left" | "right",
): Meeting | undefined {
  const of = side === "left" ? "right" : "left";
  return meetings.find((meeting) => meeting[of].id === wall);
}

/**
 * The angle of a corner in radians from a square held into it or from a 3-4-5 diagonal (law of
 * cosines); undefined when no triangle has those sides.
 */
export function cornerAngle(reading: SquareReading): number | undefined {
  if (reading.kind === "gap") return RIGHT_ANGLE + Math.atan2(reading.gap, reading.over);
  const { left, right, diagonal } = reading;
  const cosine = (left ** 2 + right ** 2 - diagonal ** 2) / (2 * left * right);
  return Math.abs(cosine) < 1 ? Math.acos(cosine) : undefined;
}
