import { type TileRef, tileNumber, tileOffset, tileRing } from "../set-out/lattice.ts";
import type { CellShape } from "../set-out/pattern.ts";
import { areaPrefix, type LaidArea } from "./laid-area.ts";
import type { CutPiece } from "./pieces.ts";

/** Every piece of a wall, whole tiles included: area by area, by course and then from the left. */
export function expandPieces(wall: { id: string; areas: LaidArea[] }): CutPiece[] {
  return wall.areas.flatMap((area, index) => areaPieces(wall.id, area, index));
}

/** The same of one area. */
export function areaPieces(wall: string, area: LaidArea, index: number): CutPiece[] {
  const pieces = [...area.pieces];
  const { cell, origin, runs } = area;
  for (let k = 0; k < runs.length; k += 4) {
    const [shape, j, from, to] = runs.subarray(k, k + 4) as unknown as [
      number,
      number,
      number,
      number,
    ];
    for (let i = from; i <= to; i++) pieces.push(wholePiece(wall, area, index, { shape, i, j }));
  }
  const left = (piece: CutPiece) => tileOffset(cell, origin, piece.i, piece.j)[0];
  return pieces.sort((p, q) => p.course - q.course || left(p) - left(q) || (p.id < q.id ? -1 : 1));
}

function wholePiece(wall: string, area: LaidArea, index: number, tile: TileRef): CutPiece {
  const { cell } = area;
  const { course, column } = tileNumber(cell, tile);
  const { width, height, areaMm2 } = cell.shapes[tile.shape] as CellShape;
  return {
    ...tile,
    id: `${areaPrefix(wall, area, index)}/${course}/${column}`,
    area: index,
    course,
    column,
    kind: "none",
    ring: tileRing(area, tile),
    holes: [],
    width,
    height,
    areaMm2,
    number: 0,
  };
}
