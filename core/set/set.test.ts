import assert from "node:assert/strict";
import { test } from "node:test";
import { fieldBed, jobOf } from "../project/job.ts";
import { bandAt, firstWall, near, oneWall, opening, planValid } from "../testing.ts";
import { checkBeds } from "./check.ts";

const tile = (long: number) => oneWall({ tile: [long, Math.min(long, 100)] });

test("the customary trowel goes by the tile's longest side, limits inside", () => {
  const notch = (long: number, unit: "mm" | "in" = "mm") => {
    const { width, depth, notch: kind } = fieldBed(jobOf({ ...tile(long), unit })).trowel;
    return `${width}x${depth} ${kind}`;
  };
  assert.equal(notch(51), "5x5 v");
  assert.equal(notch(52), "6x6 v");
  assert.equal(notch(102), "6x6 v");
  assert.equal(notch(204), "6x6 square");
  assert.equal(notch(408), "6x10 square");
  assert.equal(notch(409), "12x12 square");
  assert.equal(fieldBed(jobOf(tile(408))).backButter, 0);
  assert.equal(fieldBed(jobOf(tile(409))).backButter, 0.8);
  // 2, 4, 8 and 16 in: 3/16 × 5/32 V, 1/4 × 1/4 V, 1/4 × 1/4 and 1/4 × 3/8 square.
  assert.equal(notch(50.8, "in"), "4.762499999999999x3.96875 v");
  assert.equal(notch(101.6, "in"), "6.35x6.35 v");
  assert.equal(notch(203.2, "in"), "6.35x6.35 square");
  assert.equal(notch(406.4, "in"), "6.35x9.524999999999999 square");
  assert.equal(notch(610, "in"), "12.7x12.7 square");
  const onSheets = tile(80);
  const [chip] = onSheets.tiles;
  const sheets = { ...onSheets, tiles: [{ ...chip, sheet: { columns: 4, rows: 4 } }] };
  assert.equal(
    fieldBed(jobOf(sheets as typeof onSheets)).trowel.depth,
    5,
    "tile on sheets is mosaic",
  );
});

test("the bed left by a notch, by hand", () => {
  const bed = (long: number, settings = {}) => fieldBed(jobOf({ ...tile(long), settings })).bed;
  // sin 55° = 0.819152. 6 × 6 square: 6 × 6 ÷ 12 × 0.819152.
  near(bed(204), 2.457456);
  // 5 mm V without a land: ½ × 5; 6 × 6 V: ½ × 6.
  near(bed(51), 2.04788);
  near(bed(102), 2.457456);
  near(bed(600), 4.914912);
  // 45°: 2.1213. A V whose notches stand 2 apart: ½ × 6 × 6 ÷ 8 × 0.819152.
  near(bed(204, { trowelAngleDeg: 45 }), 2.12132, 1e-5);
  near(bed(102, { trowel: { notch: "v", width: 6, depth: 6, land: 2 } }), 1.843092);
});

test("no customary trowel is too thin, whatever the tile and the unit; a flatter hold is", () => {
  for (const unit of ["mm", "in"] as const) {
    for (const long of [40, 51, 76.2, 102, 152.4, 204, 305, 408, 600]) {
      assert.deepEqual(checkBeds(jobOf({ ...tile(long), unit })), [], `${long} ${unit}`);
    }
  }
  const flat = (long: number) =>
    checkBeds(jobOf({ ...tile(long), settings: { trowelAngleDeg: 45 } }));
  const [thin] = flat(204);
  assert.ok(thin?.code === "thin-bed");
  near(thin.values.bed, 2.12132, 1e-5);
  assert.deepEqual(flat(50), [], "mosaic is set in a thin bed");
});

test("thinset of back-buttered tile has 0.8 mm more, the build-up has not", () => {
  const project = oneWall({ tile: [600, 300] });
  const plan = planValid(project);
  // 12 × 12 square: 6 × 0.819152 = 4.914912; with 0.8: 5.714912 × 1.212 m² × 1.2 × 1.1.
  near(plan.totals.mortarKg, 5.714912 * 1.212 * 1.32, 1e-5);
  near(plan.buildUp.bed, 4.914912);
});

/** A wall 1000 × 1212 of 300 × 300 × 10 with a band of 50 × 50 × 6 accent, 150 high. */
function banded(change: Partial<ReturnType<typeof oneWall>> = {}) {
  const project = oneWall();
  const accent = { id: "accent", name: "Accent", width: 50, height: 50, thickness: 6 };
  return {
    ...project,
    tiles: [...project.tiles, accent],
    // The level line is taken 1200 above the base: the band lies from 600 to 750.
    zones: [bandAt(-600, 150)],
    ...change,
  };
}

test("thinset of a zone goes by its own tile and bed, packed out over its whole ring", () => {
  const { totals } = planValid(banded());
  // Field 300: 6 × 10 square, 5 × 0.819152 = 4.09576. Accent 50: 5 V, 2.04788.
  // Packing: 10 + 4.09576 − 6 − 2.04788 = 6.04788 over 0.15 m².
  const litres = (1.212 - 0.15) * 4.09576 + 0.15 * (2.04788 + 6.04788);
  near(totals.mortarKg, litres * 1.2 * 1.1, 1e-5);
});

test("joints between a field and its zone are joints, as deep as the thinner tile", () => {
  const { totals } = planValid(banded());
  // The field's joint stays clear above and below the band: 144 are left for rows of 50, 50 and 40.
  // Its centre tile lies from 475 to 525; 9 whole ones and one of 5 stand on either side: 21 columns.
  // The field has 5 columns, 300 and 297 high below the band, 300 and 159 above it.
  const columns = (pieces: number, height: number) => (pieces - 1) * height;
  const across = (pieces: number, joint: number) => 1000 - (pieces - 1) * joint;
  const field = columns(5, 300) + columns(5, 297) + across(5, 3);
  const above = columns(5, 300) + columns(5, 159) + across(5, 3);
  const own = columns(21, 50) * 2 + columns(21, 40) + 2 * across(21, 2);
  // Facing the field: both rows have joints where they meet, none of them at one place.
  const facing = 2 * (1000 - 4 * 3 - 20 * 2);
  near(totals.jointLengthM, (field + above + own + facing) / 1000);
  // Areas: field 1.062 less its tiles; the band's 0.144 less its; 6 mm of 1 m between them.
  const fieldJoint = 1.062 - 0.988 * (0.3 + 0.297 + 0.3 + 0.159);
  const bandJoint = 0.144 - 0.96 * 0.14;
  near(totals.groutKg, (fieldJoint * 10 + bandJoint * 6 + 0.006 * 6) * 1.6 * 1.1, 1e-5);
});

test("a niche's own back is set in its own bed, once; the rest of the interior in the field's", () => {
  const niche = opening({ width: 303, height: 406, x: { from: "left", at: 350 } });
  const project = { ...banded(), zones: [], ...{ walls: oneWall().walls } };
  const walls = project.walls.map((wall) => ({ ...wall, openings: [niche] }));
  const plain = planValid({ ...project, walls }).totals.mortarKg;
  const zones = [{ ...bandAt(0, 100), id: "back", kind: "niche" as const, opening: "n" }];
  const own = planValid({ ...project, walls, zones }).totals.mortarKg;
  const back = 0.303 * 0.406;
  const [returns, field] = [2 * (0.303 + 0.406) * 0.09, 1.212 - back];
  near(plain, (field + returns + back) * 4.09576 * 1.32, 1e-5);
  near(own, ((field + returns) * 4.09576 + back * 2.04788) * 1.32, 1e-5);
});

test("joint 0 takes no clips and no grout", () => {
  const plan = planValid(oneWall({ joint: 0 }));
  assert.equal(plan.totals.clips, 0);
  assert.equal(plan.totals.groutKg, 0);
  const codes = plan.order.map(({ code }) => code);
  assert.ok(!codes.includes("clips") && !codes.includes("grout"), codes.join());
  assert.ok(plan.totals.jointLengthM > 1, "the tiles still face each other");
});

test("offset bonds have two facing lengths at a level joint, crossings left out", () => {
  // Two courses only. The level joint: half tiles face each other, less the joint of 3 between.
  const wall = firstWall(
    oneWall({
      width: 1209,
      height: 603,
      field: { pattern: "offset", offset: 0.5, run: "alternating" },
      wall: { centre: { mode: "joint" } },
    }),
  );
  // Course 1: four whole tiles. Course 2: shifted 151.5: 148.5, then three whole, then 148.5.
  const level = wall.joints.segments.filter(({ length }) => length < 299);
  assert.deepEqual(
    level.map(({ length, count }) => [length, count]),
    [[148.5, 8]],
  );
  const upright = wall.joints.segments.find(({ length }) => length === 300);
  assert.equal(upright?.count, 3 + 4);
  assert.equal(wall.figures.clips.value, 8 * 1 + 7 * 2);
});
