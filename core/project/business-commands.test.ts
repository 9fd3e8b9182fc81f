import assert from "node:assert/strict";
import { test } from "node:test";
import { produce } from "immer";
import { oneWall } from "../testing.ts";
import {
  editHandOver,
  editKit,
  editPrice,
  editVersion,
  moveTask,
  removePrice,
  takeVersion,
  tickBought,
} from "./business-commands.ts";
import type { Command } from "./command.ts";
import type { Project } from "./schema.ts";

const after = (project: Project, ...commands: Command[]) =>
  commands.reduce((own, { change }) => produce(own, (draft) => void change(draft)), project);

test("a price that says nothing any more goes; one that knows its shop stays", () => {
  const place = { item: "grout" };
  const one = after(oneWall(), editPrice(place, { price: 22, shop: "Yard" }));
  assert.deepEqual(one.prices, [{ item: "grout", price: 22, shop: "Yard" }]);
  const shop = after(one, editPrice(place, { price: undefined }));
  assert.deepEqual(shop.prices, [{ item: "grout", shop: "Yard" }]);
  assert.deepEqual(after(shop, editPrice(place, { shop: undefined })).prices, []);
});

test("packs of one item are entries of their own, and one goes without the other", () => {
  const small = { item: "grout", packSize: 5 };
  const large = { item: "grout", packSize: 20 };
  const both = after(oneWall(), editPrice(small, { price: 9 }), editPrice(large, { price: 30 }));
  assert.equal(both.prices?.length, 2);
  assert.deepEqual(after(both, removePrice(small)).prices, [{ ...large, price: 30 }]);
});

test("a task is moved once, and goes back to as soon as it may", () => {
  const moved = after(
    oneWall(),
    moveTask("set/1", "2026-05-06"),
    moveTask("set/1", "2026-05-08"),
    moveTask("grout/A", "2026-05-12"),
  );
  assert.deepEqual(moved.days?.moved, [
    { task: "set/1", from: "2026-05-08" },
    { task: "grout/A", from: "2026-05-12" },
  ]);
  const back = after(moved, moveTask("set/1", undefined), moveTask("grout/A", undefined));
  assert.equal(back.days && "moved" in back.days, false);
});

test("lines are ticked off once and unticked, tools and hand-over keep what else they know", () => {
  const ticked = after(oneWall(), tickBought("grout//5", true), tickBought("grout//5", true));
  assert.deepEqual(ticked.bought, ["grout//5"]);
  assert.deepEqual(after(ticked, tickBought("grout//5", false)).bought, []);
  const kit = after(oneWall(), editKit("wetSaw", { hire: 40 }), editKit("wetSaw", { have: true }));
  assert.deepEqual(kit.kit, [{ id: "wetSaw", hire: 40, have: true }]);
  const over = after(
    oneWall(),
    editHandOver({ careTold: true }),
    editHandOver({ warranty: { until: "2028-01-01" } }),
  );
  assert.deepEqual(over.handOver, { careTold: true, warranty: { until: "2028-01-01" } });
});

test("taking a version over brings its tile and set-out and leaves what was measured and noted", () => {
  const job = oneWall();
  job.log = [{ id: "l", kind: "note", at: "2026-05-04T08:00:00Z" }];
  const version = structuredClone(job);
  delete version.log;
  version.field = { ...version.field, joint: 5, pattern: "offset", offset: 0.5 };
  version.settings = { groutKind: "epoxy" };
  const [wall] = version.walls;
  assert.ok(wall);
  wall.width = { bottom: 77 };
  wall.centre = { mode: "joint" };
  const taken = after(job, takeVersion(version));
  assert.deepEqual(taken.field, version.field);
  assert.deepEqual(taken.settings, { groutKind: "epoxy" });
  assert.deepEqual(taken.walls[0]?.centre, { mode: "joint" });
  assert.deepEqual(taken.walls[0]?.width, job.walls[0]?.width);
  assert.deepEqual(taken.log, job.log);
  // What the version does not have the job loses as well.
  const without = structuredClone(version);
  delete without.settings;
  assert.equal("settings" in after(taken, takeVersion(without)), false);
});

test("only a version has a name and a kit to change", () => {
  assert.equal(after(oneWall(), editVersion({ name: "B" })).variant, undefined);
  const version = { ...oneWall(), variant: { of: "root", name: "A" } };
  assert.deepEqual(after(version, editVersion({ name: "B" })).variant, { of: "root", name: "B" });
});
