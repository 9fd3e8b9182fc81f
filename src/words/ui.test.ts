import assert from "node:assert/strict";
import { afterEach, test } from "node:test";
import { english } from "./en.ts";
import { laterWords } from "./language.ts";
import { formatCount, speak, ui } from "./ui.ts";

afterEach(() => speak(english));

test("everything that is said follows the language that is spoken", () => {
  const { close } = ui;
  const core = { ...english.core, locale: "de" };
  speak({ ...english, core, close: "Zu", inline: (word) => word });
  assert.notEqual(ui.close, close);
  assert.equal(ui.close, "Zu");
  assert.equal(ui.inline("Course"), "Course", "not every language writes nouns small");
  assert.equal(formatCount(1234567), "1.234.567");
  speak(english);
  assert.equal(ui.close, close);
  assert.equal(ui.inline("Course"), "course");
  assert.equal(formatCount(1234567), "1,234,567");
});

/** Every text of a dictionary with its place, the results of functions left out. */
function texts(words: object, path = ""): [string, unknown][] {
  return Object.entries(words).flatMap(([name, value]): [string, unknown][] =>
    typeof value === "object" && value !== null
      ? texts(value, `${path}${name}.`)
      : [[path + name, value]],
  );
}

test("a dictionary holds texts and ways to make them, and nothing is empty", async () => {
  await laterWords();
  assert.equal(ui.waterproof.bare, "bare");
  const all = texts(english);
  assert.ok(all.length > 500, `${all.length} texts`);
  for (const [place, text] of all) {
    assert.ok(typeof text === "function" || (typeof text === "string" && text !== ""), place);
  }
});
