import assert from "node:assert/strict";
import { test } from "node:test";
import { codesOf, near, planValid } from "../../core/testing.ts";
import {
  type Choices,
  FIRST_CHOICES,
  firstUnit,
  readAnswers,
  startText,
  type Texts,
} from "./answers.ts";

const KINDS = ["alcove", "corner", "single", "four-walls", "band", "knee-wall"] as const;

function answered(choices: Partial<Choices>, texts: Texts) {
  const all = { ...FIRST_CHOICES, ...choices };
  return readAnswers(all, (name) => texts[name] ?? startText(all, name));
}

test("a name is all that a new job needs, of every enclosure in both units", () => {
  for (const unit of ["in", "mm"] as const) {
    for (const kind of KINDS) {
      const read = answered({ unit, kind }, { name: " Mill Row 3 " });
      assert.ok("project" in read, `${unit} ${kind}`);
      assert.equal(read.project.name, "Mill Row 3");
      const stops = planValid(read.project).warnings.filter(({ severity }) => severity === "stop");
      assert.deepEqual(stops, []);
    }
  }
});

test("lengths are read in the unit of the job", () => {
  const read = answered({ unit: "in" }, { name: "Job", width1: "61 1/2", joint: "1/16" });
  assert.ok("project" in read);
  near(read.project.walls[1]?.width.bottom, 61.5 * 25.4);
  near(read.project.field.joint, 25.4 / 16);
  assert.ok(!codesOf(planValid(read.project)).includes("no-field"));
});

test("every wrong answer is told at its own field, and nothing is made of the others", () => {
  const read = answered({ unit: "mm" }, { name: "", width0: "wide", tile: "4", joint: "51" });
  assert.ok("problems" in read);
  assert.deepEqual(Object.keys(read.problems).sort(), ["joint", "name", "tile", "width0"]);
});

test("walls that the enclosure does not have are not read", () => {
  const read = answered({ kind: "single" }, { name: "Job", width3: "wide" });
  assert.ok("project" in read);
  assert.equal(read.project.walls.length, 1);
});

test("no answer that a job begins with is one that its plan warns of", () => {
  for (const unit of ["in", "mm"] as const) {
    for (const pattern of ["stacked", "third-stepped", "third-alternating"] as const) {
      const read = answered({ unit, pattern }, { name: "Job" });
      assert.ok("project" in read);
      // Slivers are for the search that follows.
      const codes = codesOf(planValid(read.project)).filter((code) => code !== "sliver");
      assert.ok(
        !codes.some((code) => code.includes("joint") || code.includes("offset")),
        codes.join(),
      );
    }
  }
});

test("the first unit is that of the tapes where the browser's language is spoken", () => {
  const units = ["en-US", "en", "en-CA", "en-GB", "es-MX", "es-US", "de", "x", ""].map(firstUnit);
  assert.deepEqual(units, ["in", "in", "in", "mm", "mm", "in", "mm", "in", "in"]);
});
