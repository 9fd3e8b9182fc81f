import { areaPieces } from "../cut/expand.ts";
import type { LaidArea } from "../cut/laid-area.ts";
import type { CutPiece } from "../cut/pieces.ts";
import { boxOf, type Point, type Polygon } from "../geometry/polygon.ts";
import { LEAST_PIECE } from "../limits.ts";
import { tileRing } from "../set-out/lattice.ts";
import { type Along, alongWall, type Correction, type CourseShift, shiftOf } from "./correction.ts";

/** A wall with its tile, as far as its courses can stand off their plan. */
interface StandingWall {
  id: string;
  boundary: Polygon;
  areas: LaidArea[];
  pieces: CutPiece[];
}

/**
 * A wall as its courses stand: those that were measured where they were read, those above as the
 * corrected joints hold them, those between and below straight from one that was measured to the next.
 * The field's factory edges move with their course; edges that were cut for a boundary or an opening
 * stay, so that pieces are drawn as they will be cut. For drawing: what is counted and ordered stays
 * as it was planned.
 */
export function wallAsSet<W extends StandingWall>(wall: W, correction: Correction): W {
  const off = standsOff(correction, wall.boundary);
  const { maxY } = boxOf(wall.boundary);
  const areas = wall.areas.map((area, index) => {
    if (area.zone || area.cell.courses.length === 0) return area;
    const pieces = areaPieces(wall.id, area, index).map((piece) => {
      const tile = boxOf(tileRing(area, piece));
      const moved = ([x, y]: Point): Point => {
        const factory = [tile.minY, tile.maxY].some((edge) => Math.abs(y - edge) < LEAST_PIECE);
        return factory ? [x, Math.min(maxY, y + off(piece.course, x))] : [x, y];
      };
      return { ...piece, ring: piece.ring.map(moved) };
    });
    return { ...area, runs: new Int32Array(0), pieces };
  });
  return { ...wall, areas, pieces: areas.flatMap(({ pieces }) => pieces) };
}

/** How far a course stands off its plan at a place along the wall, mm: of every course. */
function standsOff(correction: Correction, boundary: Polygon): CourseShift {
  const { minX, maxX } = boxOf(boundary);
  const above = shiftOf(correction, boundary);
  const own: Partial<Record<Along, number>> = Object.fromEntries(
    Object.entries(correction.at).map(([side, { off }]) => [side, off]),
  );
  // Below course 1 stands nothing that could be off.
  const known = [
    { course: 0, at: {} },
    ...correction.below.filter(({ course }) => course > 0),
    { course: correction.course, at: own },
  ];
  return (course, x) => {
    if (course >= correction.course) return above(course, x);
    if (course <= 0) return 0;
    const next = known.findIndex((entry) => entry.course >= course);
    const [low, high] = [known[next - 1], known[next]] as [(typeof known)[0], (typeof known)[0]];
    const [from, to] = [low, high].map(({ at }) => alongWall(at, [minX, maxX], x)) as [
      number,
      number,
    ];
    return from + ((to - from) * (course - low.course)) / (high.course - low.course);
  };
}
