import { dequal } from "dequal";
import type { Project } from "../../core/project/schema.ts";

/** A part of a job in which two of its copies can differ. */
export type JobPart = Exclude<keyof Project, "id" | "format" | "version"> & string;

/** The parts in which two copies of a job differ, the order of their fields not counted. */
export function differences(ours: Project, theirs: Project): JobPart[] {
  const parts = new Set([...Object.keys(ours), ...Object.keys(theirs)]);
  return [...parts].filter(
    (part): part is JobPart => part !== "id" && !dequal(ours[part], theirs[part]),
  );
}

/** Days after which changes that no backup has are worth a word. */
const OLD_DAYS = 14;
const DAY = 24 * 3600 * 1000;

/**
 * The days since the last backup, or since the first change that none has, where that is long ago;
 * undefined where everything is backed up, or not for long. Times in ms.
 */
export function daysWithoutBackup(
  changes: readonly number[],
  lastBackup: number | undefined,
  now: number,
): number | undefined {
  const open = changes.filter((at) => at > (lastBackup ?? 0));
  if (open.length === 0) return undefined;
  const days = Math.floor((now - (lastBackup ?? Math.min(...open))) / DAY);
  return days >= OLD_DAYS ? days : undefined;
}
