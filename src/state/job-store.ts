import { liveQuery } from "dexie";
import { create } from "zustand";
import type { Plan } from "../../core/plan.ts";
import type { Command } from "../../core/project/commands.ts";
import type { Project } from "../../core/project/schema.ts";
import type { SnapName } from "../../core/set-out/move-pattern.ts";
import type { WallPlan } from "../../core/wall-plan.ts";
import { fieldIssueWords } from "../../core/words/en.ts";
import { database, type JobRow } from "../storage/database.ts";
import { applyCommand, previewProject, redoStep, refusalOf, undoStep } from "../storage/history.ts";
import { changeJob, type RowChange, TAB_ID } from "../storage/jobs.ts";
import type { PassingPlan } from "../workers/passing.ts";
import { createPlanner } from "../workers/planner.ts";

/** What the user is told about the job as a whole. */
export type JobNotice = "other-tab" | "deleted" | "plan-failed";

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
  refused: undefined,
};

export const useJob = create<JobState>(() => NOTHING_OPEN);

/** Changes of this tab that are not stored yet, oldest first. */
let unsaved: RowChange[] = [];
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
  unsaved = [];
  dragging = false;
  useJob.setState(NOTHING_OPEN);
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
    useJob.setState(row ? { notice: "deleted" } : { missing: true });
    return;
  }
  if (stored.id !== id || unsaved.length > 0) return;
  if (row && stored.revision <= row.revision && !stored.deletedAt) return;
  const fromOther = row !== undefined && stored.writer !== TAB_ID;
  const notice = stored.deletedAt ? "deleted" : fromOther ? "other-tab" : undefined;
  useJob.setState({ row: stored, ...(notice ? { notice } : {}) });
  askPlan(stored.project);
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
  unsaved.push(change);
  useJob.setState({ row: changed, save: "saving", refused: undefined });
  askPlan(changed.project);
  void saveAll(row.id);
}

/** Stores the waiting changes one by one. A failure keeps them: nothing that was done is lost. */
async function saveAll(id: string): Promise<void> {
  if (saving) return;
  saving = true;
  try {
    for (let change = unsaved[0]; change; change = unsaved[0]) {
      const stored = await changeJob(id, change);
      unsaved.shift();
      if (unsaved.length === 0) settle(id, stored);
    }
  } catch {
    useJob.setState({ save: "failed" });
  } finally {
    saving = false;
  }
}

function settle(id: string, stored: JobRow | undefined): void {
  const { row } = useJob.getState();
  if (row?.id !== id) return;
  if (!stored) {
    useJob.setState({ notice: "deleted", save: "failed" });
    return;
  }
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
  const { row } = useJob.getState();
  if (row) void saveAll(row.id);
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
