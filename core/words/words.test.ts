import assert from "node:assert/strict";
import { test } from "node:test";
import { formatAmount } from "../length/quantity.ts";
import { oneWall, planValid, SAMPLE_NAMES, sampleProject } from "../testing.ts";
import { words } from "./spoken.ts";
import { told } from "./told.ts";
import { warningSentences } from "./warnings.ts";

const inches = { unit: "in", mark: 16 } as const;
const metric = { unit: "mm", mark: 16 } as const;

test("amounts follow the reader's unit", () => {
  // 1 m² = 10.7639 sq ft, 1 kg = 2.20462 lb, 1 m = 3.28084 ft, 1 L = 0.264172 gal.
  assert.equal(formatAmount(10, "m2", inches), "107.6 sq ft");
  assert.equal(formatAmount(10, "kg", inches), "22.0 lb");
  assert.equal(formatAmount(10, "m", inches), "32.8 ft");
  assert.equal(formatAmount(10, "L", inches), "2.64 gal");
  assert.equal(formatAmount(300, "mL", inches), "10.1 fl oz");
  assert.equal(formatAmount(10, "m2", metric), "10.00 m²");
  assert.equal(formatAmount(0.1, "share", metric), "10 %");
  assert.equal(formatAmount(-0.5, "m2", metric), "−0.50 m²");
  assert.equal(formatAmount(609.6, "mm", inches), "24 in");
  assert.equal(formatAmount(9312, "count", metric), "9,312");
});

test("every figure, term, order item and warning of the samples has words", () => {
  for (const name of SAMPLE_NAMES) {
    const project = sampleProject(name);
    const plan = planValid(project);
    const figures = [
      ...plan.walls.flatMap((wall) => Object.values(wall.figures)),
      ...plan.order.map(({ figure }) => figure),
    ];
    for (const { code, terms } of figures) {
      assert.ok(told.figures[code].formula);
      for (const term of terms) {
        assert.ok(told.terms[term.code], term.code);
        assert.ok(!told.termName(term).includes(term.code), told.termName(term));
      }
    }
    for (const { code } of plan.order) assert.ok(words.orderItems[code]);
    for (const warning of plan.warnings) {
      const { message, remedy } = warningSentences(project, warning);
      assert.ok(message.length > 10 && remedy.length > 10);
      assert.ok(!/undefined|NaN/.test(message + remedy), message);
    }
  }
});

test("a warning speaks in the job's unit and calls wall and opening by their names", () => {
  const project = oneWall({
    wall: {
      name: "Window side",
      fixtures: [
        {
          id: "v",
          kind: "valve",
          name: "Mixer",
          pipe: 76.2,
          escutcheon: 101.6,
          x: { from: "left", at: 500 },
          y: { from: "base", at: 600 },
        },
      ],
    },
  });
  const say = (unit: "in" | "mm") => {
    const job = { ...project, unit };
    const warning = planValid(job).warnings.find(({ code }) => code === "plate-too-small");
    assert.ok(warning);
    return warningSentences(job, warning).message;
  };
  // The hole is 76.2 + 12 = 88.2 mm, the plate 4 in.
  assert.equal(say("mm"), "The hole for Mixer, 88.2 mm, is too wide for its plate of 101.6 mm.");
  assert.equal(say("in"), "The hole for Mixer, 3 1/2− in, is too wide for its plate of 4 in.");
});
