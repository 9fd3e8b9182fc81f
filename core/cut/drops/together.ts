import { SAME_MM } from "../../limits.ts";
import {
  ALL_SIDES,
  type Blank,
  lies,
  notchRests,
  placesAlone,
  type Rest,
  Side,
  type Stock,
} from "./blank.ts";

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
