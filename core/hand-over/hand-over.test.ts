import assert from "node:assert/strict";
import { test } from "node:test";
import { jobOf } from "../project/job.ts";
import { oneWall } from "../testing.ts";
import { careNotes } from "./care.ts";
import { RECORD_PARTS, recordGaps } from "./record-gaps.ts";

const NEEDS = { gateOpen: 2, rows: 4, mixes: 1 };
const AT = "2026-05-04T10:00:00Z";

test("a job of which nothing was noted misses every part but snags", () => {
  const gaps = recordGaps(oneWall(), NEEDS);
  assert.deepEqual(
    gaps.map(({ part }) => part),
    RECORD_PARTS.filter((part) => part !== "snags"),
  );
  const of = (part: string) => gaps.find((own) => own.part === part)?.missing;
  assert.deepEqual([of("gate"), of("set"), of("grout"), of("signatures")], [2, 4, 1, 2]);
});

test("a record with everything in it is complete; an open snag opens it again", () => {
  const project = oneWall();
  const mix = { id: "g", for: "A/1", kind: "grout" as const, at: AT, washed: AT };
  project.work = {
    rows: ["r1", "r2", "r3", "r4"].map((id) => ({ id, at: AT })),
    mixes: [
      { ...mix, powderKg: 1, waterL: 0.2, potLifeMin: 30 },
      // The same part mixed twice is washed once.
      { ...mix, id: "h", powderKg: 1, waterL: 0.2, potLifeMin: 30 },
    ],
    coverage: [{ id: "c", wall: "A", from: "left", at: 1, level: 0, share: 0.96 }],
  };
  project.log = [{ id: "b", kind: "behind", at: AT, wall: "A", photos: ["p"] }];
  const signature = { at: AT, name: "N. N.", strokes: [] };
  project.handOver = {
    left: [{ id: "l", what: "Field tile", amount: "5", lot: "L 7" }],
    careTold: true,
    warranty: { until: "2028-05-04" },
    signatures: [
      { ...signature, id: "s", role: "setter" },
      { ...signature, id: "o", role: "owner" },
    ],
  };
  assert.deepEqual(recordGaps(project, { ...NEEDS, gateOpen: 0 }), []);
  project.handOver.snags = [
    { id: "1", words: "chip" },
    { id: "2", words: "haze", done: AT },
  ];
  assert.deepEqual(recordGaps(project, { ...NEEDS, gateOpen: 0 }), [{ part: "snags", missing: 1 }]);
});

test("care follows what is on the wall", () => {
  const project = oneWall({ settings: { groutKind: "epoxy" } });
  project.tiles = [
    ...project.tiles.map((tile) => ({ ...tile, material: "stone" as const })),
    { id: "unused", name: "U", width: 20, height: 20, thickness: 6, material: "glass" },
  ];
  const notes = careNotes(jobOf(project), { sealerL: 0.4 });
  assert.deepEqual(notes, [
    "ventilate",
    "cleaner",
    "stone",
    "epoxy-grout",
    "sealer",
    "sealant",
    "left-over",
  ]);
});
