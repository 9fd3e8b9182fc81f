import { LOG_KINDS, type LogKind } from "../project/log-schema.ts";
import type { LogEntry, Project } from "../project/schema.ts";

/** Columns of a log as a table. */
export type LogColumn = "when" | "kind" | "what" | "wall" | "who" | "more";

/** A log as it was read. */
export interface ReadLog {
  entries: LogEntry[];
  /** Lines that other stages note by themselves, or that are here already. */
  left: number;
  /** Numbers of lines without words or with a time that is none, the heads being line 1. */
  bad: number[];
}

/** What is told by figures comes back as words: the figures stood in the job that it was written from. */
const TOLD_BY_FIGURES: LogKind[] = ["hours", "used", "broken"];

/**
 * Reads the rows of a log by the names of their columns. `kinds` are what the kinds of entries are
 * called; a row of another kind is left out, and so is one that the job has already.
 */
export function entriesFromTable(
  rows: Record<string, string>[],
  heads: Record<LogColumn, string>,
  kinds: Record<LogKind, string>,
  project: Pick<Project, "walls" | "log">,
  newId: () => string,
): ReadLog {
  const read: ReadLog = { entries: [], left: 0, bad: [] };
  const key = (entry: Pick<LogEntry, "at" | "words">) => `${entry.at} ${entry.words ?? ""}`;
  const known = new Set((project.log ?? []).map(key));
  rows.forEach((row, k) => {
    const cell = (column: LogColumn) => (row[heads[column]] ?? row[column] ?? "").trim();
    const kind = LOG_KINDS.find((code) => [code, kinds[code]].includes(cell("kind")));
    if (!kind) {
      read.left++;
      return;
    }
    const at = Date.parse(cell("when"));
    const words = [cell("what"), cell("more")].filter(Boolean).join(" · ").slice(0, 2000);
    if (Number.isNaN(at) || words === "") {
      read.bad.push(k + 2);
      return;
    }
    const entry: LogEntry = {
      id: newId(),
      at: new Date(at).toISOString(),
      kind: TOLD_BY_FIGURES.includes(kind) ? "note" : kind,
      words,
      ...placed(project, cell("wall")),
      ...(cell("who") ? { who: cell("who").slice(0, 200) } : {}),
    };
    if (known.has(key(entry))) read.left++;
    else read.entries.push(entry);
    known.add(key(entry));
  });
  return read;
}

function placed({ walls }: Pick<Project, "walls">, text: string): Pick<LogEntry, "wall"> {
  const wall = walls.find(({ id, name }) => id === text || name === text);
  return wall ? { wall: wall.id } : {};
}
