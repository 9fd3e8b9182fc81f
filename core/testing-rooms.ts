/**
 * The rooms of the core from the ground up, a file at the top of the core under its own name. What a
 * room imports stands in a row before its own; the rooms of one row know nothing of each other.
 */
export const CORE_ROWS = [
  ["limits"],
  ["length", "geometry", "packing", "warning", "instruments", "recall"],
  ["project"],
  ["figure", "build-up"],
  ["measure"],
  ["board"],
  ["waterproof", "set-out"],
  ["cut"],
  ["set", "order"],
  ["grout", "words"],
  ["hand-over", "days", "cost"],
  ["wall-plan"],
  ["walls"],
  ["plan-steps"],
  ["planning"],
  ["plan", "adjust"],
  ["compare", "pole", "plan-file", "log", "options"],
];

/**
 * The rooms of the interface from the ground up. The drawing knows no stage, and no stage another:
 * the shell hands each its marks and its panel.
 */
export const INTERFACE_ROWS = [
  ["words", "paths"],
  ["documents"],
  ["parts", "layouts", "storage", "workers", "server"],
  ["state", "middleware"],
  ["fields"],
  ["panel"],
  ["drawing", "jobs", "order"],
  ["stages"],
  ["devices", "pole", "record", "tally"],
  [
    ...["stages/measure", "stages/board", "stages/waterproof", "stages/set-out", "stages/cut"],
    ...["stages/set", "stages/grout", "stages/hand-over"],
  ],
  ["now", "used", "days", "log", "options", "files"],
  ["print"],
  ["shell"],
  ["pages"],
];
