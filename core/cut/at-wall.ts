import { boxOf } from "../geometry/polygon.ts";
import type { CutAtWall, Fixture } from "../project/schema.ts";
import type { Warning } from "../warning.ts";
import type { CutWall } from "./cut-wall.ts";
import { type FactorySide, factorySides } from "./dimensions.ts";
import { areaOf, wholeTile } from "./laid-area.ts";
import type { CutPiece } from "./pieces.ts";

/** Where a hole's centre is marked: read on the wall from the neighbour, the joint taken off. */
export interface HoleMark {
  side: FactorySide;
  /** From the edge of the tile that is set already, mm. */
  fromNeighbour: number;
  /** On the piece, from its own edge, mm. */
  onPiece: number;
}

/** A hole in a piece: its size from the pipe, what the plate covers, and where its centre is. */
export interface HoleTransfer {
  fixture: Fixture | undefined;
  diameter: number;
  /** All round, from the pipe to the hole's edge, mm. */
  clearance: number;
  /** All round, from the hole's edge to the plate's, mm; none without a plate. */
  bearing: number | undefined;
  joint: number;
  marks: HoleMark[];
}

/** How each hole of a piece is carried over from the tiles round it. */
export function holeTransfers(wall: CutWall, piece: CutPiece): HoleTransfer[] {
  const { joint } = areaOf(wall, piece).cell;
  const box = boxOf(piece.ring);
  const factory = factorySides(piece, wholeTile(wall, piece));
  return piece.holes.map(({ centre: [x, y], diameter }) => {
    const fixture = wall.fixtures.find(
      (placed) => Math.hypot(placed.centre[0] - x, placed.centre[1] - y) < 0.01,
    )?.fixture;
    const on: Record<FactorySide, number> = {
      left: x - box.minX,
      right: box.maxX - x,
      bottom: y - box.minY,
      top: box.maxY - y,
    };
    const plate = fixture?.escutcheon ?? 0;
    return {
      fixture,
      diameter,
      clearance: fixture ? (diameter - fixture.pipe) / 2 : 0,
      bearing: plate > 0 ? (plate - diameter) / 2 : undefined,
      joint,
      marks: factory.map((side) => ({
        side,
        fromNeighbour: on[side] + joint,
        onPiece: on[side],
      })),
    };
  });
}

/** Pieces whose figures from the wall contradict each other: where, by how much, which figures. */
export function checkAtWall(atWall: CutAtWall[], walls: CutWall[]): Warning[] {
  const marks = new Map(atWall.map((taken) => [taken.id, taken]));
  return walls.flatMap(({ id, pieces }) =>
    pieces.flatMap((piece) => {
      const taken = marks.get(piece.id);
      if (!taken) return [];
      return crossCheck(piece, taken).map(({ code, by }): Warning => {
        const values = { by: Math.abs(by), number: piece.number };
        return {
          code: "marks-disagree",
          severity: "warning",
          wall: id,
          piece: piece.id,
          side: code,
          values,
        };
      });
    }),
  );
}

/** What cannot be true of figures that were taken at the wall. */
export interface Contradiction {
  code: "width" | "height" | "round";
  /** By how much they disagree, mm. */
  by: number;
}

/** Figures of a tape agree to this, mm. */
const TAPE = 2;

/**
 * Cross-check of a hole marked on site: left + hole + right is the piece's width, bottom + hole +
 * top its height, and a round pipe measures the same both ways. Figures not taken are left out.
 */
export function crossCheck(
  piece: Pick<CutPiece, "width" | "height">,
  taken: CutAtWall,
): Contradiction[] {
  const { left, holeAcross, right, bottom, holeUp, top } = taken;
  const sumOff = (code: "width" | "height", size: number, parts: (number | undefined)[]) => {
    if (parts.some((part) => part === undefined)) return [];
    const by = parts.reduce<number>((sum, part = 0) => sum + part, 0) - size;
    return Math.abs(by) > TAPE ? [{ code, by }] : [];
  };
  const round = holeAcross === undefined || holeUp === undefined ? 0 : holeAcross - holeUp;
  return [
    ...sumOff("width", taken.width ?? piece.width, [left, holeAcross, right]),
    ...sumOff("height", taken.height ?? piece.height, [bottom, holeUp, top]),
    ...(Math.abs(round) > TAPE ? [{ code: "round" as const, by: round }] : []),
  ];
}
