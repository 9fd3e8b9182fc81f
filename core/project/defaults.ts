/** In which order the walls are set. */
export type SetOrder = "rising" | "back-first";

/**
 * Starting values of the trade, each of which a job may change. The data sheet of the product on
 * site always wins over them.
 */
export const DEFAULTS = {
  baseGap: 3,
  topGap: 3,
  cornerJoint: 3,
  /** Over the whole enclosure: a base within it is treated as level. */
  baseTolerance: 1.5,
  /** Lean of a corner over a metre, and fall of a ceiling over a wall, that want a decision. */
  plumbPerM: 3,
  ceilingFall: 3,
  sliver: "third",
  surface: "film",
  fixtureClearance: 6,
  board: 12.7,
  membrane: 1,
  coats: 2,
  coatWft: 0.5,
  stripWidth: 150,
  membraneWaste: 0.1,
  membranePackL: 13.25,
  showerHeadClearance: 75,
  wetHeight: 1830,
  trowelAngleDeg: 55,
  mortarRate: 1.2,
  mortarWaste: 0.1,
  mortarBagKg: 22.68,
  backButterMm: 0.8,
  groutDensity: 1.6,
  groutWaste: 0.1,
  groutBagKg: 4.536,
  /** Hours of setting a day, all walls rising together or the back one first, interiors first. */
  setHours: 6,
  setOrder: "rising" as SetOrder,
  nicheFirst: true,
  /** The first course sets overnight before others stand on it. */
  firstOvernight: false,
  /** All pieces are cut before the first mix. */
  cutAhead: false,
  /** The largest mix of mortar that a bucket takes, as powder. */
  bucketKg: 12,
  potLifeMin: 90,
  /** Mortar stands so long after it is mixed, before it is mixed once more. */
  slakeMin: 7,
  openTimeMin: 15,
  /** Water by powder, L/kg. */
  mortarWater: 0.25,
  groutWater: 0.2,
  /** How long grout can be placed and washed, and how fast both go, m²/h. */
  groutWorkMin: 30,
  /** Haze comes off so long after the wash. */
  hazeMin: 60,
  spreadRate: 6,
  washRate: 8,
  sealerCoats: 1,
  /** Sealer goes on before sealant; else on clean joint edges sealant comes first. */
  sealerFirst: false,
  /** What a litre of sealer covers once, m². */
  sealerRate: 10,
  sealerBottleL: 1,
  groutFast: false,
  groutAdditive: false,
  groutAdditiveL: 2,
  /** How fast the other work goes: m² of board, m of strips, m² of a coat, hours a wall is set out,
   * m of sealant, m² sealed. */
  boardRate: 4,
  stripPace: 15,
  coatPace: 12,
  setOutHours: 1.5,
  sealantPace: 12,
  sealerPace: 15,
  /** Courses from one line that is checked to the next. */
  controlEvery: 5,
  spacerSpare: 0.1,
  spacerBag: 250,
  wedgeBag: 100,
  planeChange: "seal" as "seal" | "grout-and-seal",
  sealantBeadMm2: 40,
  sealantWaste: 0.15,
  sealantCartridgeMl: 300,
  /** Masking tape on a roll. */
  maskRollM: 50,
  nicheInsideCorners: true,
  beadAtEnds: false,
  clipSpare: 0.05,
  clipBag: 100,
  /** What the saw takes away between two pieces. */
  kerf: 3,
  /** A cut edge that hides in a joint with play takes the setting of the fence that others take. */
  workable: true,
  /** Profile and pencil liner as they are sold, and a bullnose piece. */
  trimBar: 2500,
  bullnosePiece: 150,
  fullSpare: 0.05,
  cutSpare: 0.1,
  atticStock: 5,
  nicheDepth: 90,
  studSpacing: 406.4,
  studWidth: 38,
  studDepth: 89,
  sheetGap: 3,
  baseHold: 6,
  /** No board seam nearer than this to the corner of a niche, if it can be avoided. */
  seamClear: 150,
  fastenerSpacing: 200,
  fastenerEdge: 12,
  /** No fastener lower than this above the base; what the base needs unless the job says. */
  fastenerFree: 0,
  fastenerSpare: 0.1,
  fastenerPack: 200,
  seamMortarWidth: 100,
  seamMortarDepth: 2,
  tapeWaste: 0.1,
  tapeRollM: 30,
  nicheClearance: 3,
  sillFall: 0.02,
  solids: 0.6,
  listedDft: 0.5,
  gaugePlaces: 3,
  stripWaitH: 1,
  coatWaitH: 3,
  tileWaitH: 24,
  dryingFactor: 1,
  sheetOverlap: 50,
  sheetWaste: 0.05,
  rollWidth: 1000,
  rollLengthM: 10,
  bandLengthM: 10,
  seamBeadMm2: 40,
  fastenerDabMl: 1.5,
  /** Where the level line is taken to be above the low point until somebody reads it. */
  assumedLevelLine: 1200,
  /** Tiles in a box when the job does not say. */
  perBox: 10,
} as const;

/** Defaults that are not settings by their name: they are set elsewhere in the job, or nowhere. */
const NO_SETTINGS = [
  "baseGap",
  "topGap",
  "cornerJoint",
  "baseTolerance",
  "sliver",
  "surface",
  "backButterMm",
  "nicheDepth",
  "assumedLevelLine",
  "perBox",
] as const;

/** Names of the defaults that a job's settings can change. */
export type SettingName = Exclude<keyof typeof DEFAULTS, (typeof NO_SETTINGS)[number]>;

export const SETTING_NAMES = Object.keys(DEFAULTS).filter(
  (name) => !NO_SETTINGS.some((other) => other === name),
) as SettingName[];

type Widened<T> = T extends number ? number : T extends boolean ? boolean : T;

/** What a setting can be. */
export type SettingValue<K extends SettingName> = Widened<(typeof DEFAULTS)[K]>;

/** A tile of a job by its id. Throws when the project was not checked by `parseProject` first. */
export function tileOf<T extends { id: string }>({ tiles }: { tiles: T[] }, id: string): T {
  const tile = tiles.find((candidate) => candidate.id === id);
  if (!tile) throw new Error(`no tile of the project: ${id}`);
  return tile;
}

/** The field's tile. Throws when the project was not checked by `parseProject` first. */
export function fieldTile<T extends { id: string }>(job: {
  tiles: T[];
  field: { tile: string };
}): T {
  return tileOf(job, job.field.tile);
}

/** The longest side of a tile in mm: many rules of the trade hang on it. */
export function longestSide({ width, height }: { width: number; height: number }): number {
  return Math.max(width, height);
}
