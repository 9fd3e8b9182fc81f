import assert from "node:assert/strict";
import { test } from "node:test";
import { DxfWriter, point3d, Units } from "@tarikjabiri/dxf";
import { wallFromOutline } from "../../../core/measure/from-outline.ts";
import { planProject } from "../../../core/plan.ts";
import { oneWall, openingAt } from "../../../core/testing.ts";
import { wallsDxf } from "../../documents/walls-dxf.ts";
import { laterWords } from "../../words/language.ts";
import { readOutline } from "./read-outline.ts";

function drawing(units: Units, rings: [number, number][][], closed = true): string {
  const dxf = new DxfWriter();
  dxf.setUnits(units);
  for (const ring of rings) {
    dxf.addLWPolyline(
      ring.map(([x, y]) => ({ point: { x, y } })),
      { flags: closed ? 1 : 0 },
    );
  }
  dxf.addCircle(point3d(10, 40), 1.5);
  dxf.addLine(point3d(0, 0), point3d(5, 5));
  return dxf.stringify();
}

const WALL: [number, number][] = [
  [0, 0],
  [60, 0],
  [60, 96],
  [0, 96],
];
const NICHE: [number, number][] = [
  [20, 45],
  [32, 45],
  [32, 57],
  [20, 57],
];

await laterWords();

test("a drawing in inches: the wall, a niche, a round fixture; a line is left out", async () => {
  const read = await readOutline(drawing(Units.Inches, [NICHE, WALL]));
  assert.ok(read);
  assert.deepEqual([read.unitless, read.others, read.outline.inner.length], [false, 1, 1]);
  const found = wallFromOutline(read.outline);
  assert.deepEqual(found?.wall.width, { bottom: 1524, top: 1524 });
  assert.ok(Math.abs((found?.openings[0]?.width ?? 0) - 304.8) < 1e-6);
  assert.ok(Math.abs((found?.fixtures[0]?.pipe ?? 0) - 76.2) < 1e-6);
});

test("without a unit millimetres are taken; open lines are no outline; other text is no drawing", async () => {
  const read = await readOutline(drawing(Units.Unitless, [WALL.map(([x, y]) => [x * 20, y * 20])]));
  assert.equal(read?.unitless, true);
  assert.equal(await readOutline(drawing(Units.Millimeters, [WALL], false)), null);
  assert.equal(await readOutline("not a drawing"), undefined);
});

test("a wall that was drawn here comes back with its openings, and none of its tile", async () => {
  const project = oneWall({ wall: { openings: [openingAt(300, 400, 310, 310)] } });
  const plan = planProject(project);
  const read = await readOutline(wallsDxf(project, plan, 0));
  assert.ok(read);
  const found = wallFromOutline(read.outline);
  assert.ok(Math.abs((found?.wall.width.bottom ?? 0) - 1000) < 0.01);
  assert.equal(found?.openings.length, 1);
  assert.ok(Math.abs((found?.openings[0]?.x.at ?? 0) - 300) < 0.01);
});
