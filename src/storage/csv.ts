import papa from "papaparse";
import { download } from "./download.ts";

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
