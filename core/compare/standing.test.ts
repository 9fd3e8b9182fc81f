import assert from "node:assert/strict";
import { test } from "node:test";
import type { Project, Tile } from "../project/schema.ts";
import { bandAt, gridStep, near, oneWall, openingAt, planValid } from "../testing.ts";
import { applyLayout } from "./apply.ts";
import { evaluateWall } from "./evaluate-wall.ts";
import { type ModelWall, searchModel } from "./model.ts";
import { DEFAULT_WEIGHTS, scoreOf } from "./score.ts";
import { leastFoot, searchLayouts } from "./search.ts";

function range(from: number, to: number, step: number): number[] {
  return Array.from({ length: Math.floor((to - from) / step) + 1 }, (_, k) => from + k * step);
}

/** The wall with its niche begun elsewhere along standing rows. */
function nicheAlong(wall: ModelWall, niche: number): ModelWall {
  const openings = wall.openings.map((each) =>
    each.alongRange ? { ...each, x0: niche, x1: niche + each.x1 - each.x0 } : each,
  );
  return { ...wall, openings };
}

/** A band from 250 to 290; without readings the level line is taken to be 1200 up. */
const band = bandAt(-950, 40);

test("standing tile: a niche that moves up and down, against a grid of 1/16 in", () => {
  const cases = [
    { offset: undefined, zones: [], mark: 1 / 16 },
    { offset: 0.5, zones: [], mark: 1 / 16 },
    { offset: undefined, zones: [band], mark: 1 / 8 },
  ] as const;
  for (const { offset, zones, mark: inches } of cases) {
    const field: Partial<Project["field"]> = offset
      ? { pattern: "offset", offset, run: "alternating", lay: "standing" }
      : { lay: "standing" };
    const plain = oneWall({
      width: 260,
      height: 420,
      tile: [110, 70],
      field,
      wall: {
        openings: [openingAt(80, 150, 90, 100)],
      },
    });
    const [tile] = plain.tiles as [Tile];
    const tiles = [tile, { ...tile, id: "accent" }];
    const project = { ...plain, tiles, zones: [...zones] };
    const plan = planValid(project);
    const model = searchModel(plan, project.setOut.firstCourse.drop, { nicheRange: 30 });
    assert.ok(model);
    const [wall] = model.walls as [ModelWall];
    const { bond } = model;
    assert.equal(wall.bands.length, zones.length);
    const moves = wall.openings.find((each) => each.alongRange)?.alongRange ?? { from: 0, to: 0 };
    const mark = gridStep(25.4 * inches);
    let grid = Infinity;
    for (const niche of range(moves.from, moves.to, mark)) {
      const moved = nicheAlong(wall, niche);
      // Lower than that, or higher, the gap to the base would be wider than it is set.
      for (const along of range(leastFoot(model), model.courseFoot, mark)) {
        for (const across of range(0, 2 * (bond.depth + bond.joint), mark)) {
          const terms = evaluateWall(bond, moved, { along, across });
          grid = Math.min(grid, scoreOf(terms, bond, DEFAULT_WEIGHTS));
        }
      }
    }
    const found = searchLayouts(model, DEFAULT_WEIGHTS);
    const best = Math.min(...(found?.candidates ?? []).map(({ layout }) => layout.score));
    assert.ok(
      best <= grid + 1e-6,
      `offset ${offset}, ${zones.length} bands: ${best} is worse than the grid's ${grid}`,
    );
    // Taken over, the niche stands where it was judged.
    const [candidate] = found?.candidates ?? [];
    const niche = candidate?.layout.walls[0]?.niche.along;
    const draft = structuredClone(project);
    if (candidate) applyLayout(project, plan, model, candidate.layout).change(draft);
    near(planValid(draft).walls[0]?.openings[0]?.y, niche ?? Number.NaN, 1e-6);
  }
});
