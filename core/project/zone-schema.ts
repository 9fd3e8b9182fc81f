import { z } from "zod";
import { along, gap, id, label, signed, size } from "./primitives.ts";

/** Bonds that a field or a zone can have. */
export const PATTERNS = [
  "stacked",
  "offset",
  "diagonal",
  "herringbone",
  "basket-weave",
  "hexagon",
  "two-heights",
  "pinwheel",
  "scale",
] as const;

/** What a field and a zone say of how their tile is laid. */
export const bondFields = {
  tile: id,
  joint: z.number().min(0).max(50),
  pattern: z.enum(PATTERNS),
  angle: z.enum(["block", "point"]).optional().describe("herringbone: along the courses, or at 45"),
  offset: z.number().gt(0).lt(1).optional().describe("share of the module; offset patterns"),
  run: z.enum(["stepped", "alternating"]).optional(),
  lay: z.enum(["lying", "standing"]),
  second: id.optional().describe("the other tile of a bond of two sizes"),
};

/** A part of the walls with a tile, bond and joint of its own. */
export const zoneSchema = z.looseObject({
  id,
  kind: z.enum(["band", "panel", "niche"]),
  name: label.optional(),
  ...bondFields,
  centre: z.enum(["tile", "joint"]).optional().describe("on the wall's or the zone's centre line"),
  bottom: signed.optional().describe("band, panel: lower edge above the level line"),
  height: size.optional().describe("band, panel: from field tile to field tile"),
  wall: id.optional().describe("panel: the wall it is on"),
  x: z.looseObject(along).optional().describe("panel: its nearer edge"),
  width: size.optional().describe("panel"),
  frame: z
    .looseObject({ width: size, joint: gap })
    .optional()
    .describe("panel: a liner round it, mitred at the corners"),
  opening: id.optional().describe("niche: whose back it is"),
});
