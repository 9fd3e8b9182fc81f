import type { WallEnd } from "../build-up/wall-ends.ts";
import { boxOf, type Polygon } from "../geometry/polygon.ts";
import { LEAST_PIECE, SAME_SUM } from "../limits.ts";
import type { PlacedOpening } from "../measure/openings.ts";
import type { MeasuredWall } from "../measure/survey.ts";
import { packLengths, splitLength } from "../packing/lengths.ts";
import type { Job } from "../project/job.ts";
import type { Trim, Wall } from "../project/schema.ts";
import type { Warning } from "../warning.ts";
import type { PlacedZone } from "./areas.ts";
import { type EdgePieces, edgePieces } from "./edge-pieces.ts";
import { linerSize } from "./frames.ts";
import type { PatternCell } from "./pattern.ts";

/** Trim that is a thing of its own; "none" is not. */
export type TrimKind = Exclude<Trim["kind"], "none">;

/** Where a run of trim is. */
export type TrimPlace =
  | "left"
  | "right"
  | "top"
  | "sill"
  | "head"
  | "left-jamb"
  | "right-jamb"
  | "frame";

/** One straight run of trim. */
export interface TrimRun {
  wall: string;
  place: TrimPlace;
  /** Name of the opening or panel that it goes round. */
  of?: string;
  kind: TrimKind;
  /** To the long points where it is mitred, mm. */
  length: number;
  /** Mitred at both ends: the short points are the length less twice the face. */
  mitred: boolean;
  face: number;
  /** Bullnose: its pieces, the last one's length, and how far its joints drift off the courses. */
  pieces?: { count: number; last: number; drift: number };
}

/** Bars of one kind, and what is cut from each. */
export interface TrimBars {
  kind: TrimKind;
  bar: number;
  bars: number[][];
  /** No way of cutting needs fewer. */
  bound: number;
}

/** All trim of the job. */
export interface TrimPlan {
  runs: TrimRun[];
  bars: TrimBars[];
  /** Bullnose pieces, cut ones counted whole. */
  bullnose: number;
  /** What they are cut from where no bullnose matches the tile. */
  edges: EdgePieces[];
}

/** Drift of bullnose joints that shows at the end of a run, mm. */
const SHOWN_DRIFT = 1.5;

/** What trim asks of a wall. */
interface TrimmedWall {
  id: string;
  measured: MeasuredWall;
  boundary: Polygon;
  trims: NonNullable<Wall["trim"]>;
  ends: { left: WallEnd; right: WallEnd };
  cell: PatternCell;
  openings: PlacedOpening[];
  zones: PlacedZone[];
}

/** Every run of trim with its length and pieces, and the fewest bars that they come from. */
export function planTrim(
  job: Pick<Job, "field" | "settings" | "tiles">,
  walls: TrimmedWall[],
): TrimPlan {
  const runs = walls.flatMap((wall) => [
    ...endRuns(job, wall),
    ...openingRuns(wall),
    ...frameRuns(job, wall),
  ]);
  const bar = job.settings.trimBar;
  const kerf = job.settings.kerf;
  const bars = (["profile", "pencil"] as const).flatMap((kind): TrimBars[] => {
    const lengths = runs
      .filter((run) => run.kind === kind)
      .flatMap(({ length }) => splitLength(length, bar, 0));
    if (lengths.length === 0) return [];
    // A bar gives one length more than it is sawn through: the kerf goes with each length.
    const { rolls, bound } = packLengths(
      lengths.map((length) => length + kerf),
      bar + kerf,
    );
    return [{ kind, bar, bars: rolls.map((cuts) => cuts.map((length) => length - kerf)), bound }];
  });
  const bullnose = runs.reduce((sum, { pieces }) => sum + (pieces?.count ?? 0), 0);
  return { runs, bars, bullnose, edges: edgePieces(job, runs) };
}

function endRuns(job: Pick<Job, "settings">, wall: TrimmedWall): TrimRun[] {
  if (wall.boundary.length === 0) return [];
  const { minX, minY, maxX, maxY } = boxOf(wall.boundary);
  const { trims } = wall;
  return (["left", "right", "top"] as const).flatMap((place): TrimRun[] => {
    const trim = trims[place];
    if (!trim || trim.kind === "none") return [];
    if (place !== "top" && wall.ends[place].kind !== "open") return [];
    const upright = place !== "top";
    // Uprights run on past the trim at the top, which dies into them.
    const over =
      upright && trims.top && trims.top.kind !== "none" ? trims.top.width + trims.top.joint : 0;
    const length = (upright ? maxY - minY : maxX - minX) + over;
    const module = (upright ? wall.cell.height : wall.cell.width) + wall.cell.joint;
    return [runOf(job, wall.id, place, trim, length, false, module)];
  });
}

function runOf(
  job: Pick<Job, "settings">,
  wall: string,
  place: TrimPlace,
  { kind, width, joint }: Trim,
  length: number,
  mitred: boolean,
  module: number,
): TrimRun {
  const run = { wall, place, kind: kind as TrimKind, length, mitred, face: width };
  if (kind !== "bullnose") return run;
  return {
    ...run,
    pieces: bullnosePieces(length, job.settings.bullnosePiece, joint, module),
  };
}

/**
 * Bullnose pieces of a run, the last one cut to fit, and how far their joints have drifted off the
 * courses at its end: per course, as many pieces as come nearest to it less the course.
 */
export function bullnosePieces(length: number, piece: number, joint: number, module: number) {
  const step = piece + joint;
  const needed = Math.max(1, Math.ceil((length + joint) / step - SAME_SUM));
  const rest = length - (needed - 1) * step;
  // What is left after a joint may be no piece at all.
  const [count, last] = needed > 1 && rest < LEAST_PIECE ? [needed - 1, piece] : [needed, rest];
  const [pieces, courses] =
    step <= module ? [Math.round(module / step), 1] : [1, Math.max(1, Math.round(step / module))];
  const drift = ((pieces * step - courses * module) * length) / (courses * module);
  return { count, last, drift };
}

/** A frame of trim within a finished opening: long points at the field tile's joint. */
function openingRuns({ id, openings }: TrimmedWall): TrimRun[] {
  return openings.flatMap(({ opening }): TrimRun[] => {
    const { trim } = opening;
    if (!trim || trim.kind === "none") return [];
    const of = opening.name ?? opening.kind;
    const kind = trim.kind as TrimKind;
    const side = (place: TrimPlace, size: number): TrimRun => ({
      wall: id,
      place,
      of,
      kind,
      length: size - 2 * trim.joint,
      mitred: true,
      face: trim.width,
    });
    return [
      side("sill", opening.width),
      side("head", opening.width),
      side("left-jamb", opening.height),
      side("right-jamb", opening.height),
    ];
  });
}

/** Liners round panels: long points a joint of the field inside the panel's ring. */
function frameRuns(job: Pick<Job, "field">, { id, zones }: TrimmedWall): TrimRun[] {
  return zones.flatMap((placed): TrimRun[] => {
    const size = linerSize(placed, job.field.joint);
    if (!size) return [];
    const { zone } = placed;
    const of = zone.name ?? zone.kind;
    const side = (length: number): TrimRun => ({
      wall: id,
      place: "frame",
      of,
      kind: "pencil",
      length,
      mitred: true,
      face: zone.frame?.width ?? 0,
    });
    return [side(size.across), side(size.across), side(size.up), side(size.up)];
  });
}

/** Bullnose whose joints cannot line up with the courses, and edge pieces longer than their tile. */
export function checkTrim({ runs, edges }: TrimPlan): Warning[] {
  const small = edges
    .filter(({ perTile }) => perTile === 0)
    .map(
      ({ face }): Warning => ({
        code: "edge-piece-too-long",
        severity: "warning",
        values: { face },
      }),
    );
  const drifting = runs.flatMap(({ wall, place, pieces }): Warning[] => {
    if (!pieces || Math.abs(pieces.drift) < SHOWN_DRIFT) return [];
    const values = { drift: Math.abs(pieces.drift), pieces: pieces.count };
    return [{ code: "trim-drifts", severity: "warning", wall, side: place, values }];
  });
  return [...small, ...drifting];
}
