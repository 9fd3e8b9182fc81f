import assert from "node:assert/strict";
import { test } from "node:test";
import type { Zone } from "../project/schema.ts";
import { near, oneWall, planValid } from "../testing.ts";

/** A panel from 500 to 1000 on a wall of 1500 in 300 tile, joint 3, centred through a tile. */
function centredAt(centreAt: Zone["centreAt"]) {
  const project = oneWall({ width: 1500 });
  const panel: Zone = {
    ...{ id: "p", kind: "panel", wall: "A", tile: project.field.tile, joint: 3 },
    ...{ pattern: "stacked", lay: "lying", bottom: -500, height: 309 },
    ...{ x: { from: "left", at: 500 }, width: 500 },
    ...(centreAt ? { centreAt } : {}),
  };
  return planValid({ ...project, zones: [panel] }).panelCentres;
}

test("a panel set off its centre: the joints beside it take it up, or the cuts beside it do", () => {
  assert.deepEqual(centredAt(undefined), []);
  // Planned at 750. A joint of 3 may become 2 to 4.5: 0.9 to the right makes 3.9 and 2.1.
  const [little] = centredAt({ from: "left", at: 750.9 });
  near(little?.off, 0.9, 1e-9);
  near(little?.planned.x, 750, 1e-9);
  assert.equal(little?.within, true);
  near(little?.joints.left, 3.9, 1e-9);
  near(little?.joints.right, 2.1, 1e-9);
  // From the right corner 752 is 748 from the left: 2 to the left makes 1 and 5, too much for both.
  const [much] = centredAt({ from: "right", at: 752 });
  near(much?.off, -2, 1e-9);
  assert.equal(much?.within, false);
  // Tiles stand at 297 to 597 and 903 to 1203: each is cut to 203 at the panel.
  const cuts = much?.cuts ?? [];
  // The two courses beside it, on each side; what ends at the same place above or below is none.
  assert.equal(cuts.length, 4);
  assert.ok(cuts.some(({ side }) => side === "left") && cuts.some(({ side }) => side === "right"));
  for (const { side, from, to } of cuts) {
    near(from, 203, 1e-6);
    near(to, side === "left" ? 201 : 205, 1e-6);
  }
});
