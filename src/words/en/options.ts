import { counted } from "../counted.ts";

/** Words of the page Options. */
export const options = {
  title: "Options",
  intro:
    "Other ways to do this job, side by side: another tile, bond or wall system, or walls of a ready-made panel kit. Each is a job of its own that can be opened and changed.",
  add: "Another version",
  addKit: "A panel kit",
  newName: (n: number) => `Version ${String.fromCharCode(65 + n)}`,
  kitName: "Panel kit",
  own: "This job",
  open: "Open it",
  take: "Take over",
  taken: "Taken over. Undo brings the version before back.",
  remove: "Leave it out",
  removed: "It is among the deleted jobs now.",
  name: "Name",
  kitPrice: "Price of the kit",
  kitHours: "Hours to put it up",
  kitHint: "Sizes, substrate and seals are for the kit's maker to say.",
  most: (count: number) => `At most ${count} versions stand side by side.`,
  working: "Planning…",
  failed: "It could not be planned.",
  rows: {
    quote: "Quote",
    cost: "Own cost",
    hours: "Hours of work",
    days: "Days from first to last",
    cuts: "Cut pieces",
    smallest: "Smallest cut",
    waste: "Tile bought that is not on the wall",
    weight: "Weight on the wall",
    risk: "Stops and warnings",
    differs: "What differs",
  },
  risk: (stops: number, warnings: number) =>
    [
      ...(stops > 0 ? [counted(stops, "stop")] : []),
      ...(warnings > 0 ? [counted(warnings, "warning")] : []),
    ].join(", ") || "none",
  perArea: (mass: string, area: string) => `${mass} ${area}`,
  noPrices: "without prices",
  noDates: "no first day",
  best: "best",
  nothingDiffers: "nothing",
  differs: {
    tile: (name: string) => `tile: ${name}`,
    bond: (name: string) => `bond: ${name}`,
    joint: (size: string) => `joint: ${size}`,
    system: (name: string) => `wall: ${name}`,
    kit: () => "ready-made panels in place of tile",
  },
};
