import { fixed } from "../../length/numbers.ts";
import type { BoardWarningCode } from "../../warning.ts";
import type { SayOf } from "../say.ts";

/** A film in mm to two decimals: fractions of an inch say nothing about it. */
const film = (mm: number) => `${fixed(mm, 2)} mm`;

/** What Board and Waterproof warn of. */
export const BOARD_WARNINGS: SayOf<BoardWarningCode> = {
  "board-piece-too-large": () => ({
    message: "A piece of board is larger than a sheet.",
    remedy: "Read the studs: seams need one within a sheet's length, or take a larger sheet.",
  }),
  "drywall-in-wet": () => ({
    message: "Plain drywall in the wet area: it fails behind tile.",
    remedy: "Choose cement board or foam board for every wall that gets wet.",
  }),
  "system-least-conservative": () => ({
    message: "Only seams and fasteners are sealed: the least careful of the systems.",
    remedy: "Recommended is one film over the whole wet area, whose thickness can be read.",
  }),
  "seams-only-needs-durable-board": () => ({
    message: "Sealing only seams and fasteners needs a board that water does not harm.",
    remedy: "Choose cement or foam board, or put a film over everything.",
  }),
  "foam-system-other-board": () => ({
    message: "Sealed foam board was chosen as the system, but another board.",
    remedy: "Choose foam board, or the system with a film.",
  }),
  "sheet-mortar-class": () => ({
    message: "Tile on sheet membrane takes the mortar class that the sheet's listing names.",
    remedy: "Ask for it: it may be an unmodified mortar. There is no usual one.",
  }),
  "mastic-in-wet": () => ({
    message:
      "Ready-mixed adhesive in a wet area softens, and cannot dry under large or glass tile or on a film.",
    remedy:
      "Use cement mortar. One school allows a type whose label says so, in splash zones only.",
  }),
  "board-thin": (v, l) => ({
    message: `Board of ${l(v.thickness)} is below the ${l(v.limit)} that board on studs is listed for.`,
    remedy: "Take the listed thickness, or ask the board's maker.",
  }),
  "studs-too-far": (v, l, { wall }) => ({
    message: `${wall}: studs stand ${l(v.distance)} apart; board is listed for ${l(v.limit)} at most.`,
    remedy: "Stop. Add studs or blocking before board goes up.",
  }),
  "seam-near-opening": (v, l, { wall }) => ({
    message: `${wall}: at ${v.count} ${v.count === 1 ? "corner" : "corners"} of an opening a board seam comes nearer than ${l(v.clear)}.`,
    remedy: "Lay the sheets the other way, or cut one sheet as an L round the corner.",
  }),
  "opening-cuts-stud": (v, l, { wall, item }) => ({
    message: `${item} on ${wall} takes a rough opening of ${l(v.rough)} and meets ${v.count === 1 ? "a stud" : `${v.count} studs`}${v.assumed ? " where studs are usual (none was read)" : ""}.`,
    remedy: v.fits
      ? `Move it ${l(v.move)} to the ${v.right ? "right" : "left"} into the bay, or frame a header. Bearing or outside wall: a qualified person.`
      : `No bay is wide enough${v.widest > 0 ? `: here at most ${l(v.widest)} finished` : ""}. Frame a header, or make it narrower. Bearing or outside wall: a qualified person.`,
  }),
  "socket-needs-extension": (v, l, { wall, item }) => ({
    message: `${item} on ${wall}: its box ends up ${l(v.depth)} behind the tile's face.`,
    remedy:
      "Power off. Longer screws, or an extension of the box by a licensed person; tile runs under the plate.",
  }),
  "work-round": (v, l, { wall, item }) => ({
    message: `${item} on ${wall}: tile is worked round it.`,
    remedy: `Or take off what stands within ${l(v.depth)} of the wall: that is the least that lets tile and joint run through behind it.`,
  }),
  "plate-leaves-gap": (v, l, { wall, item }) => ({
    message: `${item} on ${wall}: the plate covers the cut by ${l(v.bears)} only; it wants ${l(v.limit)} all round.`,
    remedy: "Cut the opening smaller, as large as the box needs, or take a larger plate.",
  }),
  "flange-proud": (v, l) => ({
    message: `The flange stands ${l(v.proud)} off the studs: board over it would bulge.`,
    remedy: v.decided
      ? v.fur
        ? `The studs are furred out by ${l(v.proud)}; build-up and depths follow.`
        : "The board is held above the flange; the film laps down over it."
      : "Fur the studs out by as much, or hold the board above the flange: say which in Measure.",
  }),
  "niche-too-deep": (v, l, { wall, item }) => ({
    message: `${item} on ${wall} is to be ${l(v.depth)} deep; the stud bay leaves ${l(v.there)}.`,
    remedy: "Make it shallower, take thinner layers on its back, or fur the wall.",
  }),
  "valve-depth": (v, l, { wall, item }) => ({
    message: `${item} on ${wall}: stud face to tile face is ${l(v.there)}, outside its ${l(v.least)} to ${l(v.most)}.`,
    remedy: "Have the valve set deeper or shallower before board goes up, or change a layer.",
  }),
  "blocking-outside": (_v, _l, { wall, item }) => ({
    message: `${item} is not behind ${wall}.`,
    remedy: "Check where it was read from.",
  }),
  "film-thin": (v, _l, { wall }) => ({
    message: `${wall}: what was used makes ${film(v.average)} of wet film on average; ${film(v.target)} is wanted.`,
    remedy: `Put on another ${fixed(v.addL, 2)} L, and read the gauge again.`,
  }),
  "film-thin-place": (v, _l, { wall }) => ({
    message: `${wall}, coat ${v.coat}: ${v.thin} gauge ${v.thin === 1 ? "reading is" : "readings are"} thin, the least ${film(v.least)} of ${film(v.target)}.`,
    remedy: "Coat those places again before the next coat, and read them again.",
  }),
  "film-above-tile": (v, l, { wall }) => ({
    message: `${wall}: the film goes ${l(v.above)} higher than the tile, to the wet zone's top.`,
    remedy:
      "Local code and the system's listing decide how high. Finish that strip as the data sheet says.",
  }),
  "holes-open": (v) => ({
    message: `${v.count} ${v.count === 1 ? "hole" : "holes"} through the film ${v.count === 1 ? "is" : "are"} still open.`,
    remedy: "Patch each with strip and two coats before tile covers it.",
  }),
};
