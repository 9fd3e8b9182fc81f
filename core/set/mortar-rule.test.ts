import assert from "node:assert/strict";
import { test } from "node:test";
import { jobOf } from "../project/job.ts";
import type { Project } from "../project/schema.ts";
import { codesOf, oneWall, planValid } from "../testing.ts";
import { mortarRules } from "./mortar-rule.ts";

function laidIn(tile: Partial<Project["tiles"][number]>, rest: Partial<Project> = {}): Project {
  const project = oneWall();
  return { ...project, tiles: project.tiles.map((own) => ({ ...own, ...tile })), ...rest };
}

const ruleOf = (project: Project) => mortarRules(jobOf(project))[0];

test("class, kind and colour by tile and surface", () => {
  const glass = ruleOf(laidIn({ material: "glass" }));
  assert.deepEqual([glass?.classes, glass?.white], [["A118.15"], true]);
  const porcelain = ruleOf(laidIn({ material: "porcelain" }));
  assert.deepEqual(porcelain?.classes, ["A118.4", "A118.15"]);
  assert.deepEqual(porcelain?.reasons, ["porcelain-on-film"]);
  // Over a sheet the listing names the class: nothing is taken for granted.
  const sheet = ruleOf(laidIn({ material: "porcelain" }, { build: { system: "board-sheet" } }));
  assert.deepEqual(sheet?.classes, []);
  // 15 in is large, a hair less is not.
  assert.equal(ruleOf(laidIn({ width: 381 }))?.largeFormat, true);
  assert.equal(ruleOf(laidIn({ width: 380 }))?.largeFormat, false);
});

test("white behind light grout and light stone, grey is the setter's own choice else", () => {
  const grout = (groutColour: string) => {
    const project = oneWall();
    return ruleOf({ ...project, field: { ...project.field, groutColour } })?.white;
  };
  assert.equal(grout("#f2efe8"), true);
  assert.equal(grout("#4a4a4a"), false);
  assert.equal(ruleOf(laidIn({ material: "stone", colour: "#f0ece0" }))?.white, true);
  assert.equal(ruleOf(laidIn({ material: "ceramic", colour: "#f0ece0" }))?.white, false);
});

test("what is on hand is warned of where it does not suit", () => {
  const wrong = laidIn({ material: "glass" }, { settings: { mortarClass: "A118.4" } });
  assert.ok(codesOf(planValid(wrong)).includes("mortar-unsuited"));
  const right = laidIn({ material: "glass" }, { settings: { mortarClass: "A118.15" } });
  assert.ok(!codesOf(planValid(right)).includes("mortar-unsuited"));
  const grey = laidIn({ material: "glass" }, { settings: { mortarColour: "grey" } });
  assert.ok(codesOf(planValid(grey)).includes("mortar-shows"));
});
