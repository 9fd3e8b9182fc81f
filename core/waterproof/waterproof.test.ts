import assert from "node:assert/strict";
import { test } from "node:test";
import { firstWall, oneWall } from "../testing.ts";

const near = (actual: number, expected: number, tolerance = 1e-6) =>
  assert.ok(Math.abs(actual - expected) <= tolerance, `${actual} is not ${expected}`);

const area = (parts: Parameters<typeof oneWall>[0]) =>
  firstWall(oneWall(parts)).figures.membraneAreaM2.value;

test("tile that stops lower than the wet zone: the film goes on to 1830 above the floor", () => {
  near(area({ height: 1500, wall: { topIs: "height" } }), 1.83);
  // A base 400 above the room floor takes 400 off.
  const project = oneWall({ height: 1300, wall: { topIs: "height" } });
  const raised = { ...project, enclosure: { ...project.enclosure, baseAboveFloor: 400 } };
  near(firstWall(raised).figures.membraneAreaM2.value, 1.43);
});

test("a shower head takes the wet zone 75 above it; a ceiling ends it; tile higher than all counts", () => {
  const arm = (at: number) => ({
    fixtures: [
      {
        id: "a",
        kind: "shower-arm" as const,
        pipe: 20,
        x: { from: "left" as const, at: 500 },
        y: { from: "base" as const, at },
      },
    ],
  });
  const hole = (Math.PI * 16 ** 2) / 1e6;
  near(area({ height: 1500, wall: { topIs: "height", ...arm(2000) } }), 2.075 - hole);
  near(area({ height: 2000, wall: { topIs: "ceiling", ...arm(1980) } }), 2 - hole, 1e-5);
  near(area({ height: 2300, wall: { topIs: "height", ...arm(2000) } }), 2.3 - hole);
});

test("gaps, corner joints and trim are not taken off the film", () => {
  near(
    area({
      setOut: { baseGap: 10, topGap: 10 },
      wall: { trim: { left: { kind: "bullnose", width: 50, joint: 3 } } },
    }),
    1.212,
  );
});

test("windows add their returns and no back; openings that leave the wall count as cut off", () => {
  const opening = (kind: "niche" | "window", at: number) => ({
    openings: [
      {
        id: "o",
        kind,
        width: 400,
        height: 300,
        depth: 100,
        x: { from: "left" as const, at },
        y: { from: "base" as const, at: 500 },
      },
    ],
  });
  near(area({ wall: opening("window", 300) }), 1.212 - 0.12 + 0.14);
  near(area({ wall: opening("niche", 300) }), 1.212 - 0.12 + 0.26);
  // Half of it is past the wall: 200 × 300 are left, and returns of 2 × 0.5 × 0.1 and a back of 0.06.
  near(area({ wall: opening("window", 800) }), 1.212 - 0.06 + 0.1, 1e-5);
  near(area({ wall: opening("niche", 800) }), 1.212 - 0.06 + 0.16, 1e-5);
  near(area({ wall: opening("niche", 1100) }), 1.212);
});

test("liquid volume: coats on the area, one on the strips, and the waste, by hand", () => {
  const { figures } = firstWall(oneWall());
  // 1.212 m² × 0.5 mm × 2 = 1.212 L. Strips: the base of 1 m, and one board seam where the second
  // row of lying sheets begins, 3 off each corner: 1.994 × 0.15 × 0.5 = 0.14955 L; × 1.1.
  near(figures.membraneL.value, (1.212 + 0.14955) * 1.1);
});
