import papa from "papaparse";
import { download } from "./download.ts";

/** A table is small; anything larger is another file, bytes. */
const LARGEST = 1024 * 1024;

/** The rows of a CSV file by its columns; undefined of one that is too large to be a table of ours. */
export async function readCsv(file: File): Promise<Record<string, string>[] | undefined> {
  if (file.size > LARGEST) return undefined;
  return papa.parse<Record<string, string>>(await file.text(), {
    header: true,
    skipEmptyLines: "greedy",
    transformHeader: (name) => name.trim(),
  }).data;
}

/**
 * Saves rows as a CSV file. Names that a spreadsheet would take for a formula are told as text: a
 * job from elsewhere must not compute anything.
 */
export function saveCsv(name: string, rows: Record<string, string | number>[]): void {
  download(`${name}.csv`, "text/csv", csvText(rows));
}

/** Rows as CSV: text that begins as a formula does is led by an apostrophe, numbers are not. */
export function csvText(rows: Record<string, string | number>[]): string {
  return papa.unparse(rows, { escapeFormulae: true });
}
