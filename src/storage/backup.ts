import type { Project } from "../../core/project/schema.ts";
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
const HISTORY_FOLDER = "history/";

/** How a job of a backup stands to what is in this browser. */
export interface BackedUp {
  row: JobRow;
  /** In which parts it differs from the job here: undefined where there is none, none where it is the same. */
  differs: JobPart[] | undefined;
  /** When the job here was changed last. */
  changedHere: number | undefined;
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
  rows.forEach((row, k) => {
    const { project, ...others } = row;
    const name = `${fileName(project?.name ?? "")}-${k + 1}`;
    files[`${JOB_FOLDER}${name}.dintel.json`] = asFile(project ?? null);
    files[`${HISTORY_FOLDER}${name}.json`] = asFile(others);
  });
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
    if (!name.startsWith(JOB_FOLDER)) continue;
    const history = `${HISTORY_FOLDER}${name.slice(JOB_FOLDER.length, -".dintel.json".length)}.json`;
    const project = parsed(bytes) as { id?: unknown } | undefined;
    const others = parsed(files.get(history)) as object | undefined;
    const read = readRow({ id: project?.id, ...others, project });
    if (read.ok) backup.jobs.push(await standing(read.row));
    else backup.damaged.push(name.slice(JOB_FOLDER.length));
  }
  return backup;
}

async function standing(row: JobRow): Promise<BackedUp> {
  const here = await database.jobs.get(row.id);
  const read = here && readRow(here);
  if (!read?.ok) return { row, differs: undefined, changedHere: undefined };
  const differs = differences(read.row.project, row.project);
  return { row, differs, changedHere: read.row.updatedAt };
}

/**
 * Restores chosen jobs of a backup, all or none: one that is not here comes back as it was, with
 * its history; one that differs from the job here is kept beside it under the name that is given.
 */
export async function restore(
  backup: Backup,
  chosen: readonly BackedUp[],
  nameBeside: (name: string) => string,
): Promise<void> {
  const own = await Promise.all(
    chosen.map(async (each) => ({
      ...each,
      kept: await withOwnPhotos(each.row.project, backup.files),
    })),
  );
  await database.transaction("rw", database.jobs, database.photos, async () => {
    for (const { row, differs, kept } of own) {
      if (differs?.length === 0) continue;
      await database.photos.bulkPut(kept.photos);
      const project: Project = kept.project;
      if (differs) await addJob({ ...project, name: nameBeside(project.name) });
      else await addRow({ ...row, project });
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
