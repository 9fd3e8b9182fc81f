import assert from "node:assert/strict";
import { test } from "node:test";
import fc from "fast-check";
import { packSheets, type SheetPiece } from "./sheets.ts";

const SHEET = { width: 1524, height: 914 };

/** Every part of a set that holds its first element, as pairs of part and rest. */
function* halves<T>([first, ...others]: T[]): Generator<[T[], T[]]> {
  if (first === undefined) return;
  for (let mask = 0; mask < 2 ** others.length; mask++) {
    const inside = others.filter((_, k) => mask & (1 << k));
    yield [[first, ...inside], others.filter((_, k) => !(mask & (1 << k)))];
  }
}

/**
 * Whether pieces can be cut from one rectangle by straight cuts, exactly: every split of the set in
 * two, every cut at a sum of sides, both ways. Slow, and written without looking at the heuristic.
 */
function fitsExactly(pieces: SheetPiece[], width: number, height: number): boolean {
  const area = pieces.reduce((sum, p) => sum + p.width * p.height, 0);
  if (area > width * height + 1e-6) return false;
  const [only, ...others] = pieces;
  if (!only) return true;
  if (others.length === 0) {
    const fits = (w: number, h: number) => w <= width && h <= height;
    return fits(only.width, only.height) || fits(only.height, only.width);
  }
  for (const [part, rest] of halves(pieces)) {
    if (rest.length === 0) continue;
    for (const cut of sumsOfSides(part)) {
      if (cut < width && fitsExactly(part, cut, height) && fitsExactly(rest, width - cut, height))
        return true;
      if (cut < height && fitsExactly(part, width, cut) && fitsExactly(rest, width, height - cut))
        return true;
    }
  }
  return false;
}

function sumsOfSides(pieces: SheetPiece[]): number[] {
  let sums = new Set([0]);
  for (const { width, height } of pieces) {
    sums = new Set([...sums].flatMap((sum) => [sum, sum + width, sum + height]));
  }
  return [...sums].filter((sum) => sum > 0);
}

function fewestExactly(pieces: SheetPiece[]): number {
  if (pieces.length === 0) return 0;
  let best = Infinity;
  for (const [part, rest] of halves(pieces)) {
    if (fitsExactly(part, SHEET.width, SHEET.height))
      best = Math.min(best, 1 + fewestExactly(rest));
  }
  return best;
}

const side = (most: number) =>
  fc.integer({ min: 3, max: Math.floor(most / 50) }).map((n) => n * 50);
const pieceList = fc
  .array(fc.tuple(side(1500), side(900)), { minLength: 1, maxLength: 4 })
  .map((list) => list.map(([width, height], k): SheetPiece => ({ id: `${k}`, width, height })));

test("small cases: never fewer than the exact answer, and as few in nearly all", () => {
  let [equal, cases] = [0, 0];
  fc.assert(
    fc.property(pieceList, (pieces) => {
      const { sheets, bound, tooLarge } = packSheets(pieces, SHEET);
      assert.deepEqual(tooLarge, []);
      const exact = fewestExactly(pieces);
      assert.ok(sheets.length >= exact, "fewer than can be");
      assert.ok(bound <= exact, `bound ${bound} above the exact ${exact}`);
      assert.ok(sheets.length <= exact + 1);
      cases += 1;
      if (sheets.length === exact) equal += 1;
    }),
    { numRuns: 200, seed: 17 },
  );
  assert.ok(equal / cases > 0.95, `${equal} of ${cases}`);
});

test("pieces lie on their sheet, do not overlap, and keep their size", () => {
  const many = fc
    .array(fc.tuple(side(1500), side(900)), { minLength: 5, maxLength: 24 })
    .map((list) => list.map(([width, height], k): SheetPiece => ({ id: `${k}`, width, height })));
  fc.assert(
    fc.property(many, (pieces) => {
      const { sheets, bound } = packSheets(pieces, SHEET);
      assert.equal(sheets.flat().length, pieces.length);
      assert.ok(sheets.length >= bound);
      for (const sheet of sheets) {
        sheet.forEach((p, k) => {
          const piece = pieces.find(({ id }) => id === p.id);
          const size = p.turned ? [piece?.height, piece?.width] : [piece?.width, piece?.height];
          assert.deepEqual([p.width, p.height], size);
          assert.ok(p.x >= 0 && p.y >= 0);
          assert.ok(p.x + p.width <= SHEET.width + 0.1 && p.y + p.height <= SHEET.height + 0.1);
          for (const q of sheet.slice(k + 1)) {
            const apart =
              p.x + p.width <= q.x + 0.1 ||
              q.x + q.width <= p.x + 0.1 ||
              p.y + p.height <= q.y + 0.1 ||
              q.y + q.height <= p.y + 0.1;
            assert.ok(apart, "pieces overlap");
          }
        });
      }
    }),
    { numRuns: 100 },
  );
});

test("a piece larger than a sheet is named, not lost", () => {
  const { sheets, tooLarge } = packSheets(
    [
      { id: "fits", width: 900, height: 1500 },
      { id: "not", width: 1000, height: 1000 },
    ],
    SHEET,
  );
  assert.deepEqual(tooLarge, ["not"]);
  assert.deepEqual(
    sheets.map((sheet) => sheet.map(({ id, turned }) => [id, turned])),
    [[["fits", true]]],
  );
});
