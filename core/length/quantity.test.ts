import assert from "node:assert/strict";
import { test } from "node:test";
import { near } from "../testing.ts";
import {
  formatAmount,
  fromShown,
  temperatureUnit,
  toShown,
  typedAs,
  volumeUnit,
} from "./quantity.ts";

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
  assert.equal(formatAmount(0.5, "film", inches), "0.5 mm", "films are told in millimetres");
  // Beds, depths and notches are not: 3/32 in = 2.38125 mm, 2.4575 is strong of it by less than 1/256.
  assert.equal(formatAmount(2.4575, "mm", inches), "3/32 in");
  assert.equal(formatAmount(9.525, "mm", inches), "3/8 in");
  assert.equal(formatAmount(2.4575, "mm", metric), "2.46 mm");
  // 1.2 kg/m² per mm: 30.48 kg/m² an inch, × 2.204623 ÷ 10.76391 = 6.2427 lb/sq ft.
  assert.equal(formatAmount(1.2, "kg/m2mm", inches), "6.24 lb/sq ft per in");
  // 1.6 kg/L × 2.204623 × 3.785412 = 13.3526 lb/gal; 40 mm² ÷ 645.16.
  assert.equal(formatAmount(1.6, "kg/L", inches), "13.4 lb/gal");
  assert.equal(formatAmount(40, "mm2", inches), "0.062 sq in");
  assert.equal(formatAmount(254, "mm", inches), "10 in");
});

test("litres and degrees are typed in the job's unit and stored in one", () => {
  near(fromShown(1, volumeUnit(inches)), 3.785411784);
  near(toShown(21, temperatureUnit(inches)), 69.8);
  // The one temperature that both scales call by the same number.
  near(toShown(-40, temperatureUnit(inches)), -40);
  for (const style of [inches, metric]) {
    const typed = [typedAs("kg/m2mm", style), typedAs("share", style)];
    for (const unit of [volumeUnit(style), temperatureUnit(style), ...typed]) {
      for (const stored of [-12.5, 0, 37]) near(fromShown(toShown(stored, unit), unit), stored);
    }
  }
});
