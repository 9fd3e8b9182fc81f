import type { FigureCode } from "../figure.ts";
import { formatLength } from "../length/format.ts";
import type { LengthProblem } from "../length/parse.ts";
import type { LengthStyle } from "../length/units.ts";
import type { OrderItem } from "../order/order.ts";
import type { FieldIssue } from "../project/parse.ts";
import type { Warning, WarningCode } from "../warning.ts";

/** What a warning says and what to do instead. */
export interface WarningWords {
  message: string;
  remedy: string;
}

/** Names that a warning's sentence needs. */
export interface WarningNames {
  wall: string;
  item: string;
}

type Say = (
  values: Record<string, number>,
  length: (mm: number) => string,
  names: WarningNames,
) => WarningWords;

const at = (values: Record<string, number>, name: string) => values[name] ?? 0;

const WARNINGS: Record<WarningCode, Say> = {
  "level-line-assumed": (v, l) => ({
    message: `Nobody has read the level line yet: it is taken ${l(at(v, "height"))} above a level base.`,
    remedy: "Read down from the level line to the base at two places or more on each wall.",
  }),
  "wall-assumed-square": (_v, _l, { wall }) => ({
    message: `${wall} is assumed square: only one width was read.`,
    remedy: "Read the width at the top, or how far the corners are out of plumb.",
  }),
  "base-out-of-level": (v, l) => ({
    message: `The base falls ${l(at(v, "fall"))} over the walls, more than ${l(at(v, "tolerance"))}.`,
    remedy: "The first course starts from the low point and is scribed everywhere else.",
  }),
  "lean-mismatch": (v, l, { wall }) => ({
    message: `${wall}: width at top and the leans disagree by ${l(at(v, "mismatch"))}.`,
    remedy: "Read the top width and both corners again; until then the widths are used.",
  }),
  "reading-far-from-corner": (v, l, { wall }) => ({
    message: `${wall}: the nearest reading is ${l(at(v, "gap"))} from its corner.`,
    remedy: `Read again within ${l(at(v, "limit"))} of both corners.`,
  }),
  "no-field": (_v, _l, { wall }) => ({
    message: `${wall} has no room for tile between its base, top and corners.`,
    remedy: "Check the readings down to the base and up to the top, and the width.",
  }),
  "too-many-tiles": (_v, _l, { wall }) => ({
    message: `${wall} would take more tiles than a wall can hold.`,
    remedy: "Check the tile size and the wall's width and height.",
  }),
  "opening-leaves-wall": (_v, _l, { wall, item }) => ({
    message: `${item} reaches past the field of ${wall}; it is planned as if cut off there.`,
    remedy: "Check its size and where it was read from.",
  }),
  "openings-overlap": (_v, _l, { wall, item }) => ({
    message: `${item} overlaps another opening on ${wall}; they are planned as one.`,
    remedy: "Check the sizes and positions of both.",
  }),
  "fixture-not-clear": (_v, _l, { wall, item }) => ({
    message: `The hole for ${item} runs into an edge, an opening or another hole on ${wall}.`,
    remedy: "Check where its centre was read from, and its pipe diameter.",
  }),
  "fixture-outside": (_v, _l, { wall, item }) => ({
    message: `${item} is not in the tiled field of ${wall}; no hole is cut for it.`,
    remedy: "Check where its centre was read from, or take it off the wall.",
  }),
  "plate-too-small": (v, l, { item }) => ({
    message: `The hole for ${item}, ${l(at(v, "hole"))}, is too wide for its plate of ${l(at(v, "plate"))}.`,
    remedy: `The plate should bear on tile ${l(at(v, "bearing"))} all round: a larger plate or a tighter hole.`,
  }),
  "hole-near-edge": (v, l, { wall }) => ({
    message: `${wall}, cut ${at(v, "number")}${andMore(v)}: only ${l(at(v, "size"))} of tile between hole and edge.`,
    remedy: "Move the pattern so that the hole sits inside a tile, or on a joint.",
  }),
  "weak-tongue": (v, l, { wall }) => ({
    message: `${wall}, cut ${at(v, "number")}${andMore(v)}: a tongue of ${l(at(v, "size"))} will snap.`,
    remedy: "Move the pattern or the opening, or make it of two pieces; cut the tongue last.",
  }),
  "thin-strip": (v, l, { wall }) => ({
    message: `${wall}, cut ${at(v, "number")}${andMore(v)}: a strip of ${l(at(v, "size"))} will break.`,
    remedy: "Move the pattern so that the strip grows, or take it up in the joints.",
  }),
  sliver: sliverWords,
  "tile-larger-than-wall": (_v, _l, { wall }) => ({
    message: `The tile is larger than the field of ${wall}.`,
    remedy: "Check the tile size; the wall is planned with cut pieces only.",
  }),
  "wall-narrower-than-tile": (_v, _l, { wall }) => ({
    message: `${wall} is narrower than one tile.`,
    remedy: "Turn the tile, or accept that every piece is cut.",
  }),
  "joint-zero": (v, l) => ({
    message: "The joint is 0: tiles would touch, and there is nothing to grout.",
    remedy: `Leave at least ${l(at(v, "limit"))}.`,
  }),
  "joint-too-narrow": (v, l) => ({
    message: `A joint of ${l(at(v, "joint"))} is narrower than ${l(at(v, "limit"))}.`,
    remedy: "Widen the joint: tiles vary in size, and grout must get in.",
  }),
  "offset-joint-too-narrow": (v, l) => ({
    message: `Offset tiles of ${l(at(v, "side"))} want a joint of ${l(at(v, "limit"))} at least.`,
    remedy: "Widen the joint, or stack the tiles: long tiles bow, and offsets show it.",
  }),
  "offset-too-large": (v, l) => ({
    message: `Tiles of ${l(at(v, "side"))} should be offset by one third at most.`,
    remedy: "Choose one third, unless the tile's maker approves more in writing.",
  }),
  "thin-bed": (v, l) => ({
    message: `The bed comes to ${l(at(v, "bed"))}, below ${l(at(v, "limit"))}.`,
    remedy: "Hold the trowel steeper, or take the next notch.",
  }),
};

function andMore(v: Record<string, number>): string {
  const others = at(v, "count") - 1;
  return others > 0 ? ` and ${others} more` : "";
}

function sliverWords(
  v: Record<string, number>,
  l: (mm: number) => string,
  { wall, item }: WarningNames,
): WarningWords {
  const count = at(v, "count");
  const pieces = count === 1 ? "a sliver" : `${count} slivers, the smallest`;
  return {
    message: `${wall}, ${item}: ${pieces} of ${l(at(v, "size"))}, below the limit of ${l(at(v, "limit"))}.`,
    remedy: "Move the pattern, change where it is centred, or change the first course.",
  };
}

const SIDES: Record<string, string> = {
  left: "left side",
  right: "right side",
  top: "top",
  bottom: "bottom",
  opening: "at an opening",
};

/** The sentences of a warning in the reader's unit. */
export function warningWords(
  warning: Warning,
  style: LengthStyle,
  names: Partial<WarningNames> = {},
): WarningWords {
  const item = names.item ?? SIDES[warning.side ?? ""] ?? warning.item ?? "";
  return WARNINGS[warning.code](warning.values, (mm) => formatLength(mm, finerFor(mm, style)), {
    wall: names.wall ?? warning.wall ?? "",
    item,
  });
}

/** Joints, beds and limits below half an inch are said to the 1/32 in at least. */
export function finerFor(mm: number, style: LengthStyle): LengthStyle {
  return Math.abs(mm) < 12.7 && style.mark < 32 ? { ...style, mark: 32 } : style;
}

/** Why a text typed into a length field is not a length, with what to type instead. */
export function lengthProblemWords(problem: LengthProblem): string {
  switch (problem) {
    case "empty":
      return "Type a length, such as 63 1/2 or 1613mm.";
    case "not-a-length":
      return "Not a length. Type it as the tape says: 63 1/2, 5' 3-1/2 or 1613mm.";
    case "mixed-units":
      return "Inches and millimetres in one length. Type it in one unit.";
    case "zero-denominator":
      return "A fraction cannot end in /0. Type it as 63 1/2.";
    default:
      return problem satisfies never;
  }
}

/** What is wrong with a field of a project file, and the remedy. */
export function fieldIssueWords({ path, code, limit }: FieldIssue): string {
  const field = path === "" ? "The file" : path;
  switch (code) {
    case "not-json":
      return "This is not JSON: the file is damaged or of another kind. Choose a .dintel.json file.";
    case "not-an-object":
      return "This is not a project file: it should be one JSON object.";
    case "not-a-dintel-project":
      return 'format should be "dintel-project": this file is of another kind.';
    case "newer-version":
      return `version is newer than ${limit}, the newest that is understood here. Update Dintel.`;
    case "not-above":
      return `${field} must be more than ${limit}. Give the size in millimetres.`;
    case "too-small":
      return `${field} must be ${limit} or more.`;
    case "too-big":
      return `${field} must be ${limit} or less.`;
    case "too-short":
      return `${field} must hold at least ${limit}. Fill it in.`;
    case "wrong-type":
      return `${field} must be of type ${limit}. Add it or correct it.`;
    case "not-a-choice":
      return `${field} must be one of: ${limit}.`;
    case "height-or-top-readings":
      return `${field} is missing: give a height, or readings up to the top.`;
    case "no-such-tile":
      return `${field} names no tile of the job. Use the id of one of its tiles.`;
    case "no-such-wall":
      return `${field} names no wall of the job. Use the id of one of its walls.`;
    case "repeated-id":
      return `${field} is used twice ("${limit}"). Every id must be its own.`;
    default:
      return `${field} is not understood. Correct it or leave it out.`;
  }
}

/** Names of what is on the order list. */
export const ORDER_ITEMS: Record<OrderItem, string> = {
  fieldTile: "Field tile",
  liningTile: "Tile to line niches",
  membrane: "Liquid membrane",
  clips: "Leveling clips",
  mortar: "Thinset mortar",
  grout: "Grout",
  sealant: "Flexible sealant",
};

/** Name and formula of every figure; the formula's terms follow in the figure's own order. */
export const FIGURES: Record<FigureCode, { name: string; formula: string; source: string }> = {
  fieldAreaM2: {
    name: "Field area",
    formula: "boundary − openings − fixture holes",
    source: "Corner joints, gaps and trim are outside the boundary.",
  },
  tilesFull: {
    name: "Full tiles",
    formula: "pieces that lose less than 0.5 mm",
    source: "Counted from the set-out.",
  },
  tilesCut: {
    name: "Cut pieces",
    formula: "pieces that meet an edge, an opening or a fixture",
    source: "A tile split by an opening gives one piece per part.",
  },
  jointLengthM: {
    name: "Joint length",
    formula: "sum of facing lengths between neighbouring pieces",
    source: "Crossings and the perimeter are left out.",
  },
  membraneAreaM2: {
    name: "Membrane area, one coat",
    formula: "wet region − openings + niche and window interiors",
    source: "Local code and the membrane's listing decide how far the film must reach.",
  },
  membraneL: {
    name: "Liquid membrane",
    formula: "(area × film × coats + strips × width × film) × (1 + waste)",
    source: "Film thickness and coats: the membrane's data sheet wins.",
  },
  clips: {
    name: "Leveling clips",
    formula:
      "facing lengths × clips on each: none below 100 mm, 1 below 200, then 1 + ⌈(e − 100) ÷ 300⌉",
    source: "Trade practice; without spare.",
  },
  mortarKg: {
    name: "Thinset",
    formula: "(field + niches) × (bed + back-butter) × rate × (1 + waste)",
    source: "Bed from the trowel's notch; the bag's own rate wins.",
  },
  groutKg: {
    name: "Grout",
    formula: "(field − pieces + grouted plane changes) × depth × density × (1 + waste)",
    source: "Real joint area; plane changes are left for sealant by default.",
  },
  sealantM: {
    name: "Sealant, visible joints",
    formula: "base + top + left inside corner + openings + niche inside corners",
    source: "A wall owns the corner at its left end, so that walls add up to the job.",
  },
  tilesToBuy: {
    name: "Tiles to buy",
    formula: "⌈full × (1 + spare) + tiles for cuts × (1 + spare)⌉ + attic stock",
    source: "Until drops are reused, each cut tile takes a whole one.",
  },
  liningTiles: {
    name: "Tiles to line niches",
    formula: "⌈niche interiors ÷ tile area × (1 + spare)⌉",
    source: "By area; backs and returns are not set out yet.",
  },
};

/** Names of the terms of sums. */
export const TERMS: Record<string, string> = {
  boundary: "Boundary",
  openings: "Niches and windows",
  fixtureHoles: "Fixture holes",
  tilesFull: "Full tiles",
  tilesCut: "Cut pieces",
  tilesForCuts: "Tiles for cuts",
  facing: "Facing length",
  wetRegion: "Wet region of the wall",
  openingsAndHoles: "Openings and holes",
  nicheInterior: "Niche interior",
  windowReturns: "Window returns",
  membraneAreaM2: "Membrane area",
  stripLength: "Embedded strips",
  fieldAreaM2: "Field area",
  piecesM2: "Pieces",
  planeChangesM2: "Grouted plane changes",
  notchWidth: "Trowel notch, width",
  notchDepth: "Trowel notch, depth",
  notchSquare: "Bed after embedding, square notch",
  notchV: "Bed after embedding, V notch",
  backButter: "Back-butter",
  base: "Base",
  top: "Top",
  leftCorner: "Left inside corner",
  openingRing: "Around",
  nicheInsideCorners: "Inside corners of",
  tileAreaM2: "One tile",
  job: "All walls",
  clipsEach1: "1 clip on each",
  clipsEach2: "2 clips on each",
  clipsEach3: "3 clips on each",
  clipsEach4: "4 clips on each",
  clipsEach5: "5 clips on each",
  clipsEach6: "6 clips on each",
  coatWft: "Wet film per coat",
  coats: "Coats",
  stripWidth: "Strip width",
  membraneWaste: "Waste",
  mortarRate: "Powder rate",
  mortarWaste: "Waste",
  groutDepth: "Depth",
  groutDensity: "Density",
  groutWaste: "Waste",
  fullSpare: "Spare on full tiles",
  cutSpare: "Spare on cut tiles",
  atticStock: "Attic stock",
  clipSpare: "Spare",
  sealantBeadMm2: "Bead section",
  sealantWaste: "Waste",
};
