import { z } from "zod";
import { aboveZero, atLeast, gap, id, moment, place, share, words } from "./primitives.ts";

/** What was done to make the walls waterproof, and how it was checked. All of it is optional. */

/** A coat on a wall: 0 is the strips, then the field coats. */
const coatSchema = z.looseObject({
  id,
  wall: id,
  coat: z.number().int().min(0).max(10),
  at: moment,
  litres: z.number().min(0).max(1000).optional().describe("used from the pail on this wall"),
  tempC: z.number().min(-30).max(60).optional(),
  humidity: z.number().min(0).max(100).optional().describe("relative, per cent"),
  by: words.optional(),
});

const gaugeSchema = z.looseObject({
  id,
  wall: id,
  coat: z.number().int().min(1).max(10),
  ...place,
  wft: aboveZero.max(20).describe("wet film thickness of that coat, mm"),
});

/** A hole made through the film after it was on. */
const holeSchema = z.looseObject({
  id,
  wall: id,
  ...place,
  words,
  patched: z.boolean(),
});

const gateSchema = z.looseObject({
  id,
  state: z.enum(["done", "waived"]),
  reason: words.optional(),
  at: moment.optional(),
});

export const filmSchema = z.looseObject({
  coats: z.array(coatSchema).max(500).optional(),
  gauge: z.array(gaugeSchema).max(2000).optional(),
  holes: z.array(holeSchema).max(500).optional(),
  gate: z.array(gateSchema).max(100).optional(),
});

/** Settings of the Waterproof stage that replace a default of the trade. */
export const filmSettings = {
  solids: z.number().gt(0).max(1).optional(),
  listedDft: gap.optional(),
  gaugePlaces: z.number().int().min(1).max(50).optional(),
  stripWaitH: gap.optional(),
  coatWaitH: gap.optional(),
  tileWaitH: gap.optional(),
  dryingFactor: aboveZero.max(20).optional(),
  sheetOverlap: gap.optional(),
  sheetWaste: share.optional(),
  rollWidth: atLeast(100).optional(),
  rollLengthM: z.number().min(1).max(1000).optional(),
  bandLengthM: aboveZero.max(1000).optional(),
  seamBeadMm2: aboveZero.max(1000).optional(),
  fastenerDabMl: gap.optional(),
};
