import { intersect } from "../geometry/boolean.ts";
import { boxOf, type Point, type Polygon, rectangle, ringInside } from "../geometry/polygon.ts";
import { heightAt } from "../geometry/profile.ts";
import { DEFAULTS } from "../project/defaults.ts";
import type { Fixture, Opening } from "../project/schema.ts";
import type { Patch } from "../project/survey-schema.ts";
import { lineX } from "./corners.ts";
import type { MeasuredShape } from "./shape.ts";

/** A niche or window in the plan's frame: the finished opening. */
export interface PlacedOpening {
  opening: Opening;
  ring: Polygon;
  x: number;
  y: number;
}

/** A fixture in the plan's frame, with the hole that has to be cut in the tile. */
export interface PlacedFixture {
  fixture: Fixture;
  centre: Point;
  /** Hole in the tile: pipe plus clearance all round, mm. */
  diameter: number;
}

/** Places a wall's openings from their readings (corner; level line, base or ceiling). */
export function placeOpenings(
  openings: Opening[],
  wall: MeasuredShape,
  levelY: number,
): PlacedOpening[] {
  return openings.map((opening) => {
    const { width, height } = opening;
    const toCentre = opening.x.to === "centre";
    // The corner is taken at the height that was read, so a lean carries over; the middle of a
    // reading from the base or ceiling is found below its own x, which needs the plumb x first.
    const roughX = cornerX(wall, opening.x, levelY);
    const roughLeft = leftEdge(roughX, opening.x.from, width, toCentre);
    const y = bottomEdge(levelY, wall, opening, roughLeft + width / 2);
    const at = cornerX(wall, opening.x, y + height / 2);
    const x = leftEdge(at, opening.x.from, width, toCentre);
    return { opening, x, y, ring: rectangle(x, y, width, height) };
  });
}

/** Niches and windows, which go into the wall; dishes and shelves are let into the tile alone. */
export function intoWall(openings: PlacedOpening[]): PlacedOpening[] {
  return openings.filter(({ opening: { kind } }) => kind === "niche" || kind === "window");
}

/** What stands in the way of tile and has no back: nobody frames or lines it. */
export function obstacles(openings: PlacedOpening[]): PlacedOpening[] {
  return openings.filter(({ opening: { kind } }) => kind === "obstacle");
}

/** An opening that ends this near a region's edge ends at it, mm. */
const AT_REGION = 1e-3;

/**
 * Openings as far as they lie in a region: what leaves it is cut off, and its sizes are those of
 * what is left. Rings, corners and areas are counted so (definition of the plan).
 */
export function within(region: Polygon, openings: PlacedOpening[]): PlacedOpening[] {
  return openings.flatMap((placed) => {
    const { opening, ring } = placed;
    if (opening.kind === "shelf" || ringInside(ring, region)) return [placed];
    const parts = intersect([ring], [region]);
    if (parts.length === 0) return [];
    const { minX, minY, maxX, maxY } = boxOf(...parts.map(({ outer }) => outer));
    const [width, height] = [maxX - minX, maxY - minY];
    const whole = width > opening.width - AT_REGION && height > opening.height - AT_REGION;
    if (whole) return [placed];
    const left = { ...opening, width, height };
    return [{ opening: left, x: minX, y: minY, ring: rectangle(minX, minY, width, height) }];
  });
}

/** Places the parts of a wall that take new board while the rest of it stays. */
export function placePatches(patches: Patch[], wall: MeasuredShape, levelY: number): Polygon[] {
  return patches.map(({ from, at, level, width, height }) => {
    const y = levelY + level;
    return rectangle(
      leftEdge(cornerX(wall, { from, at }, y), from, width, false),
      y,
      width,
      height,
    );
  });
}

/** Places a wall's fixtures and gives each its hole: pipe + 2 × clearance. */
export function placeFixtures(
  fixtures: Fixture[],
  wall: MeasuredShape,
  levelY: number,
  clearance: number,
): PlacedFixture[] {
  return fixtures.map((fixture) => {
    const y = heightOf(levelY, wall, fixture.y, cornerX(wall, fixture.x, levelY));
    const centre: Point = [cornerX(wall, fixture.x, y), y];
    return { fixture, centre, diameter: fixture.pipe + 2 * clearance };
  });
}

function cornerX(
  wall: MeasuredShape,
  reading: { from: "left" | "right"; at: number },
  y: number,
): number {
  return reading.from === "left"
    ? lineX(wall.left, y) + reading.at
    : lineX(wall.right, y) - reading.at;
}

function leftEdge(x: number, from: "left" | "right", width: number, toCentre: boolean): number {
  if (toCentre) return x - width / 2;
  return from === "left" ? x : x - width;
}

function bottomEdge(levelY: number, wall: MeasuredShape, opening: Opening, x: number): number {
  const read = heightOf(levelY, wall, opening.y, x);
  const to = opening.y.to ?? (opening.y.from === "ceiling" ? "top" : "bottom");
  if (to === "bottom") return read;
  return to === "top" ? read - opening.height : read - opening.height / 2;
}

function heightOf(
  levelY: number,
  wall: MeasuredShape,
  reading: { from: "level" | "base" | "ceiling"; at: number },
  x: number,
): number {
  switch (reading.from) {
    case "level":
      return levelY + reading.at;
    case "base":
      return heightAt(wall.base, x) + reading.at;
    case "ceiling":
      return heightAt(wall.top, x) - reading.at;
    default:
      return reading.from satisfies never;
  }
}

/** Back and four returns of a niche, or the four returns of a window, at finished sizes, in m². */
export function interiorAreaM2({ kind, width, height, depth }: Opening): number {
  const returns = 2 * (width + height) * (depth ?? DEFAULTS.nicheDepth);
  return (returns + (kind === "niche" ? width * height : 0)) / 1e6;
}
