import type { FlagSide } from "../../core/cut/sides.ts";
import { type Box, boxOf } from "../../core/geometry/polygon.ts";
import type { Plan } from "../../core/plan.ts";

/** Where one wall lies on the screen: px = x + mm × scale, py = baseY − mm × scale. */
export interface WallFrame {
  id: string;
  /** Screen x of the wall's x = 0. */
  x: number;
  /** Screen y of the plan's y = 0. */
  y: number;
  scale: number;
  /** Screen extents of the wall's region. */
  left: number;
  right: number;
  top: number;
  bottom: number;
  /** Where what stands over it begins: the same for all walls that are about as high. */
  head: number;
}

/** The whole unfolded surround on the screen. */
export interface SurroundFrame {
  scale: number;
  walls: WallFrame[];
  width: number;
  height: number;
  /** How high a flag is, px: on touch as high as a finger needs. */
  flagHeight: number;
  /** Rows of flags above the walls: the top's has one of its own where three have no room abreast. */
  flagRows: 1 | 2;
  /** How many px a rem of 16 is: text and the room for it follow the browser's text size. */
  rem: number;
}

/** Room around and between the walls at a rem of 16 px: cut flags stand there, clear of the joints. */
export interface Margins {
  left: number;
  right: number;
  /** Above the flags. */
  top: number;
  bottom: number;
  between: number;
  /** How high a flag is; 0 where there are none. */
  flag: number;
  /** The least room that a wall has for itself, with the flags over it. */
  slot: number;
}

/** Heights of a flag for a pointer and for a finger, px. */
const [FLAG, TOUCH_FLAG] = [28, 44];

/** As `.cut-flag` has it, px. */
const FLAG_WIDTH = 70;
const GAP = 4;
/** Between the base and the flag under it, px. */
const BASE_GAP = 16;
/** Two flags beside each other over a wall. */
const PAIR = 2 * FLAG_WIDTH + GAP;

export const WIDE_MARGINS: Margins = {
  left: 108,
  right: 92,
  top: 34,
  bottom: 88,
  between: 22,
  flag: FLAG,
  slot: PAIR,
};
/** Without the pole and the cut flags the walls can be larger. */
export const BARE_MARGINS: Margins = {
  left: 28,
  right: 88,
  top: 48,
  bottom: 48,
  between: 30,
  flag: 0,
  slot: 80,
};
export const PHONE_BARE_MARGINS: Margins = {
  left: 18,
  right: 80,
  top: 24,
  bottom: 50,
  between: 0,
  flag: 0,
  slot: 80,
};
export const PHONE_MARGINS: Margins = {
  left: 36,
  right: 88,
  top: 6,
  bottom: 112,
  between: 0,
  flag: TOUCH_FLAG,
  slot: PAIR,
};

/** Above a sheet: what the flags say stands beside the wall. */
export const TIGHT_MARGINS: Margins = {
  left: 104,
  right: 90,
  top: 8,
  bottom: 12,
  between: 0,
  flag: 0,
  slot: 80,
};

/** Whether so many walls have room beside each other in a drawing of this width. */
export function haveRoom(walls: number, width: number, margins: Margins, rem = 1): boolean {
  const { left, right, between, slot } = margins;
  return width >= rem * (left + right + walls * slot + (walls - 1) * between);
}

/** The scale at which walls fill a width when none has less room than its slot; all widths in mm. */
function scaleAcross(widths: number[], room: number, slot: number): number {
  let wide = widths;
  for (;;) {
    const left = room - (widths.length - wide.length) * slot;
    const scale = left / wide.reduce((sum, width) => sum + width, 0);
    const still = wide.filter((width) => width * scale >= slot);
    if (still.length === wide.length) return scale;
    // None is wide enough: they stand as wide as their slots, the widest of them.
    if (still.length === 0) return slot / Math.max(...widths);
    wide = still;
  }
}

/** Tops of walls that are less than this apart have their names and flags on one line, px. */
const ABOUT_AS_HIGH = 16;

/** Lays the walls side by side into a screen area, all at one scale, standing on one level. */
export function frameSurround(
  plan: Plan,
  area: { width: number; height: number },
  margins: Margins,
  { only, rem = 1 }: { only?: string | undefined; rem?: number } = {},
): SurroundFrame {
  const walls = plan.walls.filter(({ id }) => only === undefined || id === only);
  const boxes = walls.map((wall) => boxOf(wall.region.length > 0 ? wall.region : wall.boundary));
  const widths = boxes.map((box) => Math.max(1, spanOf(box.minX, box.maxX)));
  const lowest = Math.min(...boxes.map(({ minY }) => (Number.isFinite(minY) ? minY : 0)), 0);
  const highest = Math.max(...boxes.map(({ maxY }) => (Number.isFinite(maxY) ? maxY : 100)));
  const rise = Math.max(1, highest - lowest);
  const { left, right, top, bottom, between, flag, slot } = margins;
  const gaps = between * Math.max(0, walls.length - 1);
  const roomX = Math.max(60, area.width - rem * (left + right + gaps));
  const row = flag === 0 ? 0 : flag + GAP;
  const scaleWith = (rows: number) => {
    const roomY = Math.max(60, area.height - rem * (top + bottom + rows * row));
    return Math.min(scaleAcross(widths, roomX, rem * slot), roomY / rise);
  };
  const abreast = rem * (PAIR + FLAG_WIDTH + GAP);
  const flagRows = widths.every((width) => width * scaleWith(2) >= abreast) ? 1 : 2;
  const scale = scaleWith(flagRows);
  const slots = widths.map((width) => Math.max(width * scale, rem * slot));
  const slack = Math.max(0, roomX - slots.reduce((sum, each) => sum + each, 0)) / 2;
  const above = rem * (top + flagRows * row);
  const slackY = Math.max(0, area.height - above - rem * bottom - rise * scale) / 2;
  const y = above + slackY + highest * scale;
  let at = rem * left + slack;
  const frames = walls.map((wall, k): WallFrame => {
    const { minX, minY, maxY } = boxes[k] ?? boxOf();
    const [width = 1, room = 1] = [widths[k], slots[k]];
    const from = at + (room - width * scale) / 2;
    at += room + rem * between;
    return {
      id: wall.id,
      x: from - (Number.isFinite(minX) ? minX : 0) * scale,
      y,
      scale,
      left: from,
      right: from + width * scale,
      top: y - maxY * scale,
      bottom: y - minY * scale,
      head: 0,
    };
  });
  const highestTop = Math.min(...frames.map((frame) => frame.top));
  for (const frame of frames) {
    frame.head = frame.top - highestTop < ABOUT_AS_HIGH ? highestTop : frame.top;
  }
  const flagHeight = rem * flag;
  return { scale, walls: frames, ...area, flagHeight, flagRows, rem };
}

/** How far below a wall what stands under its lowest flag begins, px. */
export function belowFlags({ flagHeight, rem }: SurroundFrame): number {
  return flagHeight + rem * (BASE_GAP + GAP);
}

/** How far above a wall what stands over its flags ends, px. */
export function aboveFlags({ flagHeight, flagRows, rem }: SurroundFrame): number {
  return flagRows * (flagHeight + rem * GAP) + rem * GAP;
}

/**
 * Where a flag stands on the screen, px: those of the sides over the corners, that of the top between
 * or above them, that of the bottom under the base.
 */
export function flagPlace(side: FlagSide, frame: WallFrame, surround: SurroundFrame): Box {
  const { flagHeight: height, flagRows, rem } = surround;
  const width = rem * FLAG_WIDTH;
  const middle = (frame.left + frame.right) / 2;
  // Over a wall that is narrower than they are, they share what room there is.
  const half = Math.max((frame.right - frame.left) / 2, (rem * PAIR) / 2);
  const row = frame.head - height - rem * GAP;
  const at = (minX: number, minY: number): Box => ({
    minX,
    minY,
    maxX: minX + width,
    maxY: minY + height,
  });
  switch (side) {
    case "left":
      return at(middle - half, row);
    case "right":
      return at(middle + half - width, row);
    case "top":
      return at(middle - width / 2, flagRows === 1 ? row : row - height - rem * GAP);
    case "bottom":
      return at(middle - width / 2, frame.bottom + rem * BASE_GAP);
    default:
      return side satisfies never;
  }
}

function spanOf(from: number, to: number): number {
  return Number.isFinite(to - from) ? to - from : 100;
}
