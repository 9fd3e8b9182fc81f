import assert from "node:assert/strict";
import { test } from "node:test";
import fc from "fast-check";
import type { Project } from "../project/schema.ts";
import { fixture, gridStep, oneWall, openingAt, runs, sampleProject } from "../testing.ts";
import { compareLayouts } from "./compare.ts";
import { meetingJoints, SAME_JOINT } from "./meeting-joints.ts";
import { DEFAULT_WEIGHTS } from "./score.ts";
import { CUT_SPARE, WHOLE_SPARE } from "./terms.ts";
import { best, fine, modelOf, range, STILL } from "./testing.ts";

/** The best score that any layout with this joint has. */
function bestWith(project: Project, joint: number): number {
  const jointed = { ...project, field: { ...project.field, joint } };
  return best(modelOf(jointed)).layout.score;
}

const bestOf = (project: Project, joints: number[]) =>
  Math.min(...joints.map((joint) => bestWith(project, joint)));

/** Half a hundredth of a millimetre of joint in every cut of a wall moves its score by less. */
const TO_A_HUNDREDTH = 0.02;

test("by hand: whole tiles close a wall, half tiles stand at both of its ends, or nothing meets", () => {
  const meets = (width: number, joint: number) =>
    meetingJoints(oneWall({ width }), 2, 4, STILL).some((mm) => Math.abs(mm - joint) < SAME_JOINT);
  // 4 × 300 and three joints of 8/3 are 1208; 150 + 300 + 300 + 150 and three joints of 3 are 909.
  assert.ok(meets(1208, 8 / 3));
  assert.ok(meets(909, 3));
  // In a wall of 1000 × 900 no two breakpoints meet for want of play: the ends of the range are left.
  assert.deepEqual(meetingJoints(oneWall({ width: 1000, height: 900 }), 2, 4, STILL), [2, 4]);
});

test("between two marks of the tape lies a joint that is better than both, and no grid finds a better", () => {
  const tub = sampleProject("tub-surround");
  const [least, most] = [2.9, 3.1];
  const meeting = bestOf(tub, meetingJoints(tub, least, most, STILL));
  assert.ok(meeting < bestOf(tub, [least, most]) - TO_A_HUNDREDTH);
  for (const joint of range(least, most, gridStep(0.0087))) {
    const score = bestWith(tub, joint);
    assert.ok(score > meeting - TO_A_HUNDREDTH, `${joint}: ${score} beats ${meeting}`);
  }
});

test("no joint of a fine grid beats those at which breakpoints meet, in rooms of any size", () => {
  const rooms = fc.record({
    width: fine(400, 900),
    height: fine(200, 500),
    at: fine(60, 130),
    up: fine(50, 70),
    offset: fc.boolean(),
    standing: fc.boolean(),
    pipe: fc.option(fine(20, 70)),
  });
  // Whether a rim clears a corner is judged at these joints and makes none: four tiles meet there.
  const atHole = 4 * (DEFAULT_WEIGHTS.cuts + DEFAULT_WEIGHTS.tiles * (CUT_SPARE - WHOLE_SPARE));
  fc.assert(
    fc.property(rooms, ({ width, height, at, up, offset, standing, pipe }) => {
      const project = oneWall({
        width,
        height,
        tile: [200, 100],
        field: {
          lay: standing ? "standing" : "lying",
          ...(offset ? { pattern: "offset", offset: 0.5, run: "alternating" } : {}),
        },
        wall: {
          openings: [openingAt(at, up, 150, 90)],
          fixtures: pipe
            ? [fixture({ pipe, x: { from: "left", at: 330 }, y: { from: "base", at: 170 } })]
            : [],
        },
      });
      const spared = pipe ? atHole : 0;
      const [least, most] = [2, 2.6];
      const meeting = bestOf(project, meetingJoints(project, least, most, STILL));
      for (const joint of range(least, most, gridStep(0.073))) {
        const score = bestWith(project, joint);
        assert.ok(score > meeting - TO_A_HUNDREDTH - spared, `${joint}: ${score} beats ${meeting}`);
      }
    }),
    { numRuns: runs(8) },
  );
});

test("asked for every joint, Compare tries them beside the tape's marks and shows what differs", () => {
  const project = oneWall({ width: 909, height: 600 });
  const ask = (every: boolean) =>
    compareLayouts({
      project,
      ...STILL,
      joint: { least: 2, most: 4, every },
    });
  const [marks, every] = [ask(false), ask(true)];
  assert.ok(marks && every && every.variants > marks.variants);
  const least = (found: { score: number }[]) => Math.min(...found.map(({ score }) => score));
  assert.ok(least(every.found) <= least(marks.found) + 1e-9);
  // A joint a hundredth wider is no other layout: what is shown differs in more than that.
  const shown = every.found.map(({ project: made }) => made.field.joint);
  const [first] = every.found;
  for (const { project: made, score } of every.found.slice(1)) {
    if (!first) break;
    const moved = JSON.stringify(made.walls) !== JSON.stringify(first.project.walls);
    const rejointed = Math.abs(made.field.joint - (shown[0] ?? 0)) >= 0.5;
    const lower = made.setOut.firstCourse.drop !== first.project.setOut.firstCourse.drop;
    assert.ok(moved || rejointed || lower, `${score}`);
  }
});
