import { type Box, boxOf, type Point, type Polygon, signedArea } from "../geometry/polygon.ts";
import { isRectangle } from "../geometry/rectangle.ts";
import { DEFAULTS } from "../project/defaults.ts";
import type { Fixture, Opening, Wall } from "../project/schema.ts";

/** A wall's outline with what is in it, as a drawing has it: mm, y up, anywhere. */
export interface Outline {
  ring: Polygon;
  inner: Polygon[];
  circles: { centre: Point; diameter: number }[];
}

/** What of a drawing cannot be told as readings of a wall. */
export type NotTaken = "bent-left" | "bent-right" | "opening-no-rectangle" | "outside";

/** A wall as it would have been read: its shape, openings and fixtures; and what was not taken. */
export interface FromOutline {
  wall: Pick<Wall, "width" | "base" | "top"> & Partial<Pick<Wall, "lean">>;
  openings: Pick<Opening, "width" | "height" | "x" | "y">[];
  fixtures: Pick<Fixture, "pipe" | "x" | "y">[];
  notTaken: NotTaken[];
}

/** A bend of a side by more than this is told, mm. */
const STRAIGHT = 1;

/**
 * Readings that give an outline: its lower edge down and its upper edge up from a level line that is taken
 * at the usual height above the lowest corner, widths, and how its sides lean. Undefined where the outline
 * has no four corners. Openings are the boxes of inner rings, fixtures inner circles.
 */
export function wallFromOutline({ ring, inner, circles }: Outline): FromOutline | undefined {
  const sides = sidesOf(ring);
  if (!sides) return undefined;
  const { low, right, top, left } = sides;
  const [bl, br] = [low[0], low.at(-1)] as [Point, Point];
  const [tl, tr] = [top[0], top.at(-1)] as [Point, Point];
  // Plumb through the left corner at the base is where the plan counts from.
  const level = Math.min(...low.map(([, y]) => y)) + DEFAULTS.assumedLevelLine;
  const read = new Readings(bl[0], level, boxOf(ring));
  if (bends(left)) read.notTaken.push("bent-left");
  if (bends(right)) read.notTaken.push("bent-right");
  const lean = {
    left: { offset: tl[0] - bl[0], over: tl[1] - bl[1] },
    right: { offset: tr[0] - br[0], over: tr[1] - br[1] },
  };
  return {
    wall: {
      width: { bottom: br[0] - bl[0], top: tr[0] - tl[0] },
      base: low.map(([x, y]) => ({ ...read.across(x), down: level - y })),
      top: top.map(([x, y]) => ({ ...read.across(x), up: y - level })),
      ...(Math.abs(lean.left.offset) + Math.abs(lean.right.offset) > 0 ? { lean } : {}),
    },
    openings: inner.flatMap((own) => read.opening(own)),
    fixtures: circles.flatMap((circle) => read.fixture(circle)),
    notTaken: read.notTaken,
  };
}

/** The four sides between the corners that reach furthest, from the left and from below. */
function sidesOf(ring: Polygon) {
  if (ring.length < 3) return undefined;
  const corners = signedArea(ring) < 0 ? [...ring].reverse() : ring;
  const far = (towards: (p: Point) => number) =>
    corners.reduce((best, p, k) => (towards(p) > towards(corners[best] as Point) ? k : best), 0);
  const lowLeft = far(([x, y]) => -x - y);
  const lowRight = far(([x, y]) => x - y);
  const topRight = far(([x, y]) => x + y);
  const topLeft = far(([x, y]) => y - x);
  if (new Set([lowLeft, lowRight, topRight, topLeft]).size < 4) return undefined;
  return {
    low: chain(corners, lowLeft, lowRight),
    right: chain(corners, lowRight, topRight),
    top: chain(corners, topRight, topLeft).reverse(),
    left: chain(corners, topLeft, lowLeft),
  };
}

/** Reads what lies in an outline from its left corner and the level line, and what it could not take. */
class Readings {
  readonly notTaken: NotTaken[] = [];

  constructor(
    private readonly x0: number,
    private readonly level: number,
    private readonly box: Box,
  ) {}

  across(x: number) {
    return { from: "left" as const, at: Math.max(0, x - this.x0) };
  }

  opening(ring: Polygon): FromOutline["openings"] {
    const { minX, maxX, minY, maxY } = boxOf(ring);
    if (!this.isWithin([(minX + maxX) / 2, (minY + maxY) / 2])) return [];
    if (!isRectangle(ring)) this.notTaken.push("opening-no-rectangle");
    return [
      {
        ...{ width: maxX - minX, height: maxY - minY },
        x: { ...this.across(minX), to: "edge" },
        y: { from: "level", at: minY - this.level, to: "bottom" },
      },
    ];
  }

  fixture({ centre, diameter }: Outline["circles"][number]): FromOutline["fixtures"] {
    if (!this.isWithin(centre)) return [];
    const y = { from: "level" as const, at: centre[1] - this.level };
    return [{ pipe: diameter, x: this.across(centre[0]), y }];
  }

  private isWithin([x, y]: Point): boolean {
    const { minX, maxX, minY, maxY } = this.box;
    const is = x > minX && x < maxX && y > minY && y < maxY;
    if (!is) this.notTaken.push("outside");
    return is;
  }
}

/** The corners from one to another, against the clock, both with them. */
function chain(corners: Polygon, from: number, to: number): Point[] {
  const found: Point[] = [];
  for (let k = from; ; k = (k + 1) % corners.length) {
    found.push(corners[k] as Point);
    if (k === to) return found;
  }
}

/** Whether a side is no straight line. */
function bends(side: Point[]): boolean {
  const [a, b] = [side[0], side.at(-1)] as [Point, Point];
  const length = Math.hypot(b[0] - a[0], b[1] - a[1]);
  return side.some(([x, y]) => {
    const off = (b[0] - a[0]) * (y - a[1]) - (b[1] - a[1]) * (x - a[0]);
    return length > 0 && Math.abs(off) / length > STRAIGHT;
  });
}
