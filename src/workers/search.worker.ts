import { expose } from "comlink";
import type { Project } from "../../core/project/schema.ts";
import {
  type ComparedLayout,
  type CompareQuestion,
  type Comparison,
  compareLayouts,
} from "../../core/set-out/compare/compare.ts";
import { type PlanWall, planThumbs } from "./thumbs.ts";

/** A found layout as it is shown: the job that it would make, its picture and its figures. */
export interface FoundLayout extends Omit<ComparedLayout, "plan"> {
  project: Project;
  walls: PlanWall[];
  slivers: number;
  cuts: number;
  buy: number;
}

export interface SearchAnswer extends Omit<Comparison, "found"> {
  found: FoundLayout[];
}

export type SearchQuestion = CompareQuestion;

/** Told so often how far the search is: often enough for a bar, seldom enough to cost nothing. */
const TELL_EVERY = 0.02;

/** What the search worker offers: every layout that can be best, judged off the main thread. */
const api = {
  search(question: SearchQuestion, onProgress: (share: number) => void): SearchAnswer | undefined {
    let told = 0;
    const comparison = compareLayouts(question, (share) => {
      if (share - told >= TELL_EVERY) {
        told = share;
        onProgress(share);
      }
      return true;
    });
    if (!comparison) return undefined;
    const found = comparison.found.map(
      ({ plan, ...layout }): FoundLayout => ({
        ...layout,
        walls: planThumbs(plan),
        slivers: plan.warnings.filter(({ code }) => code === "sliver").length,
        cuts: plan.totals.tilesCut,
        buy: plan.order.find(({ code }) => code === "fieldTile")?.quantity ?? 0,
      }),
    );
    return { ...comparison, found };
  },
};

export type SearchWorker = typeof api;

expose(api);
