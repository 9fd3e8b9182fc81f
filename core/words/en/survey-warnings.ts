import type { WarningCode } from "../../warning.ts";
import type { SayOf } from "../say.ts";

/** What a fault of the walls does to the cuts: how many, and from which size to which. */
function cutsThere(
  { count, narrowest, widest }: Record<"count" | "narrowest" | "widest", number>,
  l: (mm: number) => string,
  one: string,
  many: string,
): string {
  if (count === 0) return "";
  return `: ${count} ${count === 1 ? one : many}, ${l(narrowest)} to ${l(widest)}`;
}

/** An area in both units, as it is told to whoever brings the material. */
export function area(m2: number): string {
  return `${m2.toFixed(2)} m² (${(m2 * 10.7639).toFixed(1)} sq ft)`;
}

/** What the readings of the walls, and what was found on them, warn of. */
export const SURVEY_WARNINGS = {
  "level-line-assumed": (v, l) => ({
    message: `Nobody has read the level line yet: it is taken ${l(v.height)} above a level base.`,
    remedy: "Read down from the level line to the base at two places or more on each wall.",
  }),
  "wall-assumed-square": (_v, _l, { wall }) => ({
    message: `${wall} is assumed square: only one width was read.`,
    remedy: "Read the width at the top, or how far the corners are out of plumb.",
  }),
  "base-out-of-level": (v, l) => ({
    message: `The base falls ${l(v.fall)} over the walls, more than ${l(v.tolerance)}${cutsThere(v, l, "first-course piece is scribed", "first-course pieces are scribed")}.`,
    remedy:
      "Level it while it can be reached, or accept: the first course starts from the low point and is scribed everywhere else.",
  }),
  "out-of-plumb": (v, l, { wall }) => ({
    message: `${wall}, ${v.right ? "right" : "left"} corner: it leans ${l(v.lean)} over its height (${l(v.perM)} in a metre), more than ${l(v.limit)}${cutsThere(v, l, "cut tapers", "cuts taper")}.`,
    remedy: "Fur or plane the studs before board goes up, or accept, and say who agreed.",
  }),
  "ceiling-not-level": (v, l, { wall }) => ({
    message: `${wall}: the ceiling falls or rises by ${l(v.fall)}, more than ${l(v.limit)}${cutsThere(v, l, "top-course piece is cut", "top-course pieces are cut")}.`,
    remedy:
      "Accept a tapered top course, or stop at a level line and cover the gap with a trim; say who agreed.",
  }),
  "panel-drifts": (v, l, { wall, item }) => ({
    message: `${item} on ${wall} was set ${l(v.drift)} to the ${v.right ? "right" : "left"} at its top, more than ${l(v.limit)}.`,
    remedy: `Bring the next ${v.rows} rows back by ${l(v.perRow)} each, recut its edge line, or have it agreed to.`,
  }),
  "niche-off-centre": (v, l, { wall, item }) => ({
    message: `${item} is ${l(v.off)} ${v.right ? "right" : "left"} of the middle of ${wall}.`,
    remedy:
      "Move it where the studs allow, or have it agreed to before it is framed, not argued about after.",
  }),
  "lean-mismatch": (v, l, { wall }) => ({
    message: `${wall}: width at top and the leans disagree by ${l(v.mismatch)}.`,
    remedy: "Read the top width and both corners again; until then the widths are used.",
  }),
  "reading-far-from-corner": (v, l, { wall }) => ({
    message: `${wall}: the nearest reading is ${l(v.gap)} from its corner.`,
    remedy: `Read again within ${l(v.limit)} of both corners.`,
  }),
  "base-above-top": (_v, _l, { wall }) => ({
    message: `${wall} has its base at or above its top: nothing is planned on it.`,
    remedy: "Read down to the base and up to the top from the level line again.",
  }),
  "job-too-large": (v, _l, { wall }) => ({
    message: `With ${wall} the job is larger than ${v.most} m² (${Math.round(v.most * 10.7639)} sq ft) of wall: it is not planned.`,
    remedy: "Check the widths and heights of the walls, or part the job in two.",
  }),
  "old-adhesive": (v, _l, { wall }) => ({
    message: `${wall}: old adhesive on ${area(v.areaM2)}.`,
    remedy:
      "Have it tested for asbestos before it is touched. Scrape it to stubble, or take board that it cannot harm; nothing is set on ridges.",
  }),
  "board-torn": (v, _l, { wall }) => ({
    message: `${wall}: the board's face is torn on ${area(v.areaM2)}.`,
    remedy:
      "Seal and skim it where it is dry and sound; where it is soft or wet, cut it out to a patch.",
  }),
  "surface-shiny": (v, _l, { wall }) => ({
    message: `${wall}: a glossy surface on ${area(v.areaM2)}.`,
    remedy: "Key it with coarse paper, wipe off the dust, and prime it as the mortar's label says.",
  }),
  "width-disagrees": (v, l, { wall }) => ({
    message: `${wall}, ${l(v.y)} above the low point: the width is ${l(v.size)} ${v.wider ? "more" : "less"} than straight corners leave.`,
    remedy: "Read it again. If it stays, a corner is bowed: read more widths, and scribe to it.",
  }),
  "base-disagrees": (v, l, { wall }) => ({
    message: `${wall} and the next wall put the base in their corner ${l(v.size)} apart.`,
    remedy: "Read down from the level line on both sides of the corner again.",
  }),
  "top-disagrees": (v, l, { wall }) => ({
    message: `${wall} and the next wall put the ceiling in their corner ${l(v.size)} apart.`,
    remedy: "Read up to the ceiling on both sides of the corner again.",
  }),
  "level-loop-open": (v, l) => ({
    message: `Once round the walls the level line comes back ${l(v.size)} off its start.`,
    remedy: "Check the laser, and carry the level line round again from where it started.",
  }),
  "plan-loop-open": (v, l) => ({
    message: `Widths and corners do not close: once round, ${l(v.size)} are missing.`,
    remedy: "Read the widths again, and how square each corner is.",
  }),
  "diagonal-impossible": (_v, _l, { wall }) => ({
    message: `${wall}: no triangle has the two sides and the diagonal read in its right corner.`,
    remedy: "Read the three lengths again; until then the corner is taken as square.",
  }),
  "corner-out-of-square": (v, l, { wall }) => ({
    message: `${wall} runs ${l(v.runOut)} out of square, ${v.open ? "an open" : "a closed"} corner; its corner cuts lose ${l(v.narrower)}.`,
    remedy: `The corner joint tapers by ${l(v.jointTaper)} through the tile: bevel the hidden edge, or take it up in the sealant.`,
  }),
  "not-flat": (v, l, { wall }) => ({
    message: `${wall}, ${l(v.x)} from its left corner: a ${v.hump ? "hump" : "hollow"} of ${l(v.gap)} under ${l(v.length)}; this tile allows ${l(v.allowed)}.`,
    remedy: "Mend it before board goes up: board never flattens a crooked wall.",
  }),
  "niche-in-rated-wall": (_v, _l, { wall }) => ({
    message: `${wall} is a party or fire-rated wall: a niche would break its rating.`,
    remedy: "Stop. A qualified person decides; or move the niche to another wall.",
  }),
  "niche-in-bearing-wall": (_v, _l, { wall }) => ({
    message: `${wall} bears load: no stud in it is cut for a niche without a qualified person.`,
    remedy: "Keep the niche within a stud bay, or have the header designed.",
  }),
  "niche-in-outside-wall": (_v, _l, { wall }) => ({
    message: `${wall} is an outside wall: a niche takes the place of its insulation.`,
    remedy: "Think of frost and dew behind the niche; a shallower one, or another wall.",
  }),
  "moisture-sandwich": (_v, _l, { wall }) => ({
    message: `${wall} has a vapour retarder behind the board and gets a film in front: a moisture sandwich.`,
    remedy:
      "Take the retarder or facing out, slit it where code allows, or choose the system without a film.",
  }),
} satisfies Partial<SayOf<WarningCode>>;
