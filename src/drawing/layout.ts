import type { FlagSide } from "../../core/cut/sides.ts";
import { boxOf } from "../../core/geometry/polygon.ts";
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
}

/** The whole unfolded surround on the screen. */
export interface SurroundFrame {
  scale: number;
  walls: WallFrame[];
  width: number;
  height: number;
  /** Screen height of the flags at the sides: clear of the level lines, the same for all walls. */
  flagY: number;
  /** How high a flag is, px: on touch as high as a finger needs. */
  flagHeight: number;
}

/** Room around and between the walls, px: cut flags stand there, clear of the joints. */
export interface Margins {
  left: number;
  right: number;
  top: number;
  bottom: number;
  between: number;
  flag: number;
}

/** Heights of a flag for a pointer and for a finger, px. */
const [FLAG, TOUCH_FLAG] = [26, 44];

export const WIDE_MARGINS: Margins = {
  left: 160,
  right: 90,
  top: 74,
  bottom: 84,
  between: 81,
  flag: FLAG,
};
/** Without the pole and the cut flags the walls can be larger. */
export const BARE_MARGINS: Margins = {
  left: 40,
  right: 88,
  top: 86,
  bottom: 56,
  between: 44,
  flag: FLAG,
};
export const PHONE_BARE_MARGINS: Margins = {
  left: 18,
  right: 74,
  top: 24,
  bottom: 50,
  between: 0,
  flag: TOUCH_FLAG,
};
export const PHONE_MARGINS: Margins = {
  left: 104,
  right: 80,
  top: 58,
  bottom: 102,
  between: 0,
  flag: TOUCH_FLAG,
};

/** Above a sheet: what the flags say stands beside the wall. */
export const TIGHT_MARGINS: Margins = {
  left: 104,
  right: 84,
  top: 8,
  bottom: 12,
  between: 0,
  flag: TOUCH_FLAG,
};

/** A wall that is drawn narrower than this cannot be set from, px. */
const LEAST_WALL = 80;

/** Whether so many walls have room beside each other in a drawing of this width. */
export function haveRoom(walls: number, width: number, margins: Margins): boolean {
  const { left, right, between } = margins;
  return width >= left + right + walls * LEAST_WALL + (walls - 1) * between;
}

/** Lays the walls side by side into a screen area, all at one scale, standing on one level. */
export function frameSurround(
  plan: Plan,
  area: { width: number; height: number },
  margins: Margins,
  only?: string,
): SurroundFrame {
  const walls = plan.walls.filter(({ id }) => only === undefined || id === only);
  const boxes = walls.map((wall) => boxOf(wall.region.length > 0 ? wall.region : wall.boundary));
  const widthMm = boxes.reduce((sum, box) => sum + spanOf(box.minX, box.maxX), 0);
  const lowest = Math.min(...boxes.map(({ minY }) => (Number.isFinite(minY) ? minY : 0)), 0);
  const highest = Math.max(...boxes.map(({ maxY }) => (Number.isFinite(maxY) ? maxY : 100)));
  const gaps = margins.between * Math.max(0, walls.length - 1);
  const roomX = Math.max(60, area.width - margins.left - margins.right - gaps);
  const roomY = Math.max(60, area.height - margins.top - margins.bottom);
  const scale = Math.min(roomX / Math.max(1, widthMm), roomY / Math.max(1, highest - lowest));
  const slack = Math.max(0, roomX - widthMm * scale) / 2;
  const slackY = Math.max(0, roomY - (highest - lowest) * scale) / 2;
  const y = margins.top + slackY + highest * scale;
  let at = margins.left + slack;
  const frames = walls.map((wall, k): WallFrame => {
    const { minX, maxX, minY, maxY } = boxes[k] ?? boxOf();
    const left = at;
    const right = at + spanOf(minX, maxX) * scale;
    at = right + margins.between;
    const x = left - (Number.isFinite(minX) ? minX : 0) * scale;
    return {
      id: wall.id,
      x,
      y,
      scale,
      left,
      right,
      top: y - maxY * scale,
      bottom: y - minY * scale,
    };
  });
  return {
    scale,
    walls: frames,
    width: area.width,
    height: area.height,
    flagY: sideFlagHeight(plan, frames, margins.flag),
    flagHeight: margins.flag,
  };
}

/** As `.cut-flag` has it, px. */
export const FLAG_WIDTH = 68;
const GAP = 5;
/** Between the base and the flag under it, px. */
const BASE_GAP = 17;

/** How far below a wall what stands under its lowest flag begins, px. */
export function belowFlags({ flagHeight }: Pick<SurroundFrame, "flagHeight">): number {
  return BASE_GAP + flagHeight + GAP;
}

/**
 * Upper left corner of a flag on the screen, px. Right flags stand above the middle and left ones
 * below it, so that neighbours do not meet.
 */
export function flagPlace(
  side: FlagSide,
  { left, right, top, bottom }: WallFrame,
  { flagY, flagHeight }: SurroundFrame,
): [number, number] {
  const middleX = (left + right - FLAG_WIDTH) / 2;
  switch (side) {
    case "left":
      return [left - FLAG_WIDTH - GAP, flagY + 3];
    case "right":
      return [right + GAP, flagY - flagHeight - 3];
    case "top":
      return [middleX, top - flagHeight - GAP];
    case "bottom":
      return [middleX, bottom + BASE_GAP];
    default:
      return side satisfies never;
  }
}

/** Flags nearer than their height and this to a level line would hide it or its label, px. */
const LABEL_ROOM = 34;

/** Shares of the shortest wall's height at which the side flags may stand, best first. */
const FLAG_PLACES = [0.5, 0.62, 0.38, 0.72, 0.28, 0.82];

function sideFlagHeight(plan: Plan, [first, ...others]: WallFrame[], flag: number): number {
  if (!first) return 0;
  const top = others.reduce((lowest, frame) => Math.max(lowest, frame.top), first.top);
  const places = FLAG_PLACES.map((share) => first.y + share * (top - first.y));
  const lines = [plan.levelY, plan.first.y].map((mm) => first.y - mm * first.scale);
  const clear = places.find((place) =>
    lines.every((line) => Math.abs(line - place) > LABEL_ROOM + flag),
  );
  return clear ?? places[0] ?? 0;
}

function spanOf(from: number, to: number): number {
  return Number.isFinite(to - from) ? to - from : 100;
}
