import { searchModel } from "../core/compare/model.ts";
import { DEFAULT_WEIGHTS } from "../core/compare/score.ts";
import { searchLayouts } from "../core/compare/search.ts";
import { planProject } from "../core/plan.ts";
import type { Project } from "../core/project/schema.ts";
import { sampleProject } from "../core/testing.ts";
import { Page } from "../tests/browser/browser.ts";
import { planMs } from "./planning.ts";

/** Layouts a second, and how much faster that is than planning the wall for each of them. */
export function searchSpeed(project: Project): Record<string, number> {
  const plan = planProject(project);
  const model = searchModel(plan, project.setOut.firstCourse.drop, { nicheRange: 300 });
  if (!model) throw new Error("the sample has no field");
  const times: number[] = [];
  let covered = 0;
  for (let run = 0; run < 5; run++) {
    const start = performance.now();
    covered = searchLayouts(model, DEFAULT_WEIGHTS)?.covered ?? 0;
    times.push(performance.now() - start);
  }
  const ms = times.sort((a, b) => a - b)[2] ?? Number.NaN;
  // The plan is of all walls, a candidate of one.
  const planOfWall = planMs(project) / plan.walls.length;
  return {
    "search.ms": ms,
    "search.candidatesPerSecond": (covered / ms) * 1000,
    "search.ratioToFullPlan": planOfWall / (ms / covered),
  };
}

/** Searches with niches that move up and down and sideways, s: millions of layouts, all answered for. */
export function twoWaySeconds(): Record<string, number> {
  const seconds = (name: string, nicheRange: number, nicheAcross: number) => {
    const project = sampleProject(name);
    const { drop } = project.setOut.firstCourse;
    const model = searchModel(planProject(project), drop, { nicheRange, nicheAcross });
    if (!model) throw new Error(`${name} has no field`);
    let firstS: number | undefined;
    const start = performance.now();
    const gone = () => (performance.now() - start) / 1000;
    const found = searchLayouts(model, DEFAULT_WEIGHTS, (share) => {
      if (share > 0) firstS ??= gone();
      return true;
    });
    return { s: gone(), firstS: firstS ?? Number.NaN, covered: found?.covered ?? 0 };
  };
  const walkIn = seconds("walk-in-shower", 300, 200);
  return {
    "search.twoWay.s": walkIn.s,
    "search.twoWay.firstS": walkIn.firstS,
    "search.twoWay.layouts": walkIn.covered,
    "search.twoWay.corner.s": seconds("corner-shower", 100, 100).s,
  };
}

/** Time between frames in the page while the search runs. */
export async function framesDuringSearch(): Promise<Record<string, number>> {
  const page = await Page.open();
  try {
    await page.openSample("Quarry Row 14");
    await page.press("l");
    const button = await page.button("Search");
    const frames = await page.driver.executeAsyncScript<number[]>(
      `const [button, done] = arguments;
       const times = [];
       let last;
       const watch = (now) => {
         if (last !== undefined) times.push(now - last);
         last = now;
         if (document.querySelector("[data-search=found]")) done(times);
         else requestAnimationFrame(watch);
       };
       button.click();
       requestAnimationFrame(watch);`,
      button,
    );
    const sorted = [...frames].sort((a, b) => a - b);
    return {
      "search.frameMs.p95": sorted[Math.floor(sorted.length * 0.95)] ?? Number.NaN,
      "search.frameMs.most": sorted[sorted.length - 1] ?? Number.NaN,
    };
  } finally {
    await page.close();
  }
}
