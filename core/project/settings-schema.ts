import * as z from "zod/mini";
import { buildSettings } from "./build-schema.ts";
import { filmSettings } from "./film-schema.ts";
import { aboveZero, atLeast, gap, id, share, size } from "./primitives.ts";
import { workSettings } from "./work-schema.ts";

/** Whatever replaces a default of the trade in a job. All of it is optional. */

const trowel = z.looseObject({
  notch: z.enum(["square", "v"]),
  width: size,
  depth: size,
  land: z
    .optional(gap)
    .check(z.describe("between two notches; a square notch's own width, else nothing")),
});

const toolsSchema = z.looseObject({
  cutterLength: z.optional(size).check(z.describe("longest cut that the cutter scores and snaps")),
  sawLength: z.optional(size).check(z.describe("longest cut on the wet saw's table")),
  thinnestStrip: z.optional(gap).check(z.describe("narrowest strip that the wet saw holds")),
  holeSaw: z.optional(z.boolean()).check(z.describe("false: there is none that fits")),
});

const playSchema = z.optional(z.looseObject({ least: gap, most: gap }));

export const settingsSchema = z.looseObject({
  fixtureClearance: z.optional(gap),
  plumbPerM: z.optional(gap),
  ceilingFall: z.optional(gap),
  board: z.optional(gap),
  membrane: z.optional(gap),
  coats: z.optional(z.int().check(z.minimum(1), z.maximum(10))),
  coatWft: z.optional(aboveZero.check(z.maximum(10))),
  stripWidth: z.optional(gap),
  membraneWaste: z.optional(share),
  membranePackL: z.optional(aboveZero),
  showerHeadClearance: z.optional(gap),
  wetHeight: z.optional(gap),
  trowel: z.optional(trowel),
  trowelAngleDeg: z.optional(z.number().check(z.minimum(20), z.maximum(90))),
  backButter: z.optional(z.boolean()),
  mortarRate: z.optional(aboveZero.check(z.maximum(10))),
  mortarWaste: z.optional(share),
  mortarBagKg: z.optional(aboveZero),
  areaPerBag: z
    .optional(aboveZero.check(z.maximum(1000)))
    .check(z.describe("m² that a bag of mortar covers with the job's trowel, as the bag says")),
  groutDensity: z.optional(aboveZero.check(z.maximum(5))),
  groutDepth: z.optional(gap),
  groutWaste: z.optional(share),
  groutBagKg: z.optional(aboveZero),
  planeChange: z.optional(z.enum(["seal", "grout-and-seal"])),
  sealantBeadMm2: z.optional(aboveZero.check(z.maximum(1000))),
  sealantWaste: z.optional(share),
  sealantCartridgeMl: z.optional(aboveZero),
  maskRollM: z.optional(aboveZero),
  nicheInsideCorners: z.optional(z.boolean()),
  beadAtEnds: z
    .optional(z.boolean())
    .check(z.describe("a bead along open ends and the liners of framed panels too")),
  clips: z.optional(z.boolean()),
  clipSpare: z.optional(share),
  clipBag: z.optional(z.int().check(z.positive())),
  kerf: z.optional(gap),
  tools: z.optional(toolsSchema),
  workable: z
    .optional(z.boolean())
    .check(z.describe("false: the fence is set to each exact length")),
  play: z
    .optional(z.looseObject({ base: playSchema, corner: playSchema, top: playSchema }))
    .check(z.describe("how wide a joint that hides a cut edge may be")),
  trimBar: z.optional(atLeast(100)),
  bullnosePiece: z.optional(atLeast(10)),
  bullnoseFromTile: z
    .optional(z.boolean())
    .check(z.describe("no bullnose matches: edge pieces are cut from a tile of the job")),
  bullnoseTile: z.optional(id).check(z.describe("the tile that they are cut from; the field's")),
  fullSpare: z.optional(share),
  cutSpare: z.optional(share),
  atticStock: z.optional(z.int().check(z.minimum(0), z.maximum(10_000))),
  ...buildSettings,
  ...filmSettings,
  ...workSettings,
});

export type Tools = z.infer<typeof toolsSchema>;
