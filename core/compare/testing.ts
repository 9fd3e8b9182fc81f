import assert from "node:assert/strict";
import fc from "fast-check";
import { mod } from "../limits.ts";
import type { Project } from "../project/schema.ts";
import { gridStep, planValid } from "../testing.ts";
import { evaluateWall } from "./evaluate-wall.ts";
import type { Candidate, SearchResult } from "./layout.ts";
import { type ModelWall, type SearchModel, searchModel } from "./model.ts";
import { DEFAULT_WEIGHTS, scoreOf } from "./score.ts";
import { leastFoot, searchLayouts } from "./search.ts";

/** What Compare is asked when niches stay as they are. */
export const STILL = {
  weights: DEFAULT_WEIGHTS,
  nicheRange: 0,
  nicheAcross: 0,
  nicheSize: 0,
};

/** The search's model of a job that has one. */
export function modelOf(project: Project, nicheRange = 0, nicheAcross = 0): SearchModel {
  const plan = planValid(project);
  const model = searchModel(plan, project.setOut.firstCourse.drop, {
    nicheRange,
    nicheAcross,
  });
  assert.ok(model);
  return model;
}

/** The whole search by the usual weights. */
export function search(model: SearchModel): SearchResult {
  const result = searchLayouts(model, DEFAULT_WEIGHTS);
  assert.ok(result);
  return result;
}

/** The first layout that is found. */
export const best = (model: SearchModel): Candidate => search(model).candidates[0] as Candidate;

/** Parts of a thousandth of a millimetre of which no sum or difference is near a whole one. */
export const APART = [0.37, 0.21, 0.09] as const;

/**
 * Thousandths of a millimetre and a little: at a limit, as half a millimetre is one, the search and
 * the clipper may round to different sides. Lengths that are measured along one line take a little
 * of their own each, or it cancels out between them.
 */
export const fine = (least: number, most: number, little: (typeof APART)[number] = APART[0]) =>
  fc.integer({ min: least * 1000, max: most * 1000 }).map((each) => (each + little) / 1000);

/** The best score on a grid of 1/32 in (in the soak) over phase, courses and niche height. */
export function gridBest(
  model: SearchModel,
  weights = DEFAULT_WEIGHTS,
): { score: number; along: number } {
  const mark = gridStep(25.4 / 32);
  const [wall] = model.walls as [ModelWall];
  const { bond } = model;
  const moves = wall.openings.find((o) => o.acrossRange)?.acrossRange;
  let [score, smallest] = [Infinity, 0];
  for (let along = 0; along < bond.length + bond.joint; along += mark) {
    for (let down = 0; down < bond.depth + bond.joint; down += mark) {
      const across = model.courseFoot - down;
      if (!showsFirst(model, bond.standing ? along : across)) continue;
      const heights = moves ? range(moves.from, moves.to, mark) : [undefined];
      for (const niche of heights) {
        const terms = evaluateWall(bond, wall, { along, across, niche });
        score = Math.min(score, scoreOf(terms, bond, weights));
        smallest = Math.max(smallest, terms.smallestAlong);
      }
    }
  }
  return { score, along: smallest };
}

/** Whether the first course shows at the low point with the phase that all walls share. */
export function showsFirst(model: SearchModel, shared: number): boolean {
  const { bond, courseFoot } = model;
  const module = (bond.standing ? bond.length : bond.depth) + bond.joint;
  return courseFoot - mod(courseFoot - shared, module) >= leastFoot(model);
}

/** Numbers from one to another by steps. */
export function range(from: number, to: number, step: number): number[] {
  return Array.from({ length: Math.floor((to - from) / step) + 1 }, (_, k) => from + k * step);
}
