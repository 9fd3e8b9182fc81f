import assert from "node:assert/strict";
import { test } from "node:test";
import type { Warning } from "../warning.ts";
import { WARNINGS } from "./en/warnings.ts";
import { spanish } from "./es.ts";
import { ENGLISH_TOLD } from "./told.ts";

const WARNING_CODES = Object.keys(WARNINGS) as Warning["code"][];
const warningWords = ENGLISH_TOLD.warning;

const styles = [
  { unit: "in", mark: 16 },
  { unit: "mm", mark: 16 },
] as const;

/** Every figure that a sentence may ask for: half an inch of everything, three of them. */
function anyWarning(code: Warning["code"], count = 3): Warning {
  const values = new Proxy({ count } as Record<string, number>, {
    get: (known, name) => (name === "count" ? known.count : 12.7),
  });
  return { code, severity: "warning", wall: "B", item: "n", side: "left", values } as Warning;
}

const names = { wall: "Window side", item: "Bottle niche" };

test("every warning says what is wrong and what to do, in whole sentences and either unit", () => {
  assert.ok(WARNING_CODES.length > 60, `${WARNING_CODES.length} codes`);
  for (const code of WARNING_CODES) {
    for (const style of styles) {
      const { message, remedy } = warningWords(anyWarning(code), style, names);
      for (const sentence of [message, remedy]) {
        assert.match(sentence, /^[A-Z0-9(].*[.!]$/, `${code}: ${sentence}`);
        assert.ok(!/undefined|NaN|\[object|\$\{/.test(sentence), `${code}: ${sentence}`);
        assert.ok(sentence.length > 12, `${code}: ${sentence}`);
      }
      assert.notEqual(message, remedy);
    }
  }
});

test("every warning is said in Spanish too, in whole sentences, with the same figures", () => {
  for (const code of WARNING_CODES) {
    for (const style of styles) {
      const [own, theirs] = [ENGLISH_TOLD, spanish.told].map((told) =>
        told?.warning(anyWarning(code), style, names),
      );
      for (const part of ["message", "remedy"] as const) {
        const sentence = theirs?.[part] ?? "";
        assert.match(sentence, /^[A-ZÁÉÍÓÚÑ0-9(].*[.!]$/, `${code}: ${sentence}`);
        assert.ok(!/undefined|NaN|\[object|\$\{/.test(sentence), `${code}: ${sentence}`);
      }
      const figures = (text = "") => (text.match(/12\.7 mm|1\/2 in/g) ?? []).length;
      assert.equal(figures(theirs?.message), figures(own?.message), `${code}: ${theirs?.message}`);
    }
  }
});

test("lengths are told in the reader's unit, never in both", () => {
  for (const code of WARNING_CODES) {
    const [inches, metric] = styles.map((style) => warningWords(anyWarning(code), style, names));
    const told = ({ message = "", remedy = "" } = {}) => `${message} ${remedy}`;
    if (told(inches) === told(metric)) continue;
    assert.ok(/\d[^.]* in\b/.test(told(inches)), `${code}: ${told(inches)}`);
    assert.ok(/12\.7\s*mm/.test(told(metric)), `${code}: ${told(metric)}`);
  }
});

test("one of a kind is not told as several", () => {
  for (const code of WARNING_CODES) {
    const { message } = warningWords(anyWarning(code, 1), styles[1], names);
    assert.ok(!/and 0 more|1 slivers/.test(message), `${code}: ${message}`);
  }
});

test("no size reads as equal to the limit that it fails", () => {
  const say = (size: number, limit: number, style: (typeof styles)[number] = styles[0]) =>
    warningWords({ code: "sliver", severity: "warning", values: { size, limit, count: 1 } }, style)
      .message;
  // 1 7/8 in is 47.625 mm; a thirty-second more 48.42.
  assert.match(say(47.6, 48.4), /of 1 7\/8 in, below the limit of 1 29\/32 in/);
  assert.match(say(47.6, 47.9), /1 7\/8 in \(47\.6 mm\).*1 7\/8\+ in \(47\.9 mm\)/);
  assert.match(say(97.46, 97.49, styles[1]), /97\.46 mm.*97\.49 mm/);
});
