import papa from "papaparse";

const SIGNS: Record<string, string> = { "&": "&amp;", "<": "&lt;", ">": "&gt;" };

/** Text as it stands in markup. */
function escaped(text: string | number): string {
  return String(text).replace(/[&<>]/g, (sign) => SIGNS[sign] ?? sign);
}

/** Rows as a table in markup, the names of the columns as its head. */
export function tableMarkup(rows: Record<string, string | number>[]): string {
  const heads = Object.keys(rows[0] ?? {});
  const line = (cells: (string | number)[], cell: "td" | "th") =>
    `<tr>${cells.map((text) => `<${cell}>${escaped(text)}</${cell}>`).join("")}</tr>`;
  const body = rows.map((row) =>
    line(
      heads.map((head) => row[head] ?? ""),
      "td",
    ),
  );
  return `<table><thead>${line(heads, "th")}</thead><tbody>${body.join("")}</tbody></table>`;
}

/** Rows as lines of cells parted by tabs, as a spreadsheet takes them; none of them a formula. */
export function tableText(rows: Record<string, string | number>[]): string {
  return papa.unparse(rows, { delimiter: "\t", escapeFormulae: true });
}

/**
 * Copies rows so that they paste as a table: into a letter by their markup, into a spreadsheet by
 * tabs. Fails where the browser lets no page copy.
 */
export async function copyTable(rows: Record<string, string | number>[]): Promise<void> {
  const texts = { "text/html": tableMarkup(rows), "text/plain": tableText(rows) };
  const item = new ClipboardItem(
    Object.fromEntries(
      Object.entries(texts).map(([type, text]) => [type, new Blob([text], { type })]),
    ),
  );
  await navigator.clipboard.write([item]);
}
