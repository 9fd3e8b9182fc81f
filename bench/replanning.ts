import { produce } from "immer";
import { Planner, planProject } from "../core/plan.ts";
import type { Project } from "../core/project/schema.ts";
import { median, timeMs } from "./planning.ts";

type Change = (draft: Project, step: number) => void;

/**
 * What a planner takes that remembers, as shares of planning the same jobs anew in turns with it: a
 * wall's pattern moved under the finger and let go, the worst wall of each; a price's worth changed.
 */
export function replanRatios(name: string, project: Project, runs: number): Record<string, number> {
  const moves = project.walls.map(
    (_, w): Change =>
      (draft, step) => {
        const wall = draft.walls[w];
        if (wall) wall.centre = { mode: "free", shift: ((step * 7.3) % 90) - 45 };
      },
  );
  const packs: Change = (draft, step) => {
    const [tile] = draft.tiles;
    if (tile) tile.perBox = 5 + (step % 7);
    draft.settings = { ...draft.settings, clipBag: 100 + (step % 50) };
  };
  const passed = moves.map((move) => timed(project, move, runs, "pass"));
  const settled = moves.map((move) => timed(project, move, runs, "plan"));
  const reordered = timed(project, packs, runs, "plan");
  const worst = (times: Timed[]) =>
    times.reduce((most, each) => (each.again / each.anew > most.again / most.anew ? each : most));
  return {
    ...figures(`replan.${name}`, worst(passed)),
    ...figures(`settle.${name}`, worst(settled)),
    ...figures(`reorder.${name}`, reordered),
  };
}

/** Medians of planning a changed job again and anew, ms. */
interface Timed {
  again: number;
  anew: number;
}

function figures(name: string, { again, anew }: Timed): Record<string, number> {
  return { [`${name}.ms`]: again, [`${name}.toWhole`]: again / anew };
}

function timed(project: Project, change: Change, runs: number, how: "pass" | "plan"): Timed {
  const planner = new Planner();
  planner.plan(project);
  let job = project;
  const again: number[] = [];
  const anew: number[] = [];
  for (let step = 0; step < 3 * runs; step++) {
    job = produce(job, (draft) => change(draft as Project, step));
    const [own, whole] = [timeMs(() => planner[how](job)), timeMs(() => planProject(job))];
    // The first ones warm the engine up.
    if (step < 2 * runs) continue;
    again.push(own);
    anew.push(whole);
  }
  return { again: median(again), anew: median(anew) };
}
