import type { Aim } from "./score.ts";
import type { LayoutTerms } from "./terms.ts";

/** Where a wall's niches were moved to; undefined where they do not move. */
export interface NichePlace {
  along?: number | undefined;
  across?: number | undefined;
}

/** A wall's layout with what it is judged by. */
export interface WallLayout {
  wall: string;
  /** Left edge of the reference tile, mm. */
  left: number;
  /** Near edges of the first niche, where the niches move. */
  niche: NichePlace;
  terms: LayoutTerms;
  score: number;
}

/** One layout of the whole surround. */
export interface Layout {
  /** Foot of course 1, which all walls share, mm above the low point. */
  foot: number;
  walls: WallLayout[];
  score: number;
}

/** A layout worth looking at, and why. */
export interface Candidate {
  aim: Aim;
  layout: Layout;
}

/** What the search found. */
export interface SearchResult {
  candidates: Candidate[];
  /** Layouts of single walls that this answers for. */
  covered: number;
  /** The largest smallest cut that any layout has, mm: no layout keeps every cut above it. */
  provenSmallest: { along: number; across: number };
}

/**
 * Asked all along: whether to go on, having done so large a share. What was found so far can be had
 * for the asking; nothing is proven by it.
 */
export type GoOn<Result> = (share: number, soFar: () => Result) => boolean;
