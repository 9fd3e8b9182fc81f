import { applyPatches, enablePatches, type Patch } from "immer";
import type { Project } from "../../core/project/schema.ts";

enablePatches();

/** A project and its number in the row of those that were sent. */
export interface NumberedProject {
  project: Project;
  revision: number;
}

/** A project on its way: whole, or what is different from the one that was sent before it. */
export interface SentProject {
  revision: number;
  what: { whole: Project } | { since: number; patches: Patch[] };
}

/** What to send of a project: where the one before is known, only what changed of it. */
export function sendProject(before: NumberedProject | undefined, project: Project): SentProject {
  if (!before) return { revision: 1, what: { whole: project } };
  const { revision: since } = before;
  const patches = patchesBetween(before.project, project);
  return { revision: since + 1, what: { since, patches } };
}

/**
 * The project that was sent. What did not change stays the very same object, so that planning sees
 * at a glance what it need not redo. Undefined when it goes on from one that never came.
 */
export function receiveProject(
  held: NumberedProject | undefined,
  { what }: SentProject,
): Project | undefined {
  if ("whole" in what) return what.whole;
  return held?.revision === what.since ? applyPatches(held.project, what.patches) : undefined;
}

/** What makes one project of another: parts that are the very same are not looked into. */
export function patchesBetween(before: unknown, after: unknown, path: Patch["path"] = []): Patch[] {
  if (Object.is(before, after)) return [];
  if (!isObject(before) || !isObject(after) || !isAlike(before, after)) {
    return [{ op: "replace", path, value: after }];
  }
  const removed = Object.keys(before).filter((key) => !(key in after));
  return [
    ...removed.map((key): Patch => ({ op: "remove", path: [...path, key] })),
    ...Object.entries(after).flatMap(([key, value]): Patch[] => {
      const at = [...path, Array.isArray(after) ? Number(key) : key];
      return key in before
        ? patchesBetween(before[key], value, at)
        : [{ op: "add", path: at, value }];
    }),
  ];
}

function isObject(value: unknown): value is Record<string, unknown> {
  return typeof value === "object" && value !== null;
}

/** Two groups, or two lists as long as each other: one that grew or shrank is sent as it is. */
function isAlike(before: object, after: object): boolean {
  if (!Array.isArray(before) || !Array.isArray(after)) {
    return !Array.isArray(before) && !Array.isArray(after);
  }
  return before.length === after.length;
}
