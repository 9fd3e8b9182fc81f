import assert from "node:assert/strict";
import { afterEach, test } from "node:test";
import { formatBare, formatJoint, formatLength } from "./format.ts";
import { fixed, grouped, plain, writeNumbersAs } from "./numbers.ts";
import { parseLength } from "./parse.ts";
import { formatAmount } from "./quantity.ts";

afterEach(() => writeNumbersAs("en"));

const MM = { unit: "mm", mark: 16 } as const;

test("numbers are written as the reader's locale does", () => {
  assert.deepEqual(
    [plain(1234.56, 1), fixed(2, 2), grouped(1234.5, 0, 1)],
    ["1234.6", "2.00", "1,234.5"],
  );
  writeNumbersAs("de-DE");
  assert.deepEqual(
    [plain(1234.56, 1), fixed(2, 2), grouped(1234.5, 0, 1)],
    ["1234,6", "2,00", "1.234,5"],
  );
  assert.equal(formatLength(195.5, MM), "195,5 mm");
  assert.equal(formatJoint(3.97, MM), "3,97 mm");
  assert.equal(formatAmount(12.34, "kg", MM), "12,3 kg");
  writeNumbersAs("ar-EG");
  assert.match(grouped(12, 0, 0), /12/, "in the digits of the keyboard");
});

test("what is no language at all is written as English", () => {
  writeNumbersAs("not a language");
  assert.equal(plain(1.5, 1), "1.5");
});

test("what is shown can be typed again, whatever the decimal sign", () => {
  for (const locale of ["en", "de", "fr-CH"]) {
    writeNumbersAs(locale);
    for (const mm of [0.1, 12.5, 1613, -3.2]) {
      const read = parseLength(formatBare(mm, MM), "mm");
      assert.deepEqual(read, { ok: true, mm });
    }
  }
});

test("a comma is a decimal sign wherever a number stands", () => {
  const read = (text: string, unit: "in" | "mm" = "mm") => {
    const parsed = parseLength(text, unit);
    return parsed.ok ? Math.round(parsed.mm * 1000) / 1000 : parsed.problem;
  };
  assert.equal(read("12,5"), 12.5);
  assert.equal(read("12.5"), 12.5);
  assert.equal(read("-12,5"), -12.5);
  assert.equal(read("161,3 cm"), 1613);
  assert.equal(read("5' 3,5", "in"), 1612.9);
  assert.equal(read("1,2,3"), "not-a-length");
  assert.equal(read("12,"), "not-a-length");
});
