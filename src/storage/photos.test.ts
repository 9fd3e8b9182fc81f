import assert from "node:assert/strict";
import { test } from "node:test";
import { oneWall } from "../../core/testing.ts";
import { photoIds } from "./photos.ts";

test("the photos of a job are those of its record, its walls and its pulled tiles", () => {
  const place = { wall: "A", from: "left" as const, at: 100, level: 0, share: 0.9 };
  const project = oneWall();
  const corners: [number, number][] = [
    [0, 1],
    [1, 1],
    [1, 0],
    [0, 0],
  ];
  assert.deepEqual(
    photoIds({
      ...project,
      record: [{ id: "r", words: "", photos: ["before"] }],
      walls: project.walls.map((wall) => ({ ...wall, photo: { id: "bare", corners } })),
      work: {
        coverage: [
          { ...place, id: "c", photo: "pulled" },
          { ...place, id: "d" },
        ],
      },
    } as Parameters<typeof photoIds>[0]),
    ["before", "bare", "pulled"],
  );
});
