import assert from "node:assert/strict";
import { test } from "node:test";
import { planValid, SAMPLE_NAMES, sampleProject } from "../../core/testing.ts";
import { planThumbs } from "./thumbs.ts";

const rings = (path: string) => [...path.matchAll(/M/g)].length;

test("a small picture has every tile, opening, shelf and hole of its wall", () => {
  let [shelves, holes] = [0, 0];
  for (const name of SAMPLE_NAMES) {
    const plan = planValid(sampleProject(name));
    const thumbs = planThumbs(plan);
    plan.walls.forEach((wall, k) => {
      const thumb = thumbs[k];
      assert.ok(thumb && thumb.id === wall.id);
      const cuts = wall.pieces.filter(({ kind }) => kind !== "none");
      assert.ok(rings(thumb.cut) >= cuts.length, `${name} ${wall.id}`);
      assert.equal(rings(thumb.openings), wall.openings.length);
      assert.equal(rings(thumb.shelves), wall.shelves.length);
      assert.equal(rings(thumb.holes), wall.fixtures.length);
      shelves += wall.shelves.length;
      holes += wall.fixtures.length;
    });
  }
  assert.ok(shelves > 0 && holes > 0);
});
