import { create } from "zustand";
import type { SnapName } from "../../core/adjust/move-pattern.ts";
import type { Plan } from "../../core/plan.ts";
import type { Command } from "../../core/project/command.ts";
import type { Project } from "../../core/project/schema.ts";
import type { WallPlan } from "../../core/wall-plan.ts";
import { words } from "../../core/words/spoken.ts";
import type { JobRow } from "../storage/database.ts";
import {
  applyCommand,
  previewProject,
  redoStep,
  refusalOf,
  stepToUndo,
  type Tab,
  undoStep,
} from "../storage/history.ts";
import { type DamagedRow, readRow } from "../storage/rows.ts";
import type { LatestRunner } from "../workers/latest.ts";
import type { PassingPlan } from "../workers/passing.ts";
import type { Asked, PlannerOf } from "../workers/planner.ts";

/** What the user is told about the job as a whole. */
export type JobNotice =
  | "other-tab"
  | "deleted"
  | "erased"
  | "copied"
  | "plan-failed"
  /** The step to be taken back, or to be done again, is another tab's. */
  | "undo-other"
  | "redo-other";

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

/** A change to a stored job: undefined leaves it as it is. */
export type RowChange = (row: JobRow) => JobRow | undefined;

/** Where jobs are kept, for all tabs. */
export interface JobStorage {
  /** Names this tab among the writers of a job. */
  writer: string;
  /** Tells of a job now and whenever it changes; gives the function that ends it. */
  watch: (
    id: string,
    tell: { next: (row: JobRow | undefined) => void; error: () => void },
  ) => () => void;
  /** Changes the newest stored revision; undefined when the job is gone. */
  change: (id: string, change: RowChange) => Promise<JobRow | undefined>;
  /** Stores a row whose job was erased under a new id. */
  addCopy: (row: JobRow) => Promise<JobRow>;
}

interface SessionParts {
  planner: PlannerOf;
  storage: JobStorage;
  /** The open job goes on under another id. */
  onCopied?: (id: string) => void;
}

/** The job that is open in this tab: what is done to it, its plan, and that all of it is stored. */
export class JobSession {
  readonly use = create<JobState>(() => NOTHING_OPEN);
  private readonly planner: LatestRunner<Asked>;
  private readonly storage: JobStorage;
  private readonly onCopied: (id: string) => void;
  /** Changes of this tab that are not stored yet, of whichever job, oldest first. */
  private readonly unsaved: { id: string; change: RowChange }[] = [];
  private saving = false;
  /** The revision that the job had when it was opened here: steps of others after it are theirs. */
  private since = Number.POSITIVE_INFINITY;
  /** Whether something is dragged and not let go yet. */
  private dragging = false;
  /** Snaps of the newest preview, shown when its plan is. */
  private awaitedSnaps: SnapName[] = [];
  /** Whether a whole plan was asked for and has not come yet. */
  private awaited = false;

  constructor({ planner, storage, onCopied = () => undefined }: SessionParts) {
    this.storage = storage;
    this.onCopied = onCopied;
    this.planner = planner({
      onPlan: (plan, planned) => {
        this.awaited = false;
        if (this.isOpen(planned)) this.set({ plan, passing: undefined, ...this.newSnaps() });
      },
      onPassing: (passing, planned) => {
        // Let go meanwhile: the whole plan is on its way.
        if (this.isOpen(planned) && this.dragging) this.set({ passing, ...this.newSnaps() });
      },
      onFailure: () => {
        this.awaited = false;
        this.set({ notice: "plan-failed" });
      },
    });
  }

  /** A wall to begin a drag from; undefined as long as its newest plan is on its way. */
  settledWall = (id: string): WallPlan | undefined =>
    this.awaited ? undefined : this.state.plan?.walls.find((wall) => wall.id === id);

  /** Opens a job and follows what other tabs do to it. Gives the function that closes it. */
  open = (id: string): (() => void) => {
    this.dragging = false;
    const { notice, row: last } = this.state;
    // A copy that takes the place of an erased job says so.
    this.set({ ...NOTHING_OPEN, notice: last?.id === id ? notice : undefined });
    return this.storage.watch(id, {
      next: (row) => this.takeOver(id, row),
      error: () => this.set({ save: "failed" }),
    });
  };

  /** Whether anything of this tab is not stored yet. */
  isUnsaved = (): boolean => this.unsaved.length > 0;

  /** Does a command at once on the screen and stores it, on top of what other tabs stored. */
  dispatch = (command: Command): void => {
    const { row } = this.state;
    const [issue] = row ? refusalOf(row, command) : [];
    if (!issue) {
      this.commit((current) => applyCommand(current, command, this.storage.writer));
      return;
    }
    this.set({ refused: words.fieldIssue(issue) });
    // What was dragged goes back to where it was.
    if (this.dragging) this.preview(undefined);
  };

  /** Takes back this tab's latest step; what another tab did since is asked about first. */
  undo = (): void => this.step(undoStep, "undo-other");

  redo = (): void => this.step(redoStep, "redo-other");

  /** The same, whichever tab did it. */
  undoAnyway = (): void => this.commit((row) => undoStep(row));

  redoAnyway = (): void => this.commit((row) => redoStep(row));

  /** Tries again to store what could not be stored. */
  retrySave = (): void => {
    if (this.isUnsaved()) this.set({ save: "saving" });
    void this.saveAll();
  };

  /** A job that was erased elsewhere goes on as a copy of its own, with everything done here. */
  goOnAsCopy = async (): Promise<void> => {
    const { row } = this.state;
    if (!row) return;
    const copy = await this.storage.addCopy(row);
    // Nothing else waits for the erased one: its changes are in the copy.
    for (let at = this.unsaved.length - 1; at >= 0; at--) {
      if (this.unsaved[at]?.id === row.id) this.unsaved.splice(at, 1);
    }
    this.set({ row: copy, save: "saved", notice: "copied" });
    this.onCopied(copy.id);
  };

  /** Shows a command's outcome without doing it: what a drag does until it is let go. */
  preview = (command: Command | undefined, snaps: SnapName[] = []): void => {
    const { row } = this.state;
    this.awaitedSnaps = snaps;
    if (!row) return;
    this.dragging = command !== undefined;
    if (command) this.planner.ask({ project: previewProject(row, command), passing: true });
    else this.askPlan(row.project);
  };

  dismissNotice = (): void => this.set({ notice: undefined, refused: undefined });

  /** The step that undo takes back, or asks about. */
  stepToUndo = (row: JobRow | undefined) => row && stepToUndo(row, this.tab);

  private get tab(): Tab {
    return { writer: this.storage.writer, since: this.since };
  }

  private step(change: typeof undoStep, notice: JobNotice): void {
    const { row } = this.state;
    const { tab } = this;
    if (!row || !change(row)) return;
    if (change(row, tab)) this.commit((current) => change(current, tab));
    else this.set({ notice });
  }

  private get state(): JobState {
    return this.use.getState();
  }

  private set(part: Partial<JobState>): void {
    this.use.setState(part);
  }

  private askPlan(project: Project): void {
    this.awaited = true;
    this.planner.ask({ project });
  }

  /** A job that was closed meanwhile must not show its plan in the next one. */
  private isOpen(planned: Project): boolean {
    return this.state.row?.id === planned.id;
  }

  /** With the plan, not before it: two changes a move would be two layouts of the page. */
  private newSnaps(): Partial<JobState> {
    const same = this.state.snaps.join() === this.awaitedSnaps.join();
    return same ? {} : { snaps: this.awaitedSnaps };
  }

  /** Takes a stored row over, unless changes of this tab are still on their way to it. */
  private takeOver(id: string, stored: JobRow | undefined): void {
    const { row } = this.state;
    if (!stored) {
      this.set(row ? { notice: "erased" } : { missing: true });
      return;
    }
    const read = readRow(stored);
    if (!read.ok) {
      this.set({ damaged: read.damaged });
      return;
    }
    const waiting = this.unsaved.filter((each) => each.id === id);
    if (stored.id !== id || (row && waiting.length > 0)) return;
    if (row && stored.revision <= row.revision && !stored.deletedAt) return;
    const fromOther = row !== undefined && stored.writer !== this.storage.writer;
    const notice = stored.deletedAt ? "deleted" : fromOther ? "other-tab" : undefined;
    // What was done before the job was left, and could not be stored, is still on its way.
    const current = waiting.reduce((latest, { change }) => change(latest) ?? latest, read.row);
    if (!row) this.since = read.row.revision;
    this.set({
      row: current,
      ...(waiting.length > 0 ? { save: "failed" as const } : {}),
      ...(notice ? { notice } : {}),
    });
    this.askPlan(current.project);
  }

  private commit(change: RowChange): void {
    const { row } = this.state;
    if (!row) return;
    const changed = change(row);
    this.awaitedSnaps = [];
    this.dragging = false;
    const { notice } = this.state;
    const asked = notice === "undo-other" || notice === "redo-other";
    this.set({ snaps: [], ...(asked ? { notice: undefined } : {}) });
    if (!changed) {
      this.askPlan(row.project);
      return;
    }
    this.unsaved.push({ id: row.id, change });
    this.set({ row: changed, save: "saving", refused: undefined });
    this.askPlan(changed.project);
    void this.saveAll();
  }

  /** Stores the waiting changes one by one. A failure keeps them: nothing that was done is lost. */
  private async saveAll(): Promise<void> {
    if (this.saving) return;
    this.saving = true;
    try {
      for (let next = this.unsaved[0]; next; next = this.unsaved[0]) {
        const { id, change } = next;
        const stored = await this.storage.change(id, change);
        if (!stored && this.state.row?.id === id) {
          await this.goOnAsCopy();
          continue;
        }
        this.unsaved.shift();
        if (this.unsaved.every((each) => each.id !== id)) this.settle(id, stored);
      }
    } catch {
      this.set({ save: "failed" });
    } finally {
      this.saving = false;
    }
  }

  private settle(id: string, stored: JobRow | undefined): void {
    const { row } = this.state;
    if (row?.id !== id || !stored) return;
    // What came to nothing on top of another tab's change leaves that tab's as it is.
    const merged = stored.revision !== row.revision || stored.writer !== this.storage.writer;
    this.set({
      row: stored,
      save: "saved",
      ...(merged ? { notice: "other-tab" as const } : {}),
    });
    if (merged) this.askPlan(stored.project);
  }
}
