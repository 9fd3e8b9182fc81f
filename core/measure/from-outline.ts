import { boxOf, type Point, type Polygon, signedArea } from "../geometry/polygon.ts";
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
  if (ring.length < 3) return undefined;
  const corners = signedArea(ring) < 0 ? [...ring].reverse() : ring;
  const far = (towards: (p: Point) => number) =>
    corners.reduce((best, p, k) => (towards(p) > towards(corners[best] as Point) ? k : best), 0);
  const lowLeft = far(([x, y]) => -x - y);
  const lowRight = far(([x, y]) => x - y);
  const topRight = far(([x, y]) => x + y);
  const topLeft = far(([x, y]) => y - x);
  if (new Set([lowLeft, lowRight, topRight, topLeft]).size < 4) return undefined;
  const low = chain(corners, lowLeft, lowRight);
  const right = chain(corners, lowRight, topRight);
  const top = chain(corners, topRight, topLeft).reverse();
  const left = chain(corners, topLeft, lowLeft);
  const [bl, br] = [low[0], low.at(-1)] as [Point, Point];
  const [tl, tr] = [top[0], top.at(-1)] as [Point, Point];
  // Plumb through the left corner at the base is where the plan counts from.
  const x0 = bl[0];
  const level = Math.min(...low.map(([, y]) => y)) + DEFAULTS.assumedLevelLine;
  const across = (x: number) => ({ from: "left" as const, at: Math.max(0, x - x0) });
  const notTaken: NotTaken[] = [];
  if (bends(left)) notTaken.push("bent-left");
  if (bends(right)) notTaken.push("bent-right");
  const box = boxOf(ring);
  const within = ([x, y]: Point) => x > box.minX && x < box.maxX && y > box.minY && y < box.maxY;
  const openings = inner.flatMap((own) => {
    const { minX, maxX, minY, maxY } = boxOf(own);
    if (!within([(minX + maxX) / 2, (minY + maxY) / 2])) {
      notTaken.push("outside");
      return [];
    }
    if (!isRectangle(own)) notTaken.push("opening-no-rectangle");
    return [
      {
        ...{ width: maxX - minX, height: maxY - minY },
        x: { ...across(minX), to: "edge" as const },
        y: { from: "level" as const, at: minY - level, to: "bottom" as const },
      },
    ];
  });
  const fixtures = circles.flatMap(({ centre, diameter }) => {
    if (!within(centre)) {
      notTaken.push("outside");
      return [];
    }
    const y = { from: "level" as const, at: centre[1] - level };
    return [{ pipe: diameter, x: across(centre[0]), y }];
  });
  const lean = {
    left: { offset: tl[0] - bl[0], over: tl[1] - bl[1] },
    right: { offset: tr[0] - br[0], over: tr[1] - br[1] },
  };
  return {
    wall: {
      width: { bottom: br[0] - bl[0], top: tr[0] - tl[0] },
      base: low.map(([x, y]) => ({ ...across(x), down: level - y })),
      top: top.map(([x, y]) => ({ ...across(x), up: y - level })),
      ...(Math.abs(lean.left.offset) + Math.abs(lean.right.offset) > 0 ? { lean } : {}),
    },
    openings,
    fixtures,
    notTaken,
  };
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
