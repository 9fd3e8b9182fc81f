import { mod } from "../limits.ts";
import type { ModelBond } from "../set-out/row-bond.ts";
import { segmentsOf } from "./evaluate-wall.ts";
import type { ModelHole, ModelWall } from "./model.ts";

/**
 * Where the rim of a round hole just clears a tile's corner. Whether it does depends on both
 * directions at once: seen over the phases along and across the rows, a corner is clear outside a
 * quarter of a circle. In the open a sum of straight lines is nowhere least on such an arc but at
 * its ends, where it meets another breakpoint or another arc; those are the places told here.
 */

/** A quarter of a circle over the phases: the corner is clear beyond it. */
interface Arc {
  along: number;
  across: number;
  radius: number;
  /** The tile lies to the right of the hole (1) or to its left (−1), above it (1) or below (−1). */
  right: 1 | -1;
  above: 1 | -1;
}

/** Two sides of everything. */
const SIDES = [1, -1] as const;

/** From where to where the foot of row 0 may stand. */
interface Feet {
  from: number;
  to: number;
}

/** The arcs of a wall's holes that phases across the rows within `feet` can reach. */
function arcsOf(bond: ModelBond, holes: ModelHole[], { from, to }: Feet): Arc[] {
  const { length, depth, joint } = bond;
  const step = depth + joint;
  return holes.flatMap(({ x, y, radius }) =>
    SIDES.flatMap((above) => {
      const foot = above === 1 ? y : y - depth;
      const first = Math.ceil((foot - to - radius) / step);
      const last = Math.floor((foot - from + radius) / step);
      return Array.from({ length: Math.max(0, last - first + 1) }, (_, k) => first + k).flatMap(
        (row) =>
          SIDES.map((right): Arc => {
            const near = right === 1 ? x : x - length;
            const along = near - bond.shiftOf(row);
            return { along, across: foot - row * step, radius, right, above };
          }),
      );
    }),
  );
}

/** Phases across the rows at which an arc is met by a phase along them. */
function acrossAt({ along, across, radius, right, above }: Arc, phase: number, module: number) {
  return reaches(mod(right * (phase - along), module), radius, module).map(
    (reach) => across + above * reach,
  );
}

/** The phase along the rows at which an arc is met by a phase across them. */
function alongAt({ along, across, radius, right, above }: Arc, phase: number): number[] {
  return reaches(above * (phase - across), radius, Infinity).map((reach) => along + right * reach);
}

/** How far a circle reaches one way, so far from its centre the other way, and whole modules on. */
function reaches(off: number, radius: number, module: number): number[] {
  const found: number[] = [];
  for (let at = off; at < radius; at += module) {
    if (at > 0) found.push(Math.sqrt(radius * radius - at * at));
  }
  return found;
}

/** Both phases at which two arcs cross. */
function crossings(p: Arc, q: Arc, module: number): [along: number, across: number][] {
  const found: [number, number][] = [];
  const across = q.across - p.across;
  const near = mod(q.along - p.along, module);
  const most = p.radius + q.radius;
  for (let along = near - Math.ceil(most / module) * module; along < most; along += module) {
    const square = along * along + across * across;
    if (square === 0 || square > most * most) continue;
    // How far along the line between the centres both circles are met, as a share of it.
    const share = (square + p.radius * p.radius - q.radius * q.radius) / (2 * square);
    const aside = (p.radius * p.radius) / square - share * share;
    if (aside < 0) continue;
    for (const side of SIDES) {
      const off = side * Math.sqrt(aside);
      const [x, y] = [share * along - off * across, share * across + off * along];
      const onBoth =
        x * p.right > 0 &&
        y * p.above > 0 &&
        (x - along) * q.right > 0 &&
        (y - across) * q.above > 0;
      if (onBoth) found.push([p.along + x, p.across + y]);
    }
  }
  return found;
}

/** Where row 0 may stand across rows that stand: once for each shift. */
function ownFeet({ depth, joint, shifts }: ModelBond): Feet {
  return { from: 0, to: shifts.length * (depth + joint) };
}

/**
 * Phases of a wall at which a rim clears a corner, when the phase that all walls share is this:
 * along the rows for level ones, across them for standing ones.
 */
export function ownGrazes(bond: ModelBond, wall: ModelWall, shared: number): number[] {
  if (wall.holes.length === 0) return [];
  const module = bond.length + bond.joint;
  return segmentsOf(bond, wall, { along: shared, across: shared }).flatMap((segment) => {
    const { holes } = segment.wall;
    if (bond.standing) {
      const feet = ownFeet(bond);
      return arcsOf(bond, holes, feet)
        .flatMap((arc) => acrossAt(arc, segment.along, module))
        .filter((phase) => phase >= feet.from && phase < feet.to);
    }
    return arcsOf(bond, holes, { from: segment.across, to: segment.across })
      .flatMap((arc) => alongAt(arc, segment.across))
      .map((phase) => mod(phase, module));
  });
}

/**
 * Shared phases, within a module below the highest, at which a rim of a wall clears a corner while
 * the wall's own phase is on one of its breakpoints, or clears two corners at once.
 */
export function sharedGrazes(
  bond: ModelBond,
  wall: ModelWall,
  own: number[],
  highest: number,
): number[] {
  // What bands part goes on from their tops: only what is below them moves with the shared phase.
  const foot = Math.min(...wall.bands.map(({ y0 }) => y0));
  const holes = wall.holes.filter(({ x, y, radius }) => (bond.standing ? x : y) - radius < foot);
  if (holes.length === 0) return [];
  const module = bond.length + bond.joint;
  const step = bond.depth + bond.joint;
  const feet = bond.standing ? ownFeet(bond) : { from: highest - step, to: highest };
  const within = (across: number) => across >= feet.from && across <= feet.to;
  const arcs = arcsOf(bond, holes, feet);
  const corners = pairs(arcs)
    .flatMap(([p, q]) => crossings(p, q, module))
    .filter(([, across]) => within(across));
  if (bond.standing) {
    const lines = arcs.flatMap((arc) => own.flatMap((phase) => alongAt(arc, phase)));
    return [...lines, ...corners.map(([along]) => along)].map(
      (phase) => highest - mod(highest - phase, module),
    );
  }
  const lines = arcs.flatMap((arc) => own.flatMap((phase) => acrossAt(arc, phase, module)));
  return [...lines.filter(within), ...corners.map(([, across]) => across)];
}

function pairs<T>(items: T[]): [T, T][] {
  return items.flatMap((p, k) => items.slice(k + 1).map((q): [T, T] => [p, q]));
}
