import type { Layout } from "./layout.ts";
import type { LayoutTerms } from "./terms.ts";

/** What a layout can give up against the others. */
export type GivenUp =
  | "nothing"
  | "slivers"
  | "tongues"
  | "holes"
  | "smallest"
  | "balance"
  | "openings"
  | "cuts";

/** The one thing that a layout gives up most, with its own figure and the best of the others. */
export interface GivesUp {
  code: GivenUp;
  own: number;
  best: number;
}

/** A layout with what its full plan counts: pieces that are slivers, and cut pieces. */
export interface PlannedLayout {
  layout: Layout;
  slivers: number;
  cuts: number;
}

interface Measure {
  code: GivenUp;
  /** Lower is better. */
  of: (planned: PlannedLayout) => number;
  /** So much worse than the best is worth saying. */
  matters: number;
}

const sum = ({ layout }: PlannedLayout, of: (terms: LayoutTerms) => number) =>
  layout.walls.reduce((total, { terms }) => total + of(terms), 0);

/** The smallest cut of a layout, along or across the rows, mm. */
export function smallestCut({ walls }: Layout): number {
  return Math.min(...walls.map(({ terms }) => Math.min(terms.smallestAlong, terms.smallestAcross)));
}

/** In the order of what hurts most. */
const MEASURES: Measure[] = [
  { code: "slivers", of: ({ slivers }) => slivers, matters: 1 },
  { code: "tongues", of: (l) => sum(l, ({ weakTongues }) => weakTongues), matters: 1 },
  { code: "holes", of: (l) => sum(l, ({ holesNearEdge }) => holesNearEdge), matters: 1 },
  { code: "smallest", of: ({ layout }) => -smallestCut(layout), matters: 12 },
  { code: "balance", of: (l) => sum(l, (t) => t.endsDiffer + t.headsDiffer), matters: 25 },
  { code: "openings", of: (l) => sum(l, ({ openingsOff }) => openingsOff), matters: 12 },
  { code: "cuts", of: ({ cuts }) => cuts, matters: 2 },
];

/** What a layout gives up against the best of each measure among all of them. */
export function givesUp(planned: PlannedLayout, all: PlannedLayout[]): GivesUp {
  for (const { code, of, matters } of MEASURES) {
    const own = of(planned);
    const best = Math.min(...all.map(of));
    if (own - best >= matters) return { code, own: Math.abs(own), best: Math.abs(best) };
  }
  return { code: "nothing", own: 0, best: 0 };
}
