import assert from "node:assert/strict";
import { test } from "node:test";
import { editCorner } from "../project/commands.ts";
import type { Project } from "../project/schema.ts";
import { enclosure, near, oneWall, openingAt, planValid } from "../testing.ts";
import type { Warning } from "../warning.ts";
import type { SurveyCheck } from "./survey-checks.ts";

const figures = (warning: Warning | undefined): Record<string, number> => warning?.values ?? {};

const warned = (project: Project, code: string) =>
  planValid(project).warnings.filter((warning) => warning.code === code);

test("a corner that leans over 3 mm in a metre is warned of, with the cuts that taper", () => {
  const lean = (offset: number) =>
    oneWall({ wall: { lean: { left: { offset, over: 1000 } }, centre: { mode: "joint" } } });
  assert.equal(warned(lean(3), "out-of-plumb").length, 0);
  const [warning] = warned(lean(5), "out-of-plumb");
  assert.equal(warning?.severity, "warning");
  assert.equal(warning?.side, "left");
  // 5 mm in a metre over 1212: 6.06. Four courses, the piece of each narrows by 1.5 in 300.
  const values = figures(warning);
  near(values.lean, 6.06);
  near(values.perM, 5);
  assert.equal(values.count, 4);
  // Of 195.5 at the foot of the wall the top of the fourth course, 1209 up, keeps 189.455.
  near(values.widest, 195.5, 0.01);
  near(values.narrowest, 195.5 - 0.005 * 1209, 0.01);
});

test("a ceiling that rises by more than 3 mm, and a base out of level, say what they do", () => {
  const top = (rise: number) => [
    { from: "left" as const, at: 0, up: 200 },
    { from: "left" as const, at: 1000, up: 200 + rise },
  ];
  const base = (fall: number) => [
    { from: "left" as const, at: 0, down: 1000 },
    { from: "left" as const, at: 1000, down: 1000 + fall },
  ];
  const sloped = (rise: number) => oneWall({ wall: { base: base(0), top: top(rise) } });
  assert.equal(warned(sloped(3), "ceiling-not-level").length, 0);
  const [ceiling] = warned(sloped(-8), "ceiling-not-level");
  near(figures(ceiling).fall, 8);
  assert.equal(figures(ceiling).count, 5);
  const open = oneWall({ wall: { base: base(0), top: top(-8), topIs: "height" } });
  assert.equal(warned(open, "ceiling-not-level").length, 0);
  const [level] = warned(oneWall({ wall: { base: base(6), top: top(0) } }), "base-out-of-level");
  assert.equal(level?.severity, "warning");
  near(figures(level).fall, 6);
});

test("a corner an inch out over two feet is warned of until somebody decides", () => {
  const square = { kind: "gap", over: 609.6, gap: 25.4 } as const;
  const project = enclosure("alcove", [900, 1500, 900], (draft) =>
    editCorner("B", "C", { square }).change(draft),
  );
  const [warning] = warned(project, "corner-out-of-square");
  assert.equal(warning?.severity, "warning");
  near(figures(warning).runOut, (900 * 25.4) / 609.6);
  const decision = { id: "d", check: "square/B/C", choice: "accept" as const, who: "the owner" };
  const [noted] = warned({ ...project, decisions: [decision] }, "corner-out-of-square");
  assert.equal(noted?.severity, "note");
});

test("a niche a little off the middle is noted; one with a place of its own is not", () => {
  const niche = (at: number) =>
    oneWall({ wall: { openings: [{ ...openingAt(at, 400, 300, 300), kind: "niche" }] } });
  const check = (at: number): SurveyCheck | undefined =>
    planValid(niche(at)).checks.find(({ kind }) => kind === "centre");
  assert.equal(check(350)?.passes, true);
  const off = check(390);
  near(off?.size, 40);
  assert.equal(off?.passes, false);
  assert.equal(check(690), undefined);
});

test("a panel that was set leaning is told, with what each of the next rows takes back", () => {
  const project = oneWall({ width: 2000, height: 2000 });
  const panel = (drift?: number) => ({
    ...project,
    zones: [
      {
        ...{ id: "p", kind: "panel" as const, wall: "A", tile: "field", joint: 2 },
        ...{ pattern: "stacked" as const, lay: "lying" as const },
        ...{ x: { from: "left" as const, at: 600 }, width: 800, bottom: -600, height: 900 },
        ...(drift === undefined ? {} : { drift }),
      },
    ],
  });
  assert.equal(warned(panel(), "panel-drifts").length, 0);
  assert.equal(warned(panel(-1.5), "panel-drifts").length, 0);
  const [warning] = warned(panel(-5), "panel-drifts");
  near(figures(warning).perRow, 1);
  assert.equal(figures(warning).right, 0);
});

test("checks that pass are told as well, and a wall without height has none", () => {
  const { checks } = planValid(oneWall());
  assert.ok(checks.length >= 4 && checks.every(({ passes }) => passes));
});
