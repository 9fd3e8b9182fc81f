import type { Project } from "../../core/project/schema.ts";

/** A part that is not what it was: where it is, and what it is now; one without a value is gone. */
interface Change {
  path: (string | number)[];
  value?: unknown;
}

/** A project and its number in the row of those that were sent. */
export interface NumberedProject {
  project: Project;
  revision: number;
}

/** A project on its way: whole, or what is different from the one that was sent before it. */
export interface SentProject {
  revision: number;
  what: { whole: Project } | { since: number; changes: Change[] };
}

/** What to send of a project: where the one before is known, only what changed of it. */
export function sendProject(before: NumberedProject | undefined, project: Project): SentProject {
  if (!before) return { revision: 1, what: { whole: project } };
  const { revision: since } = before;
  const changes = changesBetween(before.project, project);
  return { revision: since + 1, what: { since, changes } };
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
  if (held?.revision !== what.since) return undefined;
  return what.changes.reduce(
    (project, change) => changed(project, change) as Project,
    held.project,
  );
}

/** A copy in which one part is another; what lies beside the way there is taken over as it is. */
function changed(whole: unknown, { path, ...what }: Change): unknown {
  const [key, ...rest] = path;
  if (key === undefined) return what.value;
  const copy = (Array.isArray(whole) ? [...whole] : { ...(whole as object) }) as Parts;
  if (rest.length > 0 || "value" in what) copy[key] = changed(copy[key], { path: rest, ...what });
  else delete copy[key];
  return copy;
}

/** What makes one project of another: parts that are the very same are not looked into. */
function changesBetween(before: unknown, after: unknown, path: Change["path"] = []): Change[] {
  if (Object.is(before, after)) return [];
  if (!isParts(before) || !isParts(after) || !isAlike(before, after)) {
    return [{ path, value: after }];
  }
  const removed = Object.keys(before).filter((key) => !(key in after));
  return [
    ...removed.map((key) => ({ path: [...path, key] })),
    ...Object.entries(after).flatMap(([key, value]): Change[] =>
      changesBetween(before[key], value, [...path, Array.isArray(after) ? Number(key) : key]),
    ),
  ];
}

type Parts = Record<string | number, unknown>;

function isParts(value: unknown): value is Parts {
  return typeof value === "object" && value !== null;
}

/** Two groups, or two lists as long as each other: one that grew or shrank is sent as it is. */
function isAlike(before: object, after: object): boolean {
  if (!Array.isArray(before) || !Array.isArray(after)) {
    return !Array.isArray(before) && !Array.isArray(after);
  }
  return before.length === after.length;
}
