import assert from "node:assert/strict";
import { test } from "node:test";
import type { Project } from "../project/schema.ts";
import { codesOf, near, oneWall, openingAt, planValid, wallAt } from "../testing.ts";

const row = (project: Project, code: string) =>
  planValid(project).order.find((candidate) => candidate.code === code);

const figuresOf = (project: Project) => wallAt(planValid(project), 0).figures;

const onBase = (base: Project["enclosure"]["base"], project = oneWall()): Project => ({
  ...project,
  enclosure: { ...project.enclosure, base },
});

test("the hidden bead runs along a tub's rim and down its apron, not along a floor or a curb", () => {
  near(figuresOf(onBase("pan")).hiddenBeadM.value, 1);
  for (const base of ["floor", "curb", "old-surround"] as const) {
    assert.equal(figuresOf(onBase(base)).hiddenBeadM.value, 0);
  }
  // The level line is 1000 above the rim, the floor 1500 below it: an apron of 500. The leg takes 60
  // of the wall, so 940 of it stands on the rim.
  const base = [
    { from: "left" as const, at: 0, down: 1000 },
    { from: "left" as const, at: 1000, down: 1000 },
  ];
  const leg = { side: "right" as const, width: 60, floorDown: 1500 };
  const tub = onBase("tub", oneWall({ wall: { base, leg } }));
  near(figuresOf(tub).hiddenBeadM.value, 0.94 + 0.5);
  // 1 m × 40 mm² and 15 % more.
  near(row(onBase("pan"), "hiddenBead")?.quantity, 46);
});

test("masking goes along base, ceiling and open ends, and round windows and obstacles, once each", () => {
  // 1000 × 1212 with both ends open.
  near(figuresOf(oneWall()).maskM.value, 1 + 1 + 2 * 1.212);
  const level = oneWall({ wall: { topIs: "height" } });
  near(figuresOf(level).maskM.value, 1 + 2 * 1.212);
  const openings = [
    { ...openingAt(200, 300, 300, 400), id: "w", kind: "window" as const },
    { ...openingAt(700, 300, 60, 90), id: "s", kind: "obstacle" as const, what: "socket" as const },
  ];
  near(figuresOf(oneWall({ wall: { openings } })).maskM.value, 2 + 2.424 + 1.4 + 0.3);
  assert.equal(row(oneWall(), "maskTape")?.packs, 1);
});

test("a bead lies under new board, and none under board that stays", () => {
  near(row(oneWall(), "boardBead")?.quantity, 46);
  assert.equal(row(oneWall({ wall: { stays: true } }), "boardBead"), undefined);
});

test("a floor still to come lifts the first course by its thickness", () => {
  const at = (floorFinish: number, base: Project["enclosure"]["base"] = "floor") =>
    planValid(onBase(base, oneWall({ setOut: { baseGap: 3, floorFinish } }))).first.y;
  assert.equal(at(12) - at(0), 12);
  // On a pan nothing comes under it.
  assert.equal(at(12, "pan") - at(0, "pan"), 0);
});

test("a proud flange is decided on: furred, the build-up follows; held above, it does not", () => {
  const flange = (by?: "fur" | "hold") => {
    const project = onBase("tub");
    project.enclosure.flange = { proud: 6, ...(by ? { by } : {}) };
    return planValid(project);
  };
  const severity = (plan: ReturnType<typeof flange>) =>
    plan.warnings.find(({ code }) => code === "flange-proud")?.severity;
  assert.equal(severity(flange()), "warning");
  assert.equal(severity(flange("fur")), "note");
  assert.equal(flange("fur").buildUp.furring, 6);
  assert.equal(flange("hold").buildUp.furring, 0);
  assert.ok(!codesOf(planValid(onBase("tub"))).includes("flange-proud"));
});

test("liquid film goes on with covers and brushes, a sheet with neither", () => {
  // 1.2 m² and two coats: a cover each; a brush for the strips and one a coat.
  assert.deepEqual([row(oneWall(), "roller")?.quantity, row(oneWall(), "brush")?.quantity], [2, 3]);
  const sheet = { ...oneWall(), build: { system: "board-sheet" as const } };
  assert.equal(row(sheet, "roller"), undefined);
});

test("where tile ends a bead is in the sealant on request: open ends, and round a panel's liner", () => {
  const frame = { width: 20, joint: 2 };
  const panel = {
    ...{ id: "p", kind: "panel" as const, name: "Picture", tile: oneWall().field.tile, joint: 2 },
    ...{ pattern: "stacked" as const, lay: "lying" as const, bottom: -500, height: 400 },
    ...{ wall: "A", x: { from: "left" as const, at: 300 }, width: 400, frame },
  };
  const sealant = (settings: Project["settings"]) =>
    figuresOf({ ...oneWall({ joint: 2, settings }), zones: [panel] }).sealantM.value;
  // Ends of 1212 each; the liner's long points a joint of the field (2) inside 400 × 400.
  near(sealant({ beadAtEnds: true }) - sealant({}), 2 * 1.212 + (4 * (400 - 2 * 2)) / 1000, 1e-6);
});
