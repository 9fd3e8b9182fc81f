import { counted } from "../counted.ts";
/** Words of the import of readings. */
export const readings = {
  title: "Readings from a CSV file",
  choose: "Choose a CSV file",
  columns: (columns: string) =>
    `The first line names the columns: ${columns}. Lengths as the tape says them; a bare number is in the job's unit.`,
  kinds: (kinds: string) =>
    `Kinds: ${kinds}. Only what a kind needs has to be filled: “over” is the length of a straightedge or the height of a lean.`,
  tooLarge: (file: string) => `${file} is larger than 1 MB: that is no table of readings.`,
  empty: (file: string) =>
    `${file} holds no rows under a line of column names. Nothing was changed.`,
  summary: (usable: number, bad: number) =>
    bad === 0 ? `All ${usable} rows can be used.` : `${usable} rows can be used, ${bad} cannot.`,
  row: "Row",
  what: "Reading, or why it cannot be used",
  takeOver: (count: number) => `Take over ${counted(count, "reading")}`,
  problems: {
    "no-such-wall": (_: string, text: string) =>
      text === ""
        ? "wall is empty. Name one of the job's walls."
        : `wall: the job has no “${text}”.`,
    "no-such-kind": (_: string, text: string) =>
      text === "" ? "kind is empty." : `kind: “${text}” is not one of the kinds above.`,
    "no-such-corner": (_: string, text: string) => `from: “${text}” must be left or right.`,
    missing: (column: string) => `${column} is empty, and this kind needs it.`,
    "not-positive": (column: string, text: string) => `${column}: ${text} must be more than 0.`,
  },
};
