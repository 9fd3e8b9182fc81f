import { MM_PER_INCH } from "../length/units.ts";
import { DEFAULTS, longestSide } from "./defaults.ts";
import type { Project, Tile } from "./schema.ts";

/** A notched trowel: width and depth of the notch in mm. */
export interface Trowel {
  [unknown: string]: unknown;
  notch: "square" | "v";
  width: number;
  depth: number;
  /** What stands between two notches, mm; as wide as a square notch, and nothing between Vs. */
  land?: number | undefined;
}

/** What a trowel goes by. */
type SizedTile = Pick<Tile, "width" | "height" | "sheet">;

/** What a tile is set in: the trowel, its bed after embedding and the coat on the tile's back, mm. */
export interface TileBed {
  trowel: Trowel;
  bed: number;
  backButter: number;
}

interface Customary {
  /** Longest side of the tile, mm: 2, 4, 8 and 16 in fall inside. */
  upTo: number;
  notch: Trowel["notch"];
  /** Width and depth of the notch as it is sold in millimetres and in inches. */
  mm: [width: number, depth: number];
  inches: [width: number, depth: number];
  backButter: boolean;
}

/** A tile up to this size (longest side, mm) counts as mosaic, as tile on sheets does. */
const MOSAIC_SIDE = 51;

/** Customary trowels by the tile's longest side. Trade practice. */
const CUSTOMARY: Customary[] = [
  { upTo: MOSAIC_SIDE, notch: "v", mm: [5, 5], inches: [3 / 16, 5 / 32], backButter: false },
  { upTo: 102, notch: "v", mm: [6, 6], inches: [1 / 4, 1 / 4], backButter: false },
  { upTo: 204, notch: "square", mm: [6, 6], inches: [1 / 4, 1 / 4], backButter: false },
  { upTo: 408, notch: "square", mm: [6, 10], inches: [1 / 4, 3 / 8], backButter: false },
  { upTo: Infinity, notch: "square", mm: [12, 12], inches: [1 / 2, 1 / 2], backButter: true },
];

/** The notches a setter chooses from, as they are sold in a unit. */
export function trowelsIn(unit: Project["unit"]): Trowel[] {
  return CUSTOMARY.map((row) => trowelOf(row, unit));
}

function trowelOf({ notch, mm, inches }: Customary, unit: Project["unit"]): Trowel {
  const [width, depth] = unit === "mm" ? mm : inches;
  const scale = unit === "mm" ? 1 : MM_PER_INCH;
  return { notch, width: width * scale, depth: depth * scale };
}

/** Below this the bed of a tile that is not mosaic is too thin: 3/32 in. */
export const THINNEST_BED = 2.38125;

/** Whether tile is mosaic: on sheets, or no side longer than 51 mm. */
export function isMosaic(tile: SizedTile): boolean {
  return tile.sheet !== undefined || longestSide(tile) <= MOSAIC_SIDE;
}

/** The customary trowel for a tile, whatever the job has for its field. */
export function customaryTrowel(tile: SizedTile, unit: Project["unit"]): Trowel {
  return trowelOf(customary(tile), unit);
}

function customary(tile: SizedTile): Customary {
  const side = isMosaic(tile) ? MOSAIC_SIDE : longestSide(tile);
  return CUSTOMARY.find(({ upTo }) => side <= upTo) as Customary;
}

/**
 * What a tile is set in: with a trowel and a back-butter of the job's own, else the customary ones.
 */
export function tileBed(
  tile: SizedTile,
  unit: Project["unit"],
  angleDeg: number,
  own: { trowel?: Trowel | undefined; backButter?: boolean | undefined } = {},
): TileBed {
  const trowel = own.trowel ?? customaryTrowel(tile, unit);
  const backButter = own.backButter ?? customary(tile).backButter;
  return {
    trowel,
    bed: bedThickness(trowel, angleDeg),
    backButter: backButter ? DEFAULTS.backButterMm : 0,
  };
}

/**
 * Thickness of the collapsed bed in mm:
 * share × depth × width ÷ (width + land) × sin(hold angle). Trade practice: the share is 1 for
 * square notches and ½ for V notches.
 */
export function bedThickness({ notch, width, depth, land }: Trowel, angleDeg: number): number {
  const share = notch === "square" ? 1 : 0.5;
  const between = land ?? (notch === "square" ? width : 0);
  const angle = (angleDeg * Math.PI) / 180;
  return ((share * depth * width) / (width + between)) * Math.sin(angle);
}
