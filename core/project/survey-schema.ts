import * as z from "zod/mini";
import { along, gap, id, label, moment, place, signed, size, words } from "./primitives.ts";

/** What a survey holds beyond widths, level readings and leans. All of it is optional. */

/** A width at a height other than bottom and top. */
export const widthReading = z.looseObject({
  id,
  level: signed.check(z.describe("height up from the level line")),
  width: size,
});

/** A gap found under a straightedge: in the middle of a hollow, or at both ends over a hump. */
export const straightedgeReading = z.looseObject({
  id,
  ...place,
  direction: z.enum(["across", "up"]),
  shape: z.enum(["hollow", "hump"]),
  length: size.check(z.describe("of the straightedge")),
  gap,
});

/** A stud, and how far its face lies behind the plane of a line or laser, by height. */
export const studSchema = z.looseObject({
  id,
  ...along,
  width: z.optional(size).check(z.describe("of the stud's face")),
  plane: z.optional(z.array(z.looseObject({ level: signed, back: signed })).check(z.maxLength(40))),
});

/** How square a corner is: a gap at the end of a square's leg, or a 3-4-5 diagonal. */
export const squareReading = z.union([
  z.looseObject({
    kind: z.literal("gap"),
    over: size.check(z.describe("leg of the square along the right-hand wall")),
    gap: signed.check(z.describe("+ when the corner is open, more than 90 degrees")),
  }),
  z.looseObject({ kind: z.literal("diagonal"), left: size, right: size, diagonal: size }),
]);

/** What was decided about a check that failed, and who agreed. */
export const decisionSchema = z.looseObject({
  id,
  check: label,
  wall: z.optional(id),
  choice: z.enum(["fix", "accept"]),
  words: z.optional(words),
  who: z.optional(words),
  when: z.optional(moment),
});

/** Something that was there before the work began. */
export const recordSchema = z.looseObject({
  id,
  wall: z.optional(id),
  x: z.optional(signed).check(z.describe("place on the drawing, mm from the wall's left corner")),
  level: z.optional(signed).check(z.describe("and up from the level line")),
  words,
  toldWho: z.optional(words),
  toldWhen: z.optional(moment),
  photos: z.array(id).check(z.maxLength(50)),
});

const photoPoint = z.tuple([
  z.number().check(z.minimum(-1), z.maximum(2)),
  z.number().check(z.minimum(-1), z.maximum(2)),
]);

/** A photo of the bare wall, marked once: places in it are shares of its width and height. */
const wallPhotoSchema = z.looseObject({
  id: id.check(z.describe("of the photo")),
  corners: z
    .tuple([photoPoint, photoPoint, photoPoint, photoPoint])
    .check(z.describe("the wall's corners from the lower left against the clock, y down")),
  known: z
    .optional(z.looseObject({ from: photoPoint, to: photoPoint, mm: size }))
    .check(z.describe("a length that was measured, to tell the photo's error")),
});

/** A part of a wall whose board stays that takes new board, from its nearer edge and its foot. */
const patchSchema = z.looseObject({ id, ...place, width: size, height: size });

/** What is known of a wall before anything is fixed to it. */
export const standingFields = {
  stands: z.optional(z.enum(["inside", "outside", "party", "fire-rated"])),
  bearing: z.optional(z.boolean()),
  plumbing: z.optional(z.boolean()),
  behind: z.optional(z.enum(["nothing", "vapour-retarder", "faced-insulation"])),
  exposure: z.optional(z.enum(["dry", "splash", "wet"])),
  stays: z
    .optional(z.boolean())
    .check(z.describe("its board stays: no new board or film but on patches; dry walls' does")),
  surfaceThere: z
    .optional(z.enum(["drywall", "plaster", "cement", "other"]))
    .check(z.describe("what stays, where it is not the job's board: it carries the tile")),
  patches: z.optional(z.array(patchSchema).check(z.maxLength(50))),
  old: z
    .optional(
      z.looseObject({
        adhesiveM2: z.optional(gap),
        tornM2: z.optional(gap),
        shinyM2: z.optional(gap),
      }),
    )
    .check(z.describe("of a surface that stays: old adhesive, torn board, glossy paint, m²")),
  photo: z.optional(wallPhotoSchema).check(z.describe("under the wall's drawing")),
};

export type WallPhoto = z.infer<typeof wallPhotoSchema>;

export type Patch = z.infer<typeof patchSchema>;
