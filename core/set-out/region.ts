import { intersect, unite } from "../geometry/boolean.ts";
import { keyholeRing } from "../geometry/keyhole.ts";
import {
  type Box,
  boxesApart,
  boxOf,
  boxRound,
  circleRing,
  contains,
  distanceToRing,
  edgesOf,
  type Point,
  type Polygon,
  polygonArea,
  ringInside,
} from "../geometry/polygon.ts";
import { lineX } from "../measure/corners.ts";
import type { PlacedFixture, PlacedOpening } from "../measure/openings.ts";
import type { MeasuredWall } from "../measure/survey.ts";

/** Which side of the field an edge of its boundary is; the floor and front belong to a leg. */
export type FieldSide = "left" | "right" | "top" | "bottom" | "floor" | "front";

/** An edge of the region that tile may occupy; the region lies to the left of it. */
export interface RegionEdge {
  a: Point;
  b: Point;
  of: { kind: "boundary"; side: FieldSide } | { kind: "void" | "circle"; index: number };
}

/** A round hole in the tile. */
export interface Hole {
  centre: Point;
  diameter: number;
}

/** What went wrong with an opening or fixture while it was put into its wall. */
export interface RegionTrouble {
  code: "opening-leaves-wall" | "openings-overlap" | "fixture-not-clear" | "fixture-outside";
  id: string;
}

/** Where tile may be: the boundary less the voids (niches, windows) and the round holes. */
export interface TileRegion {
  boundary: Polygon;
  /** Openings clipped to the boundary and merged where they overlap. */
  voids: Polygon[];
  /**
   * The openings as they are, to cut tiles with: one that leaves the wall must not end on the
   * boundary, or rounding leaves a hair of tile along it.
   */
  cutters: Polygon[];
  /** Holes that are not clear of an edge or of each other: they bite, wherever they lie. */
  rounds: Hole[];
  /** Holes that keep clear of the boundary, the voids and each other. */
  circles: Hole[];
  edges: RegionEdge[];
  box: Box;
  /** Area(boundary − openings − holes), mm². */
  area: number;
  troubles: RegionTrouble[];
}

/**
 * Puts openings and fixtures into a boundary, and takes zones out of it; a hole that is not clear
 * of an edge joins the voids.
 */
export function tileRegion(
  wall: MeasuredWall,
  boundary: Polygon,
  openings: PlacedOpening[],
  fixtures: PlacedFixture[],
  zones: Polygon[] = [],
): TileRegion {
  const troubles = openings.flatMap((opening, i) =>
    openingTroubles(boundary, openings, opening, i),
  );
  const { circles, rounds, troubles: holeTroubles } = sortHoles(boundary, openings, fixtures);
  const cutters = [...openings.map(({ ring }) => ring), ...zones];
  const merged = rounds.map(({ centre, diameter }) => circleRing(centre, diameter));
  const voids = mergeVoids(boundary, [...cutters, ...merged]);
  const holes = circles.map(({ centre, diameter }) => circleRing(centre, diameter));
  return {
    boundary,
    voids,
    cutters,
    rounds,
    circles,
    edges: [
      ...boundaryEdges(wall, boundary),
      ...voids.flatMap((ring, index) => ringEdges(ring, { kind: "void", index })),
      ...holes.flatMap((ring, index) => ringEdges(ring, { kind: "circle", index })),
    ],
    box: boxOf(boundary),
    area:
      polygonArea(boundary) -
      voids.reduce((sum, ring) => sum + polygonArea(ring), 0) -
      circles.reduce((sum, { diameter }) => sum + (Math.PI * diameter ** 2) / 4, 0),
    troubles: [...troubles, ...holeTroubles],
  };
}

/** Where the tile of an area may be: its boundary less the openings, holes and panels at it. */
export function areaRegion(
  wall: MeasuredWall,
  { boundary, without }: { boundary: Polygon; without: Polygon[] },
  openings: PlacedOpening[],
  fixtures: PlacedFixture[],
): TileRegion {
  const box = boxOf(boundary);
  const reaches = (other: Box) => !boxesApart(box, other);
  return tileRegion(
    wall,
    boundary,
    openings.filter(({ ring }) => reaches(boxOf(ring))),
    fixtures.filter(({ centre, diameter }) => reaches(boxRound(centre, diameter / 2))),
    without.filter((ring) => reaches(boxOf(ring))),
  );
}

function openingTroubles(
  boundary: Polygon,
  openings: PlacedOpening[],
  { opening, ring }: PlacedOpening,
  index: number,
): RegionTrouble[] {
  const troubles: RegionTrouble[] = [];
  // A shelf's slot runs on behind the tile into the corner; what else it leaves is told of the shelf.
  // Obstacles may stand on the base or reach into a corner; a shelf's slot always does.
  const inside =
    opening.kind === "obstacle"
      ? !boxesApart(boxOf(ring), boxOf(boundary))
      : opening.kind === "shelf" || ringInside(ring, boundary);
  if (!inside) {
    const inside = areaOf(intersect([ring], [boundary]));
    const leaves = inside < polygonArea(ring) - 1;
    if (leaves) troubles.push({ code: "opening-leaves-wall", id: opening.id });
  }
  const overlaps = openings
    .slice(0, index)
    .some((other) => !boxesApart(boxOf(ring), boxOf(other.ring)));
  if (overlaps) troubles.push({ code: "openings-overlap", id: opening.id });
  return troubles;
}

function areaOf(regions: { outer: Polygon }[]): number {
  return regions.reduce((sum, { outer }) => sum + polygonArea(outer), 0);
}

/** Holes clear of everything stay true circles; the others join the voids. */
function sortHoles(boundary: Polygon, openings: PlacedOpening[], fixtures: PlacedFixture[]) {
  const circles: Hole[] = [];
  const rounds: Hole[] = [];
  const troubles: RegionTrouble[] = [];
  const obstacles = [boundary, ...openings.map(({ ring }) => ring)];
  fixtures.forEach(({ fixture, centre, diameter }, i) => {
    const clearOfEdges = obstacles.every((ring) => distanceToRing(centre, ring) >= diameter / 2);
    const inTile =
      contains(boundary, centre) && !openings.some(({ ring }) => contains(ring, centre));
    const clearOfHoles = fixtures.every(
      (other, k) =>
        k === i ||
        Math.hypot(other.centre[0] - centre[0], other.centre[1] - centre[1]) >=
          (other.diameter + diameter) / 2,
    );
    if (clearOfEdges && !inTile) {
      troubles.push({ code: "fixture-outside", id: fixture.id });
    } else if (clearOfEdges && clearOfHoles) {
      circles.push({ centre, diameter });
    } else {
      rounds.push({ centre, diameter });
      troubles.push({ code: "fixture-not-clear", id: fixture.id });
    }
  });
  return { circles, rounds, troubles };
}

function mergeVoids(boundary: Polygon, rings: Polygon[]): Polygon[] {
  // The usual case needs no clipper: every opening clear of the others and inside the boundary.
  const merged = areApart(rings) ? rings : unite(rings).map((region) => keyholeRing(region));
  const clipped = merged.flatMap((ring) =>
    ringInside(ring, boundary) ? [ring] : intersect([ring], [boundary]).map(({ outer }) => outer),
  );
  return clipped.map((ring) => [...ring].reverse());
}

function areApart(rings: Polygon[]): boolean {
  const boxes = rings.map((ring) => boxOf(ring));
  return boxes.every((box, k) =>
    boxes.every((other, later) => later <= k || boxesApart(box, other)),
  );
}

/** Edges of the boundary with the side they belong to. */
export function boundaryEdges(wall: MeasuredWall, boundary: Polygon): RegionEdge[] {
  const edges = edgesOf(boundary);
  return edges.map(([a, b], k) => {
    const before = edges.at(k - 1) as [Point, Point];
    const after = edges[(k + 1) % edges.length] as [Point, Point];
    const [from, to] = isStep(before, [a, b], after) ? before : [a, b];
    return { a, b, of: { kind: "boundary", side: sideOf(wall, from, to) } };
  });
}

/** A step at a woven end is no longer than this, mm; no base or top is as short. */
const LONGEST_STEP = 60;

/** Whether an edge is a step in a side that goes on the same way before and after it. */
function isStep(before: [Point, Point], [a, b]: [Point, Point], after: [Point, Point]): boolean {
  const level = Math.abs(b[0] - a[0]) > Math.abs(b[1] - a[1]);
  if (!level || Math.abs(b[0] - a[0]) > LONGEST_STEP) return false;
  const rises = [before, after].map(([p, q]) =>
    Math.abs(q[1] - p[1]) > Math.abs(q[0] - p[0]) ? q[1] - p[1] : 0,
  );
  return (rises[0] ?? 0) * (rises[1] ?? 0) > 0;
}

/** A steep edge farther than this from both corners is a step in the top, mm. */
const FROM_CORNER = 150;

function sideOf({ leg, left, right }: MeasuredWall, a: Point, b: Point): FieldSide {
  const [dx, dy] = [b[0] - a[0], b[1] - a[1]];
  const middle = (a[0] + b[0]) / 2;
  if (Math.abs(dx) >= Math.abs(dy)) {
    if (dx < 0) return "top";
    const onLeg = leg && (leg.side === "left" ? middle < leg.front : middle > leg.front);
    return onLeg ? "floor" : "bottom";
  }
  const y = (a[1] + b[1]) / 2;
  const fromCorner = Math.min(
    Math.abs(middle - lineX(left, y)),
    Math.abs(middle - lineX(right, y)),
  );
  if (fromCorner > FROM_CORNER && y > 0) return "top";
  if (dy > 0) return leg?.side === "left" && (a[1] + b[1]) / 2 < 0 ? "front" : "right";
  return leg?.side === "right" && (a[1] + b[1]) / 2 < 0 ? "front" : "left";
}

function ringEdges(ring: Polygon, of: { kind: "void" | "circle"; index: number }): RegionEdge[] {
  // Voids are kept clockwise so that the region is on the left of every edge, as at the boundary.
  const clockwise = of.kind === "circle" ? [...ring].reverse() : ring;
  return edgesOf(clockwise).map(([a, b]) => ({ a, b, of }));
}
