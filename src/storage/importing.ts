import { wrap } from "comlink";
import { type FieldIssue, parseProjectText } from "../../core/project/parse.ts";
import type { Project } from "../../core/project/schema.ts";
import { words } from "../../core/words/spoken.ts";
import { ui } from "../words/ui.ts";
import { type Backup, readBackup } from "./backup.ts";
import { differences, type JobPart } from "./copies.ts";
import { database } from "./database.ts";
import { addJob } from "./jobs.ts";
import { type Files, withOwnPhotos } from "./photo-files.ts";
import { readRow } from "./rows.ts";
import type { Unpacked } from "./unpack.ts";
import type { UnpackWorker } from "./unpack.worker.ts";

/** Larger project files are refused before they are read, bytes. */
const LARGEST_FILE = 8 * 1024 * 1024;

/** A job with its photos may be larger, bytes. */
const LARGEST_ZIP = 300 * 1024 * 1024;

/** Issues shown of one file; a damaged one can have thousands. */
const MOST_ISSUES = 8;

/**
 * What came of a file: a job, and in which parts it differs from the one that was here under the same
 * id, if one was; a backup, of which nothing is stored yet; or what is wrong, in sentences.
 */
export type Imported =
  | { kind: "job"; id: string; beside?: JobPart[] }
  | { kind: "backup"; backup: Backup }
  | { kind: "refused"; problems: string[] };

/** Reads a project file, or a ZIP of one with its photos, into a new job. Other jobs stay. */
export async function importFile(file: File): Promise<Imported> {
  const zipped = /\.zip$/i.test(file.name) || file.type === "application/zip";
  if (file.size > (zipped ? LARGEST_ZIP : LARGEST_FILE)) {
    return refused([zipped ? ui.jobs.zipTooLarge : ui.jobs.fileTooLarge]);
  }
  try {
    return await (zipped ? importZip(file) : importText(await file.text()));
  } catch {
    // It was moved or taken away since it was chosen.
    return refused([ui.jobs.unreadable]);
  }
}

async function importText(text: string): Promise<Imported> {
  const parsed = parseProjectText(text);
  return parsed.ok ? kept(parsed.project, new Map()) : refused(issueWords(parsed.issues));
}

function refused(problems: string[]): Imported {
  return { kind: "refused", problems };
}

function issueWords(issues: FieldIssue[]): string[] {
  const problems = issues.slice(0, MOST_ISSUES).map(words.fieldIssue);
  const more = issues.length - problems.length;
  return more > 0 ? [...problems, ui.jobs.moreProblems(more)] : problems;
}

/**
 * Stores a job with its photos, both or none. The very job that is here already is not stored again;
 * another copy of it is kept beside it.
 */
async function kept(project: Project, photos: Files): Promise<Imported> {
  try {
    const here = await database.jobs.get(project.id);
    const read = here && !here.deletedAt ? readRow(here) : undefined;
    const differs = read?.ok ? differences(read.row.project, project) : undefined;
    if (differs?.length === 0) return { kind: "job", id: project.id };
    const own = await withOwnPhotos(project, photos);
    const name = differs ? ui.jobs.fromFile(project.name) : project.name;
    const id = await database.transaction("rw", database.jobs, database.photos, async () => {
      if (own.photos.length > 0) await database.photos.bulkAdd(own.photos);
      return addJob({ ...own.project, name });
    });
    return { kind: "job", id, ...(differs ? { beside: differs } : {}) };
  } catch {
    return refused([ui.save.full]);
  }
}

async function importZip(file: File): Promise<Imported> {
  const unpacked = await unpackFile(file);
  if (!unpacked.ok) return refused([ui.jobs.zipProblems[unpacked.problem]]);
  const { files } = unpacked;
  const backup = await readBackup(files);
  if (backup) return { kind: "backup", backup };
  const job = [...files.keys()].find((name) => /(^|[^/])\.dintel\.json$/.test(name));
  const bytes = job === undefined ? undefined : files.get(job);
  if (!bytes) return refused([ui.jobs.zipWithoutJob]);
  if (bytes.length > LARGEST_FILE) return refused([ui.jobs.fileTooLarge]);
  const parsed = parseProjectText(new TextDecoder().decode(bytes));
  return parsed.ok ? kept(parsed.project, files) : refused(issueWords(parsed.issues));
}

async function unpackFile(file: File): Promise<Unpacked> {
  const worker = new Worker(new URL("./unpack.worker.ts", import.meta.url), {
    type: "module",
  });
  try {
    return await wrap<UnpackWorker>(worker).unpack(new Uint8Array(await file.arrayBuffer()));
  } catch {
    return { ok: false, problem: "damaged" };
  } finally {
    worker.terminate();
  }
}
