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

/** A part of a tile that blanks are cut from. */
export interface Rest {
  x: number;
  y: number;
  width: number;
  height: number;
  /** Sides of this part of the tile that are still the factory's. */
  sides: number;
}

/** A piece within this of the tile's own size takes all of it, mm. */
export const FULL = 0.5;

/** What a blank with a notch leaves in it, for each way that it can lie in a part of a tile. */
export function notchRests(
  host: Blank,
  rest: Rest,
  stock: Stock,
): { place: Placement; left: Rest }[] {
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

/** Whether a blank's factory sides are among those given, after half a turn where it may turn. */
export function lies({ sides }: Blank, given: number, turns: boolean): boolean {
  return (sides & ~given) === 0 || (turns && (halfTurn(sides) & ~given) === 0);
}

/** The ways that a blank can lie in a part of a tile by itself: as it is, and after half a turn. */
export function placesAlone(
  { width, height, sides }: Blank,
  rest: Rest,
  { turns }: Stock,
): Placement[] {
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
