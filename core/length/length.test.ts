import assert from "node:assert/strict";
import { test } from "node:test";
import fc from "fast-check";
import { formatBare, formatJoint, formatLength, lengthParts } from "./format.ts";
import { parseLength } from "./parse.ts";
import { type LengthUnit, nudgeStep } from "./units.ts";

function mm(text: string, unit: LengthUnit = "in"): number {
  const parsed = parseLength(text, unit);
  assert.ok(parsed.ok, `${text} should be a length`);
  return parsed.mm;
}

const close = (actual: number, expected: number) =>
  assert.ok(Math.abs(actual - expected) < 1e-9, `${actual} is not ${expected}`);

test("tape readings are understood as they are read aloud", () => {
  // 63.5 in = 63.5 × 25.4 = 1612.9 mm, worked by hand.
  for (const text of [
    "63 1/2",
    "63-1/2",
    '63 1/2"',
    "63.5",
    "63½",
    "5' 3-1/2",
    "5'3 1/2\"",
    "5 ft 3.5 in",
  ])
    close(mm(text), 1612.9);
  for (const text of ["1613mm", "161.3 cm", "1.613 m", "161,3 cm", "1613 MM"])
    close(mm(text), 1613);
  close(mm("1613", "mm"), 1613);
  close(mm("1/2", "in"), 12.7);
  close(mm("5'", "mm"), 1524);
  close(mm("-3/16", "in"), -4.7625);
  close(mm("63 1/2+", "in"), 1612.9);
  close(mm('3"', "mm"), 76.2);
});

test("what is not a length says why", () => {
  const problem = (text: string) => {
    const parsed = parseLength(text, "in");
    return parsed.ok ? parsed.mm : parsed.problem;
  };
  assert.equal(problem(""), "empty");
  assert.equal(problem("  "), "empty");
  assert.equal(problem("about five"), "not-a-length");
  assert.equal(problem("63 1/0"), "zero-denominator");
  assert.equal(problem("5' 3mm"), "mixed-units");
  for (const text of ["1e9", "63 1/2 1/2", "--3", "3..5", "NaN", "1/", "/2", "0x10", "63 x"])
    assert.equal(typeof problem(text), "string", `${text} must be refused`);
});

test("fractions are reduced, and strong or shy of the mark is shown", () => {
  const inches = { unit: "in", mark: 16 } as const;
  assert.equal(formatLength(1612.9, inches), "63 1/2 in");
  assert.equal(formatBare(1612.9 + 0.4, inches), "63 1/2+");
  assert.equal(formatBare(1612.9 - 0.4, inches), "63 1/2−");
  assert.equal(formatBare(12.7, inches), "1/2");
  assert.equal(formatBare(-4.7625, inches), "−3/16");
  assert.equal(formatBare(0, inches), "0");
  assert.equal(formatBare(25.39, inches), "1");
  assert.equal(formatBare(195.46, { unit: "mm", mark: 16 }), "195.5");
  assert.deepEqual(lengthParts(3.175, { unit: "in", mark: 32 }), {
    negative: false,
    whole: "",
    numerator: 1,
    denominator: 8,
    tail: "",
    unit: "in",
  });
  assert.equal(nudgeStep(inches), 1.5875);
});

test("what is shown can be typed back, to within half a mark", () => {
  fc.assert(
    fc.property(
      fc.double({ min: -5000, max: 5000, noNaN: true }),
      fc.constantFrom(8 as const, 16 as const, 32 as const),
      fc.constantFrom("in" as const, "mm" as const),
      (length, mark, unit) => {
        const shown = formatBare(length, { unit, mark });
        const half = unit === "in" ? 25.4 / mark / 2 : 0.05;
        assert.ok(Math.abs(mm(shown, unit) - length) <= half + 1e-9, shown);
      },
    ),
  );
});

test("a value on a mark survives the round trip exactly", () => {
  fc.assert(
    fc.property(fc.integer({ min: -4000, max: 4000 }), (marks) => {
      const length = (marks * 25.4) / 16;
      close(mm(formatBare(length, { unit: "in", mark: 16 })), length);
    }),
  );
});

test("a joint is told to a hundredth of a millimetre, in inches beside the nearest 32nd", () => {
  assert.equal(formatJoint(25.4 * (5 / 32), { unit: "in", mark: 16 }), "5/32 in (3.97 mm)");
  assert.equal(formatJoint(3.24, { unit: "in", mark: 8 }), "1/8 in (3.24 mm)");
  assert.equal(formatJoint(8 / 3, { unit: "mm", mark: 16 }), "2.67 mm");
  assert.equal(formatJoint(3, { unit: "mm", mark: 16 }), "3 mm");
});
