import type { FigureUnit } from "./length/quantity.ts";
import type { SettingName, SettingValue } from "./project/defaults.ts";
import type { Job } from "./project/job.ts";

/** What the set-out of a wall gives: the figures of the wall tally and those beside them. */
export type WallFigureCode =
  | "fieldAreaM2"
  | "tilesFull"
  | "tilesCut"
  | "jointLengthM"
  | "membraneAreaM2"
  | "membraneL"
  | "clips"
  | "spacers"
  | "mortarKg"
  | "groutKg"
  | "sealantM"
  | "hiddenBeadM"
  | "maskM";

/** What the Board stage gives per wall. */
export type BoardFigureCode =
  | "boardAreaM2"
  | "seamM"
  | "tapeM"
  | "seamMortarKg"
  | "fasteners"
  | "seamSealantMl"
  | "boardBeadM";

/** What the Waterproof stage gives per wall beside area and litres. */
export type FilmFigureCode =
  | "stripM"
  | "rollM"
  | "bandM"
  | "insideCorners"
  | "outsideCorners"
  | "pipeSeals"
  | "valveSeals";

/** Everything that is worked out and can be opened to its sum. */
export type FigureCode =
  | WallFigureCode
  | BoardFigureCode
  | FilmFigureCode
  | "boardSheets"
  | "sheetRolls"
  | "tilesToBuy"
  | "sheetsToBuy"
  | "trimBars"
  | "bullnose"
  | "edgeTiles"
  | "skimKg"
  | "primerL"
  | "rollers"
  | "brushes"
  | "spacersToBuy"
  | "wedges"
  | "sealerL"
  | "groutAdditiveL";

/** Everything that a sum can be made of; the words live with the words. */
export type TermCode =
  | "boundary"
  | "openings"
  | "fixtureHoles"
  | "tilesFull"
  | "tilesCut"
  | "tilesForCuts"
  | "tilesForLinings"
  | "chipsPerSheet"
  | "trimLengths"
  | "edgeFace"
  | "edgePieces"
  | "edgePerTile"
  | "edgeWaste"
  | "trimBar"
  | "barBound"
  | "facing"
  | "wetRegion"
  | "openingsAndHoles"
  | "nicheInterior"
  | "windowReturns"
  | "membraneAreaM2"
  | "strip-corner"
  | "strip-base"
  | "strip-seam"
  | "strip-nicheEdges"
  | "strip-windowEdges"
  | "fastenerHeads"
  | "seams"
  | "levelSeam"
  | "uprightSeam"
  | "boardPieces"
  | "sheetLong"
  | "sheetShort"
  | "sheetBound"
  | "fasteners"
  | "fastenerSpacing"
  | "fastenerEdge"
  | "fastenerSpare"
  | "tapeWaste"
  | "seamMortarWidth"
  | "seamMortarDepth"
  | "seamBeadMm2"
  | "fastenerDabMl"
  | "length-upright"
  | "length-across"
  | "lining"
  | "rollM"
  | "rollLengthM"
  | "rollBound"
  | "sheetOverlap"
  | "sheetWaste"
  | "perNiche"
  | "wallsMeetBase"
  | "frontCorners"
  | "pipes"
  | "valves"
  | "fieldAreaM2"
  | "fieldOwnM2"
  | "interiorsM2"
  | "zoneM2"
  | "jointM2"
  | "interiorJointM2"
  | "edgeJointM2"
  | "facingZone"
  | "planeChangesM2"
  | "notchWidth"
  | "notchDepth"
  | "notchSquare"
  | "notchV"
  | "backButter"
  | "areaPerBag"
  | "sealedFaces"
  | "sealedJoints"
  | "jointsTake"
  | "sealerCoats"
  | "sealerRate"
  | "groutWater"
  | "biggestSession"
  | "spacerSpare"
  | "mortarBagKg"
  | "packing"
  | "base"
  | "top"
  | "leftCorner"
  | "tubRim"
  | "apronEdges"
  | "ceilingEdge"
  | "openEnds"
  | "linerEdges"
  | "tornM2"
  | "shinyM2"
  | "skimDepth"
  | "primerRate"
  | "openingRing"
  | "shelfEdges"
  | "nicheInsideCorners"
  | "tileAreaM2"
  | "job"
  | "wallOf"
  | "clipsEach"
  | "spacersEach"
  | "spacersUnder"
  | "coatWft"
  | "coats"
  | "stripWidth"
  | "membraneWaste"
  | "mortarRate"
  | "mortarWaste"
  | "groutDepth"
  | "groutDensity"
  | "groutWaste"
  | "fullSpare"
  | "cutSpare"
  | "atticStock"
  | "keptSpare"
  | "clipSpare"
  | "sealantBeadMm2"
  | "sealantWaste";

/** One input of a figure: what it is, how much, and whether it rests on a default of the trade. */
export interface Term {
  code: TermCode;
  value: number;
  unit: FigureUnit;
  /** The setting that changes it, and whether the job left it at the trade's default. */
  setting?: SettingName;
  isDefault?: boolean;
  /** How many of `value` there are: "24 × 609.6 mm". */
  count?: number;
  /** How many of the figure come from each of them. */
  each?: number;
  /** Name of the wall, opening or fixture that the term belongs to. */
  of?: string;
}

/** A result with the sum behind it: terms in the order of the formula that the words give. */
export interface Figure {
  code: FigureCode;
  value: number;
  unit: FigureUnit;
  terms: Term[];
}

type NumberSetting = {
  [K in SettingName]: SettingValue<K> extends number ? K : never;
}[SettingName];

/** A setting as a term of a sum. */
export function settingTerm(
  job: Pick<Job, "given" | "settings">,
  name: Extract<NumberSetting, TermCode>,
  unit: FigureUnit,
): Term {
  return {
    code: name,
    value: job.settings[name],
    unit,
    setting: name,
    isDefault: !job.given[name],
  };
}

/** Sum of the values of terms, each times its count. */
export function sumTerms(terms: Term[]): number {
  return terms.reduce((sum, { value, count = 1 }) => sum + value * count, 0);
}
