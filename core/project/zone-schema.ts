import * as z from "zod/mini";
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
  joint: z.number().check(z.minimum(0), z.maximum(50)),
  pattern: z.enum(PATTERNS),
  angle: z
    .optional(z.enum(["block", "point"]))
    .check(z.describe("herringbone: along the courses, or at 45")),
  offset: z
    .optional(z.number().check(z.gt(0), z.lt(1)))
    .check(z.describe("share of the module; offset patterns")),
  run: z.optional(z.enum(["stepped", "alternating"])),
  lay: z.enum(["lying", "standing"]),
  second: z.optional(id).check(z.describe("the other tile of a bond of two sizes")),
};

const { tile: _tile, joint: _joint, ...ownBond } = bondFields;

/** A bond of one wall's own, of the field's tile with the field's joint. */
export const wallBondSchema = z.looseObject(ownBond);

/** A part of the walls with a tile, bond and joint of its own. */
export const zoneSchema = z.looseObject({
  id,
  kind: z.enum(["band", "panel", "niche"]),
  name: z.optional(label),
  ...bondFields,
  centre: z
    .optional(z.enum(["tile", "joint"]))
    .check(z.describe("on the wall's or the zone's centre line")),
  bottom: z.optional(signed).check(z.describe("band, panel: lower edge above the level line")),
  height: z.optional(size).check(z.describe("band, panel: from field tile to field tile")),
  wall: z.optional(id).check(z.describe("panel: the wall it is on")),
  x: z.optional(z.looseObject(along)).check(z.describe("panel: its nearer edge")),
  width: z.optional(size).check(z.describe("panel")),
  drift: z
    .optional(signed)
    .check(z.describe("panel, as set: its top against its foot, + to the right")),
  centreAt: z
    .optional(z.looseObject(along))
    .check(z.describe("panel, as set: from that corner to its centre, half way up")),
  frame: z
    .optional(z.looseObject({ width: size, joint: gap }))
    .check(z.describe("panel: a liner round it, mitred at the corners")),
  opening: z.optional(id).check(z.describe("niche: whose back it is")),
});
