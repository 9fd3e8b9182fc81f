import type { TrimRun } from "../../core/set-out/trim-runs.ts";
import { ui } from "./ui.ts";

/** What a run is and where. */
export function runName({ kind, place, of }: TrimRun): string {
  const where = ui.setOut.trims.places[place];
  return `${ui.setOut.trimKinds[kind]}, ${of ? `${of} ${where}` : where}`;
}
