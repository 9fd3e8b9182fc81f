import { boxOf } from "../geometry/polygon.ts";
import { boundaryEdges, type FieldSide } from "../set-out/region.ts";
import type { ModelBond } from "../set-out/row-bond.ts";
import type { WallPlan } from "../wall-plan.ts";

/** The floor under a leg beside a tub: there rows, or standing columns, begin as on the base. */
export interface ModelFloor {
  /** Where it is narrowest in the direction that is up, and how far it falls from there. */
  at: number;
  wedge: number;
  /** From where to where the leg stands, from left to right. */
  from: number;
  to: number;
}

/**
 * The wedges that leaning corners and a base out of level leave outside the rectangle, mm: 0 where a
 * side is straight, or slopes by a tile and more, as then something runs out there whatever the
 * layout is.
 */
export interface Wedges {
  /** At the two ends of the rows. */
  start: number;
  end: number;
  foot: number;
  head: number;
}

/** How far apart the readings of each side are, mm. */
type Spread = Record<"left" | "right" | "bottom" | "top", number>;

/**
 * The largest upright rectangle inside a wall's field, and how far each side reaches beyond it;
 * legs stay out of it.
 */
export function innerRectangle({ measured, boundary }: WallPlan) {
  const edges = boundaryEdges(measured, boundary);
  const along = (side: FieldSide, axis: 0 | 1) =>
    edges
      .filter(({ of }) => of.kind === "boundary" && of.side === side)
      .flatMap(({ a, b }) => [a[axis], b[axis]]);
  const box = boxOf(boundary);
  const [lefts, rights] = [along("left", 0), along("right", 0)];
  const [bottoms, tops] = [along("bottom", 1), along("top", 1)];
  const spread: Spread = {
    left: spreadOf(lefts),
    right: spreadOf(rights),
    bottom: spreadOf(bottoms),
    top: spreadOf(tops),
  };
  return {
    left: Math.max(box.minX, ...lefts),
    right: Math.min(box.maxX, ...rights),
    bottom: bottoms.length > 0 ? Math.max(...bottoms) : box.minY,
    top: Math.min(box.maxY, ...tops),
    spread,
  };
}

function spreadOf(values: number[]): number {
  return values.length > 0 ? Math.max(...values) - Math.min(...values) : 0;
}

/** The floors under a wall's legs. `size` is how high a tile is. */
export function floorsOf({ measured, boundary }: WallPlan, size: number): ModelFloor[] {
  return boundaryEdges(measured, boundary)
    .filter(({ of }) => of.kind === "boundary" && of.side === "floor")
    .map(({ a, b }) => {
      const [low, at] = inOrder(a[1], b[1]);
      const [from, to] = inOrder(a[0], b[0]);
      return { at, wedge: within(at - low, size), from, to };
    });
}

function inOrder(p: number, q: number): [number, number] {
  return p < q ? [p, q] : [q, p];
}

/** A slope of less than a tile, whatever the joint is. */
function within(reach: number, size: number): number {
  return reach < size ? reach : 0;
}

/** The wedges beside the rectangle, in the bond's own directions. */
export function wedgesOf({ standing, length, depth }: ModelBond, spread: Spread): Wedges {
  const { left, right, bottom, top } = spread;
  const [start, end] = standing ? [bottom, top] : [left, right];
  const [foot, head] = standing ? [left, right] : [bottom, top];
  return {
    start: within(start, length),
    end: within(end, length),
    foot: within(foot, depth),
    head: within(head, depth),
  };
}
