import assert from "node:assert/strict";
import { test } from "node:test";
import fc from "fast-check";
import type { Blank, Placement, Stock } from "./blank.ts";
import { fewestTiles } from "./fewest.ts";
import { fitBlanks } from "./fit.ts";
import { KindTable } from "./kinds.ts";
import { withNotches } from "./testing.ts";

const blank: fc.Arbitrary<Blank> = fc.record({
  width: fc.integer({ min: 20, max: 300 }),
  height: fc.integer({ min: 20, max: 200 }),
  sides: fc.integer({ min: 0, max: 15 }),
});

/** Whether a placed blank lies in what is cut out of another. */
function inNotch(host: Blank, at: Placement, guest: Blank, place: Placement): boolean {
  const { notch } = host;
  if (!notch) return false;
  const x = at.turned ? at.x + host.width - notch.x - notch.width : at.x + notch.x;
  const y = at.turned ? at.y + host.height - notch.y - notch.height : at.y + notch.y;
  return (
    place.x >= x - 1e-6 &&
    place.y >= y - 1e-6 &&
    place.x + guest.width <= x + notch.width + 1e-6 &&
    place.y + guest.height <= y + notch.height + 1e-6
  );
}

const stock: fc.Arbitrary<Stock> = fc.record({
  width: fc.constant(300),
  height: fc.constant(200),
  kerf: fc.constantFrom(0, 2, 3),
  turns: fc.boolean(),
});

test("blanks of one size and the same factory sides are one kind, the largest first", () => {
  const blanks = [
    { width: 100, height: 50, sides: 1 },
    { width: 100.001, height: 50, sides: 1 },
    { width: 100, height: 50, sides: 2 },
    { width: 200, height: 90, sides: 1 },
  ];
  const { kinds } = new KindTable(blanks, { width: 300, height: 200, kerf: 3, turns: true });
  assert.deepEqual(
    kinds.map(({ members }) => members),
    [[3], [0, 1], [2]],
  );
  // The kind is as large as the largest of them.
  assert.equal(kinds[1]?.width, 100.001);
});

test("what joins a tile is what the full search for places finds", () => {
  fc.assert(
    fc.property(
      fc.array(withNotches(blank), { minLength: 2, maxLength: 7 }),
      stock,
      (blanks, tile) => {
        // A piece of a tile fits into that tile.
        const possible = blanks.filter((one) => fitBlanks([one], tile) !== undefined);
        const table = new KindTable(possible, tile);
        const all = table.kinds.map((_, k) => k);
        // Grown one by one as the packing does it, and asked for at once.
        const grown: number[] = [];
        for (const k of all) {
          const content = [...grown, k];
          const places = fitBlanks(
            content.map((kind) => table.kinds[kind] as Blank),
            tile,
          );
          const alone = content.length === 1;
          if (!alone) assert.equal(table.joins(grown, k), places !== undefined);
          if (!alone) assert.equal(table.fits(content), places !== undefined);
          if (places !== undefined) grown.push(k);
        }
      },
    ),
    { numRuns: 300 },
  );
});

test("every blank is in one tile, and each tile's blanks have places that do not overlap", () => {
  fc.assert(
    fc.property(
      fc.array(withNotches(blank), { minLength: 1, maxLength: 24 }),
      stock,
      (blanks, tile) => {
        const possible = blanks.filter((one) => fitBlanks([one], tile) !== undefined);
        const { tiles } = fewestTiles(possible, tile);
        assert.deepEqual(
          tiles.flat().sort((p, q) => p - q),
          possible.map((_, k) => k),
        );
        for (const members of tiles) {
          const own = members.map((k) => possible[k] as Blank);
          const places = fitBlanks(own, tile);
          assert.ok(places);
          places.forEach((p, k) => {
            const a = own[k] as Blank;
            assert.ok(p.x >= -1e-6 && p.x + a.width <= tile.width + 1e-6);
            assert.ok(p.y >= -1e-6 && p.y + a.height <= tile.height + 1e-6);
            places.slice(0, k).forEach((q, other) => {
              const b = own[other] as Blank;
              const apart =
                p.x >= q.x + b.width + tile.kerf - 1e-6 ||
                q.x >= p.x + a.width + tile.kerf - 1e-6 ||
                p.y >= q.y + b.height + tile.kerf - 1e-6 ||
                q.y >= p.y + a.height + tile.kerf - 1e-6 ||
                inNotch(a, p, b, q) ||
                inNotch(b, q, a, p);
              assert.ok(apart, "a kerf between every two");
            });
          });
        }
      },
    ),
    { numRuns: 200 },
  );
});
