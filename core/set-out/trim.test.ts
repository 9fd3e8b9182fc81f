import assert from "node:assert/strict";
import { test } from "node:test";
import fc from "fast-check";
import { intersect } from "../geometry/boolean.ts";
import { boxOf, type Polygon, polygonArea, rectangle } from "../geometry/polygon.ts";
import { packLengths } from "../packing/lengths.ts";
import type { Tile, Trim } from "../project/schema.ts";
import { codesOf, enclosure, near, oneWall, opening, planValid, wallAt } from "../testing.ts";
import { fewestSets, subsets } from "../testing-exact.ts";
import { barsOfRun } from "./trim.ts";
import { bullnosePieces, bullnoseRings } from "./trim-runs.ts";

const profile: Trim = { kind: "profile", width: 8, joint: 2 };

test("a profile that dies into another kind of trim keeps its square end", () => {
  const liner: Trim = { kind: "pencil", width: 8, joint: 2 };
  const { runs } = planValid(oneWall({ wall: { trim: { left: profile, top: liner } } })).trim;
  assert.deepEqual(
    runs.map(({ place, length, mitres }) => [place, Math.round(length), mitres]),
    [
      ["left", 1212, 0],
      ["top", 990, 0],
    ],
  );
});

test("profile that turns from a side to the top is mitred: both lengths to their long points", () => {
  const project = oneWall({
    wall: { trim: { left: profile, top: profile } },
    settings: { trimBar: 2300 },
  });
  const plan = planValid(project);
  // The field is 990 × 1202 within a wall of 1000 × 1212; both go on to the corner of the wall.
  const lengths = plan.trim.runs.map(({ place, length }) => [place, Math.round(length)]);
  assert.deepEqual(lengths, [
    ["left", 1212],
    ["top", 1000],
  ]);
  assert.deepEqual(
    plan.trim.runs.map(({ mitres }) => mitres),
    [1, 1],
  );
  // 1212 + 1000 + one kerf: 2215 from a bar of 2300.
  assert.deepEqual(
    plan.trim.bars.map(({ bars, bound }) => [bars.length, bound]),
    [[1, 1]],
  );
  assert.equal(plan.order.find(({ code }) => code === "trimProfile")?.quantity, 1);
  for (const run of plan.trim.runs) assert.deepEqual(barsOfRun(plan.trim, run), [1]);
  // From bars of 1000 each run takes two; every length is told to its run, and none is left out.
  const short = planValid({ ...project, settings: { trimBar: 1000 } }).trim;
  const [left, top] = short.runs;
  assert.ok(left && top);
  assert.equal(barsOfRun(short, left).length, 2);
  assert.equal(barsOfRun(short, top).length, 1);
  const cut = (id: string) =>
    short.bars.flatMap(({ bars }) => bars.flat()).filter(({ run }) => run.id === id);
  near(
    cut(left.id).reduce((sum, { length }) => sum + length, 0),
    left.length,
  );
});

test("a mitred frame round a niche: long points inside the finished opening, short ones less the face", () => {
  const niche = opening({ width: 306, height: 406, trim: { ...profile, joint: 3 } });
  const { trim } = planValid(oneWall({ wall: { openings: [niche] } }));
  assert.deepEqual(
    trim.runs.map(({ length, face, mitres }) => [length, length - mitres * face]),
    [
      [300, 284],
      [300, 284],
      [400, 384],
      [400, 384],
    ],
  );
});

/** An upright whose right lower corner is cut off at 45°. */
function mitredFoot(x: number, y: number, width: number, height: number): Polygon {
  return [
    [x, y],
    [x + width, y + width],
    [x + width, y + height],
    [x, y + height],
  ];
}

test("bullnose keeps its own length: pieces, the last one, and the drift at the end", () => {
  // 152 + 3 = 155 a piece: two make 310 to a course of 303: 7 a course, 4 courses of 1212.
  const own = bullnosePieces(1212, 152, 3, 303);
  assert.equal(own.count, 8);
  near(own.last, 1212 - 7 * 155);
  near(own.drift, 7 * 4);
  // Drawn: they and their joints fill the run from its foot to its head.
  const rings = bullnoseRings({ ring: rectangle(5, 10, 40, 1212), pieces: own });
  const heights = rings.map((ring) => boxOf(ring).maxY - boxOf(ring).minY);
  for (const height of heights.slice(0, -1)) near(height, 152);
  assert.equal(heights.length, own.count);
  near(heights.at(-1), own.last);
  near(Math.max(...rings.map((ring) => boxOf(ring).maxY)), 10 + 1212);
  // Mitred at its foot by 40, the first piece of 152 loses a triangle of 40 × 40.
  const [foot] = bullnoseRings({
    ring: mitredFoot(5, 10, 40, 1212),
    pieces: own,
  });
  near(polygonArea(foot ?? []), 40 * 152 - (40 * 40) / 2);
  // 148.5 + 3: two make a course exactly; after eight only a joint is left.
  const even = bullnosePieces(1212, 148.5, 3, 303);
  near(even.drift, 0);
  assert.deepEqual([even.count, even.last], [8, 148.5]);
  // A piece over two courses of 100: 206 to 200.
  near(bullnosePieces(1000, 203, 3, 100).drift, 6 * 5);
});

test("trim whose joints cannot line up is warned of, and ordered by the piece", () => {
  const left: Trim = { kind: "bullnose", width: 50, joint: 3 };
  const drifting = planValid(
    oneWall({ wall: { trim: { left } }, settings: { bullnosePiece: 152 } }),
  );
  assert.ok(codesOf(drifting).includes("trim-drifts"));
  assert.equal(drifting.order.find(({ code }) => code === "bullnose")?.quantity, 8);
  const even = planValid(oneWall({ wall: { trim: { left } }, settings: { bullnosePiece: 148.5 } }));
  assert.equal(codesOf(even).includes("trim-drifts"), false);
});

test("bullnose round a window is counted piece by piece on all four sides", () => {
  const trim: Trim = { kind: "bullnose", width: 50, joint: 3 };
  const window = opening({ kind: "window", width: 606, height: 906, trim });
  const plan = planValid(
    oneWall({ wall: { openings: [window] }, settings: { bullnosePiece: 150 } }),
  );
  // 600 takes three of 150 with a joint of 3 and 141: four; 900 takes five and 135: six.
  assert.deepEqual(
    plan.trim.runs.map(({ place, pieces }) => [
      place,
      pieces?.count,
      Math.round(pieces?.last ?? 0),
    ]),
    [
      ["sill", 4, 141],
      ["head", 4, 141],
      ["left-jamb", 6, 135],
      ["right-jamb", 6, 135],
    ],
  );
  assert.equal(plan.order.find(({ code }) => code === "bullnose")?.quantity, 20);
});

test("where no bullnose is made the pieces come from the tile that was chosen", () => {
  const trim: Trim = { kind: "bullnose", width: 50, joint: 3 };
  const project = oneWall({ wall: { trim: { left: trim } } });
  const large = { ...(project.tiles[0] as Tile), id: "large", width: 610, height: 305 };
  const settings = { bullnosePiece: 150, bullnoseFromTile: true, bullnoseTile: "large" };
  const plan = planValid({ ...project, tiles: [...project.tiles, large], settings });
  // 1212 takes eight pieces. Along each edge of 610 go three of 150 and the kerf, of 305 one …
  // (610 + 3) ÷ 153 = 4, on two edges 8: one tile.
  assert.deepEqual(
    plan.trim.edges.map(({ tile, pieces, perTile, tiles }) => [tile, pieces, perTile, tiles]),
    [["large", 8, 8, 1]],
  );
  assert.equal(plan.order.find(({ code }) => code === "edgeTile")?.of, "large");
});

test("a liner may stand in an inside corner: the field begins past it", () => {
  const liner: Trim = { kind: "pencil", width: 15, joint: 3 };
  const at = (left?: Trim) =>
    planValid(
      enclosure("alcove", [900, 1500, 900], ({ walls }) => {
        if (walls[1] && left) walls[1].trim = { left };
      }),
    );
  const [plain, lined] = [at(), at(liner)].map((plan) => wallAt(plan, 1));
  near((lined?.ends.left.offset ?? 0) - (plain?.ends.left.offset ?? 0), 18);
  assert.deepEqual(
    lined?.trimRuns.map(({ kind, place }) => [kind, place]),
    [["pencil", "left"]],
  );
  // A profile shows no edge there.
  assert.equal(at({ ...liner, kind: "profile" }).trim.runs.length, 0);
});

test("a liner along the base lifts the first course of all walls, and is ordered as bars", () => {
  const liner: Trim = { kind: "pencil", width: 15, joint: 3 };
  const at = (lined: number[]) =>
    planValid(
      enclosure("alcove", [900, 1500, 900], ({ walls }) => {
        for (const k of lined) {
          const wall = walls[k];
          if (wall) wall.trim = { bottom: liner };
        }
      }),
    );
  assert.equal(at([0, 1, 2]).first.y - at([]).first.y, 18);
  const all = at([0, 1, 2]);
  assert.deepEqual(
    all.trim.runs.map(({ wall, place }) => [wall, place]),
    [
      ["A", "bottom"],
      ["B", "bottom"],
      ["C", "bottom"],
    ],
  );
  assert.ok((all.order.find(({ code }) => code === "trimPencil")?.quantity ?? 0) >= 2);
  // Where only one wall has it, courses meet still, and the others begin with more than a tile.
  const one = at([1]);
  const [left, back] = [wallAt(one, 0), wallAt(one, 1)];
  const foot = (wall: typeof left) => Math.min(...wall.boundary.map(([, y]) => y));
  assert.equal(foot(back) - foot(left), 18);
});

test("the sides of a mitred frame make the frame: they meet on their mitres and do not overlap", () => {
  const niche = opening({ width: 306, height: 406, trim: { ...profile, joint: 3 } });
  const { trim } = planValid(oneWall({ wall: { openings: [niche] } }));
  const covered = trim.runs.reduce((sum, { ring }) => sum + polygonArea(ring), 0);
  near(covered, 300 * 400 - 284 * 384);
  assert.equal(intersect([trim.runs[0]?.ring ?? []], [trim.runs[2]?.ring ?? []]).length, 0);
});

/** The fewest bars by an integer program over every set of lengths that fits one bar. */
function exactBars(lengths: number[], bar: number): number {
  const total = (set: number[]) => set.reduce((sum, k) => sum + (lengths[k] ?? 0), 0);
  return fewestSets(
    lengths.length,
    subsets(lengths.length, (set) => total(set) <= bar),
  );
}

test("the fewest bars against an integer program", () => {
  let [equal, runs] = [0, 0];
  fc.assert(
    fc.property(
      fc.array(fc.integer({ min: 200, max: 2400 }), { minLength: 1, maxLength: 9 }),
      (lengths) => {
        const { rolls, bound } = packLengths(lengths, 2500);
        const exact = exactBars(lengths, 2500);
        assert.ok(bound <= exact && exact <= rolls.length);
        runs++;
        if (rolls.length === exact) equal++;
      },
    ),
    { numRuns: 150, seed: 3 },
  );
  assert.ok(equal / runs > 0.95, `${equal} of ${runs}`);
});
