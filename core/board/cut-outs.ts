import { boxOf } from "../geometry/polygon.ts";
import type { PlacedFixture } from "../measure/openings.ts";
import type { BoardPiece } from "./board-layout.ts";
import type { RoughOpening } from "./framing.ts";

/** Something to cut out of a piece of board on the bench, from its left and bottom edges, mm. */
export type CutOut =
  | { kind: "hole"; id: string; x: number; y: number; diameter: number }
  | { kind: "opening"; id: string; x: number; y: number; width: number; height: number };

/**
 * Holes with their centres and openings with their corners, measured from two edges of the piece,
 * so that it can be cut away from the room. An opening that leaves the piece is given to its edge.
 */
export function cutOutsOf(
  piece: BoardPiece,
  openings: RoughOpening[],
  fixtures: PlacedFixture[],
): CutOut[] {
  const { x, y, width, height } = piece;
  const holes = fixtures
    .filter(({ centre: [cx, cy], diameter }) => {
      const reach = diameter / 2;
      return cx > x - reach && cx < x + width + reach && cy > y - reach && cy < y + height + reach;
    })
    .map(
      ({ fixture, centre: [cx, cy], diameter }): CutOut => ({
        kind: "hole",
        id: fixture.id,
        x: cx - x,
        y: cy - y,
        diameter,
      }),
    );
  const rectangles = openings
    .filter(({ id }) => piece.openings.includes(id))
    .map(({ id, ring }): CutOut => {
      const box = boxOf(ring);
      const [left, right] = [Math.max(box.minX, x), Math.min(box.maxX, x + width)];
      const [low, high] = [Math.max(box.minY, y), Math.min(box.maxY, y + height)];
      return {
        kind: "opening",
        id,
        x: left - x,
        y: low - y,
        width: right - left,
        height: high - low,
      };
    });
  return [...holes, ...rectangles];
}
