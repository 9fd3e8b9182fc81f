import assert from "node:assert/strict";
import { test } from "node:test";
import { enclosure, fixture, oneWall, opening, planValid } from "../testing.ts";
import { chooseCentre, editCentre } from "./centre-commands.ts";
import type { Command } from "./command.ts";
import {
  addFixture,
  addOpening,
  addWall,
  changeEnclosure,
  editCorner,
  editFixture,
  editOpening,
  editSetting,
  editSettings,
  editTrim,
  removeFixture,
  removeLastWall,
  removeOpening,
  setLedger,
  setProtected,
  setTopReadings,
  setUnit,
  together,
} from "./commands.ts";
import { addItem, editItem, removeItem } from "./items.ts";
import type { Project } from "./schema.ts";
import { addTile, editTile, editTileOf } from "./tile-commands.ts";

/** The project after commands, the given one untouched. */
function after(project: Project, ...commands: Command[]): Project {
  const draft = structuredClone(project);
  for (const command of commands) command.change(draft);
  return draft;
}

const first = (project: Project) => project.walls[0] as Project["walls"][number];

test("undefined takes an optional field away, everything else of the object stays", () => {
  const project = oneWall({ wall: { centre: { mode: "free", shift: 20, about: "wall" } } });
  const wall = first(after(project, editCentre("A", { mode: "tile", shift: undefined })));
  assert.deepEqual(wall.centre, { mode: "tile", about: "wall" });
  assert.equal("shift" in wall.centre, false);
});

test("another way to centre keeps the line that it is about, and nothing else of the old way", () => {
  const project = oneWall({ wall: { centre: { mode: "corner", side: "right", bond: "mirror" } } });
  const free = after(project, chooseCentre("A", { mode: "free", shift: 12 }));
  assert.deepEqual(first(free).centre, { mode: "free", shift: 12 });
  const about = after(free, editCentre("A", { about: "n" }));
  const tile = after(about, chooseCentre("A", { mode: "tile" }));
  assert.deepEqual(first(tile).centre, { mode: "tile", about: "n" });
});

test("openings and fixtures are added, changed and removed by id, and only those", () => {
  const project = after(
    oneWall(),
    addOpening("A", opening()),
    addOpening("A", opening({ id: "other" })),
    addFixture("A", fixture()),
  );
  const changed = after(
    project,
    editOpening("A", "n", { width: 111 }),
    editFixture("A", "f", { pipe: 33 }),
  );
  assert.deepEqual(
    first(changed).openings.map(({ width }) => width),
    [111, 300],
  );
  assert.equal(first(changed).fixtures[0]?.pipe, 33);
  const gone = after(changed, removeOpening("A", "n"), removeFixture("A", "f"));
  assert.deepEqual(
    first(gone).openings.map(({ id }) => id),
    ["other"],
  );
  assert.deepEqual(first(gone).fixtures, []);
});

test("what another tab took away is left alone, without an error", () => {
  const project = oneWall();
  const commands = [
    editOpening("A", "gone", { width: 5 }),
    editOpening("Z", "gone", { width: 5 }),
    editFixture("A", "gone", { pipe: 5 }),
    editTileOf("gone", { width: 5 }),
    editItem({ list: "zones" }, "gone", { height: 5 }),
    removeItem({ list: "studs", wall: "Z" }, "gone"),
  ];
  const changed = after(project, ...commands);
  delete changed.zones;
  assert.deepEqual(changed, project);
});

test("an enclosure of another kind keeps the walls it can, and corners only between walls that are", () => {
  const alcove = enclosure("alcove", [800, 1500, 900]);
  const [a, b, c] = alcove.walls;
  const decided = after(alcove, editCorner(b?.id ?? "", c?.id ?? "", { runs: "right" }));
  const corner = after(decided, changeEnclosure("corner"));
  assert.deepEqual(
    corner.walls.map(({ id }) => id),
    [a?.id, b?.id],
  );
  assert.ok((corner.corners ?? []).every(({ right }) => right !== c?.id));
  planValid(corner);
  planValid(after(corner, changeEnclosure("four-walls")));
});

test("the last wall goes with its corners, the only wall stays", () => {
  const more = after(oneWall(), addWall());
  assert.equal(more.walls.length, 2);
  const joined = after(more, editCorner("A", more.walls[1]?.id ?? "", { kind: "outside" }));
  const back = after(joined, removeLastWall());
  assert.equal(back.walls.length, 1);
  assert.deepEqual(back.corners, []);
  assert.equal(after(back, removeLastWall()).walls.length, 1);
});

test("a corner that was not written down yet is made once and changed after that", () => {
  const project = enclosure("corner", [900, 900]);
  const [left, right] = project.walls.map(({ id }) => id) as [string, string];
  const twice = after(
    project,
    editCorner(left, right, { runs: "left" }),
    editCorner(left, right, { kind: "outside" }),
  );
  const found = (twice.corners ?? []).filter((corner) => corner.left === left);
  assert.equal(found.length, 1);
  assert.deepEqual([found[0]?.runs, found[0]?.kind], ["left", "outside"]);
});

test("settings replace defaults and give them back", () => {
  const own = after(oneWall(), editSetting("kerf", 2), editSettings({ clips: false }));
  assert.deepEqual([own.settings?.kerf, own.settings?.clips], [2, false]);
  const given = after(own, editSetting("kerf", undefined));
  assert.equal(given.settings && "kerf" in given.settings, false);
  assert.equal(given.settings?.clips, false);
});

test("tiles: the field's, another one, and a new one with the place it is for", () => {
  const tile = { id: "t2", name: "Second", width: 100, height: 50, thickness: 6 };
  const project = after(
    oneWall(),
    editTile({ directional: true }),
    addTile(tile, (draft) => {
      draft.field.second = "t2";
    }),
    editTileOf("t2", { width: 120 }),
  );
  assert.equal(project.tiles.find(({ id }) => id === project.field.tile)?.directional, true);
  assert.equal(project.tiles.find(({ id }) => id === "t2")?.width, 120);
  assert.equal(project.field.second, "t2");
  planValid(project);
});

test("lists: added at the end, changed by id, taken out; made when first written to", () => {
  const place = { list: "atWall" as const };
  const one = after(
    oneWall(),
    addItem(place, { id: "p1", width: 200 }),
    addItem(place, { id: "p2", height: 100 }),
    editItem(place, "p1", { width: undefined, left: 40 }),
  );
  assert.deepEqual(one.atWall, [
    { id: "p1", left: 40 },
    { id: "p2", height: 100 },
  ]);
  assert.deepEqual(after(one, removeItem(place, "p1")).atWall, [{ id: "p2", height: 100 }]);
});

test("several commands as one step, trim and ledger, units, ticks", () => {
  const trim = { kind: "profile" as const, width: 8, joint: 2 };
  const step = together("edit-wall", [
    editTrim("A", "top", trim),
    setLedger(true),
    setUnit("in", 32),
    setProtected("drain", true),
    setProtected("drain", true),
  ]);
  const project = after(oneWall(), step);
  assert.deepEqual(first(project).trim, { top: trim });
  assert.equal(project.setOut.firstCourse.ledger, true);
  assert.deepEqual([project.unit, project.mark], ["in", 32]);
  assert.deepEqual(project.protection, ["drain"]);
  const off = after(project, setLedger(false), setProtected("drain", false));
  assert.equal("ledger" in off.setOut.firstCourse, false);
  assert.deepEqual(off.protection, []);
});

test("the last reading of the top goes only with a height in its place", () => {
  const project = oneWall({ wall: { top: [{ from: "left", at: 0, up: 20 }], height: undefined } });
  const kept = after(project, setTopReadings("A", [], 1500));
  assert.deepEqual([first(kept).top, first(kept).height], [[], 1500]);
});
