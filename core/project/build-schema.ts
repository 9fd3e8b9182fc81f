import * as z from "zod/mini";
import { aboveZero, atLeast, gap, id, label, place, share, size, words } from "./primitives.ts";

/** What goes on the studs: decisions of the Board stage. All of it is optional. */

/** Layers of one wall that differ from the job's, mm. */
export const layersSchema = z.looseObject({
  furring: z.optional(gap),
  board: z.optional(gap),
  membrane: z.optional(gap),
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
  system: z.optional(z.enum(WALL_SYSTEMS)),
  board: z.optional(z.enum(BOARDS)),
  adhesive: z.optional(z.enum(["cement", "mastic"])),
  lay: z.optional(z.enum(["best", "lying", "standing"])),
  fastener: z.optional(z.enum(["screws", "nails"])),
  sheetWidth: z.optional(atLeast(LEAST_SHEET)),
  sheetHeight: z.optional(atLeast(LEAST_SHEET)),
  accent: z
    .optional(z.looseObject({ thickness: size, bed: gap }))
    .check(z.describe("accent tile and its own bed, to be packed flush")),
  blocking: z.optional(z.array(blockingSchema).check(z.maxLength(100))),
});

/** A valve that has to end up within a range behind the tile face. */
export const valveDepth = z.looseObject({
  least: gap.check(z.describe("stud face to tile face, least")),
  most: gap,
});

/** Layers of a niche's lining, where they differ from the field's. */
export const liningSchema = z.looseObject({
  board: z.optional(gap),
  membrane: z.optional(gap),
  bed: z.optional(gap),
  tile: z.optional(gap),
  sillFall: z.optional(share),
  words: z.optional(words),
});

/** Settings of the Board stage that replace a default of the trade. */
export const buildSettings = {
  studSpacing: z.optional(atLeast(100)),
  studWidth: z.optional(size),
  studDepth: z.optional(size),
  sheetGap: z.optional(gap),
  baseHold: z.optional(gap),
  seamClear: z.optional(gap),
  fastenerSpacing: z.optional(atLeast(25)),
  fastenerEdge: z.optional(size),
  fastenerFree: z.optional(gap),
  fastenerSpare: z.optional(share),
  fastenerPack: z.optional(z.int().check(z.positive())),
  seamMortarWidth: z.optional(size),
  seamMortarDepth: z.optional(size),
  tapeWaste: z.optional(share),
  tapeRollM: z.optional(aboveZero),
  nicheClearance: z.optional(gap),
  sillFall: z.optional(share),
};
