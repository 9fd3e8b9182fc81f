import assert from "node:assert/strict";
import { test } from "node:test";
import type { Project } from "../project/schema.ts";
import {
  enclosure,
  near,
  oneWall,
  openingAt,
  planValid,
  SAMPLE_NAMES,
  sampleProject,
} from "../testing.ts";
import type { FencePlan } from "./workable.ts";

const setsOf = ({ settings }: FencePlan) => settings.map(({ set }) => Math.round(set * 10) / 10);

const fenceOf = (project: Project) => planValid(project).fence;

test("widths that differ within the play of their corners are cut with one setting", () => {
  // The back wall keeps 3 mm from both film faces: 3 + 198.5 + 3 × 303 − 3 + ... A lean of 2 mm over the
  // height makes every course's right piece another width; a corner may be 2 to 4 mm wide.
  const lean = { right: { offset: 1.8, over: 2000 } };
  const leaning = enclosure("alcove", [900, 1500, 900], ({ walls }) => {
    if (walls[1]) walls[1].lean = lean;
  });
  const exact = fenceOf({ ...leaning, settings: { workable: false } });
  const workable = fenceOf(leaning);
  assert.equal(exact.settings.length, exact.exact);
  assert.equal(workable.exact, exact.exact);
  assert.ok(workable.settings.length < exact.settings.length);
  assert.ok(workable.proven);
});

test("an end that shows is cut as it is, a base within 2 to 5 mm", () => {
  // Open ends: both pieces of each course are 195.5, and no mark of the tape is nearer.
  const open = fenceOf(oneWall({ wall: { centre: { mode: "joint" } } }));
  assert.deepEqual([setsOf(open), open.exact], [[195.5], 1]);
  // The base falls by 6 over the wall. Tiles of 300 end at 350, 653 … so that their lower ends are
  // 294.3 to 296.1, 296.1 to 297.9 and 297.9 to 299.7 high, that of the strip at the left 294 to
  // 294.3. With 2 less and 1 more the three take 294.1–295.3, 295.9–297.1 and 297.7–298.9; the
  // strip is cut with the first of them. The piece at the right loses too little to be cut in
  // height, the top is at a height of its own: 906 − 3 − 2 × 303 less what the line lies below.
  const base = [
    { from: "left" as const, at: 0, down: 1000 },
    { from: "left" as const, at: 1000, down: 1006 },
  ];
  const falling = fenceOf(
    oneWall({ height: 900, wall: { base, topIs: "height" }, setOut: { baseGap: 3 } }),
  );
  assert.deepEqual(setsOf(falling), [44, 291, 295, 297, 298]);
  assert.deepEqual(
    falling.settings.map(({ cuts }) => cuts.length),
    [6, 5, 2, 1, 1],
  );
});

test("arms of an L are lengths of their own, the whole piece is none where it keeps its edges", () => {
  // Tile 1 of course 1 runs from 0 to 300; the opening takes its upper right corner.
  const project = oneWall({
    width: 909,
    height: 606,
    wall: { openings: [openingAt(240, 190, 126, 200)], centre: { mode: "tile" } },
  });
  const plan = planValid(project);
  const [wall] = plan.walls;
  const corner = wall?.pieces.find(
    ({ kind, course, column }) => kind === "L" && course === 1 && column === 0,
  );
  assert.ok(corner, JSON.stringify(wall?.pieces.map(({ kind, id }) => [id, kind])));
  const lengths = plan.fence.pieces[corner.id]?.lengths ?? [];
  const { left } = { left: Math.min(...corner.ring.map(([x]) => x)) };
  const byOf = Object.fromEntries(lengths.map(({ of, exact }) => [of, exact[0]]));
  near(byOf["leg-width"], 240 - left);
  near(byOf["leg-height"], 190);
  assert.equal(byOf.height, undefined);
});

test("in the samples each setting lies within the play of what it serves, and none is told twice", () => {
  for (const name of SAMPLE_NAMES) {
    const { fence, walls } = planValid(sampleProject(name));
    assert.ok(fence.settings.length <= fence.exact, name);
    const cuts = new Set(walls.flatMap(({ pieces }) => pieces.map(({ id }) => id)));
    for (const [id, { lengths }] of Object.entries(fence.pieces)) {
      assert.ok(cuts.has(id));
      for (const { exact, set } of lengths) {
        // Both edges hidden: 2 less or 1 more at the base, 1 either way at a corner.
        for (const mm of exact) assert.ok(Math.abs(set - mm) <= 4.06, `${id} ${set} ${mm}`);
      }
    }
    assert.equal(new Set(fence.settings.map(({ set }) => set)).size, fence.settings.length);
  }
});

test("nineteen first-course cuts of a bath's back wall want the fence set twice", () => {
  const { fence, walls } = planValid(sampleProject("tub-surround"));
  const back = walls.find(({ id }) => id === "B");
  const first = back?.pieces.filter(({ course, kind }) => course === 1 && kind !== "none") ?? [];
  const sets = new Set(
    first.flatMap(({ id }) => fence.pieces[id]?.lengths.map(({ set }) => set) ?? []),
  );
  assert.equal(first.length, 19);
  assert.equal(sets.size, 2);
});
