import { boxOf, rectangle } from "../geometry/polygon.ts";
import { SAME_MM, SAME_SUM } from "../limits.ts";
import type { PlacedOpening } from "../measure/openings.ts";
import type { MeasuredWall } from "../measure/survey.ts";
import { DEFAULTS, tileOf } from "../project/defaults.ts";
import type { Job, LaidTile } from "../project/job.ts";
import { RETURN_SIDES, type ReturnSide } from "../project/return-sides.ts";
import type { Zone } from "../project/schema.ts";
import { nicheArea, type WallArea, type ZoneCells } from "../set-out/areas.ts";
import { courseTops } from "../set-out/courses.ts";
import { areaRegion } from "../set-out/region.ts";
import { isSliver, type SliverRule } from "../set-out/slivers.ts";
import type { LaidArea } from "./laid-area.ts";
import { layArea, type TileBudget } from "./lay-area.ts";

/** What lines an opening: the pieces of its four returns, and the areas of a niche's back. */
export interface Lining {
  opening: string;
  /** Id of the tile. */
  tile: string;
  backs: LaidArea[];
  returns: ReturnStrip[];
}

/** Pieces of one return, in order from the left or from below; mm. */
export interface ReturnStrip {
  side: ReturnSide;
  /** Id of its tile. */
  tile: string;
  /** From the wall's face inwards, of each piece; deep returns take several rows. */
  depth: number;
  rows: number;
  lengths: number[];
  /** Its joints carry on from the courses of the wall. */
  follows: boolean;
  /** A sill's fall to the room over its depth, mm. */
  fall?: number;
}

/** A strip of a niche's back lower than this is joint, mm. */
const LEAST_BACK = 1;

/** What lines the openings of a wall. */
export interface LiningInputs {
  job: Pick<Job, "field" | "setOut" | "settings" | "tiles" | "zones">;
  zoneCells: ZoneCells;
  measured: MeasuredWall;
  /** The field as it is laid, for the joints that carry on. */
  areas: LaidArea[];
  /** As far as they lie in the field. */
  openings: PlacedOpening[];
}

/**
 * Lines a wall's niches and windows. A niche without a tile of its own takes the field's, whose
 * bond carries on across its back, and bands run through it; jambs carry on the courses unless that
 * leaves a sliver. Every face stops a corner joint short of the next. Trade practice.
 */
export function lineOpenings(inputs: LiningInputs, budget: TileBudget): Lining[] {
  const { job, openings } = inputs;
  return openings.flatMap((placed) => {
    const { opening } = placed;
    const zone = zoneOf(job, opening.id);
    const depth = opening.depth ?? DEFAULTS.nicheDepth;
    const backs = opening.kind === "niche" ? layBacks(inputs, placed, budget) : [];
    const tile = zone?.tile ?? job.field.tile;
    const returns = depth > 0 ? returnsOf(inputs, placed, zone, depth) : [];
    if (backs.length === 0 && returns.length === 0) return [];
    return [{ opening: opening.id, tile, backs, returns }];
  });
}

function zoneOf({ zones }: Pick<Job, "zones">, opening: string): Zone | undefined {
  return zones.find((zone) => zone.kind === "niche" && zone.opening === opening);
}

function layBacks(inputs: LiningInputs, placed: PlacedOpening, budget: TileBudget): LaidArea[] {
  const { job, zoneCells, measured } = inputs;
  const own = nicheArea(job, zoneCells, placed);
  const wall = measured.wall.id;
  // Pieces of the field and of bands in a niche are told from those of the wall by the niche's id.
  const prefix = own ? wall : `${wall}/${placed.opening.id}`;
  return (own ? [own] : carriedOn(inputs, placed)).map((area, index) => {
    const region = areaRegion(measured, area, [], []);
    return layArea(job, { wall: prefix, index }, area, region, budget).area;
  });
}

/** The field under, between and over the bands, and the bands, as they go on across a niche's back. */
function carriedOn({ job, areas }: LiningInputs, { ring }: PlacedOpening): WallArea[] {
  const { cornerJoint } = job.setOut;
  const { minX, minY, maxX, maxY } = boxOf(ring);
  const width = maxX - minX - 2 * cornerJoint;
  const [low, high] = [minY + cornerJoint, maxY - cornerJoint];
  const ofField = areas.filter(({ zone }) => zone === undefined);
  return areas.flatMap((area): WallArea[] => {
    const { zone, cell, origin, boundary } = area;
    if (zone !== undefined && zone.kind !== "band") return [];
    const box = boxOf(boundary);
    // A niche may reach lower and higher than the field's own edges.
    const from = area === ofField[0] ? low : Math.max(low, box.minY);
    const to = area === ofField.at(-1) ? high : Math.min(high, box.maxY);
    if (width <= 0 || to - from < LEAST_BACK) return [];
    const face = rectangle(minX + cornerJoint, from, width, to - from);
    return [{ ...(zone ? { zone } : {}), cell, origin, boundary: face, without: [] }];
  });
}

function returnsOf(
  { job, areas }: LiningInputs,
  { opening, ring }: PlacedOpening,
  zone: Zone | undefined,
  depth: number,
): ReturnStrip[] {
  const { cornerJoint, sliver } = job.setOut;
  const { minY, maxY } = boxOf(ring);
  const fall = (opening.lining?.sillFall ?? job.settings.sillFall) * depth;
  return RETURN_SIDES.flatMap((side): ReturnStrip[] => {
    const level = side === "sill" || side === "head";
    const id = opening.sides?.[side] ?? zone?.tile ?? job.field.tile;
    const joint = zone?.tile === id ? zone.joint : job.field.joint;
    const size = { tile: tileOf(job, id), joint, sliver, depth: depth - cornerJoint };
    const length = (level ? opening.width : opening.height) - 2 * cornerJoint;
    if (length <= 0 || size.depth <= 0) return [];
    // Jambs in the field's tile carry on its courses; with another on the back they need not.
    const tops = level || id !== job.field.tile || zone?.tile === id ? [] : jointsAcross(areas);
    const own = courseLengths(minY + cornerJoint, maxY - cornerJoint, tops, size);
    const strip = own ?? equalPieces(length, size);
    return [{ side, tile: id, ...strip, ...(side === "sill" ? { fall } : {}) }];
  });
}

/** Tops of the field's courses where their joints run through, and the joint above them, mm. */
function jointsAcross(areas: LaidArea[]): { at: number; joint: number }[] {
  return areas
    .filter(({ zone, cell }) => !zone && cell.a.vector[1] === 0)
    .flatMap((area) =>
      courseTops({ areas: [area] }).map(({ at }) => ({ at, joint: area.cell.joint })),
    );
}

interface PieceSize {
  tile: LaidTile;
  joint: number;
  sliver: SliverRule;
  depth: number;
}

type Strip = Pick<ReturnStrip, "depth" | "rows" | "lengths" | "follows">;

/** Lengths between the courses' joints; undefined where the tile is too short or a sliver is left. */
function courseLengths(
  low: number,
  high: number,
  tops: { at: number; joint: number }[],
  size: PieceSize,
): Strip | undefined {
  const within = tops.filter(({ at, joint }) => at > low && at + joint < high);
  if (within.length === 0) return undefined;
  const starts = [low, ...within.map(({ at, joint }) => at + joint)];
  const ends = [...within.map(({ at }) => at), high];
  const lengths = starts.map((start, k) => (ends[k] as number) - start);
  const across = acrossFor(Math.max(...lengths), size);
  if (!across) return undefined;
  const { height } = size.tile;
  const slivers = lengths.some((length) => isSliver(length, height, size.joint, size.sliver));
  return slivers ? undefined : { ...across, lengths, follows: true };
}

/** As few pieces as the tile allows, all alike: no sliver at either end. */
function equalPieces(length: number, size: PieceSize): Strip {
  const { width, height } = size.tile;
  const longest = Math.max(width, height);
  const count = piecesFor(length, longest, size.joint);
  const each = (length - (count - 1) * size.joint) / count;
  const across = acrossFor(each, size) ?? { depth: size.depth, rows: 1 };
  return { ...across, lengths: Array.from({ length: count }, () => each), follows: false };
}

/** Rows that a depth takes when the longest piece lies along the tile's long side, or stands. */
function acrossFor(length: number, { tile, joint, depth }: PieceSize) {
  const [short, long] = [Math.min(tile.width, tile.height), Math.max(tile.width, tile.height)];
  if (length > long + SAME_MM) return undefined;
  const reach = length <= short + SAME_MM ? long : short;
  const rows = piecesFor(depth, reach, joint);
  return { depth: (depth - (rows - 1) * joint) / rows, rows };
}

function piecesFor(length: number, longest: number, joint: number): number {
  return Math.max(1, Math.ceil((length + joint) / (longest + joint) - SAME_SUM));
}
