import { chooseCentre } from "../../core/project/centre-commands.ts";
import { setUnit } from "../../core/project/commands.ts";
import { stepWall } from "../drawing/WallSwitch.tsx";
import { dispatch, redo, undo, useJob } from "../state/job-store.ts";
import { openJobList } from "../state/location.ts";
import {
  openDialog,
  STAGES,
  show,
  toggleFocus,
  toggleFold,
  toggleTally,
  useView,
} from "../state/view-store.ts";
import { exportJob } from "../storage/transfer.ts";
import { changeLanguage, LANGUAGES, spokenLanguage } from "../words/language.ts";
import { LANGUAGE_CODES } from "../words/language-code.ts";
import { ui } from "../words/ui.ts";
import { nextTheme } from "./theme.ts";
import { printShown } from "./usePaper.ts";

/** Something a key or the palette can do; `keys` are matched against KeyboardEvent.key. */
export interface Action {
  name: string;
  keys?: string[];
  ctrl?: boolean;
  shift?: boolean;
  /** Also while something is typed into a field. */
  inFields?: boolean;
  run: () => void;
}

function centreOn(mode: "tile" | "joint"): void {
  dispatch(chooseCentre(useView.getState().wall, { mode }));
}

function step(by: 1 | -1): void {
  const { plan } = useJob.getState();
  if (plan) stepWall(plan, by);
}

function swapUnit(): void {
  const { row } = useJob.getState();
  if (row) dispatch(setUnit(row.project.unit === "in" ? "mm" : "in"));
}

function saveFile(): void {
  const { row } = useJob.getState();
  if (row) void exportJob(row.project);
}

/** Everything that has a key, and everything the palette offers. */
export function actions(): Action[] {
  return [
    ...STAGES.map((stage, k) => ({
      name: ui.stages[stage],
      keys: [String(k + 1)],
      run: () => show(stage),
    })),
    { name: ui.stages.now, keys: ["n"], run: () => show("now") },
    { name: ui.stages.order, keys: ["o"], run: () => show("order") },
    { name: ui.stages.days, keys: ["d"], run: () => show("days") },
    { name: ui.stages.log, keys: ["g"], run: () => show("log") },
    { name: ui.stages.options, keys: ["e"], run: () => show("options") },
    { name: ui.stages.pole, keys: ["p"], run: () => show("pole") },
    { name: ui.stages.record, keys: ["r"], run: () => show("record") },
    { name: ui.stages.documents, keys: ["w"], run: () => show("documents") },
    { name: ui.drawing.previous, keys: ["["], run: () => step(-1) },
    { name: ui.drawing.next, keys: ["]"], run: () => step(1) },
    {
      name: `${ui.drawing.oneWall} / ${ui.drawing.allWalls}`,
      keys: ["f"],
      run: toggleFocus,
    },
    { name: `${ui.tally.allWalls} / ${ui.tally.oneLine}`, keys: ["t"], run: toggleTally },
    { name: `${ui.drawing.fold} / ${ui.drawing.unfold}`, keys: ["v"], run: toggleFold },
    {
      name: `${ui.setOut.centre}: ${ui.setOut.modes.tile}`,
      keys: ["c"],
      run: () => centreOn("tile"),
    },
    {
      name: `${ui.setOut.centre}: ${ui.setOut.modes.joint}`,
      keys: ["j"],
      run: () => centreOn("joint"),
    },
    { name: ui.undo, keys: ["z"], ctrl: true, run: undo },
    { name: ui.redo, keys: ["z"], ctrl: true, shift: true, run: redo },
    { name: ui.redo, keys: ["y"], ctrl: true, run: redo },
    { name: `${ui.units.in} / ${ui.units.mm}`, keys: ["u"], run: swapUnit },
    { name: ui.jobs.export, keys: ["x"], run: saveFile },
    {
      name: ui.openCompare,
      keys: ["l"],
      run: () => useView.setState({ page: "set-out", comparing: true }),
    },
    {
      name: ui.header.print,
      keys: ["p"],
      ctrl: true,
      inFields: true,
      run: () => void printShown(),
    },
    { name: ui.openReadings, run: () => openDialog({ kind: "import-readings" }) },
    { name: ui.header.shortcuts, keys: ["?"], run: () => openDialog({ kind: "shortcuts" }) },
    {
      name: ui.header.find,
      keys: ["k"],
      ctrl: true,
      inFields: true,
      run: () => openDialog({ kind: "palette" }),
    },
    { name: ui.header.theme, run: nextTheme },
    ...LANGUAGE_CODES.filter((code) => code !== spokenLanguage()).map((code) => ({
      name: `${ui.language}: ${LANGUAGES[code].name}`,
      run: () => void changeLanguage(code).catch(() => undefined),
    })),
    { name: ui.header.allJobs, run: openJobList },
  ];
}
