import type { Mix, Work } from "../project/schema.ts";
import { rowKg } from "./rows.ts";
import type { PlacedRow } from "./sessions.ts";

/** Powder that was planned and used on a wall, kg. */
export interface UsedOnWall {
  wall: string;
  plannedKg: number;
  usedKg: number;
}

/**
 * Mortar used by wall: what each mix held, less what was thrown away, shared out over the rows that
 * were set from it by what they were planned to take. A mix from which no row was set belongs to no
 * wall.
 */
export function mortarUsed(
  rows: PlacedRow[],
  work: Work | undefined,
  walls: { id: string; mortarKg: number }[],
): UsedOnWall[] {
  const mixes = (work?.mixes ?? [])
    .filter(({ kind }) => kind === "mortar")
    .sort((p, q) => Date.parse(p.at) - Date.parse(q.at));
  const set = new Map((work?.rows ?? []).map(({ id, at }) => [id, Date.parse(at)]));
  const used = new Map<string, number>();
  mixes.forEach((mix, k) => {
    const [from, to] = [Date.parse(mix.at), Date.parse(mixes[k + 1]?.at ?? "") || Infinity];
    const own = rows.filter(({ id }) => {
      const at = set.get(id) ?? Number.NaN;
      return at >= from && at < to;
    });
    const planned = own.reduce((sum, row) => sum + rowKg(row), 0);
    for (const row of own) {
      const share = planned > 0 ? rowKg(row) / planned : 0;
      used.set(row.wall, (used.get(row.wall) ?? 0) + share * usedKg(mix));
    }
  });
  return walls.map(({ id, mortarKg }) => ({
    wall: id,
    plannedKg: mortarKg,
    usedKg: used.get(id) ?? 0,
  }));
}

/** Grout used by wall: mixes are begun for a part of a wall. */
export function groutUsed(
  work: Work | undefined,
  walls: { id: string; groutKg: number }[],
): UsedOnWall[] {
  const mixes = (work?.mixes ?? []).filter(({ kind }) => kind === "grout");
  return walls.map(({ id, groutKg }) => ({
    wall: id,
    plannedKg: groutKg,
    usedKg: mixes
      .filter((mix) => mix.for.startsWith(`${id}/`))
      .reduce((sum, mix) => sum + usedKg(mix), 0),
  }));
}

function usedKg({ powderKg, leftKg = 0 }: Mix): number {
  return Math.max(0, powderKg - leftKg);
}
