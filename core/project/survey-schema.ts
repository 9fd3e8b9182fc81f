import { z } from "zod";
import { along, gap, id, label, moment, place, signed, size, words } from "./primitives.ts";

/** What a survey holds beyond widths, level readings and leans. All of it is optional. */

/** A width at a height other than bottom and top. */
export const widthReading = z.looseObject({
  id,
  level: signed.describe("height up from the level line"),
  width: size,
});

/** A gap found under a straightedge: in the middle of a hollow, or at both ends over a hump. */
export const straightedgeReading = z.looseObject({
  id,
  ...place,
  direction: z.enum(["across", "up"]),
  shape: z.enum(["hollow", "hump"]),
  length: size.describe("of the straightedge"),
  gap,
});

/** A stud, and how far its face lies behind the plane of a line or laser, by height. */
export const studSchema = z.looseObject({
  id,
  ...along,
  width: size.optional().describe("of the stud's face"),
  plane: z
    .array(z.looseObject({ level: signed, back: signed }))
    .max(40)
    .optional(),
});

/** How square a corner is: a gap at the end of a square's leg, or a 3-4-5 diagonal. */
export const squareReading = z.union([
  z.looseObject({
    kind: z.literal("gap"),
    over: size.describe("leg of the square along the right-hand wall"),
    gap: signed.describe("+ when the corner is open, more than 90 degrees"),
  }),
  z.looseObject({ kind: z.literal("diagonal"), left: size, right: size, diagonal: size }),
]);

/** What was decided about a check that failed, and who agreed. */
export const decisionSchema = z.looseObject({
  id,
  check: label,
  wall: id.optional(),
  choice: z.enum(["fix", "accept"]),
  words: words.optional(),
  who: words.optional(),
  when: moment.optional(),
});

/** Something that was there before the work began. */
export const recordSchema = z.looseObject({
  id,
  wall: id.optional(),
  x: signed.optional().describe("place on the drawing, mm from the wall's left corner"),
  level: signed.optional().describe("and up from the level line"),
  words,
  toldWho: words.optional(),
  toldWhen: moment.optional(),
  photos: z.array(id).max(50),
});

/** What is known of a wall before anything is fixed to it. */
export const standingFields = {
  stands: z.enum(["inside", "outside", "party", "fire-rated"]).optional(),
  bearing: z.boolean().optional(),
  plumbing: z.boolean().optional(),
  behind: z.enum(["nothing", "vapour-retarder", "faced-insulation"]).optional(),
  exposure: z.enum(["dry", "splash", "wet"]).optional(),
};
