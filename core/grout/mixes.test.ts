import assert from "node:assert/strict";
import { test } from "node:test";
import fc from "fast-check";
import { jobOf } from "../project/job.ts";
import type { Project } from "../project/schema.ts";
import {
  codesOf,
  near,
  oneWall,
  openingAt,
  planValid,
  runs,
  SAMPLE_NAMES,
  sampleProject,
} from "../testing.ts";
import { groutFrom, groutWaitH } from "./ready.ts";

const mixesOf = (project: Project) => planValid(project).grout.mixes;

test("what can be placed and washed in time, from the top down, in whole courses", () => {
  // Half an hour at 6 and 8 m²/h: 1.714 m². 8 courses of 1.85 × 0.303 m, of which
  // three go into a mix (1.68 m²) and four do not: 2, 3 and 3 is as even as it comes.
  const mixes = mixesOf(oneWall({ width: 1850, height: 2421 }));
  assert.equal(mixes.length, 3);
  assert.deepEqual(mixes.map(({ boxes }) => boxes.length).sort(), [2, 3, 3]);
  assert.ok((mixes[0]?.boxes[0]?.minY ?? 0) > (mixes[2]?.boxes[0]?.minY ?? 0));
  near(
    mixes.reduce((sum, { areaM2 }) => sum + areaM2, 0),
    1.85 * 2.421,
  );
  near(mixes[0]?.spreadMin, ((mixes[0]?.areaM2 ?? 0) / 6) * 60);
});

test("a course that is too large is parted at its plumb joints", () => {
  // 6.06 m of 600 × 600: 3.6 m² a course.
  const mixes = mixesOf(oneWall({ width: 6060, height: 606, tile: [603, 603] }));
  assert.equal(mixes.length, 3);
  const xs = mixes.map(({ boxes }) => Math.min(...boxes.map(({ minX }) => minX)));
  assert.deepEqual(
    xs,
    [...xs].sort((p, q) => p - q),
  );
  for (const { areaM2 } of mixes) assert.ok(areaM2 <= 0.5 / (1 / 6 + 1 / 8) + 1e-9);
});

test("fast grout leaves a third of the time, is warned of, and what the job says of it wins", () => {
  const wall = { width: 1850, height: 2421 };
  // 10 min at 6 and 8 m²/h: 0.571 m² at a time. Each course of 1.85 × 0.303 m is 0.5606 m².
  const fast = oneWall({ ...wall, settings: { groutFast: true } });
  assert.equal(mixesOf(fast).length, 8);
  const warning = planValid(fast).warnings.find(({ code }) => code === "grout-sets-fast");
  assert.ok(warning && "minutes" in warning.values && "areaM2" in warning.values);
  assert.equal(warning.values.minutes, 10);
  near(warning.values.areaM2, 10 / 60 / (1 / 6 + 1 / 8));
  const own = oneWall({ ...wall, settings: { groutFast: true, groutWorkMin: 30 } });
  assert.equal(mixesOf(own).length, 3);
  assert.ok(!codesOf(planValid(oneWall(wall))).includes("grout-sets-fast"));
});

test("an additive stands in for all the water and is ordered; epoxy takes none", () => {
  const plan = planValid(oneWall({ settings: { groutAdditive: true } }));
  const row = plan.order.find(({ code }) => code === "groutAdditive");
  near(row?.quantity, 0.2 * plan.totals.groutKg);
  near(
    row?.quantity,
    plan.grout.mixes.reduce((sum, { waterL }) => sum + waterL, 0),
  );
  assert.equal(row?.packs, Math.ceil((row?.quantity ?? 0) / 2));
  const none: NonNullable<Project["settings"]>[] = [
    {},
    { groutAdditive: true, groutKind: "epoxy" },
  ];
  for (const settings of none) {
    const rows = planValid(oneWall({ settings })).order;
    assert.ok(!rows.some(({ code }) => code === "groutAdditive"));
  }
});

test("an interior goes with the course at its sill, and its joints with its powder", () => {
  const openings = [openingAt(300, 350, 300, 300)];
  const mixes = mixesOf(oneWall({ wall: { openings } }));
  const own = mixes.filter(({ openings: of }) => of.includes("n"));
  assert.equal(own.length, 1);
  // The sill at 350 lies in course 2, from 303 to 603.
  assert.ok(own[0]?.boxes.some(({ minY, maxY }) => minY <= 350 && maxY >= 350));
});

test("no mix where nothing is grouted", () => {
  assert.deepEqual(mixesOf(oneWall({ joint: 0 })), []);
});

test("mixes are within the time worked out minute by minute, and hold all the grout", () => {
  const job = fc.record({
    name: fc.constantFrom(...SAMPLE_NAMES),
    groutWorkMin: fc.integer({ min: 15, max: 60 }),
    spreadRate: fc.integer({ min: 2, max: 12 }),
    washRate: fc.integer({ min: 3, max: 16 }),
  });
  fc.assert(
    fc.property(job, ({ name, ...settings }) => {
      const project = sampleProject(name);
      const plan = planValid({ ...project, settings: { ...project.settings, ...settings } });
      const { mixes } = plan.grout;
      near(
        mixes.reduce((sum, { powderKg }) => sum + powderKg, 0),
        plan.totals.groutKg,
      );
      for (const wall of plan.walls) {
        const { tiled } = wall;
        const area = [
          tiled.fieldM2,
          tiled.interiorM2,
          ...[...tiled.zones, ...tiled.backs].map(({ areaM2 }) => areaM2),
        ].reduce((sum, m2) => sum + m2, 0);
        const own = mixes.filter((mix) => mix.wall === wall.id);
        near(
          own.reduce((sum, { areaM2 }) => sum + areaM2, 0),
          area,
          1e-6,
        );
        for (const { areaM2, boxes, openings } of own) {
          // Placed and washed minute by minute: the last is washed before the first goes off.
          let [placed, washed, minutes] = [0, 0, 0];
          while (placed < areaM2 - 1e-9) {
            placed += settings.spreadRate / 60;
            minutes++;
          }
          while (washed < areaM2 - 1e-9) {
            washed += settings.washRate / 60;
            minutes++;
          }
          const single = boxes.length === 1 || openings.length > 0;
          assert.ok(minutes <= settings.groutWorkMin + 2 || single, `${name}: ${minutes} min`);
        }
      }
    }),
    { numRuns: runs(45) },
  );
});

test("kind by joint and face; what was chosen against them is warned of", () => {
  const kind = (joint: number, material: "ceramic" | "glass" = "ceramic") => {
    const project = oneWall({ joint });
    return planValid({ ...project, tiles: project.tiles.map((tile) => ({ ...tile, material })) })
      .grout.choices[0]?.kind;
  };
  assert.deepEqual(
    [2, 3, 3.2, 3.3, 5].map((joint) => kind(joint)),
    ["unsanded", "unsanded", "unsanded", "sanded", "sanded"],
  );
  assert.equal(kind(5, "glass"), "all-purpose");
  const wide = oneWall({ joint: 5, settings: { groutKind: "unsanded" } });
  assert.ok(codesOf(planValid(wide)).includes("grout-unsuited"));
  const either = oneWall({ joint: 3, settings: { groutKind: "sanded" } });
  assert.ok(!codesOf(planValid(either)).includes("grout-unsuited"));
});

test("grout waits a day, two under glass and under large porcelain over a film", () => {
  const wait = (tile: Partial<Project["tiles"][number]>, build?: Project["build"]) => {
    const project = oneWall();
    const tiles = project.tiles.map((own) => ({ ...own, ...tile }));
    return groutWaitH(jobOf({ ...project, tiles, ...(build ? { build } : {}) }));
  };
  assert.equal(wait({}), 24);
  assert.equal(wait({ material: "glass" }), 48);
  assert.equal(wait({ material: "porcelain", width: 600 }), 48);
  assert.equal(wait({ material: "porcelain", width: 300 }), 24);
  assert.equal(wait({ material: "porcelain", width: 600 }, { system: "board-retarder" }), 24);
  const rows = ["2026-05-04T08:30:00Z", "2026-05-05T16:00:00+02:00"].map((at, k) => ({
    id: String(k),
    at,
  }));
  assert.equal(groutFrom(jobOf(oneWall()), { rows }), Date.parse("2026-05-06T14:00:00Z"));
  assert.equal(groutFrom(jobOf(oneWall()), undefined), undefined);
});

test("sealer by what is sealed: joints of glazed tile, the face of stone, nothing of epoxy", () => {
  const sealer = (settings: Project["settings"], material?: "stone") => {
    const project = oneWall({ ...(settings ? { settings } : {}) });
    const tiles = project.tiles.map((tile) => ({ ...tile, ...(material ? { material } : {}) }));
    return planValid({ ...project, tiles }).grout.sealer.value;
  };
  near(sealer({}), (1.212 / 10) * 0.25);
  near(sealer({ sealerCoats: 2 }, "stone"), (1.212 / 10) * 2);
  assert.equal(sealer({ groutKind: "epoxy" }), 0);
  assert.equal(sealer({ sealer: "none" }), 0);
  assert.equal(sealer({ sealer: false }), 0);
  near(sealer({ sealer: true }), (1.212 / 10) * 0.25);
});

test("soft joints are the visible sealant, and say where they are grouted first", () => {
  for (const groutCorners of [false, true]) {
    const project = sampleProject("tub-surround");
    const plan = planValid({ ...project, settings: { ...project.settings, groutCorners } });
    near(
      plan.grout.softJoints.reduce((sum, { lengthM }) => sum + lengthM, 0),
      plan.totals.sealantM,
    );
    const base = plan.grout.softJoints.filter(({ kind }) => kind === "base");
    assert.ok(base.every(({ grouted }) => grouted === groutCorners));
  }
});
