import type { CommandName } from "../../../core/project/command.ts";
import type { ItemCommand, ListName } from "../../../core/project/lists.ts";

/** What the entries of a job's lists are called in the history. */
const ITEM_NOUNS: Record<ListName, string> = {
  widths: "width",
  straightedge: "straightedge reading",
  studs: "stud",
  patches: "patch",
  record: "record",
  decisions: "decision",
  blocking: "blocking",
  coats: "coat",
  gauge: "gauge reading",
  holes: "hole",
  cutDone: "cut piece",
  zones: "zone",
  shelves: "corner shelf",
  delivery: "boxes on site",
  atWall: "cut measured at the wall",
  gate: "check",
  rowsSet: "course that is set",
  mixes: "mix",
  coverage: "coverage check",
  supports: "support",
  lippage: "lippage reading",
  log: "log entry",
  snags: "snag",
  left: "what is left over",
  signatures: "signature",
};

function itemCommands(): Record<ItemCommand, string> {
  const verbs = { add: "Add", edit: "Change", remove: "Remove" };
  return Object.fromEntries(
    Object.entries(ITEM_NOUNS).flatMap(([list, noun]) =>
      Object.entries(verbs).map(([verb, word]) => [`${verb}-${list}`, `${word} ${noun}`]),
    ),
  ) as Record<ItemCommand, string>;
}

/** What each step of the history is called. */
export const commands = {
  "rename-job": "Rename",
  "set-unit": "Change units",
  "edit-wall": "Change wall",
  "edit-reading": "Change reading",
  "add-opening": "Add opening",
  "edit-opening": "Change opening",
  "remove-opening": "Remove opening",
  "add-fixture": "Add fixture",
  "edit-fixture": "Change fixture",
  "remove-fixture": "Remove fixture",
  "edit-tile": "Change tile",
  "edit-stock": "Count what is on hand",
  "edit-field": "Change pattern",
  "move-pattern": "Move pattern",
  "edit-centre": "Change centre",
  "edit-set-out": "Change set-out",
  "edit-corner": "Change corner",
  "edit-enclosure": "Change enclosure",
  "edit-setting": "Change setting",
  "edit-build": "Change wall build-up",
  "edit-hand-over": "Note for the hand-over",
  "edit-protection": "Tick protection",
  "edit-ready": "Tick before grout",
  "edit-price": "Change a price",
  "edit-labour": "Change the quote",
  "edit-quote": "Change the quote's words",
  "edit-kit": "Change tools",
  "tick-bought": "Tick off in the shop",
  "edit-version": "Change a version",
  "take-version": "Take a version over",
  "edit-days": "Change the days",
  "edit-as-set": "Measure a set course",
  "import-readings": "Import readings",
  "apply-layout": "Take over layout",
  ...itemCommands(),
} satisfies Record<CommandName, string>;
