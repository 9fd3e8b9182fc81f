import { differences, type JobPart } from "./copies.ts";
import { database, type JobRow } from "./database.ts";
import { download, fileName } from "./download.ts";
import { addJob, addRow } from "./jobs.ts";
import { type Files, PHOTO_FOLDER, withOwnPhotos } from "./photo-files.ts";
import { readRow } from "./rows.ts";

/** What makes a ZIP of jobs a backup. */
const MANIFEST = "backup.json";
const FORMAT = "dintel-backup";

const JOB_FOLDER = "jobs/";
/** What is left of rows that are no jobs. */
const DAMAGED_FOLDER = "damaged/";
const HISTORY_FOLDER = "history/";

/** How a job of a backup stands to what is in this browser under the same id. */
export type Standing =
  | { kind: "missing" | "same" }
  /** Among the deleted ones here, or damaged. */
  | { kind: "deleted" | "damaged" }
  | { kind: "differs"; parts: JobPart[]; changedHere: number };

export interface BackedUp {
  row: JobRow;
  here: Standing;
}

/** A backup that was opened, nothing of it restored yet. */
export interface Backup {
  at: number;
  jobs: BackedUp[];
  /** Names of files of it that are no jobs. */
  damaged: string[];
  files: Files;
}

const MARK = "backup";

/** When all jobs were backed up last, ms. */
export async function lastBackup(): Promise<number | undefined> {
  return (await database.marks.get(MARK))?.at;
}

/**
 * Saves all jobs as one ZIP: each as a project file that any program can read, its history beside
 * it, and all photos.
 */
export async function backUpAll(now: number): Promise<void> {
  const { strToU8, zipSync } = await import("fflate");
  const rows = await database.jobs.toArray();
  const files: Record<string, Uint8Array> = {
    [MANIFEST]: strToU8(JSON.stringify({ format: FORMAT, version: 1, at: now })),
  };
  const asFile = (value: unknown) => strToU8(`${JSON.stringify(value, null, 2)}\n`);
  rows.forEach((stored, k) => {
    const read = readRow(stored);
    if (!read.ok) {
      files[`${DAMAGED_FOLDER}${k + 1}.json`] = asFile(read.damaged.raw);
      return;
    }
    const { project, ...others } = read.row;
    const name = `${fileName(project.name)}-${k + 1}`;
    files[`${JOB_FOLDER}${name}.dintel.json`] = asFile(project);
    files[`${HISTORY_FOLDER}${name}.json`] = asFile(others);
  });
  for (const { id, row } of await database.aside.toArray()) {
    files[`${DAMAGED_FOLDER}${id}.json`] = asFile(row);
  }
  for (const { id, blob } of await database.photos.toArray()) {
    files[`${PHOTO_FOLDER}${id}.jpg`] = new Uint8Array(await blob.arrayBuffer());
  }
  const day = new Date(now).toISOString().slice(0, 10);
  download(`dintel-backup-${day}.zip`, "application/zip", zipSync(files, { level: 3 }));
  await database.marks.put({ name: MARK, at: now });
}

/** Opens a ZIP as a backup; undefined when it is none. Nothing is stored. */
export async function readBackup(files: Files): Promise<Backup | undefined> {
  const manifest = parsed(files.get(MANIFEST)) as { format?: unknown; at?: unknown } | undefined;
  if (manifest?.format !== FORMAT) return undefined;
  const backup: Backup = { at: Number(manifest.at) || 0, jobs: [], damaged: [], files };
  for (const [name, bytes] of files) {
    if (name.startsWith(DAMAGED_FOLDER)) backup.damaged.push(name);
    if (!name.startsWith(JOB_FOLDER)) continue;
    const history = `${HISTORY_FOLDER}${name.slice(JOB_FOLDER.length, -".dintel.json".length)}.json`;
    const project = parsed(bytes) as { id?: unknown } | undefined;
    const others = parsed(files.get(history)) as object | undefined;
    const read = readRow({ id: project?.id, ...others, project });
    if (read.ok) backup.jobs.push({ row: read.row, here: await standing(read.row) });
    else backup.damaged.push(name.slice(JOB_FOLDER.length));
  }
  return backup;
}

async function standing(row: JobRow): Promise<Standing> {
  const here = await database.jobs.get(row.id);
  if (!here) return { kind: "missing" };
  const read = readRow(here);
  if (!read.ok) return { kind: "damaged" };
  if (read.row.deletedAt) return { kind: "deleted" };
  const parts = differences(read.row.project, row.project);
  if (parts.length === 0) return { kind: "same" };
  return { kind: "differs", parts, changedHere: read.row.updatedAt };
}

/**
 * Restores chosen jobs of a backup, all or none. One whose id nothing has here comes back as it was,
 * with its history; any other is kept beside what is here, under the name that is given: whatever was
 * seen before, nothing here is written over.
 */
export async function restore(
  backup: Backup,
  chosen: readonly BackedUp[],
  nameBeside: (name: string) => string,
): Promise<void> {
  const own = await Promise.all(
    chosen.map(async ({ row }) => ({
      row,
      kept: await withOwnPhotos(row.project, backup.files, row.history),
    })),
  );
  await database.transaction("rw", database.jobs, database.photos, async () => {
    for (const { row, kept } of own) {
      await database.photos.bulkPut(kept.photos);
      const { project } = kept;
      if (await database.jobs.get(row.id)) {
        await addJob({ ...project, name: nameBeside(project.name) });
      } else await addRow({ ...row, project });
    }
  });
}

/** The value of a JSON file; undefined where it is none. */
function parsed(bytes: Uint8Array | undefined): unknown {
  if (!bytes) return undefined;
  try {
    return JSON.parse(new TextDecoder().decode(bytes));
  } catch {
    return undefined;
  }
}
