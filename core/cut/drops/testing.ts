import fc from "fast-check";
import type { Blank } from "./blank.ts";
import { Side } from "./blank.ts";

const { left, right, bottom, top } = Side;

/** A kerf that the notches of `notched` have taken off, mm. */
export const NOTCH_KERF = 3;

/** For tests: the same blank with a rectangle cut out of one of its corners, or of its top. */
export function notched(blank: Blank, width: number, height: number, open: number): Blank {
  const [w, h] = [width - NOTCH_KERF, height - NOTCH_KERF];
  const x = open & left ? 0 : blank.width - w;
  const y = open & bottom ? 0 : blank.height - h;
  const isU = (open & (left | right)) === 0;
  const notch = isU
    ? { x: (blank.width - width) / 2 + NOTCH_KERF, y, width: w - NOTCH_KERF, height: h, open }
    : { x, y, width: w, height: h, open };
  return { ...blank, notch };
}

/** For tests: some of the blanks as an L or a U, with a cut-out of half their size or more. */
export function withNotches(blank: fc.Arbitrary<Blank>): fc.Arbitrary<Blank> {
  return fc
    .tuple(
      blank,
      fc.constantFrom(0, left | top, right | top, left | bottom, right | bottom, top),
      fc.integer({ min: 50, max: 90 }),
    )
    .map(([one, open, share]) => {
      const [width, height] = [(one.width * share) / 100, (one.height * share) / 100];
      // A notch opens where the piece keeps a side, and is wide enough to be kept.
      return open === 0 || Math.min(width, height) < 40 ? one : notched(one, width, height, open);
    });
}
