import type { GivesUp } from "../../../core/compare/gives-up.ts";
import type { Aim, Weights } from "../../../core/compare/score.ts";
import { counted } from "../counted.ts";

/** Rows that no phase of the pattern moves: above a band, beside a slope. */
const OUT_OF_REACH =
  "Somewhere a row runs out to nothing whatever the layout, as above a band under a sloping ceiling: let bands move, or end the tile at a level line.";

/** Words of the comparison of layouts. */
export const compare = {
  title: "Compare layouts",
  back: "Back to this layout",
  intro:
    "Looks at every phase on each wall, every height of the courses and, where you let it, every place of niches and bands at which anything changes.",
  parted: "A wall whose bond goes on round a corner gets a place of its own.",
  nicheRange: "Niches up or down within",
  nicheAcross: "Sideways within",
  nicheSize: "Niches larger or smaller within, onto joints",
  bandRange: "Bands up or down within",
  seenFirst: "Seen first, from the door or above the tub",
  seenAlike: "all walls count alike",
  seenTwice: (wall: string) => `${wall} counts twice`,
  joint: {
    least: "Joint from",
    most: "Joint to",
    every: "Every joint in between, not the tape's marks alone",
    everyHint:
      "Each joint at which two edges or cuts come to meet, to a hundredth of a millimetre: finer than spacers hold, to see what the joint could give. Takes some minutes, with small tile and a niche that moves much longer; you can stop it.",
  },
  own: "Your layout before the search, score",
  scoreHint: "Lower is better. Each line is a term times its weight, added over all walls.",
  newJoint: (joint: string) => `Takes a joint of ${joint}.`,
  newPlace: (name: string, by: string, right: boolean) =>
    `Moves ${name} ${by} to the ${right ? "right" : "left"}: look at its stud bay.`,
  newBand: (name: string, by: string, up: boolean) =>
    `Moves ${name} ${by} ${up ? "up" : "down"}, on all walls.`,
  newSize: (name: string, width: string, height: string) =>
    `Makes ${name} ${width} wide and ${height} high.`,
  weights: "What counts",
  weight: {
    slivers: "No slivers",
    smallest: "Large cuts",
    balance: "Equal cuts",
    openings: "Openings on joints",
    tongues: "No weak tongues",
    holes: "Holes clear of edges",
    cuts: "Few cuts",
    tiles: "Few tiles",
  } satisfies Record<keyof Weights, string>,
  defaultWeights: "Usual weights",
  start: "Search",
  stop: "Stop",
  progress: (share: number, seconds: number | undefined) =>
    `${Math.round(share * 100)} %${seconds === undefined ? "" : `, about ${seconds < 90 ? `${Math.ceil(seconds / 10) * 10} s` : `${Math.ceil(seconds / 60)} min`} left.`}`,
  soFar: (count: string) =>
    `The best so far of ${count} layouts of single walls. The search goes on: better ones may come, and nothing is proven yet.`,
  stopped: "Stopped. Nothing was changed.",
  stoppedAt: (share: number, count: string) =>
    `Stopped at ${Math.round(share * 100)} %: the best of ${count} layouts of single walls. There may be better ones, and nothing is proven.`,
  failed: "The search failed. Your layout is as it was; try again.",
  none: "Nothing to search: there is no field, the bond has no courses to move, or the rows of its walls are not alike.",
  covered: (count: string, variants: number, every: boolean) =>
    `${count} layouts of single walls answered for, none left out${variants > 1 ? `, with ${variants} joints, niche sizes and heights of bands: ${every ? "every joint at which anything changes, to a hundredth of a millimetre" : "both ends of the range, the tape's marks between them, and joints that close a run with whole tiles"}` : ""}.`,
  holes:
    "How near a hole's rim comes to a tile's corner is judged at each of these joints, and makes none of its own.",
  /** Undefined where a tile runs out to nothing whatever the layout. */
  proven: (along: string | undefined, across: string | undefined, variants: number) => {
    const no = variants > 1 ? "With what was tried no" : "No";
    const wider = along && `${no} layout keeps every cut wider than ${along}.`;
    const higher = across && `${no} layout keeps every cut higher than ${across}.`;
    const outside = along && across ? "" : OUT_OF_REACH;
    return [wider, higher, outside].filter(Boolean).join(" ");
  },
  aims: {
    all: "Best by your weights",
    smallest: "Largest small cuts",
    balance: "Most equal cuts",
    openings: "Openings nearest to joints",
    cuts: "Fewest cuts",
  } satisfies Record<Aim, string>,
  other: "Another good one",
  smallest: "Smallest cut",
  runsOut: "runs out",
  slivers: "Slivers",
  cuts: "Cuts",
  buy: "Tiles",
  score: "Score",
  apply: "Take over",
  applied: "This is the layout now.",
  givesUp: ({ code, own, best }: GivesUp, length: (mm: number) => string): string => {
    switch (code) {
      case "nothing":
        return "Gives up nothing that matters against the others.";
      case "slivers":
        return `Gives up clean edges: ${counted(own, "sliver")} where ${best} would do.`;
      case "tongues":
        return `Gives up strength: ${counted(own, "weak tongue")} beside an opening, ${best} elsewhere.`;
      case "holes":
        return `Gives up safe drilling: ${counted(own, "hole")} near a tile's edge, ${best} elsewhere.`;
      case "smallest":
        return own > 0
          ? `Gives up width: its smallest cut is ${length(own)}, ${length(best)} is possible.`
          : `Gives up width: a tile runs out to nothing along an edge, ${length(best)} is possible.`;
      case "balance":
        return `Gives up balance: added up, opposite cuts differ by ${length(own)}, ${length(best)} is possible.`;
      case "openings":
        return `Gives up the niche: added up, its edges lie ${length(own)} off the joints, ${length(best)} is possible.`;
      case "cuts":
        return `Gives up time at the saw: ${counted(own, "cut")}, ${best} would do.`;
      default:
        return code satisfies never;
    }
  },
  chart: {
    title: "Waste against smallest cut",
    hint: "Across: the smallest cut. Up: tile bought, spare included, that is not on the wall. Lower and further right is better.",
  },
};
