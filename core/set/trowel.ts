import { DEFAULTS, fieldTile, longestSide, setting } from "../project/defaults.ts";
import type { Project, Tile } from "../project/schema.ts";

/** A notched trowel: width and depth of the notch in mm. */
export interface Trowel {
  [unknown: string]: unknown;
  notch: "square" | "v";
  width: number;
  depth: number;
}

/** Customary trowels by the tile's longest side, and whether the tile is back-buttered as well. */
const CUSTOMARY: { upTo: number; trowel: Trowel; backButter: boolean }[] = [
  { upTo: 50, trowel: { notch: "v", width: 5, depth: 5 }, backButter: false },
  { upTo: 100, trowel: { notch: "v", width: 6, depth: 5 }, backButter: false },
  { upTo: 200, trowel: { notch: "square", width: 6, depth: 6 }, backButter: false },
  { upTo: 400, trowel: { notch: "square", width: 6, depth: 10 }, backButter: false },
  { upTo: Infinity, trowel: { notch: "square", width: 12, depth: 12 }, backButter: true },
];

/** The notches a setter chooses from. */
export const TROWELS: Trowel[] = CUSTOMARY.map(({ trowel }) => trowel);

/** Below this the bed of a tile that is not mosaic is too thin: 3/32 in. */
export const THINNEST_BED = 2.38125;

/** A tile up to this size (longest side, mm) counts as mosaic. */
const MOSAIC_SIDE = 50;

/** The job's trowel, or the customary one for the tile's longest side. */
export function trowelFor(project: Project): Trowel {
  return project.settings?.trowel ?? customary(fieldTile(project)).trowel;
}

/** Thickness of the back-butter coat in mm; 0 when the tile is not back-buttered. */
export function backButterThickness(project: Project): number {
  const wanted = project.settings?.backButter ?? customary(fieldTile(project)).backButter;
  return wanted ? DEFAULTS.backButterMm : 0;
}

/**
 * Thickness of the collapsed bed in mm:
 * share × depth × width ÷ (width + land) × sin(hold angle). Trade practice: the share is 1 for
 * square notches with a land as wide as the notch, and ½ for V notches without a land.
 */
export function bedThickness(project: Project): number {
  return bedOf(project, trowelFor(project));
}

/** The same for any trowel, held as the job says. */
export function bedOf(project: Project, { notch, width, depth }: Trowel): number {
  const share = notch === "square" ? 1 : 0.5;
  const land = notch === "square" ? width : 0;
  const angle = (setting(project, "trowelAngleDeg") * Math.PI) / 180;
  return ((share * depth * width) / (width + land)) * Math.sin(angle);
}

/** Whether the bed is too thin for a tile that is not mosaic. */
export function bedIsThin(project: Project): boolean {
  return longestSide(fieldTile(project)) > MOSAIC_SIDE && bedThickness(project) < THINNEST_BED;
}

/** The customary trowel for a tile, whatever the job has for its field. */
export function customaryTrowel(tile: Tile): Trowel {
  return customary(tile).trowel;
}

function customary(tile: Tile) {
  const side = longestSide(tile);
  return CUSTOMARY.find(({ upTo }) => side <= upTo) as (typeof CUSTOMARY)[number];
}
