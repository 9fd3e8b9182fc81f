import { wrap } from "comlink";
import { type FieldIssue, parseProjectText } from "../../core/project/parse.ts";
import type { Project } from "../../core/project/schema.ts";
import { words } from "../../core/words/spoken.ts";
import { ui } from "../words/ui.ts";
import { database, type PhotoRow } from "./database.ts";
import { download, fileName } from "./download.ts";
import { addJob } from "./jobs.ts";
import { photoIds, photosOf } from "./photos.ts";
import type { DamagedRow } from "./rows.ts";
import type { Unpacked } from "./unpack.ts";
import type { UnpackWorker } from "./unpack.worker.ts";

/** Larger project files are refused before they are read, bytes. */
const LARGEST_FILE = 8 * 1024 * 1024;

/** A job with its photos may be larger, bytes. */
const LARGEST_ZIP = 300 * 1024 * 1024;

/** Issues shown of one file; a damaged one can have thousands. */
const MOST_ISSUES = 8;

const PHOTO_FOLDER = "photos/";

/** The new job's id, or what is wrong with the file in sentences. */
export type Imported = { ok: true; id: string } | { ok: false; problems: string[] };

/** Reads a project file, or a ZIP of one with its photos, into a new job. Other jobs stay. */
export async function importFile(file: File): Promise<Imported> {
  const zipped = /\.zip$/i.test(file.name) || file.type === "application/zip";
  if (file.size > (zipped ? LARGEST_ZIP : LARGEST_FILE)) {
    return { ok: false, problems: [zipped ? ui.jobs.zipTooLarge : ui.jobs.fileTooLarge] };
  }
  return zipped ? importZip(file) : importText(await file.text());
}

async function importText(text: string): Promise<Imported> {
  const parsed = parseProjectText(text);
  return parsed.ok ? kept(parsed.project, new Map()) : refused(issueWords(parsed.issues));
}

function refused(problems: string[]): Imported {
  return { ok: false, problems };
}

function issueWords(issues: FieldIssue[]): string[] {
  const problems = issues.slice(0, MOST_ISSUES).map(words.fieldIssue);
  const more = issues.length - problems.length;
  return more > 0 ? [...problems, ui.jobs.moreProblems(more)] : problems;
}

/** Stores a job with its photos, both or none. */
async function kept(project: Project, photos: Files): Promise<Imported> {
  try {
    const own = await withOwnPhotos(project, photos);
    const id = await database.transaction("rw", database.jobs, database.photos, async () => {
      if (own.photos.length > 0) await database.photos.bulkAdd(own.photos);
      return addJob(own.project);
    });
    return { ok: true, id };
  } catch {
    return refused([ui.save.full]);
  }
}

type Files = Map<string, Uint8Array<ArrayBuffer>>;

async function importZip(file: File): Promise<Imported> {
  const unpacked = await unpackFile(file);
  if (!unpacked.ok) return refused([ui.jobs.zipProblems[unpacked.problem]]);
  const { files } = unpacked;
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

/**
 * The photos that a job names, as rows to add. One whose id another photo has already is given
 * another id, in the job as well; one that is here already is the same photo.
 */
async function withOwnPhotos(
  project: Project,
  files: Files,
): Promise<{ project: Project; photos: PhotoRow[] }> {
  const renamed = new Map<string, string>();
  const photos: PhotoRow[] = [];
  for (const id of new Set(photoIds(project))) {
    const bytes = files.get(`${PHOTO_FOLDER}${id}.jpg`);
    if (!bytes) continue;
    const known = await database.photos.get(id);
    if (known && (await isSame(known.blob, bytes))) continue;
    const own = known ? crypto.randomUUID() : id;
    renamed.set(id, own);
    const blob = new Blob([bytes], { type: "image/jpeg" });
    photos.push({ id: own, blob, width: 0, height: 0, addedAt: Date.now() });
  }
  const record = project.record?.map((entry) => ({
    ...entry,
    photos: entry.photos.map((id) => renamed.get(id) ?? id),
  }));
  return { project: record ? { ...project, record } : project, photos };
}

async function isSame(blob: Blob, bytes: Uint8Array): Promise<boolean> {
  if (blob.size !== bytes.length) return false;
  const own = new Uint8Array(await blob.arrayBuffer());
  return own.every((byte, at) => byte === bytes[at]);
}

/** Saves whatever is there of a damaged row as a file, to be mended by hand or sent to somebody. */
export function saveRemains({ name, raw }: DamagedRow): void {
  download(
    `${fileName(name)}.damaged.json`,
    "application/json",
    `${JSON.stringify(raw, null, 2)}\n`,
  );
}

/** Saves a job as a project file, or with its photos as a ZIP that holds the project file. */
export async function exportJob(project: Project): Promise<void> {
  const name = fileName(project.name);
  const text = `${JSON.stringify(project, null, 2)}\n`;
  const photos = await photosOf(project);
  if (photos.length === 0) {
    download(`${name}.dintel.json`, "application/json", text);
    return;
  }
  const { zipSync, strToU8 } = await import("fflate");
  const files: Record<string, Uint8Array> = { [`${name}.dintel.json`]: strToU8(text) };
  for (const { id, blob } of photos) {
    files[`${PHOTO_FOLDER}${id}.jpg`] = new Uint8Array(await blob.arrayBuffer());
  }
  // Photos are compressed already: packing them again only takes time.
  download(`${name}.dintel.zip`, "application/zip", zipSync(files, { level: 0 }));
}
