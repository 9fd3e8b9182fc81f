import { useEffect, useMemo, useRef, useState } from "react";
import type { JobRow } from "../storage/database.ts";
import { type DamagedRow, type ReadRow, readRow } from "../storage/rows.ts";

/** So many rows are read before anything is shown: they fill a screen. */
export const FIRST_ROWS = 8;
/** And so many at a time afterwards: the newest are seen first. */
const AT_A_TIME = 15;

export interface ReadRows {
  /** The newest first. */
  jobs: JobRow[];
  gone: JobRow[];
  damaged: DamagedRow[];
  /** The rest is still being read. */
  reading: boolean;
}

/**
 * Stored rows as jobs, the newest first; those that are deleted; and what is no job. Checking a row takes
 * some milliseconds: what was read stays read until it changes, and many rows are read bit by bit. Until
 * the store has given the whole list the rest is still to come.
 */
export function useReadRows(stored: unknown[] | undefined, whole: boolean): ReadRows {
  const known = useRef(new Map<string, ReadRow>());
  const [count, setCount] = useState(FIRST_ROWS);
  const sorted = useMemo(
    () => [...(stored ?? [])].sort((p, q) => changedAt(q) - changedAt(p)),
    [stored],
  );
  const read = useMemo(() => {
    const before = known.current;
    known.current = new Map();
    return sorted.flatMap((row, k) => {
      const key = keyOf(row);
      const own = before.get(key) ?? (k < count ? readRow(row) : undefined);
      if (own) known.current.set(key, own);
      return own ? [own] : [];
    });
  }, [sorted, count]);
  const left = read.length < sorted.length;
  const reading = left || !whole;
  useEffect(() => {
    if (!left) return;
    const timer = setTimeout(() => setCount((before) => before + AT_A_TIME));
    return () => clearTimeout(timer);
  });
  return useMemo(() => ({ ...parted(read), reading }), [read, reading]);
}

interface Loose {
  id?: unknown;
  revision?: unknown;
  updatedAt?: unknown;
  deletedAt?: unknown;
}

function changedAt(row: unknown): number {
  const { updatedAt } = (row ?? {}) as Loose;
  return Number.isFinite(updatedAt) ? Number(updatedAt) : 0;
}

/** Names a row as it was written. */
function keyOf(row: unknown): string {
  const { id, revision, updatedAt, deletedAt } = (row ?? {}) as Loose;
  return [id, revision, updatedAt, deletedAt].map(String).join("/");
}

function parted(read: ReadRow[]): Omit<ReadRows, "reading"> {
  const rows = read.flatMap((each) => (each.ok ? [each.row] : []));
  return {
    jobs: rows.filter(({ deletedAt }) => deletedAt === undefined),
    gone: rows.filter(({ deletedAt }) => deletedAt !== undefined),
    damaged: read.flatMap((each) => (each.ok ? [] : [each.damaged])),
  };
}
