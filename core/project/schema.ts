import * as z from "zod/mini";
import { buildSchema, layersSchema } from "./build-schema.ts";
import {
  daysSchema,
  kitSchema,
  labourSchema,
  priceSchema,
  quoteSchema,
  variantSchema,
} from "./business-schema.ts";
import { filmSchema } from "./film-schema.ts";
import { handOverSchema, logSchema } from "./log-schema.ts";
import { fixtureSchema, openingSchema, trimSchema } from "./opening-schema.ts";
import { aboveZero, along, gap, id, label, signed, size } from "./primitives.ts";
import { settingsSchema } from "./settings-schema.ts";
import {
  decisionSchema,
  recordSchema,
  squareReading,
  standingFields,
  straightedgeReading,
  studSchema,
  widthReading,
} from "./survey-schema.ts";
import { asSetSchema, workSchema } from "./work-schema.ts";
import { bondFields, wallBondSchema, zoneSchema } from "./zone-schema.ts";

/**
 * The project file: what somebody measured or decided, and nothing that follows from it.
 * Lengths are millimetres; positions are stored as they were read. Unknown fields are kept.
 */

const baseReading = z.looseObject({
  ...along,
  down: signed.check(z.describe("from the level line down to the base")),
});
const topReading = z.looseObject({
  ...along,
  up: signed.check(z.describe("from the level line up to the top")),
});
const lean = z.looseObject({
  offset: signed.check(z.describe("top against bottom, + to the right going up")),
  over: size.check(z.describe("the height it was read over")),
});

const leg = z.looseObject({
  side: z.enum(["left", "right"]),
  width: size,
  floorDown: size.check(z.describe("from the level line to the floor")),
});

const centre = z.looseObject({
  mode: z.enum(["tile", "joint", "free", "corner"]),
  about: z
    .optional(z.string().check(z.maxLength(100)))
    .check(z.describe("wall, base, or the id of an opening or fixture")),
  shift: z
    .optional(signed)
    .check(z.describe("free: the reference tile's centre right of the centre line")),
  side: z
    .optional(z.enum(["left", "right"]))
    .check(z.describe("corner: the one that it goes on round")),
  bond: z
    .optional(z.enum(["wrap", "mirror"]))
    .check(z.describe("corner: the drop turns it, or joints meet")),
});

export const wallSchema = z
  .looseObject({
    id,
    name: label,
    role: z.enum(["back", "side"]),
    surface: z.optional(z.enum(["studs", "board", "film"])),
    width: z.looseObject({ bottom: size, top: z.optional(size) }),
    height: z.optional(size).check(z.describe("when the top was not read from the level line")),
    lean: z.optional(z.looseObject({ left: z.optional(lean), right: z.optional(lean) })),
    base: z.array(baseReading).check(z.maxLength(200)),
    top: z.array(topReading).check(z.maxLength(200)),
    topIs: z.optional(z.enum(["ceiling", "height"])),
    leg: z.optional(leg),
    trim: z.optional(
      z.looseObject({
        left: z.optional(trimSchema),
        right: z.optional(trimSchema),
        top: z.optional(trimSchema),
        bottom: z.optional(trimSchema).check(z.describe("a liner along the base")),
      }),
    ),
    openings: z.array(openingSchema).check(z.maxLength(100)),
    fixtures: z.array(fixtureSchema).check(z.maxLength(100)),
    centre,
    ...standingFields,
    widths: z.optional(z.array(widthReading).check(z.maxLength(100))),
    straightedge: z.optional(z.array(straightedgeReading).check(z.maxLength(200))),
    studs: z.optional(z.array(studSchema).check(z.maxLength(100))),
    layers: z.optional(layersSchema),
    bond: z
      .optional(wallBondSchema)
      .check(z.describe("where it differs from the field's; courses still meet")),
  })
  .check(
    z.refine((wall) => wall.height !== undefined || wall.top.length > 0, {
      path: ["height"],
      params: { code: "height-or-top-readings" },
    }),
  );

/** What a tile's face has on it, roughly. */
export const TILE_SURFACES = ["plain", "veined", "grained", "speckled"] as const;

/** A colour as the web writes it. */
const colour = z.optional(z.string().check(z.regex(/^#[0-9a-f]{6}$/i)));

export const tileSchema = z.looseObject({
  id,
  name: label,
  width: z.number().check(z.minimum(5), z.maximum(5000), z.describe("actual size")),
  height: z.number().check(z.minimum(5), z.maximum(5000), z.describe("actual size")),
  thickness: aboveZero.check(z.maximum(100)),
  perBox: z.optional(z.int().check(z.positive(), z.maximum(10_000))),
  material: z.optional(z.enum(["porcelain", "ceramic", "glass", "stone"])),
  rectified: z.optional(z.boolean()),
  lugged: z.optional(z.boolean()).check(z.describe("lugs on its edges set the joint")),
  density: z
    .optional(aboveZero.check(z.maximum(20)))
    .check(z.describe("kg/L; else that of its material")),
  measured: z
    .optional(
      z.looseObject({
        widths: z.optional(z.array(size).check(z.maxLength(50))),
        heights: z.optional(z.array(size).check(z.maxLength(50))),
        warpage: z.optional(gap).check(z.describe("of the edge, the most that was found")),
      }),
    )
    .check(z.describe("tiles of the delivery, taken from several boxes")),
  sheet: z
    .optional(
      z.looseObject({
        columns: z.int().check(z.minimum(1), z.maximum(200)),
        rows: z.int().check(z.minimum(1), z.maximum(200)),
        interlocking: z.optional(z.boolean()),
      }),
    )
    .check(z.describe("mosaic: chips on a sheet")),
  directional: z.optional(z.boolean()).check(z.describe("veined or marked: it may not be turned")),
  colour: colour.check(z.describe("of its face, as it is drawn")),
  surface: z
    .optional(z.enum(TILE_SURFACES))
    .check(z.describe("what its face has on it, as it is drawn")),
});

const fieldSchema = z.looseObject({
  ...bondFields,
  groutColour: colour.check(z.describe("as it is drawn")),
});

const setOutSchema = z.looseObject({
  firstCourse: z.looseObject({
    drop: gap.check(
      z.describe("first-course line below the mark of a full tile held at the low point"),
    ),
    ledger: z.optional(z.boolean()).check(z.describe("a course is set first, on a ledger")),
    ledgerCourse: z
      .optional(z.int().check(z.minimum(2), z.maximum(500)))
      .check(z.describe("the course that stands on it; 2")),
  }),
  baseGap: z.optional(gap),
  floorFinish: z
    .optional(gap)
    .check(z.describe("thickness of a floor still to come, under the base gap")),
  topGap: z.optional(gap),
  cornerJoint: z.optional(gap),
  baseTolerance: z.optional(gap),
  sliver: z.optional(z.enum(["half", "third", "50mm"])),
  seenFirst: z
    .optional(id)
    .check(z.describe("the wall that is seen first, from the door or above the tub")),
});

const cornerSchema = z.looseObject({
  left: id,
  right: id,
  runs: z
    .optional(z.enum(["left", "right"]))
    .check(z.describe("the wall whose tile runs into the corner")),
  kind: z.optional(z.enum(["inside", "outside"])),
  woven: z.optional(z.boolean()).check(z.describe("outside: courses run past and stop by turns")),
  square: z.optional(squareReading),
});

const shelfSchema = z.looseObject({
  id,
  name: z.optional(label),
  left: id.check(z.describe("the wall left of its corner")),
  right: id.check(z.describe("the wall right of its corner")),
  leg: size.check(z.describe("along each wall")),
  thickness: size,
  level: signed.check(z.describe("of its underside, above the level line")),
  set: z.enum(["slot", "tile"]).check(z.describe("let into the tile, or hung on it")),
});

const cutAtWallSchema = z.looseObject({
  id: id.check(z.describe("of the cut piece")),
  width: z.optional(size),
  height: z.optional(size),
  left: z.optional(gap).check(z.describe("to the hole")),
  holeAcross: z.optional(gap),
  right: z.optional(gap),
  bottom: z.optional(gap),
  holeUp: z.optional(gap),
  top: z.optional(gap),
  holeInPlace: z.optional(z.boolean()).check(z.describe("drilled once the tile is set")),
});

const deliverySchema = z.looseObject({
  id,
  tile: id,
  lot: z.string().check(z.maxLength(200), z.describe("lot and tone, as the boxes are marked")),
  caliber: z
    .optional(z.string().check(z.maxLength(200)))
    .check(z.describe("as the boxes are marked")),
  boxes: z.int().check(z.minimum(0), z.maximum(10_000)),
});

const stockSchema = z.looseObject({
  tile: id,
  pieces: z.optional(z.int().check(z.minimum(0), z.maximum(1_000_000))),
  sheets: z.optional(z.int().check(z.minimum(0), z.maximum(1_000_000))),
  boxes: z.optional(z.int().check(z.minimum(0), z.maximum(100_000))),
  leadDays: z
    .optional(z.number().check(z.minimum(0), z.maximum(3650)))
    .check(z.describe("until more of it can be had")),
  again: z.optional(z.boolean()).check(z.describe("false: it cannot be had again")),
  spare: z
    .optional(z.int().check(z.minimum(0), z.maximum(100_000)))
    .check(z.describe("kept whole beside the usual spare, since more cannot be had in time")),
});

export const projectSchema = z.looseObject({
  format: z.literal("dintel-project"),
  version: z.literal(1),
  id,
  name: label,
  place: z.optional(z.string().check(z.maxLength(500))),
  unit: z.enum(["in", "mm"]),
  mark: z.optional(z.union([z.literal(8), z.literal(16), z.literal(32)])),
  enclosure: z.looseObject({
    kind: z.enum(["alcove", "corner", "single", "four-walls", "band", "knee-wall"]),
    base: z.enum(["pan", "tub", "floor", "curb", "old-surround"]),
    baseAboveFloor: z.optional(gap),
    flange: z
      .optional(z.looseObject({ proud: gap, by: z.optional(z.enum(["fur", "hold"])) }))
      .check(z.describe("of a tub or pan: how far it stands off the studs, and what is done")),
  }),
  walls: z.array(wallSchema).check(z.minLength(1), z.maxLength(12)),
  corners: z.optional(z.array(cornerSchema).check(z.maxLength(12))),
  tiles: z.array(tileSchema).check(z.minLength(1), z.maxLength(50)),
  field: fieldSchema,
  zones: z.optional(z.array(zoneSchema).check(z.maxLength(40))),
  shelves: z
    .optional(z.array(shelfSchema).check(z.maxLength(50)))
    .check(z.describe("in inside corners")),
  setOut: setOutSchema,
  settings: z.optional(settingsSchema),
  decisions: z.optional(z.array(decisionSchema).check(z.maxLength(200))),
  record: z.optional(z.array(recordSchema).check(z.maxLength(200))),
  protection: z
    .optional(z.array(id).check(z.maxLength(50)))
    .check(z.describe("what was covered before the work")),
  cutDone: z
    .optional(
      z
        .array(z.looseObject({ id, cut: z.string().check(z.maxLength(1000)) }))
        .check(z.maxLength(20_000)),
    )
    .check(
      z.describe("cut pieces by id, with what was cut: a piece that changed is no longer done"),
    ),
  atWall: z
    .optional(z.array(cutAtWallSchema).check(z.maxLength(5000)))
    .check(z.describe("cuts measured at the wall")),
  delivery: z
    .optional(z.array(deliverySchema).check(z.maxLength(100)))
    .check(z.describe("boxes on site, by lot")),
  stock: z
    .optional(z.array(stockSchema).check(z.maxLength(100)))
    .check(z.describe("tile on hand, and whether more of it can be had")),
  prices: z
    .optional(z.array(priceSchema).check(z.maxLength(1000)))
    .check(z.describe("the user's own, with what is on hand")),
  days: z.optional(daysSchema).check(z.describe("when the work is done")),
  labour: z.optional(labourSchema).check(z.describe("for a quote")),
  quote: z.optional(quoteSchema),
  kit: z.optional(z.array(kitSchema).check(z.maxLength(200))),
  bought: z
    .optional(z.array(z.string().check(z.maxLength(400))).check(z.maxLength(2000)))
    .check(z.describe("lines of the order that were ticked off in the shop")),
  variant: z.optional(variantSchema),
  build: z.optional(buildSchema),
  film: z.optional(filmSchema),
  asSet: z
    .optional(z.array(asSetSchema).check(z.maxLength(2000)))
    .check(z.describe("courses as they were set, where they were measured")),
  work: z.optional(workSchema).check(z.describe("what was set and grouted, mixed and propped")),
  log: z
    .optional(z.array(logSchema).check(z.maxLength(20_000)))
    .check(z.describe("what happened, beside what the stages note by themselves")),
  handOver: z.optional(handOverSchema).check(z.describe("what is still to be mended, and signed")),
});

export type Project = z.infer<typeof projectSchema>;
export type Wall = z.infer<typeof wallSchema>;
export type Tile = z.infer<typeof tileSchema>;
export type Zone = z.infer<typeof zoneSchema>;
/** How tile is laid: of the field or of a zone. */
export type Bond = Pick<Zone, keyof typeof bondFields>;
export type CutAtWall = z.infer<typeof cutAtWallSchema>;
export type Delivery = z.infer<typeof deliverySchema>;
export type Stock = z.infer<typeof stockSchema>;
export type Trim = z.infer<typeof trimSchema>;
export type { Price } from "./business-schema.ts";
export type { HandOver, LogEntry, LogKind, Signature, Snag } from "./log-schema.ts";
export type { Tools } from "./settings-schema.ts";
export type { AsSet, Mix, Work } from "./work-schema.ts";
export type Opening = z.infer<typeof openingSchema>;
export type Shelf = z.infer<typeof shelfSchema>;
export type Fixture = z.infer<typeof fixtureSchema>;

export type Corner = z.infer<typeof cornerSchema>;
export type Straightedge = z.infer<typeof straightedgeReading>;
export type Stud = z.infer<typeof studSchema>;
export type SquareReading = z.infer<typeof squareReading>;
