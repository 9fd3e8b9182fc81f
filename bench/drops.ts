import { dropsBound } from "../core/cut/drops/drops.ts";
import { planProject } from "../core/plan.ts";
import { SAMPLE_NAMES, sampleProject } from "../core/testing.ts";

/** How far the tiles for the samples' cuts stay above what no way of cutting can undercut. */
export function dropsGap(): Record<string, number> {
  const plans = SAMPLE_NAMES.map((name) => {
    const project = sampleProject(name);
    const plan = planProject(project);
    const bound = dropsBound(project, plan);
    return { found: plan.drops.tiles.length, without: plan.drops.withoutDrops, bound };
  });
  const total = (key: "found" | "without" | "bound") =>
    plans.reduce((sum, plan) => sum + plan[key], 0);
  return {
    "drops.gapToOptimum": total("found") / total("bound") - 1,
    "drops.tilesSaved": total("without") - total("found"),
  };
}
