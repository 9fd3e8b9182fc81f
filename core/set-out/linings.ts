import { isSliver, type SliverRule } from "../cut/sides.ts";
import { boxOf, rectangle } from "../geometry/polygon.ts";
import { areaRegion, type LaidArea, layArea } from "../lay-area.ts";
import type { PlacedOpening } from "../measure/openings.ts";
import type { MeasuredWall } from "../measure/survey.ts";
import { DEFAULTS, setOutOf, setting, tileOf } from "../project/defaults.ts";
import type { Project, Tile, Zone } from "../project/schema.ts";
import { nicheArea, type WallArea, type WallField, type ZoneCells } from "./areas.ts";
import { courseTops } from "./story-pole.ts";

/** What lines an opening: the pieces of its four returns, and the back of a niche. */
export interface Lining {
  opening: string;
  /** Id of the tile. */
  tile: string;
  back?: LaidArea;
  returns: ReturnStrip[];
}

/** The sides of an opening that tile lines. */
export const RETURN_SIDES = ["sill", "head", "left", "right"] as const;

export type ReturnSide = (typeof RETURN_SIDES)[number];

/** Pieces of one return, in order from the left or from below; mm. */
export interface ReturnStrip {
  side: ReturnSide;
  /** From the wall's face inwards, of each piece; deep returns take several rows. */
  depth: number;
  rows: number;
  lengths: number[];
  /** Its joints carry on from the courses of the wall. */
  follows: boolean;
  /** A sill's fall to the room over its depth, mm. */
  fall?: number;
}

interface LiningParts {
  project: Project;
  cells: ZoneCells;
  measured: MeasuredWall;
  field: WallField;
  /** The field as it is laid, for the joints that carry on. */
  areas: LaidArea[];
}

/**
 * Lines a wall's niches and windows. A niche without a tile of its own takes the field's, whose
 * bond carries on across its back; jambs carry on the courses unless that leaves a sliver. Every
 * face stops a corner joint short of the next. Trade practice.
 */
export function lineOpenings(parts: LiningParts, openings: PlacedOpening[]): Lining[] {
  return openings.flatMap((placed) => {
    const { opening } = placed;
    const zone = zoneOf(parts.project, opening.id);
    const depth = opening.depth ?? DEFAULTS.nicheDepth;
    const back = opening.kind === "niche" ? layBack(parts, placed) : undefined;
    const tile = zone?.tile ?? parts.project.field.tile;
    const returns = depth > 0 ? returnsOf(parts, placed, zone, depth) : [];
    if (!back && returns.length === 0) return [];
    return [{ opening: opening.id, tile, ...(back ? { back } : {}), returns }];
  });
}

function zoneOf({ zones }: Project, opening: string): Zone | undefined {
  return zones?.find((zone) => zone.kind === "niche" && zone.opening === opening);
}

function layBack(parts: LiningParts, placed: PlacedOpening): LaidArea | undefined {
  const { project, cells, measured, field } = parts;
  const own = nicheArea(project, cells, placed);
  const area = own ?? fieldBack(project, field, placed);
  if (!area) return undefined;
  const region = areaRegion(measured, area, [], []);
  const wall = measured.wall.id;
  // Pieces of the field in a niche are told from those of the wall by the niche's id.
  return layArea(project, own ? wall : `${wall}/${placed.opening.id}`, area, region).area;
}

function fieldBack(
  project: Project,
  { cell, origin }: WallField,
  { ring }: PlacedOpening,
): WallArea | undefined {
  const { cornerJoint } = setOutOf(project);
  const { minX, minY, maxX, maxY } = boxOf(ring);
  const [width, height] = [maxX - minX - 2 * cornerJoint, maxY - minY - 2 * cornerJoint];
  if (width <= 0 || height <= 0) return undefined;
  const boundary = rectangle(minX + cornerJoint, minY + cornerJoint, width, height);
  return { cell, origin, boundary, without: [] };
}

function returnsOf(
  { project, areas }: LiningParts,
  { opening, ring }: PlacedOpening,
  zone: Zone | undefined,
  depth: number,
): ReturnStrip[] {
  const tile = tileOf(project, zone?.tile ?? project.field.tile);
  const joint = zone?.joint ?? project.field.joint;
  const { cornerJoint, sliver } = setOutOf(project);
  const size = { tile, joint, sliver, depth: depth - cornerJoint };
  const { minY, maxY } = boxOf(ring);
  const tops = zone ? [] : jointsAcross(areas);
  const jamb = courseLengths(minY + cornerJoint, maxY - cornerJoint, tops, size);
  const fall = (opening.lining?.sillFall ?? setting(project, "sillFall")) * depth;
  return RETURN_SIDES.flatMap((side): ReturnStrip[] => {
    const level = side === "sill" || side === "head";
    const length = (level ? opening.width : opening.height) - 2 * cornerJoint;
    if (length <= 0 || size.depth <= 0) return [];
    const own = level ? undefined : jamb;
    const strip = own ?? equalPieces(length, size);
    return [{ side, ...strip, ...(side === "sill" ? { fall } : {}) }];
  });
}

/** Tops of the field's courses where their joints run through, and the joint above them, mm. */
function jointsAcross(areas: LaidArea[]): { at: number; joint: number }[] {
  return areas
    .filter(({ zone, cell }) => !zone && cell.straight && cell.a.vector[1] === 0)
    .flatMap((area) =>
      courseTops({ areas: [area] }).map(({ at }) => ({ at, joint: area.cell.joint })),
    );
}

interface PieceSize {
  tile: Tile;
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
  if (length > long + 1e-6) return undefined;
  const reach = length <= short + 1e-6 ? long : short;
  const rows = piecesFor(depth, reach, joint);
  return { depth: (depth - (rows - 1) * joint) / rows, rows };
}

function piecesFor(length: number, longest: number, joint: number): number {
  return Math.max(1, Math.ceil((length + joint) / (longest + joint) - 1e-9));
}
