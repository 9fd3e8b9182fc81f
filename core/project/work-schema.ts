import * as z from "zod/mini";
import {
  aboveZero,
  along,
  gap,
  id,
  instant,
  label,
  place,
  share,
  signed,
  size,
  words,
} from "./primitives.ts";

/** The days on the wall: how the work goes, and what was set, mixed, pulled, propped and grouted. */

const hours = z.number().check(z.minimum(0.1), z.maximum(24));
const minutes = z.number().check(z.minimum(1), z.maximum(1440));
/** Slower or faster nobody works, m²/h. */
const perHour = z.number().check(z.minimum(0.01), z.maximum(1000));
const ratio = z.number().check(z.minimum(0), z.maximum(2));

/** Kinds of grout: by the width of the joint, or by choice. */
export const GROUT_KINDS = ["unsanded", "sanded", "all-purpose", "epoxy"] as const;

/** What is sealed: nothing, joints, or the whole face. */
export const SEALED = ["none", "joints", "all"] as const;

/** Settings of the Set and Grout stages that replace a default of the trade. */
export const workSettings = {
  setHours: z.optional(hours),
  setOrder: z.optional(z.enum(["rising", "back-first"])),
  nicheFirst: z.optional(z.boolean()),
  cutAhead: z.optional(z.boolean()),
  sessionKg: z
    .optional(aboveZero.check(z.maximum(100_000)))
    .check(z.describe("most tile and mortar that a session hangs on the walls, kg")),
  sessionRise: z
    .optional(size)
    .check(z.describe("most that a wall rises in a session, before lower courses carry it")),
  bucketKg: z.optional(aboveZero.check(z.maximum(1000))),
  potLifeMin: z.optional(minutes),
  slakeMin: z.optional(z.number().check(z.minimum(0), z.maximum(60))),
  openTimeMin: z.optional(minutes),
  mortarWater: z.optional(ratio),
  setRate: z.optional(perHour).check(z.describe("m²/h of the field's tile, of the job's own")),
  firstOvernight: z
    .optional(z.boolean())
    .check(z.describe("the first course sets overnight before others stand on it")),
  mortarClass: z
    .optional(z.enum(["A118.1", "A118.4", "A118.15"]))
    .check(z.describe("of the mortar on hand")),
  mortarColour: z.optional(z.enum(["white", "grey"])),
  groutKind: z.optional(z.enum(GROUT_KINDS)),
  groutFast: z.optional(z.boolean()).check(z.describe("it sets in a third of the usual time")),
  groutAdditive: z
    .optional(z.boolean())
    .check(z.describe("a polymer additive in place of water; none with epoxy")),
  groutAdditiveL: z.optional(aboveZero).check(z.describe("a bottle of it")),
  groutWater: z.optional(ratio),
  groutWorkMin: z.optional(minutes),
  hazeMin: z.optional(minutes),
  spreadRate: z.optional(perHour),
  washRate: z.optional(perHour),
  groutCorners: z
    .optional(z.boolean())
    .check(z.describe("true: plane changes are grouted and sealed over; planeChange wins")),
  sealer: z
    .optional(z.union([z.enum(SEALED), z.boolean()]))
    .check(z.describe("what is sealed; true: as the tile wants it, false: nothing")),
  sealerFirst: z.optional(z.boolean()).check(z.describe("before sealant, as the products say")),
  sealerCoats: z.optional(z.int().check(z.minimum(1), z.maximum(10))),
  sealerRate: z.optional(perHour).check(z.describe("m² a litre")),
  sealerBottleL: z.optional(aboveZero),
  boardRate: z.optional(perHour),
  stripPace: z.optional(perHour).check(z.describe("m of strips an hour")),
  coatPace: z.optional(perHour).check(z.describe("m² of one coat an hour")),
  setOutHours: z.optional(hours).check(z.describe("that setting out a wall takes")),
  sealantPace: z.optional(perHour).check(z.describe("m an hour")),
  sealerPace: z.optional(perHour).check(z.describe("m² an hour")),
  controlEvery: z.optional(z.int().check(z.minimum(1), z.maximum(500))),
  spacerSpare: z.optional(share),
  spacerBag: z.optional(z.int().check(z.positive())),
  wedgeBag: z.optional(z.int().check(z.positive())),
};

/** Top of a course that is set, as read at three places. */
export const asSetSchema = z.looseObject({
  wall: id,
  course: z.int().check(z.minimum(-10_000), z.maximum(10_000)),
  left: z.optional(signed).check(z.describe("of its top, above the level line")),
  middle: z.optional(signed),
  right: z.optional(signed),
  run: z
    .optional(z.looseObject(along))
    .check(z.describe("from that corner to the far edge of the last tile that is set")),
});

const setRowSchema = z.looseObject({
  id: z.string().check(z.maxLength(400), z.describe("wall, area and course")),
  at: instant.check(z.describe("when it was set")),
});

const mixSchema = z.looseObject({
  id,
  for: z.string().check(z.maxLength(300), z.describe("the mortar, or the wall that is grouted")),
  kind: z.enum(["mortar", "grout"]),
  at: instant.check(z.describe("when the water met the powder")),
  powderKg: z.number().check(z.minimum(0), z.maximum(10_000)),
  waterL: z.number().check(z.minimum(0), z.maximum(10_000)),
  potLifeMin: minutes.check(z.describe("of grout: the time to place and wash it")),
  lot: z.optional(label).check(z.describe("lot and colour, as the bag is marked")),
  spread: z.optional(instant).check(z.describe("when mortar was last spread ahead")),
  floated: z.optional(instant),
  washed: z.optional(instant),
  hazed: z.optional(instant),
  emptied: z.optional(instant),
  leftKg: z
    .optional(z.number().check(z.minimum(0), z.maximum(10_000)))
    .check(z.describe("powder's worth that was thrown away")),
});

const coverageSchema = z.looseObject({
  id,
  wall: id,
  ...place,
  share: z.number().check(z.minimum(0), z.maximum(1), z.describe("of its back in full contact")),
  corners: z.optional(z.boolean()).check(z.describe("false: a corner or an edge was bare")),
  ridges: z.optional(z.boolean()).check(z.describe("true: ridges stood, crossed or open")),
  photo: z.optional(z.string().check(z.maxLength(100))),
  note: z.optional(words),
  when: z.optional(instant),
});

const supportSchema = z.looseObject({
  id,
  wall: id,
  kind: z.enum(["ledger", "nails", "tape", "prop"]),
  what: z.optional(label).check(z.describe("what it holds")),
  level: signed.check(z.describe("above the level line")),
  at: z.optional(instant).check(z.describe("when it was put up")),
  hours: z.optional(gap).check(z.describe("how long it stays; 24")),
  out: z.optional(instant),
  holes: z.optional(z.boolean()).check(z.describe("it went through board or film")),
});

const lippageSchema = z.looseObject({
  id,
  wall: id,
  ...place,
  mm: gap.check(z.describe("how far one edge stands over the other")),
  when: z.optional(instant),
});

/** What was done while tile was set and grouted. */
export const workSchema = z.looseObject({
  rows: z.optional(z.array(setRowSchema).check(z.maxLength(20_000))),
  mixes: z.optional(z.array(mixSchema).check(z.maxLength(2000))),
  coverage: z.optional(z.array(coverageSchema).check(z.maxLength(500))),
  supports: z.optional(z.array(supportSchema).check(z.maxLength(200))),
  lippage: z.optional(z.array(lippageSchema).check(z.maxLength(500))),
  ready: z
    .optional(z.array(id).check(z.maxLength(100)))
    .check(z.describe("what was ticked before grout")),
});

export type AsSet = z.infer<typeof asSetSchema>;
export type Work = z.infer<typeof workSchema>;
export type Mix = z.infer<typeof mixSchema>;
