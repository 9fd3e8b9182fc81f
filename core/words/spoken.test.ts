import assert from "node:assert/strict";
import { afterEach, test } from "node:test";
import { formatAmount, volumeUnit } from "../length/quantity.ts";
import { planFile } from "../plan-file.ts";
import { wallNames } from "../project/new-project.ts";
import { planValid, sampleProject } from "../testing.ts";
import { english } from "./en.ts";
import { speakCore, words } from "./spoken.ts";
import { ENGLISH_TOLD } from "./told.ts";

afterEach(() => speakCore(english));

test("sentences, items, names of new walls and numbers follow the language that is spoken", () => {
  const metric = { unit: "mm", mark: 16 } as const;
  speakCore({
    ...english,
    locale: "de",
    units: { ...english.units, foot: "Fuß", litre: "l" },
    places: { ...english.places, back: "Rückwand" },
    fieldIssue: ({ path }) => `${path} stimmt nicht.`,
    told: { ...ENGLISH_TOLD, warning: () => ({ message: "Achtung", remedy: "Anders machen" }) },
    orderItems: { ...english.orderItems, grout: "Fugenmörtel" },
  });
  assert.equal(formatAmount(9312, "count", metric), "9.312");
  assert.equal(formatAmount(10, "m2", metric), "10,00 m²");
  assert.equal(formatAmount(0.3048, "m", { ...metric, unit: "in" }), "1,0 Fuß");
  assert.equal(volumeUnit(metric).unit, "l");
  assert.deepEqual(wallNames("alcove"), ["A Left", "B Rückwand", "C Right"]);
  assert.equal(words.fieldIssue({ path: "unit", code: "wrong-type" }), "unit stimmt nicht.");

  const project = sampleProject("tub-surround");
  const file = planFile(project, planValid(project));
  assert.equal(words.orderItems.grout, "Fugenmörtel");
  // Other programs know the rows by their names in the open format.
  assert.ok(file.order.some(({ item }) => item === "Grout"));
  assert.ok(file.warnings.length > 0);
  assert.ok(file.warnings.every(({ message }) => message === "Achtung"));

  speakCore(english);
  assert.equal(formatAmount(9312, "count", metric), "9,312");
  assert.deepEqual(wallNames("alcove"), ["A Left", "B Back", "C Right"]);
  assert.ok(
    planFile(project, planValid(project)).warnings.every(({ message }) => message !== "Achtung"),
  );
});
