import { boxOf } from "../../../core/geometry/polygon.ts";
import type { Job } from "../../../core/project/job.ts";
import { piecesByRow } from "../../../core/set/row-pieces.ts";
import type { SetRow } from "../../../core/set/rows.ts";
import type { WallPlan } from "../../../core/wall-plan.ts";
import { ringsPath } from "../../paths/paths.ts";

/** A row as it is drawn: its pieces as one path, and the middle of each from the left, mm. */
export interface DrawnRow {
  path: string;
  middles: { x: number; y: number; width: number; height: number }[];
}

const known = new WeakMap<WallPlan["areas"], Map<string, DrawnRow>>();

/** Every row of a wall by its area and number, drawn once as long as the wall stays as it is. */
export function drawnRows(
  job: Pick<Job, "field" | "tiles">,
  wall: WallPlan,
): Map<string, DrawnRow> {
  const before = known.get(wall.areas);
  if (before) return before;
  const rows = new Map<string, DrawnRow>();
  wall.areas.forEach((_, area) => {
    for (const [course, pieces] of piecesByRow(job, wall, area)) {
      rows.set(`${area}/${course}`, {
        path: ringsPath(pieces.map(({ ring }) => ring)),
        middles: pieces.map(({ ring }) => {
          const { minX, maxX, minY, maxY } = boxOf(ring);
          const [width, height] = [maxX - minX, maxY - minY];
          return { x: (minX + maxX) / 2, y: (minY + maxY) / 2, width, height };
        }),
      });
    }
  });
  known.set(wall.areas, rows);
  return rows;
}

/** The key of a row among those of its wall. */
export function keyOf({ area, course }: Pick<SetRow, "area" | "course">): string {
  return `${area}/${course}`;
}
