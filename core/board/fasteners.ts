import { contains, type Point } from "../geometry/polygon.ts";
import { heightAt } from "../geometry/profile.ts";
import { SAME_SUM } from "../limits.ts";
import type { MeasuredWall } from "../measure/survey.ts";
import type { Job } from "../project/job.ts";

import type { BoardPiece } from "./board-layout.ts";
import type { RoughOpening } from "./framing.ts";
import type { WallStuds } from "./studs.ts";

/**
 * Fasteners of a wall's board: on every stud behind a piece and along its upright edges, at the
 * given spacing or closer, 12 mm in from the edges, none below the free height, none in an opening.
 */
export function fastenerPoints(
  job: Pick<Job, "settings">,
  wall: MeasuredWall,
  { studs }: WallStuds,
  pieces: BoardPiece[],
  openings: RoughOpening[],
): Point[] {
  const spacing = job.settings.fastenerSpacing;
  const edge = job.settings.fastenerEdge;
  const free = job.settings.fastenerFree;
  const isBoard = (piece: BoardPiece, point: Point) =>
    contains(piece.ring, point) && !openings.some(({ ring }) => contains(ring, point));
  const points: Point[] = [];
  for (const piece of pieces) {
    const [left, right] = [piece.x + edge, piece.x + piece.width - edge];
    const inner = studs.map(({ x }) => x).filter((x) => x > left + edge && x < right - edge);
    for (const x of [left, ...inner, right]) {
      const lowest = Math.max(piece.y + edge, heightAt(wall.base, x) + free);
      for (const y of spread(lowest, piece.y + piece.height - edge, spacing)) {
        const point: Point = [x, y];
        if (isBoard(piece, point)) points.push(point);
      }
    }
  }
  return points;
}

/** Evenly spread places from one end to the other, no farther apart than the spacing. */
function spread(from: number, to: number, spacing: number): number[] {
  if (to < from) return [];
  const steps = Math.max(1, Math.ceil((to - from) / spacing - SAME_SUM));
  return Array.from({ length: steps + 1 }, (_, k) => from + ((to - from) * k) / steps);
}
