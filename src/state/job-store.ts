import { liveQuery } from "dexie";
import { database } from "../storage/database.ts";
import { addCopy, changeJob, TAB_ID } from "../storage/jobs.ts";
import { createPlanner } from "../workers/planner.ts";
import { JobSession, type JobStorage } from "./job-session.ts";
import { replaceJobId } from "./location.ts";

export type { JobNotice, SaveState } from "./job-session.ts";

const inBrowser: JobStorage = {
  writer: TAB_ID,
  watch: (id, tell) => {
    const subscription = liveQuery(() => database.jobs.get(id)).subscribe(tell);
    return () => subscription.unsubscribe();
  },
  change: changeJob,
  addCopy,
};

/** The job of this tab: planned in the worker, kept in the browser. */
const session = new JobSession({
  planner: createPlanner,
  storage: inBrowser,
  onCopied: replaceJobId,
});

export const useJob = session.use;
export const openJob = session.open;
export const { settledWall, isUnsaved, dispatch, undo, redo, retrySave, goOnAsCopy } = session;
export const {
  preview: previewCommand,
  dismissNotice,
  undoAnyway,
  redoAnyway,
  stepToUndo,
} = session;
