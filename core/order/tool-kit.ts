import type { CutWall } from "../cut/cut-wall.ts";
import { tileOfPiece, wholeTile } from "../cut/laid-area.ts";
import { isSnapped, longestCut, lostBy } from "../cut/tools.ts";
import type { Job } from "../project/job.ts";
import type { Project } from "../project/schema.ts";

/** Steps of the work that tools are carried in for. */
export type KitStep = "board" | "film" | "cut" | "set" | "grout";

/** Tools, and what is used up beside the order's materials. */
export type KitId =
  | "knife"
  | "driver"
  | "knifeBlades"
  | "filmGauge"
  | "gloves"
  | "cutter"
  | "wetSaw"
  | "sawBlade"
  | "holeSaw"
  | "nipper"
  | "trowel"
  | "mixer"
  | "buckets"
  | "masks"
  | "level"
  | "float"
  | "sponges"
  | "cloths";

/** What a tool or consumable is counted by. */
export type KitReason =
  | "boardM2"
  | "coats"
  | "snapped"
  | "sawn"
  | "holes"
  | "shaped"
  | "trowels"
  | "sessions"
  | "areaM2"
  | "always";

/** One line of the list. */
export interface KitLine {
  id: KitId;
  step: KitStep;
  count: number;
  reason: KitReason;
  /** How many of the reason there are. */
  of: number;
  /** A tool that may be hired: for so many days. */
  hireDays?: number;
}

/** What the list is counted from. */
export interface KitNeeds {
  boardM2: number;
  coats: number;
  sessions: number;
  areaM2: number;
  cuts: CutCount;
}

/** The cuts of a job by how they are made. */
export interface CutCount {
  snapped: number;
  sawn: number;
  /** L, U, notches and whatever is nibbled or ground. */
  shaped: number;
  holes: number;
  /** Diameters of holes, each once, mm. */
  diameters: number[];
  /** One of the cut tiles is stone, glass or porcelain: blades wear faster. */
  hard: boolean;
}

/** Cuts that a blade makes before it is worn. Trade custom. */
const BLADE_CUTS = { soft: 250, hard: 120 };
/** Board that a knife's blade scores, m², and what a sponge washes, m². Trade custom. */
const BLADE_BOARD_M2 = 4;
const SPONGE_M2 = 6;

/** Counts the cuts of all walls by the way they are made. */
export function countCuts(
  job: Pick<Job, "field" | "settings" | "tiles">,
  walls: CutWall[],
): CutCount {
  const count: CutCount = {
    ...{ snapped: 0, sawn: 0, shaped: 0, holes: 0, hard: false },
    diameters: [],
  };
  const diameters = new Set<number>();
  for (const wall of walls) {
    for (const piece of wall.pieces) {
      for (const hole of piece.holes) diameters.add(Math.round(hole.diameter));
      count.holes += piece.holes.length;
      if (piece.kind === "none") continue;
      const tile = tileOfPiece(job, wall, piece);
      if (tile.sheet) continue;
      const cut = longestCut(piece.ring, wholeTile(wall, piece));
      if (cut === 0) continue;
      const snaps = isSnapped(
        piece,
        lostBy(wall, piece),
        cut,
        tile.material,
        job.settings.tools ?? {},
      );
      if (snaps) count.snapped++;
      else count.sawn++;
      if (["L", "U", "notch", "complex"].includes(piece.kind)) count.shaped++;
      if (!snaps && tile.material !== "ceramic") count.hard = true;
    }
  }
  count.diameters = [...diameters].sort((p, q) => p - q);
  return count;
}

/** Tools and consumables by step, counted from the plan. Trade custom; what is at hand is ticked. */
export function toolKit(needs: KitNeeds, trowels: number): KitLine[] {
  const { boardM2, coats, sessions, areaM2, cuts } = needs;
  const days = Math.max(1, sessions);
  const blade = cuts.hard ? BLADE_CUTS.hard : BLADE_CUTS.soft;
  const lines: (KitLine | false)[] = [
    boardM2 > 0 && line("knife", "board", 1, "boardM2", boardM2),
    boardM2 > 0 && line("driver", "board", 1, "boardM2", boardM2),
    boardM2 > 0 &&
      line("knifeBlades", "board", Math.ceil(boardM2 / BLADE_BOARD_M2), "boardM2", boardM2),
    coats > 0 && line("filmGauge", "film", 1, "coats", coats),
    line("gloves", "set", days + 1, "sessions", days),
    cuts.snapped > 0 && hired("cutter", cuts.snapped, "snapped", days),
    cuts.sawn > 0 && hired("wetSaw", cuts.sawn, "sawn", days),
    cuts.sawn > 0 && line("sawBlade", "cut", Math.ceil(cuts.sawn / blade), "sawn", cuts.sawn),
    cuts.diameters.length > 0 && line("holeSaw", "cut", cuts.diameters.length, "holes", cuts.holes),
    cuts.shaped > 0 && line("nipper", "cut", 1, "shaped", cuts.shaped),
    line("trowel", "set", trowels, "trowels", trowels),
    { ...line("mixer", "set", 1, "sessions", days), hireDays: days + 1 },
    line("buckets", "set", 3, "always", 1),
    // One for each day of mixing and sawing, and one to grout.
    line("masks", "set", days + 1, "sessions", days),
    line("level", "set", 1, "always", 1),
    line("float", "grout", 1, "always", 1),
    line("sponges", "grout", Math.max(2, Math.ceil(areaM2 / SPONGE_M2)), "areaM2", areaM2),
    line("cloths", "grout", Math.max(2, Math.ceil(areaM2 / SPONGE_M2)), "areaM2", areaM2),
  ];
  return lines.filter((own): own is KitLine => own !== false && own.count > 0);
}

function line(id: KitId, step: KitStep, count: number, reason: KitReason, of: number): KitLine {
  return { id, step, count, reason, of };
}

function hired(id: KitId, of: number, reason: KitReason, hireDays: number): KitLine {
  return { ...line(id, "cut", 1, reason, of), hireDays };
}

/** Made-up prices of what may be hired, so that the comparison can be tried before real ones are typed. */
export const SAMPLE_HIRE: Partial<Record<KitId, { hire: number; buy: number }>> = {
  cutter: { hire: 18, buy: 140 },
  wetSaw: { hire: 46, buy: 390 },
  mixer: { hire: 15, buy: 110 },
};

/** Which is cheaper for the days of this job, hire or buy, and what each costs. */
export function hireOrBuy(
  { id, hireDays }: KitLine,
  own: NonNullable<Project["kit"]>[number] | undefined,
): { choice: "hire" | "buy"; hire: number; buy: number } | undefined {
  const usual = SAMPLE_HIRE[id];
  if (hireDays === undefined || !usual) return undefined;
  const hire = (own?.hire ?? usual.hire) * hireDays;
  const buy = own?.buy ?? usual.buy;
  return { choice: hire < buy ? "hire" : "buy", hire, buy };
}

/** The last day on which something that takes so long is ordered, so that it is there on the first day. */
export function orderBy(
  start: string | undefined,
  leadDays: number | undefined,
): string | undefined {
  if (start === undefined || !leadDays) return undefined;
  const first = Date.parse(`${start.slice(0, 10)}T12:00:00Z`);
  if (!Number.isFinite(first)) return undefined;
  return new Date(first - Math.ceil(leadDays) * 24 * 3_600_000).toISOString().slice(0, 10);
}
