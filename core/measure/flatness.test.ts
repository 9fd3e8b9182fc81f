import assert from "node:assert/strict";
import { test } from "node:test";
import type { Straightedge, Tile } from "../project/schema.ts";
import { codesOf, near, oneWall, planValid } from "../testing.ts";
import { allowedGap, flatnessLimit, skimVolumeL } from "./flatness.ts";

const tile = (side: number) => ({ width: side, height: 100 }) as Tile;

const reading = (patch: Partial<Straightedge> = {}): Straightedge => ({
  id: "s",
  from: "left",
  at: 500,
  level: 0,
  direction: "across",
  shape: "hollow",
  length: 1200,
  gap: 2,
  ...patch,
});

test("the published figures at their lengths, on both sides of 15 in", () => {
  near(allowedGap(flatnessLimit(tile(380)), 305), 1.6);
  near(allowedGap(flatnessLimit(tile(380)), 3050), 6.4);
  near(allowedGap(flatnessLimit(tile(381)), 610), 1.6);
  near(allowedGap(flatnessLimit(tile(381)), 3050), 3.2);
  near(allowedGap(flatnessLimit(tile(381)), 100), 1.6);
  near(allowedGap(flatnessLimit(tile(381)), 4000), 3.2);
});

test("between the two lengths the limit grows in proportion", () => {
  // (1220 − 610) ÷ (3050 − 610) = ¼ of the way from 1.6 to 3.2.
  near(allowedGap(flatnessLimit(tile(600)), 1220), 2);
});

test("a verdict per reading: what fails, by how much, and a warning that goes there", () => {
  // A tile of 300: 1200 allows 1.6 + 4.8 × 895 ÷ 2745 = 3.165.
  const wall = { straightedge: [reading({ gap: 3.1 }), reading({ id: "t", gap: 5 })] };
  const plan = planValid(oneWall({ wall }));
  const [good, bad] = plan.findings.flatness;
  assert.equal(good?.passes, true);
  assert.equal(bad?.passes, false);
  near(bad?.over, 5 - (1.6 + (4.8 * 895) / 2745));
  assert.deepEqual(
    plan.warnings.filter(({ code }) => code === "not-flat").map(({ item }) => item),
    ["t"],
  );
  // The same wall under a 600 tile is judged harder: 3.1 fails as well.
  const large = planValid(oneWall({ wall, tile: [600, 300] }));
  assert.equal(codesOf(large).filter((code) => code === "not-flat").length, 2);
});

test("a reading that was decided on is only noted", () => {
  const project = oneWall({ wall: { straightedge: [reading({ gap: 5 })] } });
  const severity = () =>
    planValid(project).warnings.find(({ code }) => code === "not-flat")?.severity;
  assert.equal(severity(), "warning");
  project.decisions = [{ id: "d", check: "flat/s", choice: "accept" }];
  assert.equal(severity(), "note");
});

test("a gap typed as exactly the limit passes", () => {
  const wall = { straightedge: [reading({ length: 609.6, gap: 1.5875 + 0.0125 })] };
  assert.ok(!codesOf(planValid(oneWall({ wall, tile: [600, 300] }))).includes("not-flat"));
});

test("the skim volume is that of a dish, by slices", () => {
  // Slices of a paraboloid 5 deep and 1200 wide: depth at radius r is 5 (1 − (r ÷ 600)²).
  let volume = 0;
  const slices = 20_000;
  for (let k = 0; k < slices; k++) {
    const r = ((k + 0.5) / slices) * 600;
    volume += 2 * Math.PI * r * (600 / slices) * 5 * (1 - (r / 600) ** 2);
  }
  near(skimVolumeL(5, 1200), volume / 1e6, 1e-6);
});

test("furring brings every stud to the plane of the proudest, wherever the line stood", () => {
  const stud = (id: string, at: number, back: [number, number]) => ({
    id,
    from: "left" as const,
    at,
    plane: [
      { level: -600, back: back[0] },
      { level: 600, back: back[1] },
    ],
  });
  const shims = (shift: number) => {
    const studs = [
      stud("a", 0, [20 + shift, 22 + shift]),
      stud("b", 406, [25 + shift, 18 + shift]),
    ];
    const plan = planValid(oneWall({ wall: { studs } }));
    return plan.findings.shims.A?.map(({ x, level, shim }) => [x, level, shim]);
  };
  // The proudest reading is 18: every other face comes up to it.
  const expected = [
    [0, -600, 2],
    [0, 600, 4],
    [406, -600, 7],
    [406, 600, 0],
  ];
  assert.deepEqual(shims(0), expected);
  assert.deepEqual(shims(100), expected);
});

test("the remedy names the nearest stud, and a hump is planed", () => {
  const studs = [0, 406, 812].map((at, k) => ({ id: `${k}`, from: "left" as const, at }));
  const straightedge = [reading({ shape: "hump", at: 700, gap: 9 })];
  const plan = planValid(oneWall({ wall: { studs, straightedge } }));
  const remedy = plan.findings.flatness[0]?.remedy;
  assert.equal(remedy?.stud, 812);
  assert.equal(remedy?.atStud, "plane");
  assert.equal(plan.findings.flatness.length, 1);
});
