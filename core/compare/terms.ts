import type { ModelBond } from "../set-out/row-bond.ts";

/** What one wall's layout is judged by. Lower is better for all but the two smallest cuts. */
export interface LayoutTerms {
  /** Sides and pieces beside openings that are slivers. */
  slivers: number;
  /** Smallest cut along the rows and across them, at the narrow end, mm; a whole tile if none. */
  smallestAlong: number;
  smallestAcross: number;
  /** How much the cuts at the two ends, and at foot and head, differ, mm. */
  endsDiffer: number;
  headsDiffer: number;
  /** How far the edges of openings lie off the tiles' edges, mm. */
  openingsOff: number;
  weakTongues: number;
  holesNearEdge: number;
  cuts: number;
  tiles: number;
}

/** The terms of a field in which nothing was found yet. */
export function noTerms({ length, depth }: ModelBond): LayoutTerms {
  return {
    slivers: 0,
    smallestAlong: length,
    smallestAcross: depth,
    endsDiffer: 0,
    headsDiffer: 0,
    openingsOff: 0,
    weakTongues: 0,
    holesNearEdge: 0,
    cuts: 0,
    tiles: 0,
  };
}

/** Both kinds of tile are bought with their usual spare. */
export const WHOLE_SPARE = 1.05;
export const CUT_SPARE = 1.1;
