import * as z from "zod/mini";
import { id, instant, label, signed, size, words } from "./primitives.ts";

/** What happened on site beyond what the stages note by themselves. All of it is optional. */

/** Kinds of entries, each with a button of its own. */
export const LOG_KINDS = [
  "done",
  "hours",
  "used",
  "broken",
  "change",
  "told",
  "behind",
  "note",
] as const;

export type LogKind = (typeof LOG_KINDS)[number];

export const logSchema = z.looseObject({
  id,
  at: instant.check(z.describe("when it happened")),
  kind: z.enum(LOG_KINDS),
  wall: z.optional(id),
  x: z.optional(signed).check(z.describe("place on the drawing, mm from the wall's left corner")),
  level: z.optional(signed).check(z.describe("and up from the level line")),
  width: z.optional(size).check(z.describe("behind: how wide a piece of wall its photo shows")),
  words: z.optional(words).check(z.describe("change: what was changed, and why")),
  who: z.optional(label).check(z.describe("who did it, or was told")),
  photos: z.optional(z.array(id).check(z.maxLength(50))),
  task: z.optional(label).check(z.describe("done, hours: which work, as the days call it")),
  minutes: z.optional(z.number().check(z.minimum(0), z.maximum(10_000))),
  item: z.optional(label).check(z.describe("used: as the order calls it, or its code")),
  amount: z
    .optional(z.number().check(z.minimum(0), z.maximum(1_000_000)))
    .check(z.describe("used: in the unit of the order's line")),
  lot: z.optional(z.string().check(z.maxLength(200))),
  tile: z.optional(id).check(z.describe("broken, or used")),
  count: z.optional(z.int().check(z.minimum(0), z.maximum(100_000))),
});

/** A line that a pen drew, as shares of the width and height of where it was drawn. */
const strokeSchema = z
  .array(
    z.tuple([
      z.number().check(z.minimum(0), z.maximum(1)),
      z.number().check(z.minimum(0), z.maximum(1)),
    ]),
  )
  .check(z.maxLength(2000));

/** Something still to be mended. */
const snagSchema = z.looseObject({
  id,
  wall: z.optional(id),
  x: z.optional(signed),
  level: z.optional(signed),
  words,
  who: z.optional(label).check(z.describe("who mends it")),
  due: z.optional(z.string().check(z.maxLength(40))).check(z.describe("by when, a day")),
  done: z.optional(instant).check(z.describe("when it was mended")),
  photos: z.optional(z.array(id).check(z.maxLength(50))),
});

/** What stays with the house for repairs. */
const leftSchema = z.looseObject({
  id,
  what: label,
  amount: z.optional(z.string().check(z.maxLength(200))),
  lot: z.optional(z.string().check(z.maxLength(200))),
  where: z.optional(z.string().check(z.maxLength(200))),
});

/** A signature as it was drawn. */
const signatureSchema = z.looseObject({
  id,
  role: z.enum(["setter", "owner"]),
  name: label,
  at: instant,
  strokes: z.array(strokeSchema).check(z.maxLength(200)),
});

export const handOverSchema = z.looseObject({
  snags: z.optional(z.array(snagSchema).check(z.maxLength(500))),
  left: z.optional(z.array(leftSchema).check(z.maxLength(200))),
  signatures: z.optional(z.array(signatureSchema).check(z.maxLength(20))),
  warranty: z.optional(
    z.looseObject({
      until: z.optional(z.string().check(z.maxLength(40))),
      by: z.optional(label).check(z.describe("who gives it, and can be reached")),
      words: z.optional(words).check(z.describe("what it covers, what it asks for")),
    }),
  ),
  careTold: z.optional(z.boolean()).check(z.describe("the owner was told how to care for it")),
  at: z.optional(instant).check(z.describe("when it was handed over")),
});

export type LogEntry = z.infer<typeof logSchema>;
export type Snag = z.infer<typeof snagSchema>;
export type Signature = z.infer<typeof signatureSchema>;
export type HandOver = z.infer<typeof handOverSchema>;
