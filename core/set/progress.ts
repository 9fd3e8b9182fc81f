import type { Mix, Work } from "../project/schema.ts";
import { rowKg, type SetRow } from "./rows.ts";
import type { PlacedRow } from "./sessions.ts";

/** How far the work is. */
export interface Progress {
  done: ReadonlySet<string>;
  /** Rows that are still to be set, in their order. */
  todo: PlacedRow[];
  next: PlacedRow | undefined;
  /** The session of the next row; one more than the last where all is set. */
  session: number;
  pieces: { done: number; all: number };
}

/** How far the rows of a job are set, whatever the order in which they were. */
export function progressOf(rows: PlacedRow[], work: Work | undefined): Progress {
  const done = new Set((work?.rows ?? []).map(({ id }) => id));
  const todo = rows.filter(({ id }) => !done.has(id));
  const sum = (own: PlacedRow[]) => own.reduce((total, { pieces }) => total + pieces, 0);
  return {
    done,
    todo,
    next: todo[0],
    session: todo[0]?.session ?? (rows.at(-1)?.session ?? 0) + 1,
    pieces: { done: sum(rows) - sum(todo), all: sum(rows) },
  };
}

/** Powder's worth that is left of a mix, kg: less what the rows took that were set since. */
export function leftInBucket(mix: Mix, rows: SetRow[], work: Work | undefined): number {
  const since = Date.parse(mix.at);
  const set = new Map((work?.rows ?? []).map(({ id, at }) => [id, Date.parse(at)]));
  const used = rows
    .filter(({ id }) => (set.get(id) ?? -Infinity) >= since)
    .reduce((sum, row) => sum + rowKg(row), 0);
  return Math.max(0, mix.powderKg - used);
}
