import type { LaidArea } from "../../core/cut/laid-area.ts";
import { openKeyhole } from "../../core/geometry/keyhole.ts";
import type { Polygon } from "../../core/geometry/polygon.ts";

/** Coordinates in a path: a hundredth of a millimetre is finer than any screen. */
function coordinate(value: number): string {
  return String(Math.round(value * 100) / 100);
}

/** A ring as SVG path data in mm; y points down on the screen. A bridge to a hole is not drawn. */
export function ringPath(ring: Polygon): string {
  const { outer, holes } = openKeyhole(ring);
  return [outer, ...holes].map(outline).join("");
}

function outline(ring: Polygon): string {
  if (ring.length === 0) return "";
  return `M${ring.map(([x, y]) => `${coordinate(x)} ${coordinate(-y)}`).join("L")}Z`;
}

/** All whole tiles of an area as one path: thousands of chips stay one element. */
export function wholeTilesPath({ cell, origin, runs }: LaidArea): string {
  const parts: string[] = [];
  const outlines = cell.shapes.map(({ ring }) => relativePath(ring));
  for (let k = 0; k < runs.length; k += 4) {
    const shape = runs[k] as number;
    const j = runs[k + 1] as number;
    const last = runs[k + 3] as number;
    const { start, steps } = outlines[shape] as RelativeRing;
    for (let i = runs[k + 2] as number; i <= last; i++) {
      const x = origin[0] + i * cell.a.vector[0] + j * cell.b.vector[0] + start[0];
      const y = origin[1] + i * cell.a.vector[1] + j * cell.b.vector[1] + start[1];
      parts.push(`M${coordinate(x)} ${coordinate(-y)}${steps}`);
    }
  }
  return parts.join("");
}

interface RelativeRing {
  start: readonly [number, number];
  steps: string;
}

function relativePath(ring: Polygon): RelativeRing {
  const steps = ring.slice(1).map(([x, y], k) => {
    const [px, py] = ring[k] ?? [0, 0];
    return `l${coordinate(x - px)} ${coordinate(py - y)}`;
  });
  return { start: ring[0] ?? [0, 0], steps: `${steps.join("")}z` };
}

/** Several rings as one path. */
export function ringsPath(rings: Polygon[]): string {
  return rings.map(ringPath).join("");
}
