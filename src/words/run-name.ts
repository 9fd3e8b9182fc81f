import type { TrimRun } from "../../core/set-out/trim-runs.ts";
import { ui } from "./ui.ts";

/** What a run is and where. */
export function runName(run: TrimRun): string {
  return `${ui.setOut.trimKinds[run.kind]}, ${whereOf(run)}`;
}

/** Where a run is among all of the job: its wall's letter first. */
export function placeName(run: TrimRun): string {
  return `${run.wall}, ${whereOf(run)}`;
}

function whereOf({ place, of }: TrimRun): string {
  const where = ui.setOut.trims.places[place];
  return of ? `${of} ${where}` : where;
}
