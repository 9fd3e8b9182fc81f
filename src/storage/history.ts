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

/** A tab that does something with a job: its name, and the revision that it opened. */
export interface Tab {
  writer: string;
  since: number;
}

/**
 * A job after a command, its history one step longer, done by a tab; undefined when the command
 * changes nothing.
 */
export function applyCommand<T extends Kept>(row: T, command: Command, by?: string): T | undefined {
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
    ...(by ? { by } : {}),
    at: row.revision + 1,
    patches,
    inverse,
  };
  const merges =
    last && last.by === by && command.mergeKey !== undefined && last.mergeKey === command.mergeKey;
  const history = merges ? [...done.slice(0, -1), mergeSteps(last, step)] : [...done, step];
  const kept = history.slice(-LONGEST_HISTORY);
  return { ...row, project, history: kept, position: kept.length, revision: row.revision + 1 };
}

function mergeSteps(first: HistoryStep, second: HistoryStep): HistoryStep {
  return {
    ...second,
    patches: [...first.patches, ...second.patches],
    inverse: [...second.inverse, ...first.inverse],
  };
}

/**
 * The job with its latest step taken back; undefined when there is none. For a tab, its own latest:
 * what another tab did since stays, and where the two cannot be told apart it is undefined too.
 */
export function undoStep<T extends Kept>(row: T, tab?: Tab): T | undefined {
  const ready = tab ? withOwnStepLast(row, tab) : row;
  const step = ready?.history[ready.position - 1];
  if (!ready || !step) return undefined;
  const project = applyPatches(ready.project, step.inverse);
  return { ...ready, project, position: ready.position - 1, revision: ready.revision + 1 };
}

/** The job with the step that was taken back last done again; undefined when there is none, or not of this tab. */
export function redoStep<T extends Kept>(row: T, tab?: Tab): T | undefined {
  const step = row.history[row.position];
  if (!step || (tab && isOfOther(step, tab))) return undefined;
  const project = applyPatches(row.project, step.patches);
  return { ...row, project, position: row.position + 1, revision: row.revision + 1 };
}

/** The step that undo would take back in a tab; where it would ask first, the one that it asks about. */
export function stepToUndo(row: Kept, tab: Tab): HistoryStep | undefined {
  return (withOwnStepLast(row, tab) ?? row).history[row.position - 1];
}

/** Whether another tab did a step after this one opened the job. */
function isOfOther({ by, at = 0 }: HistoryStep, { writer, since }: Tab): boolean {
  return by !== writer && at > since;
}

/**
 * The same job with this tab's latest step at the end of what is done. Undefined when there is
 * none, or when what others did since touches the same places: then the order matters.
 */
function withOwnStepLast<T extends Kept>(row: T, tab: Tab): T | undefined {
  const done = row.history.slice(0, row.position);
  const at = done.findLastIndex((step) => !isOfOther(step, tab));
  const own = done[at];
  if (!own) return undefined;
  const since = done.slice(at + 1);
  if (since.length === 0) return row;
  if (since.some((step) => touchSame(own, step))) return undefined;
  const history = [...done.slice(0, at), ...since, own, ...row.history.slice(row.position)];
  return { ...row, history };
}

function touchSame(one: HistoryStep, other: HistoryStep): boolean {
  const places = placesOf(other);
  return placesOf(one).some((place) => places.some((each) => isWithin(place, each)));
}

type Place = (string | number)[];

/** What a step changes; a list whose entries come, go or move is changed as a whole. */
function placesOf({ patches, inverse }: HistoryStep): Place[] {
  return [...patches, ...inverse].map(({ op, path }) => {
    const last = path[path.length - 1];
    const wholeList = last === "length" || (op !== "replace" && typeof last === "number");
    return wholeList ? path.slice(0, -1) : path;
  });
}

/** Whether one place lies within the other, whichever it is. */
function isWithin(one: Place, other: Place): boolean {
  const shorter = one.length < other.length ? one : other;
  return shorter.every((part, k) => one[k] === part && other[k] === part);
}
