import { LEAST_PIECE, mod, SAME_SUM } from "../limits.ts";
import { countsOn, worstShown } from "./choose.ts";
import { Judge, type JudgedFoot } from "./judge.ts";
import type { GoOn, SearchResult } from "./layout.ts";
import type { SearchModel } from "./model.ts";
import { directionsOf } from "./own-places.ts";
import type { Weights } from "./score.ts";

/**
 * Judges every layout on the breakpoints of every term: the pattern's phase on each wall, the
 * height of the courses that all walls share, and the height of niches. Walls only share the
 * courses, so for each height of the courses the best of each wall is the best of all. Exhaustive
 * and deterministic; gives undefined when `goOn` says to stop.
 */
export function searchLayouts(
  model: SearchModel,
  weights: Weights,
  goOn: GoOn<SearchResult> = () => true,
): SearchResult | undefined {
  const { bond, walls, courseFoot } = model;
  const directions = directionsOf(walls);
  const module = (bond.standing ? bond.length : bond.depth) + bond.joint;
  // Course 1 is the row that the shifts count from: it stands where a first course may stand.
  const least = leastFoot(model);
  const feet = inOrder([
    least,
    ...directions.shared
      .map((anywhere) => courseFoot - mod(courseFoot - anywhere, module))
      .filter((foot) => foot > least),
    courseFoot,
  ]);
  const grazes = inOrder(
    walls.flatMap((wall) => directions.grazes(wall, courseFoot)).filter((foot) => foot > least),
  );
  const judge = new Judge(model, directions, weights);
  const goesOn = (done: number) => goOn(done / (feet.length + grazes.length), judge.result);
  // Just below what shows the row after it comes first: another layout, unless rows only count on.
  const lowest = judge.at(courseFoot - module);
  const judged: JudgedFoot[] = [
    bond.standing || walls.every((wall) => countsOn(wall.bond)) ? lowest : judge.add(lowest),
  ];
  for (const [k, foot] of feet.entries()) {
    if (!goesOn(k)) return undefined;
    judged.push(judge.add(judge.at(foot)));
  }
  const shown = worstShown(judge.result());
  let above = 1;
  for (const [k, foot] of grazes.entries()) {
    if (!goesOn(feet.length + k)) return undefined;
    while (above < judged.length - 1 && (judged[above] as JudgedFoot).foot < foot) above++;
    judge.addIfBetter(foot, judged[above - 1] as JudgedFoot, judged[above] as JudgedFoot, shown);
  }
  return judge.result();
}

/**
 * The lowest that course 1 may stand: half a millimetre of it shows at the low point. Lower it is
 * joint there, and the gap to the base wider than it is set.
 */
export function leastFoot({ bond, courseFoot }: Pick<SearchModel, "bond" | "courseFoot">): number {
  return courseFoot - (bond.standing ? bond.length : bond.depth) + LEAST_PIECE;
}

/** Numbers in order, each once: rounding does not make two of one. */
function inOrder(values: number[]): number[] {
  const sorted = [...values].sort((p, q) => p - q);
  return sorted.filter((value, k) => k === 0 || value - (sorted[k - 1] as number) > SAME_SUM);
}
