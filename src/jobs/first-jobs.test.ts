import assert from "node:assert/strict";
import { test } from "node:test";
import fc from "fast-check";
import { planProject } from "../../core/plan.ts";
import {
  type FirstAnswers,
  newProject,
  nextWall,
  wallNames,
  wallsFor,
} from "../../core/project/new-project.ts";
import { parseProject } from "../../core/project/parse.ts";
import type { Project } from "../../core/project/schema.ts";
import { runs } from "../../core/testing.ts";
import { PATTERNS } from "./patterns.ts";

const KINDS = ["alcove", "corner", "single", "four-walls", "band", "knee-wall"] as const;
const BASES = ["pan", "tub", "floor", "curb", "old-surround"] as const;
const TILES: [number, number][] = [
  [300, 300],
  [598, 298],
  [75, 300],
  [48, 48],
];

const answers = fc.record({
  enclosure: fc.constantFrom(...KINDS),
  base: fc.constantFrom(...BASES),
  unit: fc.constantFrom("in" as const, "mm" as const),
  width: fc.integer({ min: 500, max: 3000 }),
  height: fc.integer({ min: 600, max: 2700 }),
  tile: fc.constantFrom(...TILES),
  joint: fc.constantFrom(1.5875, 2, 3.175, 4.7625),
  pattern: fc.constantFrom(...Object.values(PATTERNS)),
  lay: fc.constantFrom("lying" as const, "standing" as const),
});

type Answered = typeof answers extends fc.Arbitrary<infer T> ? T : never;

function made({ enclosure, base, unit, width, height, tile, joint, pattern, lay }: Answered) {
  const first: FirstAnswers = {
    id: "new",
    name: "New",
    unit,
    enclosure,
    base,
    walls: wallNames(enclosure).map(() => ({ width, height })),
    tile: { name: "Tile", width: tile[0], height: tile[1], thickness: 9 },
    joint,
    pattern: { ...pattern, lay },
  };
  return newProject(first);
}

test("whatever the four answers are, the job is valid and planned without a stop", () => {
  fc.assert(
    fc.property(answers, (sample) => {
      const parsed = parseProject(JSON.parse(JSON.stringify(made(sample))));
      assert.ok(parsed.ok, JSON.stringify(parsed));
      const { walls, warnings, totals } = planProject(parsed.project);
      assert.equal(walls.length, wallNames(sample.enclosure).length);
      assert.deepEqual(
        warnings.filter(({ severity }) => severity === "stop"),
        [],
      );
      for (const value of Object.values(totals)) assert.ok(Number.isFinite(value) && value >= 0);
      // Two sides at most meet other walls: the field is nearly the wall.
      const wallM2 = (walls.length * sample.width * sample.height) / 1e6;
      assert.ok(totals.fieldAreaM2 > 0.9 * wallM2 && totals.fieldAreaM2 <= wallM2);
    }),
    { numRuns: runs(40) },
  );
});

test("an enclosure has one back wall that others butt against, four walls have two", () => {
  for (const enclosure of KINDS) {
    const { walls } = made({
      enclosure,
      base: "pan",
      unit: "mm",
      width: 900,
      height: 2000,
      tile: [300, 300],
      joint: 2,
      pattern: PATTERNS.stacked,
      lay: "lying",
    });
    const backs = walls.filter(({ role }) => role === "back").length;
    assert.equal(backs, enclosure === "four-walls" ? 2 : 1, enclosure);
    assert.equal(new Set(walls.map(({ id }) => id)).size, walls.length);
  }
});

test("walls that stay keep what was read; what is added has an id and a size of its own", () => {
  fc.assert(
    fc.property(answers, fc.constantFrom(...KINDS), (sample, kind) => {
      const { walls } = made(sample);
      const read = walls.map((wall, k): Project["walls"][number] => ({
        ...wall,
        width: { bottom: 700 + k },
        base: [{ from: "left", at: 20, down: 1000 + k }],
      }));
      const changed = wallsFor(kind, read);
      assert.equal(changed.length, wallNames(kind).length);
      changed.slice(0, read.length).forEach((wall, k) => {
        assert.equal(wall, read[k]);
      });
      const more = [...changed, nextWall(changed)];
      assert.equal(new Set(more.map(({ id }) => id)).size, more.length);
      assert.equal(more.at(-1)?.width.bottom, changed.at(-1)?.width.bottom);
    }),
  );
});
