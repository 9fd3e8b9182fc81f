import { SAME_MM } from "../../limits.ts";
/** Sides of a rectangle as bits, so that sets of them are compared at once. */
export const Side = { left: 1, right: 2, bottom: 4, top: 8 } as const;

/** All four sides of a whole tile come from the factory. */
export const ALL_SIDES = 15;

/** What a cut piece asks of the tile that it is cut from; in the tile's own frame, mm. */
export interface Blank {
  width: number;
  height: number;
  /** Sides of the piece that show and must be factory edges: bits of `Side`. */
  sides: number;
  /** What is cut out of an L or a U, from the blank's lower left corner: pieces may come from it. */
  notch?: Notch | undefined;
}

/** A rectangle that is cut out of a piece, its kerf taken off, mm. */
export interface Notch {
  x: number;
  y: number;
  width: number;
  height: number;
  /** Sides at which it opens: bits of `Side`. */
  open: number;
}

/** A tile to cut blanks from, and how it is cut. */
export interface Stock {
  width: number;
  height: number;
  kerf: number;
  /** Tiles without direction may be turned by half a turn. */
  turns: boolean;
}

/** Where a blank lies in the tile that it is cut from, mm from the tile's lower left corner. */
export interface Placement {
  x: number;
  y: number;
  turned: boolean;
}

interface Rest {
  x: number;
  y: number;
  width: number;
  height: number;
  /** Sides of this part of the tile that are still the factory's. */
  sides: number;
}

/** A piece within this of the tile's own size takes all of it, mm. */
const FULL = 0.5;

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

/** What a blank with a notch leaves in it, for each way that it can lie in a part of a tile. */
function notchRests(host: Blank, rest: Rest, stock: Stock): { place: Placement; left: Rest }[] {
  const { notch } = host;
  if (!notch) return [];
  return placesAlone(host, rest, stock).map((place) => {
    const { open, ...box } = placedNotch(host, notch, place);
    return { place, left: { ...box, sides: open & rest.sides & flushSides(host, rest, place) } };
  });
}

/** The notch of a blank that has been placed, in the tile that it is cut from. */
function placedNotch({ width, height }: Blank, notch: Notch, place: Placement): Notch {
  const { x, y, open } = notch;
  return place.turned
    ? {
        ...notch,
        x: place.x + width - x - notch.width,
        y: place.y + height - y - notch.height,
        open: halfTurn(open),
      }
    : { ...notch, x: place.x + x, y: place.y + y };
}

/** Sides at which a placed blank reaches the end of its part of the tile. */
function flushSides({ width, height }: Blank, rest: Rest, { x, y }: Placement): number {
  return (
    (x < rest.x + FULL ? Side.left : 0) |
    (x + width > rest.x + rest.width - FULL ? Side.right : 0) |
    (y < rest.y + FULL ? Side.bottom : 0) |
    (y + height > rest.y + rest.height - FULL ? Side.top : 0)
  );
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

/** Whether two blanks come from a part of a tile: quick, since most answers are no. */
export function pairFits(
  p: Blank,
  q: Blank,
  rest: Pick<Rest, "width" | "height" | "sides">,
  stock: Stock,
): boolean {
  const { kerf, turns } = stock;
  const [w, h] = [rest.width + SAME_MM, rest.height + SAME_MM];
  if (p.width + q.width + kerf <= w && p.height <= h && q.height <= h) {
    const [near, far] = [rest.sides & ~Side.right, rest.sides & ~Side.left];
    if (lies(p, near, turns) && lies(q, far, turns)) return true;
    if (lies(q, near, turns) && lies(p, far, turns)) return true;
  }
  if (p.height + q.height + kerf <= h && p.width <= w && q.width <= w) {
    const [near, far] = [rest.sides & ~Side.top, rest.sides & ~Side.bottom];
    if (lies(p, near, turns) && lies(q, far, turns)) return true;
    if (lies(q, near, turns) && lies(p, far, turns)) return true;
  }
  if (!p.notch && !q.notch) return false;
  return takesIn(p, [q], rest, stock) || takesIn(q, [p], rest, stock);
}

/** Whether one or two blanks come from what is cut out of another. */
function takesIn(
  host: Blank,
  [p, q]: Blank[],
  rest: Pick<Rest, "width" | "height" | "sides">,
  stock: Stock,
): boolean {
  if (!host.notch || !p) return false;
  return notchRests(host, { x: 0, y: 0, ...rest }, stock).some(({ left }) =>
    q ? pairFits(p, q, left, stock) : placesAlone(p, left, stock).length > 0,
  );
}

/**
 * Whether three blanks come from a whole tile: the first cut parts one from the other two, or two
 * come from the notch of the third.
 */
export function threeFit(three: readonly [Blank, Blank, Blank], stock: Stock): boolean {
  const [first, second, third] = three;
  return (
    oneOff(first, second, third, stock) ||
    oneOff(second, third, first, stock) ||
    oneOff(third, first, second, stock)
  );
}

/** Whether a first cut, or a notch, parts one blank from two others that fit on the other side. */
function oneOff(one: Blank, p: Blank, q: Blank, stock: Stock): boolean {
  const { width, height, kerf } = stock;
  if (one.notch && takesIn(one, [p, q], { ...stock, sides: ALL_SIDES }, stock)) return true;
  const [beside, above] = [width - one.width - kerf, height - one.height - kerf];
  return (
    (beside > 0 &&
      p.width <= beside + SAME_MM &&
      q.width <= beside + SAME_MM &&
      beyondCut(one, p, q, { width: beside, height, sides: 0 }, Side.left, Side.right, stock)) ||
    (above > 0 &&
      p.height <= above + SAME_MM &&
      q.height <= above + SAME_MM &&
      beyondCut(one, p, q, { width, height: above, sides: 0 }, Side.bottom, Side.top, stock))
  );
}

/** Whether a blank lies on one side of a cut, whichever, and two others in what is beyond it. */
function beyondCut(
  one: Blank,
  p: Blank,
  q: Blank,
  beyond: Pick<Rest, "width" | "height" | "sides">,
  near: number,
  far: number,
  stock: Stock,
): boolean {
  if (lies(one, ALL_SIDES & ~far, stock.turns)) {
    beyond.sides = ALL_SIDES & ~near;
    if (pairFits(p, q, beyond, stock)) return true;
  }
  if (!lies(one, ALL_SIDES & ~near, stock.turns)) return false;
  beyond.sides = ALL_SIDES & ~far;
  return pairFits(p, q, beyond, stock);
}

/** Whether a blank's factory sides are among those given, after half a turn where it may turn. */
function lies({ sides }: Blank, given: number, turns: boolean): boolean {
  return (sides & ~given) === 0 || (turns && (halfTurn(sides) & ~given) === 0);
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

/** The ways that a blank can lie in a part of a tile by itself: as it is, and after half a turn. */
function placesAlone({ width, height, sides }: Blank, rest: Rest, { turns }: Stock): Placement[] {
  if (width > rest.width + SAME_MM || height > rest.height + SAME_MM) return [];
  return (turns ? [false, true] : [false]).flatMap((turned) => {
    const wanted = turned ? halfTurn(sides) : sides;
    if ((wanted & ~rest.sides) !== 0) return [];
    if (spans(wanted, Side.left | Side.right) && width < rest.width - FULL) return [];
    if (spans(wanted, Side.bottom | Side.top) && height < rest.height - FULL) return [];
    const x = wanted & Side.right ? rest.x + rest.width - width : rest.x;
    const y = wanted & Side.top ? rest.y + rest.height - height : rest.y;
    return [{ x, y, turned }];
  });
}

function spans(sides: number, both: number): boolean {
  return (sides & both) === both;
}

/** Sides after half a turn: left is right, bottom is top. */
export function halfTurn(sides: number): number {
  const across = ((sides & Side.left) << 1) | ((sides & Side.right) >> 1);
  const up = ((sides & Side.bottom) << 1) | ((sides & Side.top) >> 1);
  return across | up;
}
