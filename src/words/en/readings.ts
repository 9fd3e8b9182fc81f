import { counted } from "../counted.ts";
/** Words of the import of readings. */
export const readings = {
  title: "Readings as a CSV file",
  choose: "Choose a CSV file",
  out: "The readings of this job",
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
  outline: {
    open: "Outline from DXF",
    title: "Outline from a drawing",
    hint: "A DXF drawing of one wall: its largest closed outline is the wall, what lies in it are openings and fixtures. What was read of this wall is replaced; one undo brings it back.",
    choose: "Choose a DXF file",
    tooLarge: (file: string) =>
      `${file} is larger than 8 MB: that is more than one wall. Save the wall alone.`,
    noDrawing: (file: string) =>
      `${file} is no DXF drawing, or a damaged one. Nothing was changed.`,
    noOutline: (file: string) =>
      `${file} holds no closed outline with four corners. Close the wall's outline as one polyline.`,
    size: (width: string, height: string) => `${width} wide, ${height} high`,
    openings: (count: number) => counted(count, "opening"),
    fixtures: (count: number) => counted(count, "round fixture"),
    unitless: "The drawing names no unit: millimetres are taken.",
    notTaken: {
      "bent-left": "The left side bends: it is taken as straight from foot to top.",
      "bent-right": "The right side bends: it is taken as straight from foot to top.",
      "opening-no-rectangle": "An opening is no upright rectangle: the box round it is taken.",
      outside: "Something outside of the outline is left out.",
    },
    others: (count: number) => `${counted(count, "line or text", "lines and texts")} left out.`,
    take: "Take it over",
  },
};
