import type { Region } from "./keyhole.ts";
import { plainlyIntersect, plainlySubtract } from "./plain.ts";
import { type Polygon, polygonArea, signedArea } from "./polygon.ts";

/** Clips rings of any kind; the subject has at least one. */
export type Clipper = (
  operation: "intersect" | "subtract" | "unite",
  subject: Polygon[],
  clip: Polygon[],
) => Region[];

/** What is thrown where rings need the clipper and nobody has brought it: fetch it, then plan again. */
export class ClipperWanted extends Error {
  constructor() {
    super("These rings need the clipper: takeClipper() first.");
  }
}

let clipper: Clipper = () => {
  throw new ClipperWanted();
};

/** Brings what clips all that is not plain. It weighs as much as a seventh of planning. */
export function takeClipper(given: Clipper): void {
  clipper = given;
}

/** What two sets of rings have in common. */
export function intersect(subject: Polygon[], clip: Polygon[]): Region[] {
  const [rings, cutters] = [subject.filter(isRing), clip.filter(isRing)];
  if (rings.length === 0 || cutters.length === 0) return [];
  return plainly(rings, cutters, plainlyIntersect) ?? clipper("intersect", rings, cutters);
}

/** What is left of the subject rings when the clip rings are taken away. */
export function subtract(subject: Polygon[], clip: Polygon[]): Region[] {
  const [rings, cutters] = [subject.filter(isRing), clip.filter(isRing)];
  if (rings.length === 0) return [];
  return plainly(rings, cutters, plainlySubtract) ?? clipper("subtract", rings, cutters);
}

/** All rings merged into regions that do not overlap. */
export function unite(rings: Polygon[]): Region[] {
  const some = rings.filter(isRing);
  return some.length === 0 ? [] : clipper("unite", some, []);
}

/** Area of a region in mm², its holes taken off. */
export function regionArea({ outer, holes }: Region): number {
  return polygonArea(outer) - holes.reduce((sum, hole) => sum + polygonArea(hole), 0);
}

/** A wall without width has a ring without corners, which nothing can be cut out of. */
function isRing({ length }: Polygon): boolean {
  return length > 2;
}

/** One ring against another without the clipper, where they are plain enough. */
function plainly(
  [ring, ...rings]: Polygon[],
  [cutter, ...cutters]: Polygon[],
  cut: (ring: Polygon, cutter: Polygon) => Region[] | undefined,
): Region[] | undefined {
  if (!ring || !cutter || rings.length > 0 || cutters.length > 0) return undefined;
  return cut(toTheLeft(ring), toTheLeft(cutter));
}

/** The ring as it runs counter-clockwise. */
function toTheLeft(ring: Polygon): Polygon {
  return signedArea(ring) < 0 ? [...ring].reverse() : ring;
}
