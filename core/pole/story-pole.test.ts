import assert from "node:assert/strict";
import { test } from "node:test";
import { closeRuns } from "../adjust/close-run.ts";
import { fitOpening, modular, zoneOnCourse } from "../adjust/fit-joints.ts";
import { wallStuds } from "../board/studs.ts";
import { jobOf } from "../project/job.ts";
import { courseTops } from "../set-out/courses.ts";
import { near, oneWall, opening, planValid, wallAt } from "../testing.ts";
import { columnMarks, courseMarks, coveredMarks, poleStrips } from "./story-pole.ts";

test("course tops by hand: 300, 603, 906 in a wall of 1212, and the one that ends it", () => {
  const plan = planValid(oneWall());
  const tops = courseTops(wallAt(plan, 0));
  assert.deepEqual(
    tops.map(({ number, at }) => [number, Math.round(at)]),
    [
      [1, 300],
      [2, 603],
      [3, 906],
      [4, 1209],
    ],
  );
});

test("a course of which less than a piece shows is not on the pole", () => {
  const first = (drop: number) =>
    courseTops(wallAt(planValid(oneWall({ setOut: { firstCourse: { drop } } })), 0))[0]?.number;
  assert.equal(first(299.4), 1);
  assert.equal(first(299.6), 2);
});

test("a band moves the courses above it, and stands on the pole itself", () => {
  const project = oneWall();
  const tile = { id: "a", name: "Accent", width: 97, height: 97, thickness: 8 };
  const zone = {
    id: "band",
    kind: "band" as const,
    tile: "a",
    joint: 3,
    pattern: "stacked" as const,
    lay: "lying" as const,
    // Without readings the level line is 1200 up: the band begins on course 2, at 603.
    bottom: 603 - 1200,
    height: 103,
  };
  const plan = planValid({ ...project, tiles: [...project.tiles, tile], zones: [zone] });
  const wall = wallAt(plan, 0);
  assert.deepEqual(
    courseTops(wall).map(({ number, at }) => [number, Math.round(at)]),
    [
      [1, 300],
      [2, 603],
      [3, 1006],
    ],
  );
  const codes = courseMarks(plan, wall).map(({ code, at }) => `${code} ${Math.round(at)}`);
  assert.ok(codes.includes("zone-bottom 603") && codes.includes("zone-top 706"), codes.join());
  near(zoneOnCourse(wall, plan.levelY, { ...zone, bottom: 603 - 1200 + 40 }), 603 - 1200);
});

test("columns: tiles about the centre line and the edges of the field", () => {
  const marks = columnMarks(wallAt(planValid(oneWall()), 0));
  // The middle tile spans 350 to 650; 303 further on either side: 47, 653, 956.
  assert.deepEqual(
    marks.filter(({ code }) => code === "tile").map(({ at }) => Math.round(at)),
    [47, 350, 653, 956],
  );
  assert.deepEqual(
    marks.filter(({ code }) => code !== "tile").map(({ code, at }) => [code, Math.round(at)]),
    [
      ["left-edge", 0],
      ["centre", 500],
      ["right-edge", 1000],
    ],
  );
});

test("strips of paper end where the next begins, and hold every mark", () => {
  const marks = courseMarks(planValid(oneWall()), wallAt(planValid(oneWall()), 0));
  const strips = poleStrips(marks, 240);
  // 1212 in lengths of 240: five whole and one of 12.
  assert.equal(strips.length, 6);
  strips.slice(1).forEach(({ from }, k) => {
    near(from, strips[k]?.to ?? 0);
  });
  const told = new Set(strips.flatMap((strip) => strip.marks));
  assert.equal(told.size, marks.length);
});

test("close the run: the joint that ends it with a whole tile, by hand", () => {
  const [across, up] = closeRuns(wallAt(planValid(oneWall({ width: 1208 })), 0));
  // Three tiles and joints take 909; four take 1200 and leave 8 for three joints.
  assert.deepEqual([across?.tiles, Math.round(across?.rest ?? 0)], [3, 299]);
  near(across?.options[0]?.joint, 8 / 3);
  assert.deepEqual(
    across?.options.map(({ tiles, within }) => [tiles, within]),
    [[4, true]],
  );
  // 1212 up: four tiles and three joints of 4.
  near(up?.options.find(({ tiles }) => tiles === 4)?.joint, 4);
});

test("a niche that fits the joints: n modules and a joint, its edges on tile edges", () => {
  assert.equal(modular(590, 300, 3), 609);
  assert.equal(modular(10, 300, 3), 306);
  for (const from of ["left", "right"] as const) {
    for (const to of ["edge", "centre"] as const) {
      for (const y of [
        { from: "base" as const, at: 420 },
        { from: "level" as const, at: -700, to: "top" as const },
      ]) {
        const niche = opening({ x: { from, at: 410, to }, y, width: 330, height: 290 });
        const project = oneWall({ wall: { openings: [niche] } });
        const wall = wallAt(planValid(project), 0);
        const fit = fitOpening(wall, "n");
        const draft = structuredClone(project);
        fit?.change(draft);
        const [placed] = wallAt(planValid(draft), 0).openings;
        const edges = [(placed?.x ?? 0) - 47, placed?.y ?? 0];
        assert.deepEqual([placed?.opening.width, placed?.opening.height], [306, 306]);
        // Left edge at the right edge of a tile: 47 + 300 + k × 303; bottom on a course top.
        near(((edges[0] ?? 0) - 300) / 303, Math.round(((edges[0] ?? 0) - 300) / 303), 1e-6);
        near(((edges[1] ?? 0) - 300) / 303, Math.round(((edges[1] ?? 0) - 300) / 303), 1e-6);
      }
    }
  }
});

test("lines that get covered are carried where there is no tile", () => {
  const marksOf = (topIs?: "height") => {
    const project = oneWall({ wall: topIs ? { topIs } : {} });
    const plan = planValid(project);
    const wall = wallAt(plan, 0);
    return coveredMarks(plan, wall, wallStuds(jobOf(project), wall.measured.wall));
  };
  const marks = marksOf("height");
  assert.deepEqual(
    marks.slice(0, 3).map(({ code, carryTo }) => [code, carryTo]),
    [
      ["level", "left"],
      ["first-course", "left"],
      ["centre", "above"],
    ],
  );
  assert.ok(marks.filter(({ code }) => code === "stud").length >= 3);
  // Tile up to the ceiling leaves no wall above it, and a top is one unless somebody says otherwise.
  assert.equal(marksOf().find(({ code }) => code === "centre")?.carryTo, "below");
});

test("tile on sheets has its pole by whole sheets", () => {
  const plan = planValid(oneWall({ tile: [48, 48], joint: 2 }));
  const wall = wallAt(plan, 0);
  const marks = courseMarks(plan, wall, { columns: 6, rows: 6 });
  const tops = marks.filter(({ code }) => code === "course");
  // A sheet of six rows ends at 298, the next a module of 300 higher.
  assert.deepEqual(
    tops.map(({ number, at }) => [number, Math.round(at)]),
    [
      [1, 298],
      [2, 598],
      [3, 898],
      [4, 1198],
    ],
  );
  const columns = columnMarks(wall, { columns: 6, rows: 6 }).filter(({ code }) => code === "tile");
  assert.ok(columns.every(({ at }, k) => k === 0 || at - (columns[k - 1]?.at ?? 0) === 300));
});
