import assert from "node:assert/strict";
import { test } from "node:test";
import fc from "fast-check";
import { packLengths, splitLength } from "../packing/lengths.ts";
import { jobOf } from "../project/job.ts";
import type { Project } from "../project/schema.ts";
import { codesOf, enclosure, fixture, near, oneWall, opening, planValid } from "../testing.ts";
import { dryingFactor, waitHours } from "./drying.ts";
import type { WallFilm } from "./film-plan.ts";

type Coat = NonNullable<NonNullable<Project["film"]>["coats"]>[number];
type Gauge = NonNullable<NonNullable<Project["film"]>["gauge"]>[number];

const coat = (n: number, patch: Partial<Coat> = {}): Coat => ({
  id: `c${n}`,
  wall: "A",
  coat: n,
  at: `2026-03-01T1${n}:00:00.000Z`,
  ...patch,
});
const gauge = (n: number, wft: number): Gauge => ({
  id: `g${n}-${wft}-${Math.random()}`,
  wall: "A",
  coat: n,
  from: "left",
  at: 100,
  level: 0,
  wft,
});
const filmOf = (project: Project): WallFilm => planValid(project).film.walls[0] as WallFilm;
const logged = (film: Project["film"]): Project => ({ ...oneWall(), film });

/** Fewest rolls, exactly: every length tried on every roll that is open. */
function fewestRolls(lengths: number[], roll: number, open: number[] = []): number {
  const [first, ...others] = lengths;
  if (first === undefined) return open.length;
  const tried = open.flatMap((left, k) =>
    left >= first
      ? [
          fewestRolls(
            others,
            roll,
            open.map((l, i) => (i === k ? l - first : l)),
          ),
        ]
      : [],
  );
  return Math.min(...tried, fewestRolls(others, roll, [...open, roll - first]));
}

test("lengths from rolls: never fewer than the exact answer, as few in nearly all small cases", () => {
  let [equal, cases] = [0, 0];
  const list = fc.array(fc.integer({ min: 3, max: 40 }), { minLength: 1, maxLength: 7 });
  fc.assert(
    fc.property(list, (tenths) => {
      const lengths = tenths.map((n) => n * 100);
      const { rolls, bound } = packLengths(lengths, 4000);
      const exact = fewestRolls(lengths, 4000);
      assert.ok(rolls.length >= exact && bound <= exact && rolls.length <= exact + 1);
      for (const roll of rolls) assert.ok(roll.reduce((sum, mm) => sum + mm, 0) <= 4000);
      assert.deepEqual(
        rolls.flat().sort((a, b) => a - b),
        [...lengths].sort((a, b) => a - b),
      );
      cases += 1;
      if (rolls.length === exact) equal += 1;
    }),
    { numRuns: 300, seed: 5 },
  );
  assert.ok(equal / cases > 0.95, `${equal} of ${cases}`);
});

test("a length longer than a roll is split, and its parts cover it with the overlap", () => {
  assert.deepEqual(splitLength(2400, 10_000, 50), [2400]);
  // 12000 = 10000 + 2050 − 50.
  assert.deepEqual(splitLength(12_000, 10_000, 50), [10_000, 2050]);
  near(
    splitLength(25_000, 10_000, 50).reduce((sum, mm) => sum + mm, 0),
    25_000 + 2 * 50,
  );
});

test("strips of a wall with a niche, by hand", () => {
  // Base 1000; niche 300 × 400 × 90: back and face rings 2 × 1400, four depths 360; no corner on a
  // single wall. Board lying: one level seam of 994.
  const film = filmOf(oneWall({ height: 1600, wall: { openings: [opening()] } }));
  const kinds = Object.fromEntries(film.strips.map(({ kind, mm }) => [kind, mm]));
  near(kinds.base, 1000);
  near(kinds.nicheEdges, 2 * 1400 + 360);
  near(film.figures.stripM.value, film.strips.reduce((sum, { mm }) => sum + mm, 0) / 1000);
});

test("a wall owns the corner at its left end, so that walls add up", () => {
  const plan = planValid(enclosure("alcove", [900, 1500, 900]));
  const corners = plan.film.walls.map(
    ({ strips }) => strips.find(({ kind }) => kind === "corner")?.mm ?? 0,
  );
  assert.deepEqual(corners, [0, 2000, 2000]);
});

test("what was used makes the average film, and what is missing is said in litres", () => {
  // Strips: base 1 + seam 0.994 (3 off each corner) × 0.15 × 0.5 = 0.14955 L. Used 1.1 L: 1.1 ÷ 1.1
  // − 0.14955 = 0.85045 L on 1.212 m² is 0.7017 mm of the 1 wanted.
  const coats = [coat(0), coat(1, { litres: 0.6 }), coat(2, { litres: 0.5 })];
  const { thickness } = filmOf(logged({ coats }));
  near(thickness.averageWft, 0.85045 / 1.212, 1e-9);
  near(thickness.addL, (1 - 0.85045 / 1.212) * 1.212 * 1.1, 1e-9);
  near(thickness.expectedDft, (0.85045 / 1.212) * 0.6, 1e-9);
  const plan = planValid(logged({ coats }));
  assert.ok(codesOf(plan).includes("film-thin"));
  // Half way through nobody calls it thin yet.
  assert.ok(!codesOf(planValid(logged({ coats: coats.slice(0, 2) }))).includes("film-thin"));
  // Enough by the pail: what the volume figure asks for leaves nothing to add.
  const enough = [coat(0), coat(1, { litres: (1.212 + 0.14955) * 1.1 })];
  near(filmOf(logged({ coats: enough })).thickness.addL, 0, 1e-9);
});

test("an average never proves a wall: enough places in every coat, none below", () => {
  const three = (n: number, ...wfts: number[]) => wfts.map((wft) => gauge(n, wft));
  const proven = (...readings: Gauge[]) => filmOf(logged({ gauge: readings })).thickness.proven;
  assert.equal(proven(), false);
  assert.equal(proven(...three(1, 0.5, 0.55, 0.6)), false);
  assert.equal(proven(...three(1, 0.5, 0.55, 0.6), ...three(2, 0.5, 0.5, 0.5)), true);
  assert.equal(proven(...three(1, 0.5, 0.55, 0.6), ...three(2, 0.9, 0.9, 0.45)), false);
  const plan = planValid(logged({ gauge: three(2, 0.9, 0.9, 0.45) }));
  assert.ok(codesOf(plan).includes("film-thin-place"));
});

test("waits: defaults in temperate air, longer in cold and damp, the job's own factor wins", () => {
  const project = oneWall();
  near(waitHours(jobOf(project), "strips"), 1);
  near(waitHours(jobOf(project), "coat"), 3);
  near(waitHours(jobOf(project), "tile"), 24);
  near(dryingFactor(jobOf(project), { tempC: 11, humidity: 50 }), 2);
  near(dryingFactor(jobOf(project), { tempC: 21, humidity: 75 }), 1.5);
  near(dryingFactor(jobOf(project), { tempC: 11, humidity: 75 }), 3);
  near(dryingFactor(jobOf(project), { tempC: 30, humidity: 30 }), 1);
  const own = { ...project, settings: { dryingFactor: 1.7 } };
  near(waitHours(jobOf(own), "coat", { tempC: 5, humidity: 90 }), 5.1);
});

test("the log says which coat comes next and how long after the last", () => {
  const next = (...coats: Coat[]) => filmOf(logged({ coats })).next;
  assert.deepEqual(next(), { coat: 0, waitH: 0, since: undefined });
  assert.deepEqual(next(coat(0)), { coat: 1, waitH: 1, since: coat(0).at });
  const cold = coat(1, { tempC: 11, humidity: 50 });
  assert.deepEqual(next(coat(0), cold), { coat: 2, waitH: 6, since: cold.at });
  assert.deepEqual(next(coat(0), coat(1), coat(2)), { coat: "tile", waitH: 24, since: coat(2).at });
});

test("a hole through the film stops the job until it is patched", () => {
  const hole = (patched: boolean) => ({
    holes: [
      { id: "h", wall: "A", from: "left" as const, at: 1, level: 0, words: "ledger", patched },
    ],
  });
  assert.ok(codesOf(planValid(logged(hole(false)))).includes("holes-open"));
  assert.ok(!codesOf(planValid(logged(hole(true)))).includes("holes-open"));
});

test("sheet membrane: lengths, corners and seals, by hand", () => {
  // 2100 wide and 2000 high, roll of 1000 with 50 overlap: ⌈(2100 − 50) ÷ 950⌉ = 3 upright of 2000,
  // or ⌈1950 ÷ 950⌉ = 3 across of 2100: upright takes less. The niche 300 × 400 × 90: 480 across
  // fits the roll, one length of 580.
  const project = oneWall({
    width: 2100,
    height: 2000,
    wall: {
      openings: [opening()],
      fixtures: [fixture(), fixture({ id: "a", pipe: 22, y: { from: "base", at: 1800 } })],
    },
  });
  project.build = { system: "board-sheet" };
  const plan = planValid(project);
  const [film] = plan.film.walls;
  assert.equal(film?.sheet?.run, "upright");
  assert.deepEqual(film?.sheet?.lengths, [2000, 2000, 2000]);
  near(film?.figures.rollM.value, 6.58 * 1.05);
  assert.equal(plan.film.rolls.rolls.length, 1);
  assert.equal(film?.figures.insideCorners.value, 4);
  assert.equal(film?.figures.outsideCorners.value, 4);
  assert.equal(film?.figures.pipeSeals.value, 1);
  assert.equal(film?.figures.valveSeals.value, 1);
  // Base 2.1 + niche 3.16, no board seams.
  near(film?.figures.bandM.value, (2.1 + 3.16) * 1.05);
  near(plan.totals.membraneL, 0);
  const items = plan.order.map(({ code }) => code);
  assert.ok(
    items.includes("sheetRoll") && items.includes("pipeSeal") && !items.includes("membrane"),
  );
});

test("an alcove has an inside corner where two walls meet the base, and two at its front", () => {
  const plan = planValid(
    enclosure("alcove", [900, 1500, 900], (draft) => {
      draft.build = { system: "board-sheet" };
    }),
  );
  const quantity = (code: string) => plan.order.find((row) => row.code === code)?.quantity;
  assert.equal(quantity("insideCorner"), 2);
  assert.equal(quantity("outsideCorner"), 2);
});

test("foam board takes sealant and washers instead of tape, by hand", () => {
  const project = oneWall();
  project.build = { system: "foam", board: "foam" };
  const plan = planValid(project);
  const count = plan.board.walls[0]?.fasteners.length ?? 0;
  const quantity = (code: string) => plan.order.find((row) => row.code === code)?.quantity;
  near(quantity("seamSealant"), 0.994 * 40 + count * 1.5);
  assert.equal(quantity("washers"), Math.ceil(count * 1.1 - 1e-9));
  assert.equal(quantity("tape"), undefined);
  // Tape and joint mortar of the other systems: 0.994 m of seam.
  const taped = planValid(oneWall());
  near(taped.order.find(({ code }) => code === "tape")?.quantity, 0.994 * 1.1);
  near(
    taped.order.find(({ code }) => code === "jointMortar")?.quantity,
    0.994 * 0.1 * 2 * 1.2 * 1.1,
  );
});

test("only seams and heads sealed: all coats on strips and heads, none on the field", () => {
  const project = oneWall();
  project.build = { system: "seams-only" };
  const plan = planValid(project);
  const heads = (plan.board.walls[0]?.fasteners.length ?? 0) * Math.PI * 0.025 ** 2;
  near(plan.totals.membraneL, (1.994 * 0.15 + heads) * 2 * 0.5 * 1.1, 1e-9);
});

test("film higher than tile that stops lower is told", () => {
  const plan = planValid(oneWall({ height: 1500, wall: { topIs: "height" } }));
  assert.ok(codesOf(plan).includes("film-above-tile"));
  assert.ok(!codesOf(planValid(oneWall({ height: 2100 }))).includes("film-above-tile"));
});
