import assert from "node:assert/strict";
import { test } from "node:test";
import { planFile } from "../plan-file.ts";
import type { LaidTile } from "../project/job.ts";
import type { Project } from "../project/schema.ts";
import { near, oneWall, openingAt, planValid } from "../testing.ts";
import { wallAsSet } from "./as-set.ts";
import { correctedJoint, correctionLimits } from "./correction.ts";

const LIMITS = { least: 2, most: 4.5 };

test("too high narrows the joints, too low widens them, within their limits", () => {
  // 2 mm over 4 courses: half a millimetre each.
  assert.deepEqual(correctedJoint(2, 4, 3, LIMITS), { off: 2, joint: 2.5, rest: 0, fewest: 2 });
  // 2 mm low: 3.5, and 1.5 a course is the most: 2 courses.
  assert.deepEqual(correctedJoint(-2, 4, 3, LIMITS), { off: -2, joint: 3.5, rest: 0, fewest: 2 });
  // 6 mm over 4 courses would be 1.5: stops at 2, and 2 mm are left.
  assert.deepEqual(correctedJoint(6, 4, 3, LIMITS), { off: 6, joint: 2, rest: 2, fewest: 6 });
  // 9 mm low: stops at 4.5, and 3 are left.
  assert.deepEqual(correctedJoint(-9, 4, 3, LIMITS), { off: -9, joint: 4.5, rest: -3, fewest: 6 });
});

test("a joint at its least is not narrowed, and no course left corrects nothing", () => {
  assert.deepEqual(correctedJoint(1, 4, 2, LIMITS), { off: 1, joint: 2, rest: 1 });
  assert.deepEqual(correctedJoint(1, 0, 3, LIMITS), { off: 1, joint: 3, rest: 1, fewest: 1 });
  // A joint of next to nothing can be widened by next to nothing: no number of courses does it.
  assert.equal(correctedJoint(-2, 4, 5e-324, LIMITS).fewest, undefined);
});

test("the least joint: two thirds of it, 1/16 in, three times the spread", () => {
  const tile = { measured: undefined } as LaidTile;
  near(correctionLimits(3, tile).least, 2);
  near(correctionLimits(2, tile).least, 1.5875);
  near(correctionLimits(3, { ...tile, measured: { heights: [300, 300.9] } }).least, 2.7);
  near(correctionLimits(3, tile).most, 4.5);
});

/** Ten courses of 100 and 3; the level line stands 1000 above the base. */
function tenCourses(
  asSet: Project["asSet"],
  wall: Partial<Project["walls"][number]> = {},
): Project {
  const base = [{ from: "left" as const, at: 500, down: 1000 }];
  const project = oneWall({ height: 1050, tile: [300, 100], wall: { base, ...wall } });
  return { ...project, ...(asSet ? { asSet } : {}) };
}

test("the course that was measured, its control line, and the joints at both ends", () => {
  // The first course's top stands at 100, course 2's at 203; it was read 797 below the level line at
  // the left (203) and 795 at the right (205).
  const project = tenCourses([{ wall: "A", course: 2, left: -797, right: -795 }]);
  const [found] = planValid(project).corrections;
  assert.equal(found?.control, 5);
  assert.equal(found?.courses, 3);
  near(found?.at.left?.off, 0);
  near(found?.at.right?.off, 2);
  near(found?.at.right?.joint, 3 - 2 / 3);
  assert.equal(found?.at.middle, undefined);
  // Tops that bring it back: 2 high at course 2, then a third of it less each course, 0 at course 5.
  assert.deepEqual(
    found?.tops.map(({ course }) => course),
    [3, 4, 5],
  );
  near(found?.tops[0]?.planned, 306);
  near(found?.tops[0]?.at.right, 306 + 4 / 3);
  near(found?.tops[2]?.at.right, 512);
  near(found?.tops[2]?.at.left, 512);
});

test("other programs read it in the open plan, and nothing where nothing was measured", () => {
  const told = (project: Project) => planFile(project, planValid(project)).set?.asSet;
  const file = told(tenCourses([{ wall: "A", course: 2, left: -797, right: -795 }]));
  const [course] = file?.courses ?? [];
  assert.deepEqual(
    [course?.wall, course?.course, course?.control, course?.joint, file?.courses.length],
    ["A", 2, 5, 3, 1],
  );
  near(course?.right?.off, 2);
  near(course?.right?.joint, 3 - 2 / 3);
  near(course?.right?.rest, 0);
  near(course?.limits.least, 2);
  assert.equal(course?.middle, undefined);
  const runs = told(tenCourses([{ wall: "A", course: 2, run: { from: "left", at: 655 } }]))?.runs;
  // The tile in the middle of 1000 mm ends at 650.
  near(runs?.[0]?.off, 5);
  assert.equal(told(tenCourses([])), undefined);
});

test("a control line that is measured itself is corrected by the next; the last course is recut", () => {
  const on = planValid(tenCourses([{ wall: "A", course: 5, middle: -485 }])).corrections;
  assert.equal(on[0]?.control, 10);
  const last = planValid(tenCourses([{ wall: "A", course: 10, middle: 28 }])).corrections;
  assert.equal(last[0]?.courses, 0);
  near(last[0]?.at.middle?.off, 1);
});

test("cuts above come out otherwise, and an opening's rim no longer meets its course", () => {
  // Course 9 is 2 mm high with one course left to the control line: 1 mm is taken back, 1 is left.
  const project = tenCourses([{ wall: "A", course: 9, middle: -76 + 2 }]);
  const plan = planValid(project);
  const [found] = plan.corrections;
  near(found?.at.middle?.rest, 1);
  const top = plan.walls[0]?.pieces.filter(({ course }) => course === 11) ?? [];
  assert.ok(top.length > 0);
  const changed = found?.cuts.find(({ piece }) => piece === top[0]?.id);
  near(changed?.to, (changed?.from ?? 0) - 1);
  // A niche whose sill meets the top of course 3 at 306, while course 2 is 3 mm high.
  const openings = [openingAt(300, 306, 300, 209)];
  const rim = planValid(tenCourses([{ wall: "A", course: 2, middle: -794 }], { openings }));
  const sill = rim.corrections[0]?.rims.find(({ edge }) => edge === "bottom");
  near(sill?.off, 2);
});

test("a cut within the courses that are brought back rises with its own course", () => {
  // Course 2 is 3 mm high, three courses to the control line: a millimetre less each, so that the foot
  // of course 4 stands 1 too high. A niche's sill at 380 cuts course 4 (309 to 409) to 71 from its foot.
  const openings = [openingAt(0, 380, 1000, 200)];
  const plan = planValid(tenCourses([{ wall: "A", course: 2, middle: -794 }], { openings }));
  const [found] = plan.corrections;
  const below = found?.cuts.filter(({ piece }) => piece.includes("/4/")) ?? [];
  assert.ok(below.length > 0);
  for (const cut of below) {
    near(cut.from, 71);
    near(cut.to, 70);
  }
  // What is set already is not cut again.
  assert.ok(found?.cuts.every(({ piece }) => !/^A\/[12]\//.test(piece)));
});

test("the last course that stands off its plan is told, and what comes over the field's edge", () => {
  // The last whole course ends at 1027, the field at 1028: 3 mm too high, 1 taken back by none.
  const base = [{ from: "left" as const, at: 500, down: 1000 }];
  const wall = { base, height: 1028, top: [] };
  const project = tenCourses([{ wall: "A", course: 10, left: 30, right: 27.2 }], wall);
  const [found] = planValid(project).corrections;
  assert.equal(found?.last?.course, 10);
  near(found?.last?.at.left, 3);
  near(found?.last?.at.right, 0.2);
  near(found?.last?.over, 2);
  const level = planValid(tenCourses([{ wall: "A", course: 2, left: -797 }], wall));
  assert.equal(level.corrections[0]?.last, undefined);
});

test("tile is drawn where it stands: measured courses as read, those between straight, cuts at edges", () => {
  const project = tenCourses([
    { wall: "A", course: 2, left: -797 + 1, right: -797 + 1 },
    { wall: "A", course: 4, left: -591 + 3, right: -591 },
  ]);
  const plan = planValid(project);
  const [wall, correction] = [plan.walls[0], plan.corrections[0]];
  assert.ok(wall && correction);
  const standing = wallAsSet(wall, correction);
  const span = (course: number, x: number) => {
    const own = standing.pieces.filter((piece) => piece.course === course);
    const at = own.find(({ ring }) => ring.some(([px]) => Math.abs(px - x) < 1e-6));
    const ys = at?.ring.filter(([px]) => Math.abs(px - x) < 1e-6).map(([, y]) => y) ?? [];
    return [Math.min(...ys), Math.max(...ys)];
  };
  // Course 2 is planned from 103 to 203 and stands 1 higher; course 1 half of that.
  near(span(2, 0)[0], 104);
  near(span(2, 0)[1], 204);
  near(span(1, 0)[1], 100.5);
  // Course 3 stands between: at the left between 1 and 3, at the right between 1 and 0.
  near(span(3, 0)[1], 306 + 2);
  near(span(3, 1000)[1], 306 + 0.5);
  // Course 5 is the control line: both ends are back, the joint at the left is at its least.
  near(span(4, 0)[1], 412);
  near(span(5, 0)[1], 512 + 2);
  near(span(5, 1000)[1], 512);
  // The course at the field's edge is cut there, wherever its foot stands.
  near(span(11, 0)[1], 1050);
  near(span(11, 0)[0], 1030 + 2);
});

test("a run that grew is brought back by the joints that are left, or its end is cut narrower", () => {
  // Centred on a tile in 1000: 44, 3, then whole ones of 300. The second whole tile's right edge is
  // planned at 44 + 3 + 300 + 3 + 300 = 650; it stands at 651.5.
  const run = { from: "left" as const, at: 651.5 };
  const [end] = planValid(tenCourses([{ wall: "A", course: 2, run }])).runEnds;
  near(end?.off, 1.5);
  // One whole tile and the cut are left: two joints, 0.75 narrower each.
  assert.equal(end?.left, 2);
  near(end?.joint, 3 - 0.75);
  near(end?.end?.from, 44);
  near(end?.end?.to, 44 - 1.5);
  assert.deepEqual(
    [end?.planned.x, end?.planned.low, end?.planned.high].map((mm) => mm?.toFixed(6)),
    ["650.000000", "103.000000", "203.000000"],
  );
  // The same from the other side.
  const back = { from: "right" as const, at: 651.5 };
  const [other] = planValid(tenCourses([{ wall: "A", course: 2, run: back }])).runEnds;
  near(other?.joint, 3 - 0.75);
  near(other?.planned.x, 350);
});

test("what was measured of a course that is not there asks nothing", () => {
  const project = tenCourses([{ wall: "A", course: 99, middle: 0 }]);
  assert.deepEqual(planValid(project).corrections, []);
});
