import { distance, type Point, type Polygon } from "./polygon.ts";

/** A connected region: its outer ring (counter-clockwise) and the holes in it (clockwise). */
export interface Region {
  outer: Polygon;
  holes: Polygon[];
}

/**
 * A region as one ring: each hole is joined to the outer ring by a bridge that runs out and back
 * along the same line, so that the ring's shoelace area is the region's area.
 */
export function keyholeRing({ outer, holes }: Region): Polygon {
  let ring = outer;
  for (const hole of holes) ring = bridgeHole(ring, hole);
  return ring;
}

function bridgeHole(ring: Polygon, hole: Polygon): Polygon {
  let best = { at: 0, from: 0, gap: Infinity };
  for (let at = 0; at < ring.length; at++) {
    for (let from = 0; from < hole.length; from++) {
      const gap = distance(ring[at] as Point, hole[from] as Point);
      if (gap < best.gap) best = { at, from, gap };
    }
  }
  const loop = [...hole.slice(best.from), ...hole.slice(0, best.from + 1)];
  return [
    ...ring.slice(0, best.at + 1),
    ...loop,
    ring[best.at] as Point,
    ...ring.slice(best.at + 1),
  ];
}

/** Fewest corners of a ring with a hole: a triangle in a triangle, and both ends of the bridge again. */
const LEAST_KEYHOLE = 8;

/** The region that a ring with bridges stands for; a ring without any is its own outline. */
export function openKeyhole(ring: Polygon): Region {
  if (ring.length < LEAST_KEYHOLE) return { outer: ring, holes: [] };
  const isSame = (p: number, q: number) =>
    ring[p]?.[0] === ring[q]?.[0] && ring[p]?.[1] === ring[q]?.[1];
  for (let out = 0; out < ring.length; out++) {
    for (let back = out + 5; back < ring.length; back++) {
      if (!isSame(out, back) || !isSame(out + 1, back - 1)) continue;
      const within = openKeyhole(ring.slice(out + 1, back - 1));
      const { outer, holes } = openKeyhole([...ring.slice(0, out), ...ring.slice(back)]);
      return { outer, holes: [within.outer, ...within.holes, ...holes] };
    }
  }
  return { outer: ring, holes: [] };
}
