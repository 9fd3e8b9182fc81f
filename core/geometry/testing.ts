import assert from "node:assert/strict";
import { regionArea } from "./boolean.ts";
import { clipRings } from "./clipper.ts";
import type { Region } from "./keyhole.ts";
import { type Polygon, polygonArea, signedArea } from "./polygon.ts";

/** Rings thinner than the clipper's rounding are not told by it, mm². */
const HAIR_MM2 = 0.05;

/** That rings, all counter-clockwise, are what a clipper found, to its rounding. */
export function sameRegions(rings: Polygon[], clipped: Region[]): void {
  for (const ring of rings) assert.ok(signedArea(ring) >= 0, "counter-clockwise");
  const area = rings.reduce((sum, ring) => sum + polygonArea(ring), 0);
  const told = clipped.reduce((sum, region) => sum + regionArea(region), 0);
  assert.ok(Math.abs(area - told) < HAIR_MM2, `${area} mm² instead of ${told}`);
  const beyond = clipRings(
    "subtract",
    rings.filter((ring) => polygonArea(ring) > HAIR_MM2),
    clipped.map(({ outer }) => outer),
  );
  for (const region of beyond)
    assert.ok(regionArea(region) < HAIR_MM2, "lies where the clipper's does");
}
