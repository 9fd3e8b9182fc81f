import assert from "node:assert/strict";
import { test } from "node:test";
import { enclosure, near, planValid } from "../../core/testing.ts";
import { standWalls } from "./room.ts";

test("an alcove folds up: left wall runs away, the back stands across, the right one comes back", () => {
  const project = enclosure("alcove", [800, 1500, 900]);
  const [left, back, right] = standWalls(project, planValid(project));
  const degrees = (heading = 0) => Math.round((heading * 180) / Math.PI);
  assert.deepEqual(
    [left, back, right].map((wall) => degrees(wall?.heading)),
    [-90, 0, 90],
  );
  // The back wall hangs where the left one ends, and the right one where the back ends.
  near(back?.x, left?.x ?? 0, 1e-6);
  near((left?.z ?? 0) - (back?.z ?? 0), 800, 1e-6);
  near((right?.x ?? 0) - (back?.x ?? 0), 1500, 1e-6);
  near((right?.z ?? 0) - (back?.z ?? 0), 0, 1e-6);
});

test("a knee wall turns the other way at its outside corner", () => {
  const project = enclosure("alcove", [800, 1500, 900], (made) => {
    made.corners = [
      { left: made.walls[1]?.id ?? "", right: made.walls[2]?.id ?? "", kind: "outside" },
    ];
  });
  const headings = standWalls(project, planValid(project)).map(({ heading }) =>
    Math.round((heading * 180) / Math.PI),
  );
  assert.deepEqual(headings, [-90, 0, -90]);
});
