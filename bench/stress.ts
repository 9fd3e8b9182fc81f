import type { Project } from "../core/project/schema.ts";

/** Four walls of 3 × 2.6 m in 25 mm mosaic with 2 mm joints and twenty openings in all. */
export function stressProject(): Project {
  const walls = ["A", "B", "C", "D"].map((id, index) => stressWall(id, index));
  return {
    format: "dintel-project",
    version: 1,
    id: "stress",
    name: "Four walls of mosaic",
    unit: "mm",
    enclosure: { kind: "four-walls", base: "pan" },
    walls,
    tiles: [{ id: "chip", name: "Chip 25", width: 25, height: 25, thickness: 6, perBox: 1000 }],
    field: { tile: "chip", joint: 2, pattern: "stacked", lay: "lying" },
    setOut: { firstCourse: { drop: 7 } },
  };
}

function stressWall(id: string, index: number): Project["walls"][number] {
  const openings = Array.from({ length: 5 }, (_, k) => ({
    id: `${id}${k}`,
    kind: "niche" as const,
    width: 310 + 11 * k,
    height: 420 + 13 * k,
    depth: 90,
    x: { from: "left" as const, at: 150 + 560 * k, to: "edge" as const },
    y: { from: "level" as const, at: (k % 2) * 300 - 500, to: "bottom" as const },
  }));
  return {
    id,
    name: `${id} wall`,
    role: index % 2 === 0 ? "back" : "side",
    width: { bottom: 3000, top: 3004 },
    base: [
      { from: "left", at: 50, down: 1200 },
      { from: "right", at: 50, down: 1196 },
    ],
    top: [
      { from: "left", at: 50, up: 1400 },
      { from: "right", at: 50, up: 1403 },
    ],
    openings,
    fixtures: [],
    centre: { mode: "tile" },
  };
}
