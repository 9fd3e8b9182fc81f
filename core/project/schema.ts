import { z } from "zod";
import {
  buildSchema,
  buildSettings,
  layersSchema,
  liningSchema,
  valveDepth,
} from "./build-schema.ts";
import { filmSchema, filmSettings } from "./film-schema.ts";
import { aboveZero, along, atLeast, gap, id, label, share, signed, size } from "./primitives.ts";
import {
  decisionSchema,
  recordSchema,
  squareReading,
  standingFields,
  straightedgeReading,
  studSchema,
  widthReading,
} from "./survey-schema.ts";
import { bondFields, zoneSchema } from "./zone-schema.ts";

/**
 * The project file: what somebody measured or decided, and nothing that follows from it.
 * Lengths are millimetres; positions are stored as they were read. Unknown fields are kept.
 */

const baseReading = z.looseObject({
  ...along,
  down: signed.describe("from the level line down to the base"),
});
const topReading = z.looseObject({
  ...along,
  up: signed.describe("from the level line up to the top"),
});
const lean = z.looseObject({
  offset: signed.describe("top against bottom, + to the right going up"),
  over: size.describe("the height it was read over"),
});

const horizontalPosition = z.looseObject({
  ...along,
  to: z
    .enum(["edge", "centre"])
    .optional()
    .describe("of the opening: its nearer edge or its centre"),
});
const verticalPosition = z.looseObject({
  from: z.enum(["level", "base", "ceiling"]),
  at: signed.describe("up from the level line or the base directly below, down from the ceiling"),
  to: z.enum(["bottom", "centre", "top"]).optional(),
});

/** What ends a field of tile where it shows. */
export const TRIM_KINDS = ["none", "profile", "bullnose", "pencil", "mitre", "eased"] as const;

const trim = z.looseObject({
  kind: z.enum(TRIM_KINDS),
  width: gap.describe("visible face; of a mitred or eased edge 0"),
  joint: gap,
});

export const openingSchema = z.looseObject({
  id,
  kind: z.enum(["niche", "window", "dish", "shelf"]),
  name: label.optional(),
  width: size.describe("finished"),
  height: size.describe("finished"),
  depth: gap.describe("of the returns, finished").optional(),
  x: horizontalPosition,
  y: verticalPosition,
  overlap: gap.optional().describe("dish: how far its flange lies over the tile, each side"),
  lining: liningSchema.optional(),
  trim: trim.optional().describe("round the opening, inside its finished size"),
});

export const fixtureSchema = z.looseObject({
  id,
  kind: z.enum(["valve", "shower-arm", "spout", "body-spray", "grab-bar", "other"]),
  name: label.optional(),
  pipe: size.describe("outside diameter of what comes through the tile"),
  escutcheon: gap.describe("diameter of the plate that hides the hole").optional(),
  x: z.looseObject(along),
  y: z.looseObject({ from: z.enum(["level", "base", "ceiling"]), at: signed }),
  depth: valveDepth.optional(),
});

const leg = z.looseObject({
  side: z.enum(["left", "right"]),
  width: size,
  floorDown: size.describe("from the level line to the floor"),
});

const centre = z.looseObject({
  mode: z.enum(["tile", "joint", "free", "corner"]),
  about: z.string().max(100).optional().describe("wall, base, or the id of an opening or fixture"),
  shift: signed.optional().describe("free: the reference tile's centre right of the centre line"),
  side: z.enum(["left", "right"]).optional().describe("corner: the one that it goes on round"),
  bond: z.enum(["wrap", "mirror"]).optional().describe("corner: the drop turns it, or joints meet"),
});

export const wallSchema = z
  .looseObject({
    id,
    name: label,
    role: z.enum(["back", "side"]),
    surface: z.enum(["studs", "board", "film"]).optional(),
    width: z.looseObject({ bottom: size, top: size.optional() }),
    height: size.optional().describe("when the top was not read from the level line"),
    lean: z.looseObject({ left: lean.optional(), right: lean.optional() }).optional(),
    base: z.array(baseReading).max(200),
    top: z.array(topReading).max(200),
    topIs: z.enum(["ceiling", "height"]).optional(),
    leg: leg.optional(),
    trim: z
      .looseObject({ left: trim.optional(), right: trim.optional(), top: trim.optional() })
      .optional(),
    openings: z.array(openingSchema).max(100),
    fixtures: z.array(fixtureSchema).max(100),
    centre,
    ...standingFields,
    widths: z.array(widthReading).max(100).optional(),
    straightedge: z.array(straightedgeReading).max(200).optional(),
    studs: z.array(studSchema).max(100).optional(),
    layers: layersSchema.optional(),
  })
  .refine((wall) => wall.height !== undefined || wall.top.length > 0, {
    path: ["height"],
    params: { code: "height-or-top-readings" },
  });

export const tileSchema = z.looseObject({
  id,
  name: label,
  width: z.number().min(5).max(5000).describe("actual size"),
  height: z.number().min(5).max(5000).describe("actual size"),
  thickness: aboveZero.max(100),
  perBox: z.number().int().positive().max(10_000).optional(),
  material: z.enum(["porcelain", "ceramic", "glass", "stone"]).optional(),
  rectified: z.boolean().optional(),
  measured: z
    .looseObject({
      widths: z.array(size).max(50).optional(),
      heights: z.array(size).max(50).optional(),
      warpage: gap.optional().describe("of the edge, the most that was found"),
    })
    .optional()
    .describe("tiles of the delivery, taken from several boxes"),
  sheet: z
    .looseObject({
      columns: z.number().int().min(1).max(200),
      rows: z.number().int().min(1).max(200),
    })
    .optional()
    .describe("mosaic: chips on a sheet"),
  directional: z.boolean().optional().describe("veined or marked: it may not be turned"),
});

const fieldSchema = z.looseObject(bondFields);

const setOutSchema = z.looseObject({
  firstCourse: z.looseObject({
    drop: gap.describe("first-course line below the mark of a full tile held at the low point"),
    ledger: z.boolean().optional().describe("course 2 is set first, on a ledger"),
  }),
  baseGap: gap.optional(),
  topGap: gap.optional(),
  cornerJoint: gap.optional(),
  baseTolerance: gap.optional(),
  sliver: z.enum(["half", "third", "50mm"]).optional(),
  seenFirst: id.optional().describe("the wall that is seen first, from the door or above the tub"),
});

const cornerSchema = z.looseObject({
  left: id,
  right: id,
  runs: z.enum(["left", "right"]).optional().describe("the wall whose tile runs into the corner"),
  kind: z.enum(["inside", "outside"]).optional(),
  woven: z.boolean().optional().describe("outside: courses run past and stop by turns"),
  square: squareReading.optional(),
});

const trowel = z.looseObject({
  notch: z.enum(["square", "v"]),
  width: size,
  depth: size,
  land: gap.optional().describe("between two notches; a square notch's own width, else nothing"),
});

const toolsSchema = z.looseObject({
  cutterLength: size.optional().describe("longest cut that the cutter scores and snaps"),
  sawLength: size.optional().describe("longest cut on the wet saw's table"),
  thinnestStrip: gap.optional().describe("narrowest strip that the wet saw holds"),
  holeSaw: z.boolean().optional().describe("false: there is none that fits"),
});

const settingsSchema = z.looseObject({
  fixtureClearance: gap.optional(),
  board: gap.optional(),
  membrane: gap.optional(),
  coats: z.number().int().min(1).max(10).optional(),
  coatWft: aboveZero.max(10).optional(),
  stripWidth: gap.optional(),
  membraneWaste: share.optional(),
  membranePackL: aboveZero.optional(),
  showerHeadClearance: gap.optional(),
  wetHeight: gap.optional(),
  trowel: trowel.optional(),
  trowelAngleDeg: z.number().min(20).max(90).optional(),
  backButter: z.boolean().optional(),
  mortarRate: aboveZero.max(10).optional(),
  mortarWaste: share.optional(),
  mortarBagKg: aboveZero.optional(),
  groutDensity: aboveZero.max(5).optional(),
  groutDepth: gap.optional(),
  groutWaste: share.optional(),
  groutBagKg: aboveZero.optional(),
  planeChange: z.enum(["seal", "grout-and-seal"]).optional(),
  sealantBeadMm2: aboveZero.max(1000).optional(),
  sealantWaste: share.optional(),
  sealantCartridgeMl: aboveZero.optional(),
  nicheInsideCorners: z.boolean().optional(),
  clips: z.boolean().optional(),
  clipSpare: share.optional(),
  clipBag: z.number().int().positive().optional(),
  kerf: gap.optional(),
  tools: toolsSchema.optional(),
  trimBar: atLeast(100).optional(),
  bullnosePiece: atLeast(10).optional(),
  bullnoseFromTile: z
    .boolean()
    .optional()
    .describe("no bullnose matches: edge pieces are cut from the field's tile"),
  fullSpare: share.optional(),
  cutSpare: share.optional(),
  atticStock: z.number().int().min(0).max(10_000).optional(),
  ...buildSettings,
  ...filmSettings,
});

const shelfSchema = z.looseObject({
  id,
  name: label.optional(),
  left: id.describe("the wall left of its corner"),
  right: id.describe("the wall right of its corner"),
  leg: size.describe("along each wall"),
  thickness: size,
  level: signed.describe("of its underside, above the level line"),
  set: z.enum(["slot", "tile"]).describe("let into the tile, or hung on it"),
});

const cutAtWallSchema = z.looseObject({
  id: id.describe("of the cut piece"),
  width: size.optional(),
  height: size.optional(),
  left: gap.optional().describe("to the hole"),
  holeAcross: gap.optional(),
  right: gap.optional(),
  bottom: gap.optional(),
  holeUp: gap.optional(),
  top: gap.optional(),
  holeInPlace: z.boolean().optional().describe("drilled once the tile is set"),
});

const deliverySchema = z.looseObject({
  id,
  tile: id,
  lot: z.string().max(200).describe("lot and tone, as the boxes are marked"),
  caliber: z.string().max(200).optional().describe("as the boxes are marked"),
  boxes: z.number().int().min(0).max(10_000),
});

export const projectSchema = z.looseObject({
  format: z.literal("dintel-project"),
  version: z.literal(1),
  id,
  name: label,
  place: z.string().max(500).optional(),
  unit: z.enum(["in", "mm"]),
  mark: z.union([z.literal(8), z.literal(16), z.literal(32)]).optional(),
  enclosure: z.looseObject({
    kind: z.enum(["alcove", "corner", "single", "four-walls", "band", "knee-wall"]),
    base: z.enum(["pan", "tub", "floor", "curb", "old-surround"]),
    baseAboveFloor: gap.optional(),
  }),
  walls: z.array(wallSchema).min(1).max(12),
  corners: z.array(cornerSchema).max(12).optional(),
  tiles: z.array(tileSchema).min(1).max(50),
  field: fieldSchema,
  zones: z.array(zoneSchema).max(40).optional(),
  shelves: z.array(shelfSchema).max(50).optional().describe("in inside corners"),
  setOut: setOutSchema,
  settings: settingsSchema.optional(),
  decisions: z.array(decisionSchema).max(200).optional(),
  record: z.array(recordSchema).max(200).optional(),
  protection: z.array(id).max(50).optional().describe("what was covered before the work"),
  cutDone: z
    .array(z.looseObject({ id, cut: z.string().max(1000) }))
    .max(20_000)
    .optional()
    .describe("cut pieces by id, with what was cut: a piece that changed is no longer done"),
  atWall: z.array(cutAtWallSchema).max(5000).optional().describe("cuts measured at the wall"),
  delivery: z.array(deliverySchema).max(100).optional().describe("boxes on site, by lot"),
  build: buildSchema.optional(),
  film: filmSchema.optional(),
});

export type Project = z.infer<typeof projectSchema>;
export type Wall = z.infer<typeof wallSchema>;
export type Tile = z.infer<typeof tileSchema>;
export type Zone = z.infer<typeof zoneSchema>;
/** How tile is laid: of the field or of a zone. */
export type Bond = Pick<Zone, keyof typeof bondFields>;
export type CutAtWall = z.infer<typeof cutAtWallSchema>;
export type Delivery = z.infer<typeof deliverySchema>;
export type Trim = z.infer<typeof trim>;
export type Tools = z.infer<typeof toolsSchema>;
export type Opening = z.infer<typeof openingSchema>;
export type Shelf = z.infer<typeof shelfSchema>;
export type Fixture = z.infer<typeof fixtureSchema>;

export type Corner = z.infer<typeof cornerSchema>;
export type Straightedge = z.infer<typeof straightedgeReading>;
export type Stud = z.infer<typeof studSchema>;
export type SquareReading = z.infer<typeof squareReading>;
