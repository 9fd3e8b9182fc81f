import { z } from "zod";
import { aboveZero, atLeast, gap, id, label, place, share, size, words } from "./primitives.ts";

/** What goes on the studs: decisions of the Board stage. All of it is optional. */

/** Layers of one wall that differ from the job's, mm. */
export const layersSchema = z.looseObject({
  furring: gap.optional(),
  board: gap.optional(),
  membrane: gap.optional(),
});

export const WALL_SYSTEMS = [
  "board-liquid",
  "board-retarder",
  "board-sheet",
  "foam",
  "seams-only",
] as const;

export const BOARDS = ["cement", "foam", "gypsum-coated", "drywall"] as const;

const blockingSchema = z.looseObject({
  id,
  wall: id,
  name: label,
  ...place,
  width: size,
  height: size,
});

/** Boards are sold no smaller, mm. */
const LEAST_SHEET = 300;

export const buildSchema = z.looseObject({
  system: z.enum(WALL_SYSTEMS).optional(),
  board: z.enum(BOARDS).optional(),
  adhesive: z.enum(["cement", "mastic"]).optional(),
  lay: z.enum(["best", "lying", "standing"]).optional(),
  fastener: z.enum(["screws", "nails"]).optional(),
  sheetWidth: atLeast(LEAST_SHEET).optional(),
  sheetHeight: atLeast(LEAST_SHEET).optional(),
  accent: z
    .looseObject({ thickness: size, bed: gap })
    .optional()
    .describe("accent tile and its own bed, to be packed flush"),
  blocking: z.array(blockingSchema).max(100).optional(),
});

/** A valve that has to end up within a range behind the tile face. */
export const valveDepth = z.looseObject({
  least: gap.describe("stud face to tile face, least"),
  most: gap,
});

/** Layers of a niche's lining, where they differ from the field's. */
export const liningSchema = z.looseObject({
  board: gap.optional(),
  membrane: gap.optional(),
  bed: gap.optional(),
  tile: gap.optional(),
  sillFall: share.optional(),
  words: words.optional(),
});

/** Settings of the Board stage that replace a default of the trade. */
export const buildSettings = {
  studSpacing: atLeast(100).optional(),
  studWidth: size.optional(),
  studDepth: size.optional(),
  sheetGap: gap.optional(),
  baseHold: gap.optional(),
  seamClear: gap.optional(),
  fastenerSpacing: atLeast(25).optional(),
  fastenerEdge: size.optional(),
  fastenerFree: gap.optional(),
  fastenerSpare: share.optional(),
  fastenerPack: z.number().int().positive().optional(),
  seamMortarWidth: size.optional(),
  seamMortarDepth: size.optional(),
  tapeWaste: share.optional(),
  tapeRollM: aboveZero.optional(),
  nicheClearance: gap.optional(),
  sillFall: share.optional(),
};
