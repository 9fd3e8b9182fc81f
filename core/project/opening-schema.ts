import * as z from "zod/mini";
import { liningSchema, valveDepth } from "./build-schema.ts";
import { along, gap, id, label, signed, size } from "./primitives.ts";

/** What is let into a wall or comes through it, each placed as it was read, and the trim round it. */

const horizontalPosition = z.looseObject({
  ...along,
  to: z
    .optional(z.enum(["edge", "centre"]))
    .check(z.describe("of the opening: its nearer edge or its centre")),
});
const verticalPosition = z.looseObject({
  from: z.enum(["level", "base", "ceiling"]),
  at: signed.check(
    z.describe("up from the level line or the base directly below, down from the ceiling"),
  ),
  to: z.optional(z.enum(["bottom", "centre", "top"])),
});

/** What ends a field of tile where it shows. */
export const TRIM_KINDS = ["none", "profile", "bullnose", "pencil", "mitre", "eased"] as const;

export const trimSchema = z.looseObject({
  kind: z.enum(TRIM_KINDS),
  width: gap.check(z.describe("visible face; of a mitred or eased edge 0")),
  joint: gap,
});

/** What stands in the way of tile and is not framed for it. */
export const OBSTACLES = [
  "socket",
  "switch",
  "window",
  "firebox",
  "recess",
  "counter",
  "filler",
  "other",
] as const;

export const openingSchema = z.looseObject({
  id,
  kind: z.enum(["niche", "window", "dish", "shelf", "obstacle"]),
  what: z
    .optional(z.enum(OBSTACLES))
    .check(z.describe("obstacle: nobody frames it, and it has no back")),
  plate: z
    .optional(z.looseObject({ width: size, height: size }))
    .check(z.describe("obstacle: what covers its edge; tile runs under it")),
  name: z.optional(label),
  width: size.check(z.describe("finished")),
  height: size.check(z.describe("finished")),
  depth: z.optional(gap.check(z.describe("of the returns, finished"))),
  x: horizontalPosition,
  y: verticalPosition,
  overlap: z
    .optional(gap)
    .check(z.describe("dish: how far its flange lies over the tile, each side")),
  lining: z.optional(liningSchema),
  trim: z.optional(trimSchema).check(z.describe("round the opening, inside its finished size")),
  sides: z
    .optional(
      z.looseObject({
        sill: z.optional(id),
        head: z.optional(id),
        left: z.optional(id),
        right: z.optional(id),
      }),
    )
    .check(z.describe("tile of each side; else the niche back's own, else the field's")),
});

export const fixtureSchema = z.looseObject({
  id,
  kind: z.enum(["valve", "shower-arm", "spout", "body-spray", "grab-bar", "other"]),
  name: z.optional(label),
  pipe: size.check(z.describe("outside diameter of what comes through the tile")),
  escutcheon: z.optional(gap.check(z.describe("diameter of the plate that hides the hole"))),
  x: z.looseObject(along),
  y: z.looseObject({ from: z.enum(["level", "base", "ceiling"]), at: signed }),
  depth: z.optional(valveDepth),
});
