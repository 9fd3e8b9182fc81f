import { SAME_MM } from "../../limits.ts";
import {
  ALL_SIDES,
  type Blank,
  FULL,
  lies,
  notchRests,
  type Placement,
  placesAlone,
  type Rest,
  Side,
  type Stock,
} from "./blank.ts";
import { pairFits } from "./together.ts";

/**
 * Cuts all blanks from one tile with straight cuts that run through, and from what is cut out of an
 * L or a U, or gives undefined when they do not fit. Every cut takes its kerf; a blank's factory
 * sides lie on the tile's own edges, after half a turn where the tile may turn.
 */
export function fitBlanks(blanks: Blank[], stock: Stock): Placement[] | undefined {
  const { width, height } = stock;
  return fitInto(blanks, { x: 0, y: 0, width, height, sides: ALL_SIDES }, stock);
}

function fitInto(blanks: Blank[], rest: Rest, stock: Stock): Placement[] | undefined {
  const [first, ...others] = blanks;
  if (!first) return [];
  if (others.length === 0) {
    const [placed] = placesAlone(first, rest, stock);
    return placed && [placed];
  }
  if (isTooMuch(blanks, rest) || !pairsFit(blanks, rest, stock)) return undefined;
  const cuts = cutsThrough(blanks, rest, stock);
  const all = 2 ** blanks.length - 1;
  // Every way to part the blanks in two, each part on either side of a cut.
  for (let part = 1; part < all; part++) {
    for (const cut of cuts) {
      if ((part & ~cut.near) !== 0 || (all & ~part & ~cut.far) !== 0) continue;
      const near = blanks.filter((_, k) => part & (1 << k));
      const far = blanks.filter((_, k) => !(part & (1 << k)));
      const found = cutAcross(near, far, rest, stock, cut.axis);
      if (found) return inOrder(blanks.length, part, found);
    }
  }
  return fitIntoNotch(blanks, rest, stock);
}

/** A cut right through, and which of the blanks (bits of their places) can lie on either side. */
interface Cut {
  /** The size of the rest that is parted. */
  axis: "width" | "height";
  near: number;
  far: number;
}

/** The ways to cut right through where the blanks lie beside each other: most have none. */
function cutsThrough(blanks: Blank[], rest: Rest, stock: Stock): Cut[] {
  const cuts: Cut[] = [];
  for (const axis of AXES) {
    const other = axis === "width" ? "height" : "width";
    if (largestOf(blanks, other) > rest[other] + SAME_MM) continue;
    const [first, last] = ENDS[axis];
    const cut = { axis, near: 0, far: 0 };
    for (const [k, blank] of blanks.entries()) {
      if (lies(blank, rest.sides & ~last, stock.turns)) cut.near |= 1 << k;
      if (lies(blank, rest.sides & ~first, stock.turns)) cut.far |= 1 << k;
    }
    cuts.push(cut);
  }
  return cuts;
}

const AXES = ["width", "height"] as const;

/** The sides at either end of a size. */
const ENDS = { width: [Side.left, Side.right], height: [Side.bottom, Side.top] } as const;

function largestOf(blanks: Blank[], axis: "width" | "height"): number {
  let largest = 0;
  for (const blank of blanks) largest = Math.max(largest, blank[axis]);
  return largest;
}

/** Whether blanks take more than a part of a tile by area alone; a notch can take others in. */
function isTooMuch(blanks: Blank[], { width, height }: Rest): boolean {
  let left = (width + FULL) * (height + FULL);
  for (const blank of blanks) {
    const { notch } = blank;
    left -= blank.width * blank.height - (notch ? notch.width * notch.height : 0);
  }
  return left < 0;
}

/** One blank takes the whole part of the tile, the others come from what is cut out of it. */
function fitIntoNotch(blanks: Blank[], rest: Rest, stock: Stock): Placement[] | undefined {
  for (const [k, host] of blanks.entries()) {
    const others = blanks.filter((_, other) => other !== k);
    for (const { place, left } of notchRests(host, rest, stock)) {
      const placed = fitInto(others, left, stock);
      if (placed) return [...placed.slice(0, k), place, ...placed.slice(k)];
    }
  }
  return undefined;
}

/** Whether the blanks fit two by two; for two of them that is the whole answer. */
function pairsFit(blanks: Blank[], rest: Rest, stock: Stock): boolean {
  for (let q = 1; q < blanks.length; q++) {
    for (let p = 0; p < q; p++) {
      if (!pairFits(blanks[p] as Blank, blanks[q] as Blank, rest, stock)) return false;
    }
  }
  return true;
}

/** Puts the placements of the two parts back into the blanks' own order. */
function inOrder(
  count: number,
  part: number,
  [near, far]: [Placement[], Placement[]],
): Placement[] {
  let [p, q] = [0, 0];
  return Array.from({ length: count }, (_, k) =>
    part & (1 << k) ? (near[p++] as Placement) : (far[q++] as Placement),
  );
}

/** Blanks on either side of a cut that parts a size of the rest, the near part as small as can be. */
function cutAcross(
  near: Blank[],
  far: Blank[],
  rest: Rest,
  stock: Stock,
  axis: "width" | "height",
): [Placement[], Placement[]] | undefined {
  const [least, leastBeyond] = [largestOf(near, axis), largestOf(far, axis)];
  for (const size of reaches(near, axis, stock.kerf)) {
    if (least > size + SAME_MM) continue;
    const beyond = rest[axis] - size - stock.kerf;
    if (beyond <= 0 || leastBeyond > beyond + SAME_MM) return undefined;
    const [first, second] = partsOf(rest, axis, size, beyond);
    const nearPlaced = fitInto(near, first, stock);
    // A wider part would fit the near blanks later; the far ones only lose by it.
    if (!nearPlaced) continue;
    const farPlaced = fitInto(far, second, stock);
    return farPlaced && [nearPlaced, farPlaced];
  }
  return undefined;
}

function partsOf(rest: Rest, axis: "width" | "height", size: number, beyond: number): [Rest, Rest] {
  return axis === "width"
    ? [
        { ...rest, width: size, sides: rest.sides & ~Side.right },
        { ...rest, x: rest.x + rest.width - beyond, width: beyond, sides: rest.sides & ~Side.left },
      ]
    : [
        { ...rest, height: size, sides: rest.sides & ~Side.top },
        {
          ...rest,
          y: rest.y + rest.height - beyond,
          height: beyond,
          sides: rest.sides & ~Side.bottom,
        },
      ];
}

/** Sizes that a part with these blanks can have: sums of theirs with the kerf between, ascending. */
function reaches(blanks: Blank[], axis: "width" | "height", kerf: number): number[] {
  if (blanks.length === 1) return [blanks[0]?.[axis] ?? 0];
  const sums = new Set<number>([0]);
  for (const blank of blanks) {
    for (const sum of [...sums]) sums.add(sum === 0 ? blank[axis] : sum + kerf + blank[axis]);
  }
  sums.delete(0);
  return [...sums].sort((p, q) => p - q);
}
