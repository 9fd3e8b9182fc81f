import { expose } from "comlink";
import { planProject } from "../../core/plan.ts";
import type { Project } from "../../core/project/schema.ts";
import { applyLayout } from "../../core/set-out/compare/apply.ts";
import { type GivesUp, givesUp, smallestCut } from "../../core/set-out/compare/gives-up.ts";
import { searchModel } from "../../core/set-out/compare/model.ts";
import {
  type Aim,
  type SearchResult,
  searchLayouts,
  type Weights,
} from "../../core/set-out/compare/search.ts";
import { type PlanWall, planThumbs } from "./thumbs.ts";

/** A found layout as it is shown: the job that it would make, its picture and its figures. */
export interface FoundLayout {
  aim: Aim;
  score: number;
  /** The job with this layout taken over. */
  project: Project;
  walls: PlanWall[];
  slivers: number;
  smallest: number;
  cuts: number;
  buy: number;
  givesUp: GivesUp;
}

export interface SearchAnswer {
  found: FoundLayout[];
  covered: number;
  proven: SearchResult["provenSmallest"];
}

export interface SearchQuestion {
  project: Project;
  weights: Weights;
  nicheRange: number;
}

/** Told so often how far the search is: often enough for a bar, seldom enough to cost nothing. */
const TELL_EVERY = 0.02;

/** What the search worker offers: every layout that can be best, judged off the main thread. */
const api = {
  search(
    { project, weights, nicheRange }: SearchQuestion,
    onProgress: (share: number) => void,
  ): SearchAnswer | undefined {
    const plan = planProject(project);
    const model = searchModel(plan, project.setOut.firstCourse.drop, { nicheRange });
    if (!model) return undefined;
    let told = 0;
    const result = searchLayouts(model, weights, (share) => {
      if (share - told >= TELL_EVERY) {
        told = share;
        onProgress(share);
      }
      return true;
    });
    if (!result) return undefined;
    const layouts = result.candidates.map(({ layout }) => layout);
    const found = result.candidates.map(({ aim, layout }): FoundLayout => {
      const draft = structuredClone(project);
      applyLayout(project, plan, model, layout).change(draft);
      const made = planProject(draft);
      return {
        aim,
        score: layout.score,
        project: draft,
        walls: planThumbs(made),
        slivers: made.warnings.filter(({ code }) => code === "sliver").length,
        smallest: smallestCut(layout),
        cuts: made.totals.tilesCut,
        buy: made.order.find(({ code }) => code === "fieldTile")?.quantity ?? 0,
        givesUp: givesUp(layout, layouts),
      };
    });
    return { found, covered: result.covered, proven: result.provenSmallest };
  },
};

export type SearchWorker = typeof api;

expose(api);
