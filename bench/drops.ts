import { planProject } from "../core/plan.ts";
import type { Project } from "../core/project/schema.ts";
import { oneWall, openingAt, SAMPLE_NAMES, sampleProject } from "../core/testing.ts";

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

/** How far the tiles for cuts stay above what no way of cutting can undercut. */
export function dropsGap(): Record<string, number> {
  const jobs = [...SAMPLE_NAMES.map(sampleProject), ...awkwardJobs()];
  const drops = jobs.map((project) => planProject(project).drops);
  const sum = (values: number[]) => values.reduce((all, value) => all + value, 0);
  const found = sum(drops.map(({ tiles }) => tiles.length));
  return {
    "drops.gapToOptimum": found / sum(drops.map(({ bound }) => bound)) - 1,
    "drops.tilesSaved": sum(drops.map(({ withoutDrops }) => withoutDrops)) - found,
  };
}
