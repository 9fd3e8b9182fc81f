import assert from "node:assert/strict";
import { test } from "node:test";
import { bandAt, near, oneWall } from "../testing.ts";
import { bandMoves, withBandsMoved } from "./band-places.ts";
import { compareLayouts } from "./compare.ts";
import { modelOf, STILL } from "./testing.ts";

const accent = { id: "accent", name: "Accent", width: 47, height: 47, thickness: 8 };

/** 300 × 200, joint 3, on a wall 1000 high whose level line is 500 up; a band of 100. */
function banded(bottom: number) {
  const project = oneWall({
    tile: [300, 200],
    height: 1000,
    wall: {
      base: [{ from: "left", at: 0, down: 500 }],
      top: [{ from: "left", at: 0, up: 500 }],
    },
  });
  return { ...project, tiles: [...project.tiles, accent], zones: [bandAt(bottom, 100)] };
}

const joint = { least: 3, most: 3 };

test("bands move to where a cut above them changes its course, within their range", () => {
  // From 450 to 550: above it 450 = 2 × 203 + 44.
  const moves = bandMoves(modelOf(banded(-50)), 200);
  assert.equal(moves[0], 0);
  assert.ok(moves.every((move) => Math.abs(move) <= 100));
  const has = (move: number) =>
    assert.ok(
      moves.some((m) => Math.abs(m - move) < 1e-6),
      `${move}`,
    );
  // 44 up: courses end whole in the ceiling's joint; 47 up: with their tile at the top.
  has(44);
  has(47);
  // Half a tile under the ceiling: 44 + 56 = 100.
  has(-56);
  // Alike everywhere: (450 + d − 3 − 203) ÷ 2 = 450 − d − 203 × 2 + 203 … d = 250 ÷ 3 = 83.33.
  has(250 / 3);
  assert.deepEqual(bandMoves(modelOf(banded(-50)), 0), [0]);
  assert.ok(bandMoves(modelOf(banded(395)), 400).every((move) => move <= 5));
});

test("Compare lifts a band off the sliver above it that no other layout can mend", () => {
  const project = banded(-50);
  const asked = { project, ...STILL, joint };
  const still = compareLayouts(asked);
  const moved = compareLayouts({ ...asked, bandRange: 200 });
  near(still?.provenSmallest?.across, 44);
  assert.ok((moved?.provenSmallest?.across ?? 0) > 100);
  const [best] = moved?.found ?? [];
  const band = best?.project.zones?.[0];
  assert.ok(band?.bottom !== undefined && Math.abs(band.bottom + 50) > 1);
  near(withBandsMoved(project, 12).zones?.[0]?.bottom, -38);
});
