import assert from "node:assert/strict";
import { test } from "node:test";
import { boxOf } from "../geometry/polygon.ts";
import { near, oneWall, opening, planValid, sampleProject } from "../testing.ts";
import { compareLayouts } from "./compare.ts";
import { DEFAULT_WEIGHTS } from "./score.ts";
import { STILL } from "./testing.ts";
import { closingJoints, jointMarks, variantsOf } from "./variants.ts";

test("joints of a range are tried at every mark, and the best of all is found among them", () => {
  const project = oneWall({ width: 1208, height: 1209, wall: { centre: { mode: "joint" } } });
  assert.deepEqual(jointMarks(project, 2, 4), [2, 2.5, 3, 3.5, 4]);
  assert.deepEqual(
    jointMarks({ ...project, unit: "in" }, 1.5, 5).map((mm) => Math.round(mm * 1e4) / 1e4),
    [1.5875, 3.175, 4.7625],
  );
  const question = {
    project,
    ...STILL,
  };
  const fixed = compareLayouts({ ...question, joint: { least: 3, most: 3 } });
  const ranged = compareLayouts({ ...question, joint: { least: 2, most: 4 } });
  // Five marks, and 2.67: four tiles and three such joints fill the run of 1208 exactly.
  assert.equal(ranged?.variants, 6);
  const best = (answer: typeof fixed) =>
    Math.min(...(answer?.found ?? []).map(({ score }) => score));
  assert.ok(best(ranged) <= best(fixed));
  // 2.5 leaves half a millimetre, which is joint: nothing is cut across with either.
  const [first] = [...(ranged?.found ?? [])].sort((p, q) => p.score - q.score);
  assert.ok([2.5, 8 / 3].some((mm) => Math.abs((first?.project.field.joint ?? 0) - mm) < 1e-6));
});

test("both ends of the joint's range are tried, marks or not, and one joint alone is not every joint", () => {
  const project = oneWall({ width: 1000, height: 900 });
  const joints = (least: number, most: number) =>
    variantsOf(project, { joint: { least, most }, nicheSize: 0 }, { nicheRange: 0 }).map(
      ({ field }) => field.joint,
    );
  assert.deepEqual(joints(3.1, 3.3), [3, 3.1, 3.3]);
  assert.deepEqual(joints(3, 3), [3]);
  const answer = compareLayouts({ project, ...STILL, joint: { least: 3, most: 3, every: true } });
  assert.equal(answer?.everyJoint, false);
});

test("a joint between two marks is found where it alone closes the run", () => {
  // 20 tiles and 19 joints of 2.75. With 2.5 there are 4.75 left, more than a joint; 3 is too long.
  const project = oneWall({ width: 1052.25, tile: [50, 50] });
  const answer = compareLayouts({
    project,
    ...STILL,
    weights: { ...DEFAULT_WEIGHTS, cuts: 10 },
    joint: { least: 2, most: 4 },
  });
  const [best] = [...(answer?.found ?? [])].sort((p, q) => p.score - q.score);
  near(best?.project.field.joint, 2.75, 1e-9);
  // Whole tiles across: only courses at the base or the top are cut.
  const wall = best?.plan.walls[0];
  assert.ok(wall);
  for (const { side, cut } of wall.flags) {
    if (side === "left" || side === "right") assert.equal(cut, false, side);
  }
});

test("closing joints by brute force: every joint of a fine grid that closes a run is beside one of them", () => {
  const niche = opening({ width: 330, height: 280, x: { from: "left", at: 401.3 } });
  const project = oneWall({ width: 1511.7, wall: { openings: [niche] } });
  const { boundary, openings } = planValid(project).walls[0] ?? {};
  const { minX, maxX, minY, maxY } = boxOf(boundary ?? []);
  const { x = 0, y = 0 } = openings?.[0] ?? {};
  const [least, most, tile] = [2, 5, 300];
  const told = closingJoints(project, least, most);
  assert.ok(told.length > 0 && told.every((mm) => mm >= least - 1e-9 && mm <= most + 1e-9));
  // Edges that a tile begins at, and edges that one ends at, in both directions.
  const edges = [
    { begins: [minX, x + 330], ends: [maxX, x] },
    { begins: [minY, y + 280], ends: [maxY, y] },
  ];
  const closes = (mm: number) =>
    edges.some(({ begins, ends }) =>
      begins.some((from) =>
        ends.some((to) => {
          // Begin at `from`, go on by whole tiles: does a tile end at `to`, or before the opening?
          for (let end = from + tile; end < to + 1; end += tile + mm) {
            if (end > from + tile && Math.abs(end - to) < 5e-4) return true;
          }
          return false;
        }),
      ),
    );
  let found = 0;
  for (let mm = least; mm <= most; mm += 1e-4) {
    if (!closes(mm)) continue;
    found++;
    assert.ok(
      told.some((other) => Math.abs(other - mm) < 0.011),
      `${mm} closes a run and is not told`,
    );
  }
  assert.ok(found > 0);
});

test("a niche may take the size that lands on joints", () => {
  const niche = opening({ width: 330, height: 280, x: { from: "left", at: 400 } });
  const project = oneWall({ wall: { openings: [niche] } });
  const answer = compareLayouts({
    project,
    ...STILL,
    nicheRange: 300,
    nicheSize: 30,
    joint: { least: 3, most: 3 },
  });
  // 330 × 280 becomes 306 × 303; a module more or less is further than 30 off.
  assert.equal(answer?.variants, 2);
  const sizes = answer?.found.map(({ project: made }) => made.walls[0]?.openings[0]?.width);
  assert.ok(sizes?.includes(306), `${sizes}`);
});

test("a score is the sum of its parts, for found layouts and for the job's own", () => {
  const project = sampleProject("walk-in-shower");
  const question = {
    project,
    ...STILL,
    nicheRange: 100,
  };
  const { joint } = project.field;
  const answer = compareLayouts({ ...question, joint: { least: joint, most: joint } });
  assert.ok(answer);
  for (const { score, parts } of [answer.own, ...answer.found]) {
    near(
      Object.values(parts).reduce((sum, part) => sum + part, 0),
      score,
      1e-9,
    );
  }
  const best = Math.min(...answer.found.map(({ score }) => score));
  assert.ok(best <= answer.own.score + 1e-9, `${best} is not better than ${answer.own.score}`);
});

test("niches take every size on joints that is within the limit, and no other", () => {
  const niche = opening({ width: 330, height: 580, x: { from: "left", at: 400 } });
  const project = oneWall({ width: 1500, wall: { openings: [niche] } });
  const sizes = (nicheSize: number) =>
    variantsOf(project, { joint: { least: 3, most: 3 }, nicheSize }, { nicheRange: 0 }).map(
      ({ walls }) => {
        const made = walls[0]?.openings[0];
        return `${made?.width} × ${made?.height}`;
      },
    );
  // Modules of 303 and a joint: 306, 609 wide (24 less, 279 more), 303 to 912 high.
  assert.deepEqual(sizes(0), ["330 × 580"]);
  assert.deepEqual(sizes(30), ["330 × 580", "306 × 609"]);
  assert.deepEqual(
    sizes(280).sort(),
    ["306 × 306", "306 × 609", "330 × 580", "609 × 306", "609 × 609"].sort(),
  );
  // Within 600 also two modules more: 912 wide, 912 high. 1215 by 580 is 885 wider.
  assert.ok(sizes(600).includes("912 × 912") && !sizes(600).some((size) => /1215/.test(size)));
});

test("asked on the way it tells the best so far, which the end is no worse than", () => {
  const project = oneWall({ width: 1208, wall: { centre: { mode: "joint" } } });
  const question = {
    project,
    ...STILL,
    joint: { least: 2, most: 4 },
  };
  const best = ({ found }: { found: { score: number }[] }) =>
    Math.min(...found.map(({ score }) => score));
  let [shares, least] = [[] as number[], Infinity];
  const end = compareLayouts(question, (share, soFar) => {
    const answer = soFar();
    assert.equal(answer.share, share);
    assert.equal(answer.provenSmallest, undefined);
    assert.ok(best(answer) <= least + 1e-9, "what was found is not lost again");
    least = best(answer);
    shares = [...shares, share];
    return true;
  });
  assert.ok(end?.provenSmallest && end.share === 1);
  assert.ok(shares.length > 10 && shares[0] === 0 && least < Infinity);
  assert.ok(best(end) <= least + 1e-9);
});
