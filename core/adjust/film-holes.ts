import type { WallStuds } from "../board/studs.ts";
import { boxOf } from "../geometry/polygon.ts";
import type { Command } from "../project/command.ts";
import { together } from "../project/commands.ts";
import { addItem } from "../project/items.ts";
import type { WallPlan } from "../wall-plan.ts";

/** A ledger is screwed this far below its top edge, mm: the middle of a 2 × 2. */
const BELOW_TOP = 19;

/** Where the screws of a wall's ledger go through the film: one in each stud that it crosses. */
export function ledgerHoles(
  { lines, measured }: Pick<WallPlan, "lines" | "measured">,
  { studs }: WallStuds,
  levelY: number,
): { x: number; level: number }[] {
  const ledger = lines.find(({ kind }) => kind === "ledger");
  if (!ledger) return [];
  const [from, to] = [ledger.from[0], ledger.to[0]];
  const level = ledger.from[1] - BELOW_TOP - levelY;
  return studs
    .map(({ x }) => Math.min(Math.max(x, 0), measured.wall.width.bottom))
    .filter((x) => x >= from && x <= to)
    .map((x) => ({ x, level }));
}

/** Nails or pins under a band or panel: so far apart at the most, and so far from its ends, mm. */
const NAILS = { apart: 300, fromEnd: 50 };

/** Where the nails that carry a zone until it is set go through the film: along its lower edge. */
export function nailHoles(
  { zones }: Pick<WallPlan, "zones">,
  zone: string,
  levelY: number,
): { x: number; level: number }[] {
  const ring = zones.find((placed) => placed.zone.id === zone)?.ring ?? [];
  if (ring.length === 0) return [];
  const { minX, maxX, minY } = boxOf(ring);
  const [from, to] = [minX + NAILS.fromEnd, maxX - NAILS.fromEnd];
  if (to <= from) return [{ x: (minX + maxX) / 2, level: minY - levelY }];
  const steps = Math.ceil((to - from) / NAILS.apart);
  return Array.from({ length: steps + 1 }, (_, k) => ({
    x: from + (k * (to - from)) / steps,
    level: minY - levelY,
  }));
}

/** Logs them as holes to be patched; `ids` gives each a name of its own, `words` says what it is. */
export function logHoles(
  wall: string,
  holes: { x: number; level: number }[],
  words: string,
  ids: () => string,
): Command {
  const place = { list: "holes" as const };
  return together(
    "add-holes",
    holes.map(({ x, level }) =>
      addItem(place, { id: ids(), wall, from: "left", at: x, level, words, patched: false }),
    ),
  );
}
