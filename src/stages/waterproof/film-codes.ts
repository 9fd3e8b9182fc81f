/** What a wall's film takes, whatever the system. */
export const FILM_CODES: ("membraneAreaM2" | "membraneL" | "stripM")[] = [
  "membraneAreaM2",
  "membraneL",
  "stripM",
];

/** What a sheet membrane takes beside it. */
export const SHEET_CODES: (
  | "rollM"
  | "bandM"
  | "insideCorners"
  | "outsideCorners"
  | "pipeSeals"
  | "valveSeals"
)[] = ["rollM", "bandM", "insideCorners", "outsideCorners", "pipeSeals", "valveSeals"];
