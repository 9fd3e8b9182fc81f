import assert from "node:assert/strict";
import { test } from "node:test";
import { fieldTile } from "../project/defaults.ts";
import { jobOf } from "../project/job.ts";
import type { Project, Tile } from "../project/schema.ts";
import { bandAt, codesOf, near, oneWall, planValid } from "../testing.ts";
import { massKgPerM2 } from "./suitability.ts";

/** A dry wall of one tile on drywall, set in ready-mixed adhesive. */
function dry(tile: Partial<Tile>, build: Project["build"] = { adhesive: "mastic" }): Project {
  const project = oneWall({ wall: { exposure: "dry" } });
  return { ...project, build, tiles: project.tiles.map((own) => ({ ...own, ...tile })) };
}

const codes = (project: Project) => codesOf(planValid(project));

test("on a dry wall ready-mixed adhesive is for tile under 15 in that is not glass", () => {
  const unsuited = (tile: Partial<Tile>) => codes(dry(tile)).includes("adhesive-unsuited");
  assert.ok(!unsuited({}));
  assert.ok(unsuited({ width: 600 }));
  assert.ok(unsuited({ width: 381 }));
  assert.ok(!unsuited({ width: 380 }));
  assert.ok(unsuited({ material: "glass" }));
  const cement = dry({ width: 600 }, { adhesive: "cement" });
  assert.ok(!codes(cement).includes("adhesive-unsuited"));
});

test("drywall carries 32 kg of tile, mortar and grout to the m²", () => {
  const heavy = (tile: Partial<Tile>) =>
    codes(dry(tile, { board: "drywall", adhesive: "cement" })).includes("tile-too-heavy");
  assert.ok(!heavy({ thickness: 8, material: "ceramic" }));
  assert.ok(heavy({ thickness: 12, material: "stone" }));
  assert.ok(heavy({ thickness: 8, density: 5 }));
  assert.ok(!codes(dry({ thickness: 12, material: "stone" }, {})).includes("tile-too-heavy"));
});

test("plaster that stays carries 20, whatever board the job has", () => {
  const on = (surfaceThere: "plaster" | "cement", thickness: number) => {
    const project = dry(
      { thickness, material: "ceramic" },
      { board: "drywall", adhesive: "cement" },
    );
    const walls = project.walls.map((wall) => ({ ...wall, surfaceThere }));
    return codes({ ...project, walls }).includes("tile-too-heavy");
  };
  assert.ok(on("plaster", 8));
  assert.ok(!on("plaster", 4));
  assert.ok(!on("cement", 20));
});

test("the mass of a m² is tile, mortar and grout", () => {
  const project = dry({ thickness: 10, material: "porcelain" }, { adhesive: "cement" });
  const job = jobOf(project);
  const { bed, backButter } = job.beds[project.field.tile] ?? { bed: 0, backButter: 0 };
  // 23 of tile, its powder × 1.15, and the joints' share, 1 − (300 ÷ 303)², of 10 mm of grout.
  const mortar = (bed + backButter) * 1.2 * 1.1 * 1.15;
  const grout = (1 - (300 / 303) ** 2) * 10 * 1.6 * 1.1;
  near(massKgPerM2(job, fieldTile(job), 3), 23 + mortar + grout);
});

test("ready-mixed adhesive comes in tubs: 1.6 kg/m² to a mm, with no water and no mix", () => {
  const row = (build: Project["build"]) => {
    const plan = planValid(dry({}, build));
    const code = build?.adhesive === "mastic" ? "adhesive" : "mortar";
    return { plan, row: plan.order.find((own) => own.code === code) };
  };
  const ready = row({ adhesive: "mastic" });
  const cement = row({ adhesive: "cement" });
  near((ready.row?.quantity ?? 0) / (cement.row?.quantity ?? 1), 1.6 / 1.2);
  assert.equal(ready.row?.packSize, 15);
  assert.deepEqual(
    ready.plan.set.sessions.flatMap(({ mixes }) => mixes),
    [],
  );
  assert.ok(cement.plan.set.sessions.flatMap(({ mixes }) => mixes).length > 0);
});

test("an accent thicker than the field with its bed stands proud; a thinner one is packed", () => {
  const band = (thickness: number) => {
    const project = oneWall();
    const accent = { ...fieldTile(project), id: "accent", thickness };
    const zone = { ...bandAt(300, 100), tile: "accent" };
    return codes({ ...project, tiles: [...project.tiles, accent], zones: [zone] });
  };
  assert.ok(band(14).includes("accent-stands-proud"));
  assert.ok(!band(10).includes("accent-stands-proud"));
  assert.ok(!band(6).includes("accent-stands-proud"));
});
