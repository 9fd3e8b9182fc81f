import assert from "node:assert/strict";
import { test } from "node:test";
import { near } from "../testing.ts";
import { formatAmount, fromShown, temperatureUnit, toShown, volumeUnit } from "./quantity.ts";

const inches = { unit: "in", mark: 16 } as const;
const metric = { unit: "mm", mark: 16 } as const;

test("amounts follow the job's unit: by the exact sizes of foot, pound, gallon and ounce", () => {
  // 1 sq ft = 0.09290304 m², 1 lb = 0.45359237 kg, 1 gal = 3.785411784 L = 128 fl oz.
  assert.equal(formatAmount(0.9290304, "m2", inches), "10.0 sq ft");
  assert.equal(formatAmount(3.048, "m", inches), "10.0 ft");
  assert.equal(formatAmount(4.5359237, "kg", inches), "10.0 lb");
  assert.equal(formatAmount(3.785411784, "L", inches), "1.00 gal");
  assert.equal(formatAmount(295.735295625, "mL", inches), "10.0 fl oz");
  assert.equal(formatAmount(0.9290304, "m2", metric), "0.93 m²");
  assert.equal(formatAmount(1234.5, "m", metric), "1,234.50 m");
  assert.equal(formatAmount(-1.25, "kg", metric), "−1.3 kg");
  assert.equal(formatAmount(0.125, "share", metric), "13 %");
  assert.equal(formatAmount(0.5, "mm", inches), "0.5 mm", "films are told in millimetres");
  assert.equal(formatAmount(254, "mm", inches), "10 in");
});

test("litres and degrees are typed in the job's unit and stored in one", () => {
  near(fromShown(1, volumeUnit(inches)), 3.785411784);
  near(toShown(21, temperatureUnit(inches)), 69.8);
  // The one temperature that both scales call by the same number.
  near(toShown(-40, temperatureUnit(inches)), -40);
  for (const style of [inches, metric]) {
    for (const unit of [volumeUnit(style), temperatureUnit(style)]) {
      for (const stored of [-12.5, 0, 37]) near(fromShown(toShown(stored, unit), unit), stored);
    }
  }
});
