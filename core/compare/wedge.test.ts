import assert from "node:assert/strict";
import { test } from "node:test";
import fc from "fast-check";
import type { Project, Wall } from "../project/schema.ts";
import type { ModelBond } from "../set-out/row-bond.ts";
import {
  near,
  oneWall,
  openingAt,
  planValid,
  runs,
  SAMPLE_NAMES,
  sampleProject,
  wallAt,
} from "../testing.ts";
import type { WallPlan } from "../wall-plan.ts";
import { applyLayout } from "./apply.ts";
import { evaluateWall } from "./evaluate-wall.ts";
import type { ModelWall } from "./model.ts";
import type { LayoutTerms } from "./terms.ts";
import { APART, best, fine, gridBest, modelOf, search } from "./testing.ts";

/** A wall whose base falls to the right by so much, and whose corners lean so far over its height. */
interface Crooked {
  width: number;
  height: number;
  falls?: number;
  left?: number;
  right?: number;
}

function crooked({ width, height, falls = 0, left = 0, right = 0 }: Crooked): Partial<Wall> {
  return {
    base: [
      { from: "left", at: 0, down: 500 },
      { from: "left", at: width, down: 500 + falls },
    ],
    top: [{ from: "left", at: 0, up: height - 500 }],
    lean: { left: { offset: left, over: height }, right: { offset: right, over: height } },
  };
}

/** What the search makes of a job's first wall where its pattern stands, and what the plan does. */
function judged(project: Project): {
  terms: LayoutTerms;
  wall: WallPlan;
  bond: ModelBond;
  model: ModelWall;
} {
  const wall = wallAt(planValid(project), 0);
  const { bond, walls } = modelOf(project);
  const [model] = walls as [ModelWall];
  const [x, y] = wall.origin;
  const placing = bond.standing ? { along: y, across: x } : { along: x, across: y };
  return { terms: evaluateWall(bond, model, placing), wall, bond, model };
}

test("by hand: a course that shows where the base is low alone is a sliver, and all its tiles are cut", () => {
  /* 900 × 600 of 300 × 200 tile, joint 3; the base falls by 6, the low point is right. */
  const at = (drop: number) =>
    judged(
      oneWall({
        width: 903,
        height: 600,
        tile: [300, 200],
        setOut: { firstCourse: { drop } },
        wall: crooked({ width: 903, height: 600, falls: 6 }),
      }),
    );
  // Course 1 is full at the low point: its foot meets the high end 6 above and leaves 194.
  const full = at(0);
  near(full.model.wedge.foot, 6);
  near(full.terms.smallestAcross, 194);
  assert.equal(full.terms.slivers, 0);
  // 195 lower 5 of it show at the low point, and at the high end course 2 stands 2 above the base.
  const low = at(195);
  assert.equal(low.terms.smallestAcross, 0);
  assert.equal(low.terms.slivers, 1);
  const flag = low.wall.flags.find(({ side }) => side === "bottom");
  near(flag?.size, Math.min(...(flag?.rows ?? []).map(({ size }) => size)));
  assert.ok(flag?.sliver && flag.size < 5);
  // Three tiles of the course that runs out, two ends of courses 2 and 3, three under the top.
  assert.equal(low.terms.cuts, 10);
  assert.equal(low.wall.figures.tilesCut.value, 10);
});

test("by hand: corners that lean show a column in the wedge", () => {
  const project = oneWall({
    width: 906,
    height: 1212,
    wall: crooked({ width: 906, height: 1212, right: 5 }),
  });
  const { bond, model } = judged(project);
  near(model.wedge.end, 5, 1e-3);
  const from = (along: number) => evaluateWall(bond, model, { along, across: 0 });
  // The third tile ends where the wall is narrow: beyond its joint of 3 the wedge leaves 2.
  const out = from(model.alongTo - 906);
  assert.equal(out.smallestAlong, 0);
  // 2.6 on, the fourth would begin 0.6 beyond the wide end.
  const bare = from(model.alongTo - 903.4);
  assert.ok(bare.smallestAlong > 200);
  assert.equal(out.slivers - bare.slivers, 1);
});

const stacked = { pattern: "stacked", lay: "lying" } as const;
const bonds: Partial<Project["field"]>[] = [
  stacked,
  { ...stacked, lay: "standing" },
  { pattern: "offset", offset: 0.5, run: "alternating", lay: "lying" },
  { pattern: "offset", offset: 1 / 3, run: "stepped", lay: "standing" },
];

/** Sides at which a piece is a sliver where it is narrow: told by the plan's own pieces. */
function narrowSlivers({ flags }: WallPlan, { standing, slivers: limits }: ModelBond): number {
  return flags.filter(({ side, rows }) => {
    const upright = side === "left" || side === "right";
    const limit = upright === standing ? limits.across : limits.along;
    return rows.some(({ cut, ends }) => cut && Math.min(...ends) < limit - 1e-6);
  }).length;
}

test("no side of a crooked wall has a sliver that the search does not know of", () => {
  const lean = fine(-14, 14);
  const size = fc.tuple(fine(700, 1300), fine(700, 1300));
  let [ranOut, alike, uniform] = [0, 0, 0];
  fc.assert(
    fc.property(
      size,
      fc.tuple(lean, lean, fine(-14, 14, APART[1])),
      fc.constantFrom(...bonds),
      fine(-75, 75),
      fine(0, 99, APART[2]),
      ([width, height], [left, right, falls], field, shift, drop) => {
        const { terms, wall, bond } = judged(
          oneWall({
            width,
            height,
            tile: [150, 100],
            field,
            setOut: { firstCourse: { drop } },
            wall: {
              ...crooked({ width, height, left, right, falls }),
              centre: { mode: "free", shift },
            },
          }),
        );
        const flagged = wall.flags.filter(({ sliver }) => sliver).length;
        assert.ok(flagged <= terms.slivers, `${flagged} sides, judged as ${terms.slivers}`);
        if (Math.min(terms.smallestAlong, terms.smallestAcross) === 0) ranOut++;
        // Rows of one shift all reach both ends of a side: there nothing is told that is not.
        if (bond.shifts.length > 1) return;
        uniform++;
        if (terms.slivers === narrowSlivers(wall, bond)) alike++;
      },
    ),
    { numRuns: runs(250) },
  );
  assert.ok(ranOut > 5, `${ranOut} ran out`);
  assert.ok(alike > uniform * 0.98, `${alike} of ${uniform} alike`);
});

test("what is cut on the floor under a leg is judged as the plan flags it", () => {
  let slivers = 0;
  fc.assert(
    fc.property(
      fine(60, 240),
      fine(620, 1100),
      fc.constantFrom(...bonds),
      fc.constantFrom("left" as const, "right" as const),
      fine(-75, 75),
      fine(0, 99, APART[2]),
      (width, floorDown, field, side, shift, drop) => {
        const project = oneWall({
          width: 1000,
          height: 900,
          tile: [150, 100],
          field,
          setOut: { firstCourse: { drop } },
          wall: {
            ...crooked({ width: 1000, height: 900 }),
            leg: { side, width, floorDown },
            centre: { mode: "free", shift },
          },
        });
        project.enclosure = { ...project.enclosure, base: "tub" };
        const { terms, wall } = judged(project);
        const flagged = wall.flags.filter(({ sliver }) => sliver);
        assert.ok(flagged.length <= terms.slivers, `${flagged.length} of ${terms.slivers}`);
        if (flagged.some((flag) => flag.side === "bottom")) slivers++;
      },
    ),
    { numRuns: 150 },
  );
  assert.ok(slivers > 10, `${slivers}`);
});

test("every layout that is found for the samples has the slivers that it was judged by", () => {
  for (const name of SAMPLE_NAMES) {
    const project = sampleProject(name);
    const plan = planValid(project);
    const model = modelOf(project);
    for (const { layout, aim } of search(model).candidates) {
      const draft = structuredClone(project);
      applyLayout(project, plan, model, layout).change(draft);
      const planned = planValid(draft);
      for (const { wall, terms } of layout.walls) {
        const flags = planned.walls.find(({ id }) => id === wall)?.flags ?? [];
        const flagged = flags.filter(({ sliver }) => sliver).map(({ side }) => side);
        assert.ok(
          flagged.length <= terms.slivers,
          `${name}, ${aim}: ${flagged} on ${wall}, judged as ${terms.slivers}`,
        );
      }
    }
  }
});

test("no grid of 1/32 in beats the layout that is found on a crooked wall", () => {
  const cases: [Partial<Project["field"]>, Crooked][] = [
    [{}, { width: 430, height: 350, left: 4, right: -3, falls: 5 }],
    [bonds[2] ?? {}, { width: 317, height: 302, right: 7, falls: -2.6 }],
    [{ lay: "standing" }, { width: 291, height: 262, left: -5, falls: 4.4 }],
  ];
  for (const [field, shape] of cases) {
    const model = modelOf(
      oneWall({
        ...shape,
        tile: [90, 60],
        field,
        wall: { ...crooked(shape), openings: [openingAt(101, 90, 75, 90)] },
      }),
    );
    const grid = gridBest(model);
    const { layout } = best(model);
    assert.ok(layout.score <= grid.score + 1e-3, `${layout.score}, the grid ${grid.score}`);
  }
});
