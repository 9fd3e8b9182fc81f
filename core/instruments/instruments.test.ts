import assert from "node:assert/strict";
import { test } from "node:test";
import { judgeSeries } from "./series.ts";
import { airReadings, lengthReadings, randomFrom } from "./simulated.ts";

function take<T>(source: Generator<T>, count: number): T[] {
  return Array.from({ length: count }, () => source.next().value as T);
}

test("random numbers follow from the seed and fill the range evenly", () => {
  const [a, b] = [randomFrom(7), randomFrom(7)];
  const numbers = Array.from({ length: 4000 }, a);
  assert.deepEqual(numbers.slice(0, 5), Array.from({ length: 5 }, b));
  const tenths = Array.from(
    { length: 10 },
    (_, k) => numbers.filter((n) => n >= k / 10 && n < (k + 1) / 10).length,
  );
  assert.equal(
    tenths.reduce((sum, n) => sum + n, 0),
    4000,
  );
  for (const count of tenths) assert.ok(Math.abs(count - 400) < 100, `${count}`);
});

test("a laser reads the truth with noise, now and then something else", () => {
  const readings = take(lengthReadings("laser", 1613, 3), 2000).map(({ mm }) => mm);
  const good = readings.filter((mm): mm is number => mm !== undefined && Math.abs(mm - 1613) < 5);
  const mean = good.reduce((sum, mm) => sum + mm, 0) / good.length;
  assert.ok(Math.abs(mean - 1613) < 0.1, `${mean}`);
  const spread = Math.sqrt(good.reduce((sum, mm) => sum + (mm - mean) ** 2, 0) / good.length);
  assert.ok(spread > 0.6 && spread < 0.9, `${spread}`);
  const bad = 2000 - good.length;
  assert.ok(bad > 80 && bad < 220, `${bad}`);
  assert.ok(readings.includes(undefined));
  // A beam that hits something in between reads short, never long.
  for (const mm of readings) assert.ok((mm ?? 0) < 1618);
});

test("the air stays within what a bathroom can be", () => {
  for (const { tempC, humidity } of take(airReadings(11), 5000)) {
    assert.ok(tempC >= 8 && tempC <= 34 && humidity >= 20 && humidity <= 95);
  }
});

test("repeated readings: the one that stands out is named, two that disagree both are", () => {
  assert.deepEqual(judgeSeries([]), { spread: 0, agrees: true, outliers: [] });
  assert.deepEqual(judgeSeries([1613, 1614]), { spread: 1, agrees: true, outliers: [] });
  assert.deepEqual(judgeSeries([1613, 1500]), { spread: 113, agrees: false, outliers: [0, 1] });
  assert.deepEqual(judgeSeries([1613, 1500, 1614]), {
    spread: 114,
    agrees: false,
    outliers: [1],
  });
});
