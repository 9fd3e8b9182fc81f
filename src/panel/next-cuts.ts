import type { CutPiece } from "../../core/cut/pieces.ts";
import type { Plan } from "../../core/plan.ts";
import type { Job } from "../../core/project/job.ts";
import type { Progress } from "../../core/set/progress.ts";
import { rowPieces } from "../../core/set/row-pieces.ts";
import { rowKg } from "../../core/set/rows.ts";
import type { PlacedRow } from "../../core/set/sessions.ts";
import type { WallPlan } from "../../core/wall-plan.ts";

/** The mix that is planned for the next row; none where all is set. */
export function nextMix(plan: Plan, { next }: Progress) {
  const tile = next?.parts[0]?.tile;
  const session = plan.set.sessions.find(({ n }) => n === next?.session);
  return session?.mixes.find((mix) => mix.tile === tile);
}

/** Without a mix so many rows are looked ahead at. */
const AHEAD = 2;

/** The rows of this session that one mix sets: at least the next; a few where nothing is mixed. */
export function rowsOfMix(plan: Plan, progress: Progress): PlacedRow[] {
  const mix = nextMix(plan, progress);
  const rows: PlacedRow[] = [];
  let kg = 0;
  for (const row of progress.todo) {
    if (row.session !== progress.session) break;
    kg += rowKg(row);
    const enough = mix ? kg > mix.powderKg + 1e-6 : rows.length >= AHEAD;
    if (rows.length > 0 && enough) break;
    rows.push(row);
  }
  return rows;
}

/** The cuts among the pieces that the next mix sets, in their order. */
export function nextCuts(
  job: Job,
  plan: Plan,
  progress: Progress,
): { wall: WallPlan; piece: CutPiece }[] {
  return rowsOfMix(plan, progress).flatMap((row) => {
    const wall = plan.walls.find(({ id }) => id === row.wall);
    if (!wall) return [];
    return rowPieces(job, wall, row)
      .filter(({ kind }) => kind !== "none")
      .map((piece) => ({ wall, piece }));
  });
}
