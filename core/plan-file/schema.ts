import * as z from "zod/mini";
import { CUT_KINDS } from "../cut/kind.ts";

const point = z.tuple([z.number(), z.number()]);
const ring = z.array(point);

const totalsSchema = z.looseObject({
  fieldAreaM2: z.number(),
  tilesFull: z.number(),
  tilesCut: z.number(),
  jointLengthM: z.number(),
  membraneAreaM2: z.number(),
  clips: z.number(),
  mortarKg: z.number(),
  groutKg: z.number(),
  sealantM: z.number(),
  spacers: z.optional(z.number()),
});

const pieceSchema = z.looseObject({
  id: z.string(),
  tile: z.string(),
  course: z.int(),
  column: z.int(),
  cut: z.enum(CUT_KINDS),
  boundary: ring,
  holes: z.array(z.looseObject({ centre: point, diameter: z.number() })),
  workable: z.optional(z.looseObject({ width: z.number(), height: z.number() })),
  order: z
    .optional(z.int())
    .check(z.describe("its place among all pieces of the job, as they are set")),
  session: z.optional(z.int()),
});

const wallSchema = z.looseObject({
  id: z.string(),
  name: z.string(),
  boundary: ring,
  openings: z.array(
    z.union([
      z.looseObject({ id: z.string(), kind: z.string(), boundary: ring }),
      z.looseObject({ id: z.string(), kind: z.string(), centre: point, diameter: z.number() }),
    ]),
  ),
  lines: z.array(
    z.looseObject({
      id: z.string(),
      kind: z.enum(["level", "first-course", "centre", "control", "ledger"]),
      from: point,
      to: point,
    }),
  ),
  pieces: z.array(pieceSchema),
  clips: z
    .optional(z.array(z.tuple([z.number(), z.number(), z.number()])))
    .check(z.describe("x, y and the angle of its joint in radians")),
  totals: totalsSchema,
});

const mixFor = z.string().check(z.describe("field, a zone's id, or niche: and the niche's id"));

const correctedSchema = z.looseObject({
  off: z.number().check(z.describe("as set less planned")),
  joint: z.number().check(z.describe("of the courses or pieces that are left")),
  rest: z.number().check(z.describe("what is still off at the next control line, or at the end")),
  fewest: z.optional(z.int()),
});

const limitsSchema = z.looseObject({ least: z.number(), most: z.number() });

const recutSchema = z.looseObject({ piece: z.string(), from: z.number(), to: z.number() });

/** What was measured as set, and what it asks of what is still to be set. */
const asSetSchema = z.looseObject({
  courses: z.array(
    z.looseObject({
      wall: z.string(),
      course: z.int(),
      control: z.int().check(z.describe("the course whose top is the next control line")),
      joint: z.number(),
      limits: limitsSchema,
      left: z.optional(correctedSchema),
      middle: z.optional(correctedSchema),
      right: z.optional(correctedSchema),
      cuts: z.array(recutSchema),
    }),
  ),
  runs: z.array(
    z.looseObject({
      ...correctedSchema.shape,
      wall: z.string(),
      course: z.int(),
      from: z.enum(["left", "right"]),
      piece: z.string(),
      left: z.int().check(z.describe("pieces that are left of the run")),
      end: z.optional(recutSchema),
    }),
  ),
  panels: z.array(
    z.looseObject({
      wall: z.string(),
      zone: z.string(),
      off: z.number(),
      joints: z.looseObject({ left: z.number(), right: z.number() }),
      within: z.boolean(),
      cuts: z.array(recutSchema),
    }),
  ),
});

const setSchema = z.looseObject({
  asSet: z.optional(asSetSchema),
  mortars: z.array(
    z.looseObject({
      for: mixFor,
      trowel: z.looseObject({ notch: z.string(), width: z.number(), depth: z.number() }),
      bedMm: z.number(),
      areaM2: z.number(),
      powderKg: z.number(),
    }),
  ),
  sessions: z.array(
    z.looseObject({
      n: z.int(),
      pieces: z.int(),
      courses: z.array(z.looseObject({ wall: z.string(), from: z.int(), to: z.int() })),
      minutes: z.number(),
      powderKg: z.number(),
      mixes: z.array(z.looseObject({ for: mixFor, powderKg: z.number(), waterL: z.number() })),
      clips: z.int(),
      spacers: z.int(),
    }),
  ),
  wedges: z.int(),
  maxMassKgPerM2: z.number(),
});

const groutSchema = z.looseObject({
  kind: z.string(),
  mixes: z.array(
    z.looseObject({
      wall: z.string(),
      areaM2: z.number(),
      powderKg: z.number(),
      waterL: z.number(),
    }),
  ),
  softJoints: z.array(
    z.looseObject({
      wall: z.string(),
      kind: z.string(),
      lengthM: z.number(),
      grouted: z.boolean(),
    }),
  ),
  sealantMl: z.number(),
  hiddenBeadM: z.number(),
  sealerL: z.number(),
  maskM: z.number(),
});

/** The open plan format that the endpoint answers with. Lengths are millimetres. */
export const planFileSchema = z.looseObject({
  format: z.literal("dintel-plan"),
  version: z.literal(1),
  walls: z.array(wallSchema),
  order: z.array(
    z.looseObject({
      item: z.string(),
      quantity: z.number(),
      unit: z.string(),
      packSize: z.number(),
      packs: z.number(),
      unitPrice: z.optional(z.number()),
      cost: z.optional(z.number()),
      onHand: z.optional(z.number()),
      leadDays: z.optional(z.number()),
    }),
  ),
  warnings: z.array(
    z.looseObject({
      code: z.string(),
      severity: z.enum(["note", "warning", "stop"]),
      wall: z.optional(z.string()),
      piece: z.optional(z.string()),
      message: z.string(),
      remedy: z.string(),
    }),
  ),
  cut: z.looseObject({
    settings: z.int(),
    settingsExact: z.int(),
    proven: z.boolean(),
  }),
  cost: z
    .optional(
      z.looseObject({
        materials: z.number(),
        labour: z.number(),
        tax: z.number(),
        quote: z.number(),
      }),
    )
    .check(z.describe("when prices or a rate are there")),
  days: z
    .optional(
      z.looseObject({
        met: z.optional(z.looseObject({ in5of10: z.string(), in9of10: z.string() })),
        tasks: z.array(
          z.looseObject({
            id: z.string(),
            name: z.string(),
            wall: z.optional(z.string()),
            start: z.string(),
            end: z.string(),
            work: z.number().check(z.describe("minutes")),
            after: z.array(z.string()),
            waitH: z.number(),
            critical: z.boolean(),
          }),
        ),
        end: z.string(),
      }),
    )
    .check(z.describe("when a start or an end is given; times in the job's zone")),
  handOver: z.optional(
    z.looseObject({
      firstShowerAfterH: z.number(),
      because: z.array(z.looseObject({ step: z.string(), hours: z.number() })),
    }),
  ),
  set: z.optional(setSchema),
  grout: z.optional(groutSchema),
  totals: totalsSchema,
});

export type PlanFile = z.infer<typeof planFileSchema>;
