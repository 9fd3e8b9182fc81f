import { boxOf } from "../geometry/polygon.ts";
import type { Job } from "../project/job.ts";

import type { CutWall } from "./cut-wall.ts";
import { expandPieces } from "./expand.ts";
import { tileOfPiece } from "./laid-area.ts";

/** Tiles of a course in the order in which they lie: a cut by its number, or whole ones together. */
export type LayStep = { cut: number } | { whole: number };

/** One course on the floor, from the left. */
export interface LayRow {
  course: number;
  /** Id of the zone, where the row is not the field's. */
  zone?: string;
  steps: LayStep[];
  tiles: number;
}

/** Chips this small come on sheets and are laid sheet by sheet, mm. */
const LEAST_SIDE = 50;

/**
 * What to lay out on the floor before any mortar is mixed: each course from the left, the lowest
 * first, the field before the zones. Mosaic is left out.
 */
export function dryLay(job: Pick<Job, "field" | "tiles">, wall: CutWall): LayRow[] {
  const rows = new Map<string, LayRow & { at: number[] }>();
  const pieces = expandPieces(wall)
    .filter((piece) => {
      const { width, height } = tileOfPiece(job, wall, piece);
      return Math.min(width, height) >= LEAST_SIDE;
    })
    .map((piece) => ({ piece, box: boxOf(piece.ring) }))
    .sort((p, q) => p.box.minX - q.box.minX || p.box.minY - q.box.minY);
  for (const { piece } of pieces) {
    const zone = wall.areas[piece.area]?.zone?.id;
    const key = `${piece.area}/${piece.course}`;
    const row = rows.get(key) ?? {
      course: piece.course,
      ...(zone ? { zone } : {}),
      steps: [],
      tiles: 0,
      at: [piece.area, piece.course],
    };
    rows.set(key, row);
    row.tiles += 1;
    const last = row.steps[row.steps.length - 1];
    if (piece.kind !== "none") row.steps.push({ cut: piece.number });
    else if (last && "whole" in last) last.whole += 1;
    else row.steps.push({ whole: 1 });
  }
  return [...rows.values()]
    .sort(
      ({ zone: p, at: [a = 0, b = 0] }, { zone: q, at: [c = 0, d = 0] }) =>
        Number(p !== undefined) - Number(q !== undefined) || a - c || b - d,
    )
    .map(({ at: _, ...row }) => row);
}
