import type { LaidArea } from "../cut/laid-area.ts";
import { areaTile, wholeTile } from "../cut/laid-area.ts";
import type { CutPiece } from "../cut/pieces.ts";
import { isSnapped, longestCut, lostBy } from "../cut/tools.ts";
import { longestSide, tileOf } from "../project/defaults.ts";
import type { Job, LaidTile } from "../project/job.ts";
import { isMosaic } from "../project/trowel.ts";
import type { PatternCell } from "../set-out/pattern.ts";
import type { SetWall } from "./set-wall.ts";
import { sheetAt, sheetKey } from "./sheet-of-chip.ts";

/** How much is set in an hour, m², by the tile's longest side, mm. Trade practice. */
const MOSAIC_RATE = 1.5;
const RATES: { upTo: number; perHour: number }[] = [
  { upTo: 102, perHour: 0.8 },
  { upTo: 204, perHour: 1 },
  { upTo: 408, perHour: 1.5 },
  { upTo: Infinity, perHour: 2 },
];

/** Nobody sets more tiles, or sheets, in an hour. Trade practice. */
const MOST_AN_HOUR = 90;

/** Minutes that a cut takes by its kind, and a sheet with cut chips. Trade practice. */
const SNAPPED = 1.5;
const SAWN = 3;
const SHAPED = 8;
const INVOLVED = 12;
const SHEET = 8;

/** Minutes more for a piece at a mitred or woven corner. Trade practice. */
const AT_MITRE = 3;

type RateJob = Pick<Job, "field" | "settings" | "tiles">;

/**
 * How much of a tile is set in an hour, m²: the job's own pace for its field's tile, else the
 * trade's by size; never over 90 tiles or sheets.
 */
export function rateM2(job: RateJob, tile: LaidTile, eachM2: number): number {
  const own = tile.id === job.field.tile ? job.settings.setRate : undefined;
  return Math.min(own ?? customaryRate(tile), MOST_AN_HOUR * eachM2);
}

function customaryRate(tile: LaidTile): number {
  if (isMosaic(tile)) return MOSAIC_RATE;
  const side = longestSide(tile);
  return RATES.find(({ upTo }) => side <= upTo)?.perHour as number;
}

/** What one tile, or one sheet, of a bond covers with its joints, m². */
export function eachM2({ a, b, shapes }: PatternCell, { sheet }: LaidTile): number {
  const repeat = Math.abs(a.vector[0] * b.vector[1] - a.vector[1] * b.vector[0]) / 1e6;
  return (repeat / shapes.length) * (sheet ? sheet.columns * sheet.rows : 1);
}

/** What a tile of its own size covers with its joint, or a sheet of it, m²: where no bond says. */
export function moduleM2({ width, height, sheet }: LaidTile, joint: number): number {
  const chips = sheet ? sheet.columns * sheet.rows : 1;
  return (chips * (width + joint) * (height + joint)) / 1e6;
}

/** Minutes for the cuts of one row: none where all is cut before the first mix. */
export function cutMinutes(
  job: Pick<Job, "field" | "settings" | "tiles">,
  wall: Pick<SetWall, "areas">,
  area: LaidArea,
  pieces: CutPiece[],
): number {
  if (job.settings.cutAhead) return 0;
  const cut = pieces.filter(({ kind }) => kind !== "none");
  const sheets = new Set<string>();
  let minutes = 0;
  for (const piece of cut) {
    const tile = tileOf(job, areaTile(job.field.tile, area, piece.shape));
    if (tile.sheet) sheets.add(sheetKey(sheetAt(area, tile.sheet, piece)));
    else minutes += minutesOf(job, wall, piece, tile);
  }
  return minutes + sheets.size * SHEET;
}

function minutesOf(
  { settings }: Pick<Job, "settings">,
  wall: Pick<SetWall, "areas">,
  piece: CutPiece,
  tile: LaidTile,
): number {
  switch (piece.kind) {
    case "none":
      return 0;
    case "straight": {
      const cut = longestCut(piece.ring, wholeTile(wall, piece));
      const { tools = {} } = settings;
      return isSnapped(piece, lostBy(wall, piece), cut, tile.material, tools) ? SNAPPED : SAWN;
    }
    case "L":
    case "U":
    case "taper":
    case "notch":
    case "diagonal":
      return SHAPED;
    case "hole":
    case "complex":
      return INVOLVED;
    default:
      return piece.kind satisfies never;
  }
}

/** A side farther than this from a row's end is not reached by it, mm. */
const AT_END = 25;

/** Minutes for the pieces of a row at mitred or woven ends of its wall. */
export function mitreMinutes(
  { settings }: Pick<Job, "settings">,
  { boundary, ends, trims }: Pick<SetWall, "boundary" | "ends" | "trims">,
  row: { left: number; right: number },
): number {
  if (settings.cutAhead || boundary.length === 0) return 0;
  const special = (side: "left" | "right") =>
    trims[side]?.kind === "mitre" || ends[side].weave !== undefined;
  const xs = boundary.map(([x]) => x);
  const atLeft = special("left") && row.left < Math.min(...xs) + AT_END;
  const atRight = special("right") && row.right > Math.max(...xs) - AT_END;
  return (Number(atLeft) + Number(atRight)) * AT_MITRE;
}
