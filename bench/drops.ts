import { type Plan, planProject } from "../core/plan.ts";
import type { Project } from "../core/project/schema.ts";
import { oneWall, openingAt, SAMPLE_NAMES, sampleProject } from "../core/testing.ts";
import { cutsOf, programFewest } from "../core/testing-program.ts";

/** Jobs whose cuts the quick way matches less well: the exact search has to close the gap. */
function awkwardJobs(): Project[] {
  const field = { pattern: "herringbone", angle: "block" } as const;
  const niche = (...place: Parameters<typeof openingAt>) => ({ openings: [openingAt(...place)] });
  return [
    oneWall({
      width: 1032,
      height: 1583,
      tile: [507, 115],
      joint: 4,
      field,
      wall: niche(184, 243, 273, 200),
    }),
    oneWall({
      width: 2034,
      height: 1644,
      tile: [265, 73],
      joint: 1,
      field,
      wall: niche(238, 316, 321, 353),
    }),
  ];
}

/** No way of cutting does with fewer: by the bound, or where that leaves a gap by an integer program. */
function fewestOf(plan: Plan): number {
  const { tiles, bound } = plan.drops;
  if (bound >= tiles.length) return bound;
  return cutsOf(plan).reduce((sum, cuts) => sum + programFewest(cuts), 0);
}

/** How far the tiles for cuts stay above what no way of cutting can undercut. */
export function dropsGap(): Record<string, number> {
  const jobs = [...SAMPLE_NAMES.map(sampleProject), ...awkwardJobs()];
  const plans = jobs.map((project) => planProject(project));
  const sum = (of: (plan: Plan) => number) => plans.reduce((all, plan) => all + of(plan), 0);
  const found = sum(({ drops }) => drops.tiles.length);
  return {
    "drops.gapToOptimum": found / sum(fewestOf) - 1,
    "drops.proven": sum(({ drops }) => (drops.bound >= drops.tiles.length ? 1 : 0)) / plans.length,
    "drops.tilesSaved": sum(({ drops }) => drops.withoutDrops) - found,
  };
}
