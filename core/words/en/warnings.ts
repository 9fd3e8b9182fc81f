import type { ValuesOf, WarningCode } from "../../warning.ts";
import type { SayOf, WarningNames, WarningWords } from "../say.ts";
import { BOARD_WARNINGS } from "./board-warnings.ts";
import { area, SURVEY_WARNINGS } from "./survey-warnings.ts";

/** What every warning says in English. */
export const WARNINGS: SayOf<WarningCode> = {
  ...BOARD_WARNINGS,
  ...SURVEY_WARNINGS,
  "no-field": (_v, _l, { wall }) => ({
    message: `${wall} has no room for tile between its base, top and corners.`,
    remedy: "Check the readings down to the base and up to the top, and the width.",
  }),
  "too-many-tiles": (_v, _l, { wall }) => ({
    message: `${wall} would take more tiles than a wall can hold.`,
    remedy: "Check the tile size and the wall's width and height.",
  }),
  "trim-drifts": (v, l, { wall }) => ({
    message: `${wall}: bullnose joints drift ${l(v.drift)} off the courses by the end of the run.`,
    remedy:
      "Take a profile, cut each piece to the courses, or choose a joint that makes them meet.",
  }),
  "edge-piece-too-long": (v, l) => ({
    message: `No edge piece with a face of ${l(v.face)} comes from the field's tile at this length.`,
    remedy: "Make the pieces shorter, or take a profile or bullnose that is bought.",
  }),
  "sheets-interlock": (v, _l, { wall, item }) => ({
    message: `${wall}${item && `, ${item}`}: the sheets interlock; a straight start takes ${v.chips} ${v.chips === 1 ? "chip" : "chips"} off ${v.sheets} ${v.sheets === 1 ? "sheet" : "sheets"} along the base and the first side.`,
    remedy: "Trim them before any mortar is mixed, and keep the chips for gaps round pipes.",
  }),
  "adhesive-unsuited": (v, l, { wall, item }) => ({
    message: v.glass
      ? `${wall}: ready-mixed adhesive cannot dry under glass (${item}).`
      : `${wall}: ready-mixed adhesive cannot dry under tile of ${l(v.side)} (${item}); ${l(v.limit)} is too large already.`,
    remedy: "Take cement mortar: it sets without air.",
  }),
  "tile-too-heavy": (v, _l, { item }) => ({
    message: `${item} with its mortar and grout weighs ${Math.round(v.mass)} kg/m² (${(v.mass * 0.204816).toFixed(1)} lb/sq ft); ${v.plaster ? "plaster" : "drywall"} carries ${v.limit} kg/m².`,
    remedy: "Take cement board on these walls, or a lighter tile.",
  }),
  "accent-stands-proud": (v, l, { item }) => ({
    message: `${item}: its tile and bed are thicker than the field's; it stands proud by ${l(v.proud)}.`,
    remedy:
      "Take a thinner tile or a smaller notch, pack the field out behind it, or have the step agreed to.",
  }),
  "mortar-unsuited": (v, _l, { item }) => ({
    message: v.glass
      ? `The mortar on hand does not hold glass (${item}).`
      : `The mortar on hand does not hold ${item}: porcelain over a film wants a modified one.`,
    remedy: v.glass
      ? "Take one of high polymer, class A118.15."
      : "Take one of class A118.4 or A118.15.",
  }),
  "mortar-shows": (v, _l, { item }) => ({
    message: v.glass
      ? `Grey mortar shows through glass (${item}).`
      : `Grey mortar shows beside light grout or through light stone (${item}).`,
    remedy: "Take white mortar, and keep joints clean to two thirds of their depth.",
  }),
  "rows-hang": (v) => ({
    message: `${v.rows} ${v.rows === 1 ? "row hangs" : "rows hang"} below the start; ${v.safe} ${v.safe === 1 ? "row is" : "rows are"} safe in a session.`,
    remedy: `Tape each row up to the one above and spread them over ${v.sessions} ${v.sessions === 1 ? "session" : "sessions"}, or begin lower.`,
  }),
  "grout-unsuited": (v, l) => ({
    message: v.scratches
      ? "Sanded grout scratches glass and polished stone."
      : v.wide
        ? `A joint of ${l(v.joint)} is too wide for grout without sand: it shrinks and cracks.`
        : `A joint of ${l(v.joint)} is too narrow for sanded grout: it does not go in.`,
    remedy: v.scratches || v.wide ? "Take a fine all-purpose grout." : "Take grout without sand.",
  }),
  "grout-sets-fast": (v) => ({
    message: `Fast grout leaves some ${v.minutes} min for placing and the first wash.`,
    remedy: `Mix for no more than ${area(v.areaM2)} at a time, with one to place and one to wash; or take an ordinary kind. Its data sheet wins.`,
  }),
  "spare-not-kept": (v, _l, { item }) => ({
    message: `${item} cannot be had again, and none is kept beside the usual spare.`,
    remedy: `Keep ${v.keep} whole: one breaks while it is set, one years later. Order counts them.`,
  }),
  "stock-short": (v, _l, { item }) => ({
    message: `${item}: ${v.need} wanted with spare, ${v.onHand} on hand: ${v.short} short.`,
    remedy: v.never
      ? "It cannot be had again: make the niche or band smaller before an opening is framed, or choose another tile."
      : v.leadDays >= 0
        ? `More takes ${v.leadDays} ${v.leadDays === 1 ? "day" : "days"}: order it before an opening is framed for it.`
        : "Ask whether more can be had, and when, before an opening is framed for it.",
  }),
  "zone-too-small": (_v, _l, { wall, item }) => ({
    message: `${wall}: ${item} has no room for its tile between the joints.`,
    remedy: "Make it higher or wider, or take a smaller frame.",
  }),
  "zone-leaves-field": (_v, _l, { wall, item }) => ({
    message: `${wall}: ${item} leaves the field.`,
    remedy: "Move the panel, or make it smaller.",
  }),
  "zones-overlap": (_v, _l, { wall, item }) => ({
    message: `${wall}: ${item} overlaps another zone.`,
    remedy: "Move one of the two, or make it lower.",
  }),
  "opening-leaves-wall": (_v, _l, { wall, item }) => ({
    message: `${item} reaches past the field of ${wall}; it is planned as if cut off there.`,
    remedy: "Check its size and where it was read from.",
  }),
  "corner-not-followed": (_v, _l, { wall }) => ({
    message: `${wall} was to go on round a corner, but nothing runs into it there; a tile stands on its centre line.`,
    remedy: "Choose its centre, or the corner that its bond comes round.",
  }),
  "shelf-no-corner": (_v, _l, { item }) => ({
    message: `${item} does not stand in an inside corner; it is left out.`,
    remedy: "Choose the corner that it goes into.",
  }),
  "shelf-off-joint": (v, l, { item }) => ({
    message: `${item} is let into the middle of a course: the tile under it is cut as well.`,
    remedy: `Move it ${l(Math.abs(v.move))} ${v.move > 0 ? "up" : "down"}, and it rests on a course.`,
  }),
  "shelf-without-blocking": (_v, _l, { item }) => ({
    message: `${item} hangs on the tile, and no blocking is listed behind it.`,
    remedy: "List blocking at its height in Board, or let it into the tile.",
  }),
  "openings-overlap": (_v, _l, { wall, item }) => ({
    message: `${item} overlaps another opening on ${wall}; they are planned as one.`,
    remedy: "Check the sizes and positions of both.",
  }),
  "fixture-not-clear": (_v, _l, { wall, item }) => ({
    message: `The hole for ${item} runs into an edge, an opening or another hole on ${wall}.`,
    remedy: "Check where its centre was read from, and its pipe diameter.",
  }),
  "fixture-outside": (_v, _l, { wall, item }) => ({
    message: `${item} is not in the tiled field of ${wall}; no hole is cut for it.`,
    remedy: "Check where its centre was read from, or take it off the wall.",
  }),
  "plate-too-small": (v, l, { item }) => ({
    message: `The hole for ${item}, ${l(v.hole)}, is too wide for its plate of ${l(v.plate)}.`,
    remedy: `The plate should bear on tile ${l(v.bearing)} all round: a larger plate or a tighter hole.`,
  }),
  "hole-near-edge": (v, l, { wall }) => ({
    message: `${wall}, cut ${v.number}${andMore(v)}: only ${l(v.size)} of tile between hole and edge.`,
    remedy: "Move the pattern so that the hole sits inside a tile, or on a joint.",
  }),
  "weak-tongue": (v, l, { wall }) => ({
    message: `${wall}, cut ${v.number}${andMore(v)}: a tongue of ${l(v.size)} will snap.`,
    remedy: "Move the pattern or the opening, or make it of two pieces; cut the tongue last.",
  }),
  "thin-strip": (v, l, { wall }) => ({
    message: `${wall}, cut ${v.number}${andMore(v)}: a strip of ${l(v.size)} will break.`,
    remedy: "Move the pattern so that the strip grows, or take it up in the joints.",
  }),
  "strip-below-saw": (v, l, { wall }) => ({
    message: `${wall}, cut ${v.number}${andMore(v)}: the saw at hand holds no strip of ${l(v.size)}.`,
    remedy: `Move the pattern ${l(v.by)} so that it grows, or let Compare find cuts that are larger.`,
  }),
  "cut-beyond-tools": (v, l, { wall }) => ({
    message: `${wall}, cut ${v.number}${andMore(v)}: a cut of ${l(v.size)} is longer than the tools at hand reach.`,
    remedy: `Bring a saw that reaches ${l(v.by)} further, or move the pattern so that this row needs no cut along its length.`,
  }),
  "no-hole-saw": (v, l, { wall }) => ({
    message: `${wall}, cut ${v.number}${andMore(v)}: a hole of ${l(v.size)} and no hole saw.`,
    remedy: `Move the pattern ${l(v.by)} and its centre lies on a joint: two notches to nibble.`,
  }),
  "marks-disagree": (v, l, { wall, item }) => ({
    message: `${wall}, cut ${v.number}: the marks taken at the wall disagree by ${l(v.by)}, ${item}.`,
    remedy: "Read them again before the hole is cut: one of the figures cannot be true.",
  }),
  sliver: sliverWords,
  "tile-larger-than-wall": (_v, _l, { wall }) => ({
    message: `The tile is larger than the field of ${wall}.`,
    remedy: "Check the tile size; the wall is planned with cut pieces only.",
  }),
  "wall-narrower-than-tile": (_v, _l, { wall }) => ({
    message: `${wall} is narrower than one tile.`,
    remedy: "Turn the tile, or accept that every piece is cut.",
  }),
  "joint-zero": (v, l) => ({
    message: "The joint is 0: tiles would touch, and there is nothing to grout.",
    remedy: `Leave at least ${l(v.limit)}.`,
  }),
  "joint-too-narrow": (v, l) => ({
    message: `A joint of ${l(v.joint)} is narrower than ${l(v.limit)}.`,
    remedy: "Widen the joint: tiles vary in size, and grout must get in.",
  }),
  "leg-short": (v, l, { wall }) => ({
    message: `${wall}: tile runs ${l(v.width)} past the tub's front.`,
    remedy: `Usual is ${l(v.limit)} to ${l(v.usual)} past it, so that splashes stay on tile.`,
  }),
  "joint-below-spread": (v, l) => ({
    message: `The tiles measured vary by ${l(v.spread)}: a joint of ${l(v.joint)} will not take it up.`,
    remedy: `Take ${l(v.limit)} at least, three times the spread, or sort the tiles by size.`,
  }),
  "offset-joint-too-narrow": (v, l) => ({
    message: `Offset tiles of ${l(v.side)} want a joint of ${l(v.limit)} at least.`,
    remedy: "Widen the joint, or stack the tiles: long tiles bow, and offsets show it.",
  }),
  "offset-too-large": (v, l) => ({
    message: `Tiles of ${l(v.side)} should be offset by one third at most.`,
    remedy: "Choose one third, unless the tile's maker approves more in writing.",
  }),
  "thin-bed": (v, l, { item }) => ({
    message: `The bed of ${item} comes to ${l(v.bed)}, below ${l(v.limit)}.`,
    remedy: "Hold the trowel steeper, or take the next notch.",
  }),
};

function andMore({ count }: { count: number }): string {
  const others = count - 1;
  return others > 0 ? ` and ${others} more` : "";
}

function sliverWords(
  v: ValuesOf<"sliver">,
  l: (mm: number) => string,
  { wall, item }: WarningNames,
): WarningWords {
  const count = v.count;
  const pieces = count === 1 ? "a sliver" : `${count} slivers, the smallest`;
  return {
    message: `${wall}, ${item}: ${pieces} of ${l(v.size)}, below the limit of ${l(v.limit)}.`,
    remedy: "Move the pattern, change where it is centred, or change the first course.",
  };
}

/** Where on a wall or a piece something is, when nothing there has a name. */
export const SIDES: Record<string, string> = {
  left: "left side",
  right: "right side",
  top: "top",
  bottom: "bottom",
  opening: "at an opening",
  width: "left, hole and right against the piece's width",
  height: "bottom, hole and top against the piece's height",
  round: "the hole across against the hole up",
};
