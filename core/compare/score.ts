import type { ModelBond } from "../set-out/row-bond.ts";
import type { ModelWall } from "./model.ts";
import type { LayoutTerms } from "./terms.ts";

/** How much each term weighs; the user's to change. */
export interface Weights {
  slivers: number;
  smallest: number;
  balance: number;
  openings: number;
  tongues: number;
  holes: number;
  cuts: number;
  tiles: number;
}

export const DEFAULT_WEIGHTS: Weights = {
  slivers: 10,
  smallest: 6,
  balance: 3,
  openings: 2,
  tongues: 8,
  holes: 4,
  cuts: 0.1,
  tiles: 0.05,
};

/** What a candidate is the best at. */
export type Aim = "all" | "smallest" | "balance" | "openings" | "cuts";

/** A wall's score: every term times its weight, lengths as shares of the tile. */
export function scoreOf(terms: LayoutTerms, bond: ModelBond, weights: Weights): number {
  const { length, depth } = bond;
  return (
    weights.slivers * terms.slivers +
    weights.smallest *
      (Math.max(0, 0.5 - terms.smallestAlong / length) +
        Math.max(0, 0.5 - terms.smallestAcross / depth)) +
    weights.balance * (terms.endsDiffer / length + terms.headsDiffer / depth) +
    weights.openings * (terms.openingsOff / ((length + depth) / 2)) +
    weights.tongues * terms.weakTongues +
    weights.holes * terms.holesNearEdge +
    weights.cuts * terms.cuts +
    weights.tiles * terms.tiles
  );
}

/** The weights for a wall that counts so much beside the others. */
export function weightsOn({ counts }: Pick<ModelWall, "counts">, weights: Weights): Weights {
  return Object.fromEntries(
    Object.entries(weights).map(([name, weight]) => [name, weight * counts]),
  ) as unknown as Weights;
}

/** What each term adds to a wall's score. */
export function scoreParts(
  terms: LayoutTerms,
  bond: ModelBond,
  weights: Weights,
): Record<keyof Weights, number> {
  const only = (name: keyof Weights) =>
    scoreOf(terms, bond, { ...NO_WEIGHTS, [name]: weights[name] });
  return Object.fromEntries(
    (Object.keys(weights) as (keyof Weights)[]).map((name) => [name, only(name)]),
  ) as Record<keyof Weights, number>;
}

const NO_WEIGHTS: Weights = {
  slivers: 0,
  smallest: 0,
  balance: 0,
  openings: 0,
  tongues: 0,
  holes: 0,
  cuts: 0,
  tiles: 0,
};

/** Weights that look for one thing first and for the rest as usual. */
export function weightsFor(aim: Aim, weights: Weights): Weights {
  const much = 30;
  switch (aim) {
    case "all":
      return weights;
    case "smallest":
      return { ...weights, smallest: weights.smallest * much, slivers: 0 };
    case "balance":
      return { ...weights, balance: weights.balance * much };
    case "openings":
      return { ...weights, openings: weights.openings * much };
    case "cuts":
      return { ...weights, cuts: weights.cuts * much, tiles: weights.tiles * much };
    default:
      return aim satisfies never;
  }
}

/** All aims, the usual one first. */
export const AIMS: Aim[] = ["all", "smallest", "balance", "openings", "cuts"];
