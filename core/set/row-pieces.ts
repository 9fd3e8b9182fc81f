import { areaPieces } from "../cut/expand.ts";
import type { LaidArea } from "../cut/laid-area.ts";
import type { CutPiece } from "../cut/pieces.ts";
import { boxOf } from "../geometry/polygon.ts";
import type { Job } from "../project/job.ts";
import { rowNumber, type SetRow } from "./rows.ts";
import type { PlacedRow } from "./sessions.ts";
import type { SetWall } from "./set-wall.ts";

type PiecesJob = Pick<Job, "field" | "tiles">;

/** The pieces of an area by the number of their row, each row from the left. */
export function piecesByRow(
  job: PiecesJob,
  wall: Pick<SetWall, "id" | "areas">,
  area: number,
): Map<number, CutPiece[]> {
  const laid = wall.areas[area] as LaidArea;
  const number = rowNumber(job, laid);
  const rows = new Map<number, { piece: CutPiece; x: number; y: number }[]>();
  for (const piece of areaPieces(wall.id, laid, area)) {
    const { minX, minY } = boxOf(piece.ring);
    const row = number(piece, minY);
    const own = rows.get(row) ?? [];
    rows.set(row, own);
    own.push({ piece, x: minX, y: minY });
  }
  return new Map(
    [...rows].map(([row, own]) => [
      row,
      own.sort((p, q) => p.x - q.x || p.y - q.y).map(({ piece }) => piece),
    ]),
  );
}

/** The pieces of one row from the left; none of an interior. */
export function rowPieces(
  job: PiecesJob,
  wall: Pick<SetWall, "id" | "areas">,
  { area, course }: SetRow,
): CutPiece[] {
  return area === undefined ? [] : (piecesByRow(job, wall, area).get(course) ?? []);
}

/** For each piece of a wall its place among all pieces of the job, as they are set, and its session. */
export function setPlaces(
  job: PiecesJob,
  wall: Pick<SetWall, "id" | "areas">,
  rows: PlacedRow[],
): Map<string, { order: number; session: number }> {
  const own = rows.filter((row) => row.wall === wall.id && row.area !== undefined);
  const places = new Map<string, { order: number; session: number }>();
  wall.areas.forEach((_, area) => {
    const pieces = piecesByRow(job, wall, area);
    for (const { course, first, session } of own.filter((row) => row.area === area)) {
      pieces.get(course)?.forEach((piece, k) => {
        places.set(piece.id, { order: first + k, session });
      });
    }
  });
  return places;
}
