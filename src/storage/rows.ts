import { parseProject } from "../../core/project/parse.ts";
import type { JobRow } from "./database.ts";

/** A stored row as a job, or what is left of one that cannot be read. */
export type ReadRow = { ok: true; row: JobRow } | { ok: false; damaged: DamagedRow };

/** A row that is no job: a name to tell it by, and everything that is there. */
export interface DamagedRow {
  id: string;
  name: string;
  raw: unknown;
}

type Loose = Partial<Record<keyof JobRow, unknown>>;

/**
 * Reads a stored row. A history that is damaged is dropped, since the job is worth more than its
 * steps; a project that is not valid makes the row a damaged one.
 */
export function readRow(stored: unknown): ReadRow {
  const loose: Loose = typeof stored === "object" && stored !== null ? stored : {};
  const parsed = parseProject(loose.project);
  const id = typeof loose.id === "string" ? loose.id : "";
  if (!parsed.ok || id === "") return { ok: false, damaged: damagedRow(id, loose) };
  const number = (value: unknown) => (Number.isFinite(value) ? Number(value) : 0);
  const row = {
    ...(loose as unknown as JobRow),
    project: parsed.project,
    revision: number(loose.revision),
    updatedAt: number(loose.updatedAt),
  };
  return { ok: true, row: hasHistory(loose) ? row : { ...row, history: [], position: 0 } };
}

function hasHistory({ history, position }: Loose): boolean {
  if (!Array.isArray(history) || !Number.isInteger(position)) return false;
  const place = position as number;
  const isStep = (step: unknown) => {
    const { patches, inverse } = (step ?? {}) as { patches?: unknown; inverse?: unknown };
    return Array.isArray(patches) && Array.isArray(inverse);
  };
  return place >= 0 && place <= history.length && history.every(isStep);
}

function damagedRow(id: string, loose: Loose): DamagedRow {
  const { name } = (loose.project ?? {}) as { name?: unknown };
  return { id, name: typeof name === "string" && name.trim() !== "" ? name : id, raw: loose };
}
