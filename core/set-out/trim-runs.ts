import type { WallEnd } from "../build-up/wall-ends.ts";
import { boxOf, clipHalfPlane, type Point, type Polygon, rectangle } from "../geometry/polygon.ts";
import { LEAST_PIECE, SAME_SUM } from "../limits.ts";
import type { PlacedOpening } from "../measure/openings.ts";
import type { MeasuredWall } from "../measure/survey.ts";
import type { Job } from "../project/job.ts";
import type { Trim, Wall } from "../project/schema.ts";
import type { PlacedZone } from "./areas.ts";
import { linerSize } from "./frames.ts";
import type { PatternCell } from "./pattern.ts";

/** Trim that is a thing of its own; "none" is not. */
export type TrimKind = Exclude<Trim["kind"], "none">;

/** Where a run of trim is. */
export type TrimPlace =
  | "left"
  | "right"
  | "top"
  | "bottom"
  | "sill"
  | "head"
  | "left-jamb"
  | "right-jamb"
  | "frame";

/** One straight run of trim. */
export interface TrimRun {
  /** The same as long as its wall and place are; of a frame with the number of its side. */
  id: string;
  wall: string;
  place: TrimPlace;
  /** Name of the opening or panel that it goes round. */
  of?: string;
  kind: TrimKind;
  /** To the long points where it is mitred, mm. */
  length: number;
  /** How many of its ends are mitred; each takes a face off the short points. */
  mitres: 0 | 1 | 2;
  face: number;
  /** Where it lies on the wall. */
  ring: Polygon;
  /** Bullnose: its pieces, the last one's length, and how far its joints drift off the courses. */
  pieces?: BullnosePieces;
}

export interface BullnosePieces {
  count: number;
  /** A whole piece and the joint after it, mm. */
  piece: number;
  joint: number;
  last: number;
  drift: number;
}

/** What trim asks of a wall. */
export interface TrimmedWall {
  id: string;
  measured: MeasuredWall;
  boundary: Polygon;
  trims: NonNullable<Wall["trim"]>;
  ends: { left: WallEnd; right: WallEnd };
  cell: PatternCell;
  openings: PlacedOpening[];
  zones: PlacedZone[];
}

type RunJob = Pick<Job, "field" | "settings">;

/** Every run of trim of a wall: at its ends and top, round its openings and its panels. */
export function trimRuns(job: RunJob, wall: TrimmedWall): TrimRun[] {
  return [...endRuns(job, wall), ...openingRuns(job, wall), ...frameRuns(job, wall)];
}

const ENDS = ["left", "right"] as const;

/** Kinds that are sawn on a mitre where they turn from a side to the top. */
const MITRED: Trim["kind"][] = ["profile", "pencil"];

/** Whether trim stands at this end: where tile shows its edge, and a liner in any corner. */
function standsAt(end: WallEnd, trim: Trim | undefined): trim is Trim {
  if (!trim || trim.kind === "none") return false;
  return end.kind === "open" || end.outside === true || trim.kind === "pencil";
}

function endRuns(job: RunJob, wall: TrimmedWall): TrimRun[] {
  if (wall.boundary.length === 0) return [];
  const { minX, minY, maxX, maxY } = boxOf(wall.boundary);
  const { trims, ends, cell, id } = wall;
  const top = trims.top && trims.top.kind !== "none" ? trims.top : undefined;
  const sides = ENDS.filter((side) => standsAt(ends[side], trims[side]));
  const turns = (side: (typeof ENDS)[number]) =>
    sides.includes(side) && trims[side]?.kind === top?.kind && MITRED.includes(top?.kind ?? "none");
  // Uprights run on past the trim at the top, which dies into them or meets them on a mitre.
  const over = top ? top.width + top.joint : 0;
  const uprights = sides.map((side): TrimRun => {
    const trim = trims[side] as Trim;
    const { width, joint } = trim;
    const x = side === "left" ? minX - joint - width : maxX + joint;
    const length = maxY - minY + over;
    const cut = mitredAt(side, turns(side));
    return runOf(job, cell.height + cell.joint, trim, {
      ...{ id: `${id}/${side}`, wall: id, place: side, length, mitres: turns(side) ? 1 : 0 },
      ring: mitre(rectangle(x, minY, width, length), cut),
    });
  });
  const foot = bottomRun(job, wall);
  if (!top) return [...uprights, ...foot];
  const past = (side: (typeof ENDS)[number]) => {
    const trim = trims[side];
    return turns(side) && trim ? trim.width + trim.joint : 0;
  };
  const length = maxX - minX + past("left") + past("right");
  const mitres = (Number(turns("left")) + Number(turns("right"))) as TrimRun["mitres"];
  const cut = { topLeft: false, topRight: false, ...lowCorners(turns("left"), turns("right")) };
  const along = runOf(job, cell.width + cell.joint, top, {
    ...{ id: `${id}/top`, wall: id, place: "top", length, mitres },
    ring: mitre(rectangle(minX - past("left"), maxY + top.joint, length, top.width), cut),
  });
  return [...uprights, ...foot, along];
}

/** A liner along the base, between the corners of the field. */
function bottomRun(job: RunJob, { id, trims, boundary, cell }: TrimmedWall): TrimRun[] {
  const { bottom } = trims;
  if (bottom?.kind !== "pencil") return [];
  const { minX, minY, maxX } = boxOf(boundary);
  const ring = rectangle(minX, minY - bottom.joint - bottom.width, maxX - minX, bottom.width);
  const placed = { id: `${id}/bottom`, wall: id, place: "bottom" as const, mitres: 0 as const };
  const module = cell.width + cell.joint;
  return [runOf(job, module, bottom, { ...placed, length: maxX - minX, ring })];
}

/** Corners of a run's box that a mitre takes off, as far along the run as the run is wide. */
interface Mitred {
  topLeft?: boolean;
  topRight?: boolean;
  lowLeft?: boolean;
  lowRight?: boolean;
}

const lowCorners = (lowLeft: boolean, lowRight: boolean): Mitred => ({ lowLeft, lowRight });

/** An upright loses the corner that looks to the field. */
function mitredAt(side: (typeof ENDS)[number], turns: boolean): Mitred {
  return side === "left" ? { topRight: turns } : { topLeft: turns };
}

/** The box of a run with its mitres: 45°, so each takes the run's width off its length. */
function mitre(box: Polygon, cut: Mitred): Polygon {
  const { minX, minY, maxX, maxY } = boxOf(box);
  const [width, height] = [maxX - minX, maxY - minY];
  const upright = height > width;
  const [dx, dy] = upright ? [0, Math.min(width, height / 2)] : [Math.min(height, width / 2), 0];
  const at = (x: number, y: number, off = false, sx = 0, sy = 0): Point =>
    off ? [x + sx * dx, y + sy * dy] : [x, y];
  return [
    at(minX, minY, cut.lowLeft, 1, 1),
    at(maxX, minY, cut.lowRight, -1, 1),
    at(maxX, maxY, cut.topRight, -1, -1),
    at(minX, maxY, cut.topLeft, 1, -1),
  ];
}

type Placed = Pick<TrimRun, "id" | "wall" | "place" | "length" | "mitres" | "ring"> & {
  of?: string;
};

/** A run of its kind; bullnose in pieces, whose joints are told from the module that it runs along. */
function runOf(job: RunJob, module: number, { kind, width, joint }: Trim, placed: Placed): TrimRun {
  const run = { ...placed, kind: kind as TrimKind, face: width };
  if (kind !== "bullnose") return run;
  return { ...run, pieces: bullnosePieces(run.length, job.settings.bullnosePiece, joint, module) };
}

/**
 * Bullnose pieces of a run, the last one cut to fit, and how far their joints have drifted off the
 * courses at its end: per course, as many pieces as come nearest to it less the course.
 */
export function bullnosePieces(
  length: number,
  piece: number,
  joint: number,
  module: number,
): BullnosePieces {
  const step = piece + joint;
  const needed = Math.max(1, Math.ceil((length + joint) / step - SAME_SUM));
  const rest = length - (needed - 1) * step;
  // What is left after a joint may be no piece at all.
  const [count, last] = needed > 1 && rest < LEAST_PIECE ? [needed - 1, piece] : [needed, rest];
  const [pieces, courses] =
    step <= module ? [Math.round(module / step), 1] : [1, Math.max(1, Math.round(step / module))];
  const drift = ((pieces * step - courses * module) * length) / (courses * module);
  return { count, piece, joint, last, drift };
}

/**
 * The pieces of a run of bullnose on the wall, from the bottom up or the left, where the run is mitred
 * cut with it; other trim is one piece.
 */
export function bullnoseRings({ ring, pieces }: Pick<TrimRun, "ring" | "pieces">): Polygon[] {
  if (!pieces) return [ring];
  const { minX, minY, maxX, maxY } = boxOf(ring);
  const upright = maxY - minY > maxX - minX;
  const { count, piece, joint, last } = pieces;
  return Array.from({ length: count }, (_, k) => {
    const from = (upright ? minY : minX) + k * (piece + joint);
    const to = from + (k < count - 1 ? piece : last);
    const [nx, ny] = upright ? [0, 1] : [1, 0];
    return clipHalfPlane(clipHalfPlane(ring, nx, ny, to), -nx, -ny, -from);
  });
}

/** A frame of trim within a finished opening: long points at the field tile's joint. */
function openingRuns(job: RunJob, { id, openings, cell }: TrimmedWall): TrimRun[] {
  return openings.flatMap(({ opening, ring }): TrimRun[] => {
    const { trim } = opening;
    if (!trim || trim.kind === "none") return [];
    return frame(ring, trim.joint, trim.width).map(({ place, length, ring: own }) => {
      const upright = place === "left-jamb" || place === "right-jamb";
      const module = (upright ? cell.height : cell.width) + cell.joint;
      return runOf(job, module, trim, {
        ...{ id: `${id}/${opening.id}/${place}`, wall: id, place, length, mitres: 2 as const },
        ...{ of: opening.name ?? opening.kind, ring: own },
      });
    });
  });
}

interface FrameSide {
  place: "sill" | "head" | "left-jamb" | "right-jamb";
  length: number;
  ring: Polygon;
}

/** The four sides of a mitred frame, a joint inside a ring; none where it leaves no room. */
function frame(ring: Polygon, joint: number, face: number): FrameSide[] {
  if (ring.length === 0) return [];
  const { minX, minY, maxX, maxY } = boxOf(ring);
  const [x, y] = [minX + joint, minY + joint];
  const [across, up] = [maxX - minX - 2 * joint, maxY - minY - 2 * joint];
  if (across <= 0 || up <= 0) return [];
  const level = (at: number, cut: Mitred) => mitre(rectangle(x, at, across, face), cut);
  const upright = (at: number, cut: Mitred) => mitre(rectangle(at, y, face, up), cut);
  return [
    { place: "sill", length: across, ring: level(y, { topLeft: true, topRight: true }) },
    { place: "head", length: across, ring: level(y + up - face, lowCorners(true, true)) },
    { place: "left-jamb", length: up, ring: upright(x, { topRight: true, lowRight: true }) },
    {
      place: "right-jamb",
      length: up,
      ring: upright(x + across - face, { topLeft: true, lowLeft: true }),
    },
  ];
}

/** Liners round panels: long points a joint of the field inside the panel's ring. */
function frameRuns(job: RunJob, { id, zones }: TrimmedWall): TrimRun[] {
  return zones.flatMap((placed): TrimRun[] => {
    const { zone, ring } = placed;
    const face = zone.frame?.width ?? 0;
    if (!linerSize(placed, job.field.joint)) return [];
    return frame(ring, job.field.joint, face).map(
      ({ place, ...side }): TrimRun => ({
        ...{ id: `${id}/${zone.id}/${place}`, wall: id, place: "frame", kind: "pencil", face },
        ...{ of: zone.name ?? zone.kind, mitres: 2, ...side },
      }),
    );
  });
}
