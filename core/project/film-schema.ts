import * as z from "zod/mini";
import { aboveZero, atLeast, gap, id, instant, moment, place, share, words } from "./primitives.ts";

/** What was done to make the walls waterproof, and how it was checked. All of it is optional. */

/** A coat on a wall: 0 is the strips, then the field coats. */
const coatSchema = z.looseObject({
  id,
  wall: id,
  coat: z.int().check(z.minimum(0), z.maximum(10)),
  at: moment,
  litres: z
    .optional(z.number().check(z.minimum(0), z.maximum(1000)))
    .check(z.describe("used from the pail on this wall")),
  tempC: z.optional(z.number().check(z.minimum(-30), z.maximum(60))),
  humidity: z
    .optional(z.number().check(z.minimum(0), z.maximum(100)))
    .check(z.describe("relative, per cent")),
  by: z.optional(words),
});

const gaugeSchema = z.looseObject({
  id,
  wall: id,
  coat: z.int().check(z.minimum(1), z.maximum(10)),
  ...place,
  wft: aboveZero.check(z.maximum(20), z.describe("wet film thickness of that coat, mm")),
  when: z.optional(instant),
});

/** A hole made through the film after it was on. */
const holeSchema = z.looseObject({
  id,
  wall: id,
  ...place,
  words,
  patched: z.boolean(),
  when: z.optional(instant).check(z.describe("when it was made")),
});

const gateSchema = z.looseObject({
  id,
  state: z.enum(["done", "waived"]),
  reason: z.optional(words),
  at: z.optional(moment),
});

export const filmSchema = z.looseObject({
  coats: z.optional(z.array(coatSchema).check(z.maxLength(500))),
  gauge: z.optional(z.array(gaugeSchema).check(z.maxLength(2000))),
  holes: z.optional(z.array(holeSchema).check(z.maxLength(500))),
  gate: z.optional(z.array(gateSchema).check(z.maxLength(100))),
});

/** Settings of the Waterproof stage that replace a default of the trade. */
export const filmSettings = {
  solids: z.optional(z.number().check(z.gt(0), z.maximum(1))),
  listedDft: z.optional(gap),
  gaugePlaces: z.optional(z.int().check(z.minimum(1), z.maximum(50))),
  stripWaitH: z.optional(gap),
  coatWaitH: z.optional(gap),
  tileWaitH: z.optional(gap),
  dryingFactor: z.optional(aboveZero.check(z.maximum(20))),
  sheetOverlap: z.optional(gap),
  sheetWaste: z.optional(share),
  rollWidth: z.optional(atLeast(100)),
  rollLengthM: z.optional(z.number().check(z.minimum(1), z.maximum(1000))),
  bandLengthM: z.optional(aboveZero.check(z.maximum(1000))),
  seamBeadMm2: z.optional(aboveZero.check(z.maximum(1000))),
  fastenerDabMl: z.optional(gap),
};
