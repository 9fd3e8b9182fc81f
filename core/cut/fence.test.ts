import assert from "node:assert/strict";
import { test } from "node:test";
import fc from "fast-check";
import { fewestStops, type Stretch } from "./fence.ts";

const holds = ({ least, most }: Stretch, at: number) => at >= least - 1e-6 && at <= most + 1e-6;

/** The fewest points by trying every choice of upper ends: some best choice is always among them. */
function fewestByTrying(stretches: Stretch[]): number {
  const ends = [...new Set(stretches.map(({ most }) => most))];
  let fewest = ends.length;
  for (let choice = 0; choice < 1 << ends.length; choice++) {
    const chosen = ends.filter((_, k) => choice & (1 << k));
    if (chosen.length >= fewest) continue;
    if (stretches.every((stretch) => chosen.some((at) => holds(stretch, at)))) {
      fewest = chosen.length;
    }
  }
  return fewest;
}

const stretch = fc
  .record({ at: fc.integer({ min: 0, max: 80 }), less: fc.nat(4), more: fc.nat(4) })
  .map(({ at, less, more }) => ({ least: at - less / 2, most: at + more / 2 }));

test("no choice of settings is smaller, and each length is served by one within its play", () => {
  fc.assert(
    fc.property(fc.array(stretch, { maxLength: 9 }), (stretches) => {
      const stops = fewestStops(stretches, 1);
      assert.equal(stops.length, fewestByTrying(stretches));
      for (const { set, serves } of stops) {
        for (const k of serves) assert.ok(holds(stretches[k] as Stretch, set));
      }
      const served = stops.flatMap(({ serves }) => serves).sort((p, q) => p - q);
      assert.deepEqual(
        served,
        stretches.map((_, k) => k),
      );
    }),
  );
});

test("a setting goes to the tape mark nearest the middle, and off the tape only where none fits", () => {
  const [whole] = fewestStops([{ least: 290.2, most: 293.1 }], 1);
  assert.equal(whole?.set, 292);
  const [inch] = fewestStops([{ least: 291, most: 293 }], 25.4 / 16);
  assert.ok(Math.abs((inch?.set ?? 0) - 11.5 * 25.4) < 1e-9);
  const [exact] = fewestStops([{ least: 290.3, most: 290.3 }], 1);
  assert.equal(exact?.set, 290.3);
});
