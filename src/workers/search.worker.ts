import { expose } from "comlink";
import {
  type ComparedLayout,
  type CompareQuestion,
  type Comparison,
  compareLayouts,
} from "../../core/compare/compare.ts";
import { wasteShare } from "../../core/options/option-figures.ts";
import type { Project } from "../../core/project/schema.ts";
import { type PlanWall, planThumbs } from "../paths/thumbs.ts";

/** A found layout as it is shown: the job that it would make, its picture and its figures. */
export interface FoundLayout extends Omit<ComparedLayout, "plan"> {
  project: Project;
  walls: PlanWall[];
  buy: number;
  /** The share of the tile that is bought that is not on the walls. */
  waste: number;
}

export interface SearchAnswer extends Omit<Comparison, "found"> {
  found: FoundLayout[];
}

export type SearchQuestion = CompareQuestion;

/** Told so often how far the search is, ms: often enough for a bar, seldom enough to cost nothing. */
const TELL_EVERY = 100;

/** What was found so far is first shown after so long, and then so often, ms: it takes some plans to make. */
const SHOW_FIRST = 300;
const SHOW_EVERY = 2000;

/** What the search worker offers: every layout that can be best, judged off the main thread. */
const api = {
  search(
    question: SearchQuestion,
    onProgress: (share: number) => void,
    onSoFar: (answer: SearchAnswer) => void,
  ): SearchAnswer | undefined {
    let told = Date.now();
    let next = told + SHOW_FIRST;
    const comparison = compareLayouts(question, (share, soFar) => {
      const now = Date.now();
      if (now - told > TELL_EVERY) {
        told = now;
        onProgress(share);
      }
      if (share > 0 && now > next) {
        onSoFar(answerOf(soFar()));
        next = Date.now() + SHOW_EVERY;
      }
      return true;
    });
    return comparison && answerOf(comparison);
  },
};

function answerOf({ found, ...comparison }: Comparison): SearchAnswer {
  return {
    ...comparison,
    found: found.map(
      ({ plan, ...layout }): FoundLayout => ({
        ...layout,
        walls: planThumbs(plan),
        buy: plan.order.find(({ code }) => code === "fieldTile")?.quantity ?? 0,
        waste: wasteShare(layout.project, plan),
      }),
    ),
  };
}

export type SearchWorker = typeof api;

expose(api);
