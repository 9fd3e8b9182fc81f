import { applyPatches, enablePatches, produce, produceWithPatches } from "immer";
import type { Command } from "../../core/project/command.ts";
import { type FieldIssue, parseProject } from "../../core/project/parse.ts";
import type { Project } from "../../core/project/schema.ts";
import type { HistoryStep, JobRow } from "./database.ts";

enablePatches();

/** Steps that can be undone; older ones are forgotten. */
const LONGEST_HISTORY = 300;

type Kept = Pick<JobRow, "project" | "history" | "position" | "revision">;

/** The project as a command would leave it: for the preview of a drag, where nothing is stored. */
export function previewProject({ project }: Kept, command: Command): Project {
  return produce(project, (draft) => {
    command.change(draft as Project);
  });
}

/** Why a command would leave the job invalid; empty when it would not. */
export function refusalOf(row: Kept, command: Command): FieldIssue[] {
  const parsed = parseProject(previewProject(row, command));
  return parsed.ok ? [] : parsed.issues;
}

/** A job after a command, its history one step longer; undefined when the command changes nothing. */
export function applyCommand<T extends Kept>(row: T, command: Command): T | undefined {
  const [project, patches, inverse] = produceWithPatches(row.project, (draft) => {
    command.change(draft as Project);
  });
  if (patches.length === 0) return undefined;
  // A command that would leave an invalid job must never reach the store.
  if (!parseProject(project).ok) return undefined;
  const done = row.history.slice(0, row.position);
  const last = done[done.length - 1];
  const step: HistoryStep = {
    name: command.name,
    ...(command.mergeKey ? { mergeKey: command.mergeKey } : {}),
    patches,
    inverse,
  };
  const merges = last && command.mergeKey !== undefined && last.mergeKey === command.mergeKey;
  const history = merges ? [...done.slice(0, -1), mergeSteps(last, step)] : [...done, step];
  const kept = history.slice(-LONGEST_HISTORY);
  return { ...row, project, history: kept, position: kept.length, revision: row.revision + 1 };
}

function mergeSteps(first: HistoryStep, second: HistoryStep): HistoryStep {
  return {
    ...first,
    patches: [...first.patches, ...second.patches],
    inverse: [...second.inverse, ...first.inverse],
  };
}

/** The job with its latest step taken back; undefined when there is none. */
export function undoStep<T extends Kept>(row: T): T | undefined {
  const step = row.history[row.position - 1];
  if (!step) return undefined;
  const project = applyPatches(row.project, step.inverse);
  return { ...row, project, position: row.position - 1, revision: row.revision + 1 };
}

/** The job with the step that was taken back last done again; undefined when there is none. */
export function redoStep<T extends Kept>(row: T): T | undefined {
  const step = row.history[row.position];
  if (!step) return undefined;
  const project = applyPatches(row.project, step.patches);
  return { ...row, project, position: row.position + 1, revision: row.revision + 1 };
}
