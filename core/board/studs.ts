import { positionAlong } from "../measure/shape.ts";
import type { Job } from "../project/job.ts";
import type { Wall } from "../project/schema.ts";

/** A stud of a wall: its centre and the width of its face, mm from the left corner. */
export interface PlacedStud {
  x: number;
  width: number;
}

/** The studs of a wall from the left, and whether they are only taken to be there. */
export interface WallStuds {
  studs: PlacedStud[];
  assumed: boolean;
  /** The widest distance between two neighbours, centre to centre, mm. */
  widest: number;
}

/**
 * Studs as they were read, or at the usual spacing from the left corner with one in each corner.
 * There is always something to fasten to in a corner.
 */
export function wallStuds(
  job: Pick<Job, "settings">,
  wall: Pick<Wall, "width" | "studs">,
): WallStuds {
  const width = job.settings.studWidth;
  const total = wall.width.bottom;
  const read = (wall.studs ?? []).map((stud) => ({
    x: positionAlong(wall, stud),
    width: stud.width ?? width,
  }));
  const spacing = job.settings.studSpacing;
  const usual = Array.from({ length: Math.floor(total / spacing) + 1 }, (_, k) => k * spacing);
  const assumed = read.length === 0;
  const studs = withCorners(assumed ? usual.map((x) => ({ x, width })) : read, total, width);
  const gaps = studs.slice(1).map(({ x }, k) => x - (studs[k]?.x ?? 0));
  return { studs, assumed, widest: Math.max(0, ...gaps) };
}

/** A stud this near a corner is the corner's own, mm. */
const IN_CORNER = 60;

function withCorners(studs: PlacedStud[], total: number, width: number): PlacedStud[] {
  const sorted = [...studs].sort((p, q) => p.x - q.x);
  const first = sorted[0];
  const last = sorted[sorted.length - 1];
  return [
    ...(first && first.x < IN_CORNER ? [] : [{ x: 0, width }]),
    ...sorted,
    ...(last && last.x > total - IN_CORNER ? [] : [{ x: total, width }]),
  ];
}
