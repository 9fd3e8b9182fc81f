import { liveQuery } from "dexie";
import { create } from "zustand";
import type { SnapName } from "../../core/adjust/move-pattern.ts";
import type { Plan } from "../../core/plan.ts";
import type { Command } from "../../core/project/command.ts";
import type { Project } from "../../core/project/schema.ts";
import type { WallPlan } from "../../core/wall-plan.ts";
import { fieldIssueWords } from "../../core/words/en.ts";
import { database, type JobRow } from "../storage/database.ts";
import { applyCommand, previewProject, redoStep, refusalOf, undoStep } from "../storage/history.ts";
import { addCopy, changeJob, type RowChange, TAB_ID } from "../storage/jobs.ts";
import { type DamagedRow, readRow } from "../storage/rows.ts";
import type { PassingPlan } from "../workers/passing.ts";
import { createPlanner } from "../workers/planner.ts";
import { replaceJobId } from "./location.ts";

/** What the user is told about the job as a whole. */
export type JobNotice = "other-tab" | "deleted" | "erased" | "copied" | "plan-failed";

export type SaveState = "saved" | "saving" | "failed";

interface JobState {
  /** The job with every change of this tab, saved or on its way. */
  row: JobRow | undefined;
  /** The last plan of the job; a drag leaves it as it is. */
  plan: Plan | undefined;
  /** While something is dragged: what of its plan follows the finger. */
  passing: PassingPlan | undefined;
  /** What the dragged pattern has snapped to. */
  snaps: SnapName[];
  save: SaveState;
  notice: JobNotice | undefined;
  missing: boolean;
  /** The stored row is no job; what is left of it. */
  damaged: DamagedRow | undefined;
  /** Why the last command was not done, in words. */
  refused: string | undefined;
}

const NOTHING_OPEN: JobState = {
  row: undefined,
  plan: undefined,
  passing: undefined,
  snaps: [],
  save: "saved",
  notice: undefined,
  missing: false,
  damaged: undefined,
  refused: undefined,
};

export const useJob = create<JobState>(() => NOTHING_OPEN);

/** Changes of this tab that are not stored yet, of whichever job, oldest first. */
const unsaved: { id: string; change: RowChange }[] = [];
let saving = false;
/** Whether something is dragged and not let go yet. */
let dragging = false;
/** Snaps of the newest preview, shown when its plan is. */
let awaitedSnaps: SnapName[] = [];
/** Whether a whole plan was asked for and has not come yet. */
let awaited = false;
let stopWatching: (() => void) | undefined;

const planner = createPlanner({
  onPlan: (plan, planned) => {
    awaited = false;
    if (isOpen(planned)) useJob.setState({ plan, passing: undefined, ...newSnaps() });
  },
  onPassing: (passing, planned) => {
    // Let go meanwhile: the whole plan is on its way.
    if (isOpen(planned) && dragging) useJob.setState({ passing, ...newSnaps() });
  },
  onFailure: () => {
    awaited = false;
    useJob.setState({ notice: "plan-failed" });
  },
});

function askPlan(project: Project): void {
  awaited = true;
  planner.ask({ project });
}

/** A wall to begin a drag from; undefined as long as its newest plan is on its way. */
export function settledWall(id: string): WallPlan | undefined {
  return awaited ? undefined : useJob.getState().plan?.walls.find((wall) => wall.id === id);
}

/** A job that was closed meanwhile must not show its plan in the next one. */
function isOpen(planned: Project): boolean {
  return useJob.getState().row?.id === planned.id;
}

/** With the plan, not before it: two changes a move would be two layouts of the page. */
function newSnaps(): Partial<JobState> {
  const same = useJob.getState().snaps.join() === awaitedSnaps.join();
  return same ? {} : { snaps: awaitedSnaps };
}

/** Opens a job and follows what other tabs do to it. Gives the function that closes it. */
export function openJob(id: string): () => void {
  dragging = false;
  const { notice, row: last } = useJob.getState();
  // A copy that takes the place of an erased job says so.
  useJob.setState({ ...NOTHING_OPEN, notice: last?.id === id ? notice : undefined });
  const subscription = liveQuery(() => database.jobs.get(id)).subscribe({
    next: (row) => takeOver(id, row),
    error: () => useJob.setState({ save: "failed" }),
  });
  stopWatching = () => subscription.unsubscribe();
  return () => {
    stopWatching?.();
    stopWatching = undefined;
  };
}

/** Takes a stored row over, unless changes of this tab are still on their way to it. */
function takeOver(id: string, stored: JobRow | undefined): void {
  const { row } = useJob.getState();
  if (!stored) {
    useJob.setState(row ? { notice: "erased" } : { missing: true });
    return;
  }
  const read = readRow(stored);
  if (!read.ok) {
    useJob.setState({ damaged: read.damaged });
    return;
  }
  const waiting = unsaved.filter((each) => each.id === id);
  if (stored.id !== id || (row && waiting.length > 0)) return;
  if (row && stored.revision <= row.revision && !stored.deletedAt) return;
  const fromOther = row !== undefined && stored.writer !== TAB_ID;
  const notice = stored.deletedAt ? "deleted" : fromOther ? "other-tab" : undefined;
  // What was done before the job was left, and could not be stored, is still on its way.
  const current = waiting.reduce((latest, { change }) => change(latest) ?? latest, read.row);
  useJob.setState({
    row: current,
    ...(waiting.length > 0 ? { save: "failed" as const } : {}),
    ...(notice ? { notice } : {}),
  });
  askPlan(current.project);
}

/** Whether anything of this tab is not stored yet. */
export function isUnsaved(): boolean {
  return unsaved.length > 0;
}

/** Does a command at once on the screen and stores it, on top of what other tabs stored. */
export function dispatch(command: Command): void {
  const { row } = useJob.getState();
  const [issue] = row ? refusalOf(row, command) : [];
  if (!issue) {
    commit((current) => applyCommand(current, command));
    return;
  }
  useJob.setState({ refused: fieldIssueWords(issue) });
  // What was dragged goes back to where it was.
  if (dragging) previewCommand(undefined);
}

export function undo(): void {
  commit(undoStep);
}

export function redo(): void {
  commit(redoStep);
}

function commit(change: RowChange): void {
  const { row } = useJob.getState();
  if (!row) return;
  const changed = change(row);
  awaitedSnaps = [];
  dragging = false;
  useJob.setState({ snaps: [] });
  if (!changed) {
    askPlan(row.project);
    return;
  }
  unsaved.push({ id: row.id, change });
  useJob.setState({ row: changed, save: "saving", refused: undefined });
  askPlan(changed.project);
  void saveAll();
}

/** Stores the waiting changes one by one. A failure keeps them: nothing that was done is lost. */
async function saveAll(): Promise<void> {
  if (saving) return;
  saving = true;
  try {
    for (let next = unsaved[0]; next; next = unsaved[0]) {
      const { id, change } = next;
      const stored = await changeJob(id, change);
      if (!stored && useJob.getState().row?.id === id) {
        await goOnAsCopy();
        continue;
      }
      unsaved.shift();
      if (unsaved.every((each) => each.id !== id)) settle(id, stored);
    }
  } catch {
    useJob.setState({ save: "failed" });
  } finally {
    saving = false;
  }
}

function settle(id: string, stored: JobRow | undefined): void {
  const { row } = useJob.getState();
  if (row?.id !== id || !stored) return;
  const merged = stored.revision !== row.revision;
  useJob.setState({
    row: stored,
    save: "saved",
    ...(merged ? { notice: "other-tab" as const } : {}),
  });
  if (merged) askPlan(stored.project);
}

/** Tries again to store what could not be stored. */
export function retrySave(): void {
  if (unsaved.length > 0) useJob.setState({ save: "saving" });
  void saveAll();
}

/** A job that was erased elsewhere goes on as a copy of its own, with everything done here. */
export async function goOnAsCopy(): Promise<void> {
  const { row } = useJob.getState();
  if (!row) return;
  const copy = await addCopy(row);
  // Nothing else waits for the erased one: its changes are in the copy.
  for (let at = unsaved.length - 1; at >= 0; at--) {
    if (unsaved[at]?.id === row.id) unsaved.splice(at, 1);
  }
  useJob.setState({ row: copy, save: "saved", notice: "copied" });
  replaceJobId(copy.id);
}

/** Shows a command's outcome without doing it: what a drag does until it is let go. */
export function previewCommand(command: Command | undefined, snaps: SnapName[] = []): void {
  const { row } = useJob.getState();
  awaitedSnaps = snaps;
  if (!row) return;
  dragging = command !== undefined;
  if (command) planner.ask({ project: previewProject(row, command), passing: true });
  else askPlan(row.project);
}

export function dismissNotice(): void {
  useJob.setState({ notice: undefined, refused: undefined });
}
