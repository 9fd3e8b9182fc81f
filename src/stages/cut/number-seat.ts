/** How a piece's number stands in it. */
export interface NumberSeat {
  /** px. */
  size: number;
  /** It reads upward, in a piece too narrow for it. */
  turned: boolean;
}

/** The number of a piece, upright or turned, must have this much room along it and across, px. */
const ROOM = { along: 17, across: 12 };

/** Turned in a narrow strip it may be smaller, down to this. */
const NARROWEST = 9;

/** How the number of a piece so wide and high, px, stands in it; undefined when it has no room. */
export function numberSeat(width: number, height: number): NumberSeat | undefined {
  if (width >= ROOM.along && height >= ROOM.across) return { size: 12, turned: false };
  if (height < ROOM.along || width < NARROWEST) return undefined;
  return { size: width >= ROOM.across ? 12 : 10, turned: true };
}
