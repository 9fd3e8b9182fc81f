import { HOLE_EDGE, LEAST_PIECE, mod, WEAK_TONGUE } from "../limits.ts";
import type { ModelBond } from "../set-out/row-bond.ts";
import { type Phases, segmentsOf } from "./evaluate-wall.ts";
import type { ModelFloor } from "./inner-rectangle.ts";
import type { ModelWall, Range } from "./model.ts";

/**
 * Every place where a term of the score changes its course. Between two of them every term is a
 * straight line or stays as it is, so a best layout always lies on one: an edge of a tile meets a
 * boundary, an opening or a hole; a cut reaches a limit; two cuts become equal.
 */

/** Remnants below half a millimetre are joint: just inside and outside that terms leap, mm. */
const BARE = LEAST_PIECE - 1e-4;
const AT_LEAST = [BARE, LEAST_PIECE + 1e-4];

/** Two phases nearer than this are one, mm. */
const SAME = 1e-5;

/** What phases along one direction of one wall have to answer for. */
export interface Axis {
  size: number;
  joint: number;
  limit: number;
  /** Shifts of rows; one shift of 0 across the rows. */
  shifts: number[];
  /** Edges whose near piece is measured: the far end, the near edges of openings. */
  befores: number[];
  /** Edges whose far piece is measured: the near end, the far edges of openings. */
  beyonds: number[];
  /** Edges beyond which tiles only matter as they show at all: near ones, and far ones. */
  bare: { nears: number[]; fars: number[] };
  holes: { at: number; radius: number }[];
  /** Cuts of other places that a cut here may have to equal. */
  repeats: Repeat[];
}

/** Lengths that are the same in every row: one of them, and how far apart they are, mm. */
export interface Repeat {
  base: number;
  every: number;
}

/** Phases of axes that share theirs, within a module, each once, in order. */
function phases(axes: Axis[]): number[] {
  return sortedDistinct(
    axes.flatMap((axis) => {
      const cuts = axis.repeats.flatMap((repeat) => cutsOf(repeat, axis.size));
      return breakpoints(axis, cuts).map((phase) => mod(phase, axis.size + axis.joint));
    }),
  );
}

/** The lengths of a repeat that are cuts of a tile. */
function cutsOf({ base, every }: Repeat, size: number): number[] {
  const cuts: number[] = [];
  for (let cut = mod(base, every); cut < size; cut += every) if (cut > 0) cuts.push(cut);
  return cuts;
}

/** Breakpoints of one axis, in the same order for the same edges whatever the joint is. */
export function breakpoints(axis: Axis, values: number[]): number[] {
  const { size, joint, limit, shifts, befores, beyonds, bare, holes } = axis;
  const module = size + joint;
  const found: number[] = [];
  const cuts = [0, limit, WEAK_TONGUE, size / 2, ...AT_LEAST, ...values];
  const offsets = [...cuts, ...cuts.map((cut) => size - cut)];
  for (const shift of shifts) {
    for (const edge of [...befores, ...beyonds]) {
      for (const offset of offsets) found.push(edge - offset - shift);
    }
    // Of what is worse as soon as it shows, the last place where it does not is enough.
    for (const edge of bare.nears) found.push(edge - size + BARE - shift);
    for (const edge of bare.fars) found.push(edge - BARE - shift);
    for (const { at, radius } of holes) {
      const need = radius + HOLE_EDGE;
      for (const offset of [
        need,
        size - need,
        size,
        module,
        -radius,
        size - radius,
        radius,
        size + radius,
      ]) {
        found.push(at - offset - shift);
      }
    }
  }
  for (const before of befores) {
    for (const beyond of beyonds) {
      for (const p of shifts) {
        for (const q of shifts) {
          const equal = (before + beyond - p - q - size) / 2;
          found.push(equal, equal + module / 2);
        }
      }
    }
  }
  return found;
}

function sortedDistinct(values: number[]): number[] {
  values.sort((a, b) => a - b);
  const kept: number[] = [];
  for (const value of values) {
    if (kept.length === 0 || value - (kept[kept.length - 1] as number) > SAME) kept.push(value);
  }
  return kept;
}

/** Phases along the rows of one wall. */
export function alongPhases(bond: ModelBond, wall: ModelWall): number[] {
  return phases([alongAxis(bond, wall)]);
}

/** What phases along the rows of a wall have to answer for. */
export function alongAxis(bond: ModelBond, wall: ModelWall): Axis {
  const moving = wall.openings.filter(({ alongRange }) => alongRange);
  const spans = wall.openings.flatMap(({ x0, x1, alongRange }) => ends(x0, x1, alongRange));
  const axis = { size: bond.length, joint: bond.joint, limit: bond.slivers.along };
  const [bands, floors] = bond.standing ? [wall.bands, wall.floors] : [[], []];
  return {
    ...axis,
    shifts: bond.shifts,
    befores: [wall.alongTo, ...bands.map(({ y0 }) => y0), ...spans.map(([x0]) => x0)],
    beyonds: [wall.alongFrom, ...floors.map(({ at }) => at), ...spans.map(([, x1]) => x1)],
    bare: {
      nears: widest([[wall.alongFrom, -wall.wedge.start], ...floors.map(wedgeOf)]),
      fars: widest([[wall.alongTo, wall.wedge.end]]),
    },
    holes: wall.holes.map(({ x, radius }) => ({ at: x, radius })),
    repeats: [
      ...moving.flatMap(({ x0, x1 }) => cutsBesideMoved(axis, x1 - x0)),
      ...cutsAboveBands(axis, bands, [wall.alongTo, ...spans.flat()], bond.shifts),
    ],
  };
}

/** Phases across the rows that some wall asks for. */
export function acrossPhases(walls: ModelWall[]): number[] {
  return phases(walls.map((wall) => acrossAxis(wall.bond, wall)));
}

/**
 * What phases across the rows of a wall have to answer for. An opening that moves is met at both
 * ends of its range, and where the wall's own cuts equal one that it can have beside an edge.
 */
export function acrossAxis(bond: ModelBond, wall: ModelWall): Axis {
  const spans = wall.openings.flatMap(({ y0, y1, acrossRange }) => ends(y0, y1, acrossRange));
  const moving = wall.openings.filter(({ acrossRange }) => acrossRange);
  const axis = tileAcross(bond);
  const [bands, floors] = bond.standing ? [[], []] : [wall.bands, wall.floors];
  // Which columns stand on a leg's floor is told by its two sides.
  const legs = bond.standing ? wall.floors : [];
  return {
    ...axis,
    shifts: [0],
    befores: [wall.acrossTo, ...bands.map(({ y0 }) => y0), ...spans.map(([y0]) => y0)],
    beyonds: [wall.acrossFrom, ...floors.map(({ at }) => at), ...spans.map(([, y1]) => y1)],
    bare: {
      nears: [
        ...widest([[wall.acrossFrom, -wall.wedge.foot], ...floors.map(wedgeOf)]),
        ...legs.map(({ from }) => from),
      ],
      fars: [...widest([[wall.acrossTo, wall.wedge.head]]), ...legs.map(({ to }) => to)],
    },
    holes: wall.holes.map(({ y, radius }) => ({ at: y, radius })),
    repeats: [
      ...moving.flatMap(({ y0, y1 }) => cutsBesideMoved(axis, y1 - y0)),
      ...cutsAboveBands(axis, bands, [wall.acrossTo, ...spans.flat()], [0]),
    ],
  };
}

/** Where sides that have a wedge are widest. */
function widest(sides: [edge: number, out: number][]): number[] {
  return sides.filter(([, out]) => Math.abs(out) >= LEAST_PIECE).map(([edge, out]) => edge + out);
}

function wedgeOf({ at, wedge }: ModelFloor): [number, number] {
  return [at, -wedge];
}

/** An opening as it stands, or at both ends of the range that it moves in. */
function ends(near: number, far: number, range: Range | undefined): [number, number][] {
  if (!range) return [[near, far]];
  return [range.from, range.to].map((at) => [at, at + far - near]);
}

/** Cuts above bands, where rows stand as the band does and not as the search would have them. */
function cutsAboveBands(
  { size, joint }: MovedAxis,
  bands: ModelWall["bands"],
  edges: number[],
  shifts: number[],
): Repeat[] {
  const ends = [...edges, ...bands.map(({ y0 }) => y0)];
  return bands
    .flatMap(({ y1 }) => shifts.map((shift) => y1 + shift))
    .flatMap((start) => ends.flatMap((edge) => bothSides(edge - start, size)))
    .map((base) => ({ base, every: size + joint }));
}

/** What is cut of a tile before and beyond an edge that lies so far into the rows. */
function bothSides(into: number, size: number): number[] {
  return [into, size - into];
}

type MovedAxis = Pick<Axis, "size" | "joint" | "limit">;

function tileAcross({ depth, joint, slivers }: ModelBond): MovedAxis {
  return { size: depth, joint, limit: slivers.across };
}

/** Cuts beside a moving opening when its other edge is at a limit, or when both are equal. */
function cutsBesideMoved({ size, joint, limit }: MovedAxis, opening: number): Repeat[] {
  const every = size + joint;
  // Before and beyond an opening add up to this, modulo a step.
  const sum = size - opening;
  const limits = [0, limit, WEAK_TONGUE, size / 2, ...AT_LEAST];
  const ends = [...limits, ...limits.map((end) => size - end)];
  return [...ends.map((end) => ({ base: sum - end, every })), { base: sum / 2, every: every / 2 }];
}

/**
 * Places across the rows that the openings which move so may take together, told by the near edge
 * of the first of them.
 */
export function placesAcross(bond: ModelBond, wall: ModelWall, phases: Phases): number[] {
  const segments = segmentsOf(bond, wall, phases);
  const stretches = segments.map((segment): Stretch => {
    const { acrossFrom, acrossTo } = segment.wall;
    return { start: segment.across, near: acrossFrom, far: acrossTo };
  });
  const spans = wall.openings.flatMap(({ y0, y1, acrossRange: range }) =>
    range ? [{ near: y0, far: y1, range }] : [],
  );
  return togetherPlaces(tileAcross(bond), stretches, spans);
}

/** The same along the rows, where every shift of a row counts. */
export function placesAlong(bond: ModelBond, wall: ModelWall, phases: Phases): number[] {
  const axis = { size: bond.length, joint: bond.joint, limit: bond.slivers.along };
  const stretches = segmentsOf(bond, wall, phases).flatMap((segment) =>
    bond.shifts.map((shift): Stretch => {
      const { alongFrom, alongTo } = segment.wall;
      return { start: segment.along + shift, near: alongFrom, far: alongTo };
    }),
  );
  const spans = wall.openings.flatMap(({ x0, x1, alongRange: range }) =>
    range ? [{ near: x0, far: x1, range }] : [],
  );
  return togetherPlaces(axis, stretches, spans);
}

interface MovedSpan {
  near: number;
  far: number;
  range: Range;
}

/** Places of each opening, told by the first of them: all move by the same. */
function togetherPlaces(axis: MovedAxis, stretches: Stretch[], spans: MovedSpan[]): number[] {
  const [first] = spans;
  if (!first) return [];
  return sortedDistinct(
    spans.flatMap(({ near, far, range }) =>
      movedPlaces(axis, stretches, far - near, range, near).map((at) => at - near + first.near),
    ),
  );
}

/** Rows that an opening moves over: where one starts, and the two ends of its field. */
interface Stretch {
  start: number;
  near: number;
  far: number;
}

/** Places of an opening at which a cut beside it reaches a limit, the wall's own cuts or its other. */
function movedPlaces(
  { size, joint, limit }: MovedAxis,
  stretches: Stretch[],
  opening: number,
  { from, to }: Range,
  now: number,
): number[] {
  const step = size + joint;
  const starts = stretches.map(({ start }) => start);
  const wallCuts = stretches
    .flatMap(({ start, near, far }) => [mod(far - start, step), size - mod(near - start, step)])
    .filter((cut) => cut > 0 && cut < size);
  const limits = [0, limit, WEAK_TONGUE, size / 2, ...AT_LEAST, ...wallCuts];
  const offsets = [...limits, ...limits.map((each) => size - each)];
  const places = starts.flatMap((start) => [
    ...offsets.map((offset) => start + offset),
    ...offsets.map((offset) => start + offset - opening),
    // Before and beyond equal, in one row or in two.
    ...starts.flatMap((other) => [
      (start + other + size - opening) / 2,
      (start + other + size - opening + step) / 2,
    ]),
  ]);
  const inRange = places.flatMap((place) => {
    const first = from + mod(place - from, step);
    const count = Math.max(0, Math.floor((to - first) / step) + 1);
    return Array.from({ length: count }, (_, k) => first + k * step);
  });
  // So near to an end of the field nothing is left beside it, or what is left is weak.
  const atEnds = stretches
    .flatMap(({ near, far }) =>
      [...AT_LEAST, WEAK_TONGUE].flatMap((room) => [near + room, far - room - opening]),
    )
    .filter((place) => place >= from && place <= to);
  return sortedDistinct([...inRange, ...atEnds, from, to, Math.min(Math.max(now, from), to)]);
}
