import { type FieldIssue, parseProjectText } from "../../core/project/parse.ts";
import type { Project } from "../../core/project/schema.ts";
import { fieldIssueWords } from "../../core/words/en.ts";
import { ui } from "../words/en.ts";
import { database } from "./database.ts";
import { addJob } from "./jobs.ts";
import { photosOf } from "./photos.ts";

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
  return parsed.ok
    ? { ok: true, id: await addJob(parsed.project) }
    : { ok: false, problems: issueWords(parsed.issues) };
}

function issueWords(issues: FieldIssue[]): string[] {
  const problems = issues.slice(0, MOST_ISSUES).map(fieldIssueWords);
  const more = issues.length - problems.length;
  return more > 0 ? [...problems, ui.jobs.moreProblems(more)] : problems;
}

async function importZip(file: File): Promise<Imported> {
  const { unzipSync, strFromU8 } = await import("fflate");
  let files: Record<string, Uint8Array<ArrayBuffer>>;
  try {
    files = unzipSync(new Uint8Array(await file.arrayBuffer())) as typeof files;
  } catch {
    return { ok: false, problems: [ui.jobs.zipDamaged] };
  }
  const job = Object.keys(files).find((name) => /(^|[^/])\.dintel\.json$/.test(name));
  const bytes = job && files[job];
  if (!bytes) return { ok: false, problems: [ui.jobs.zipWithoutJob] };
  const imported = await importText(strFromU8(bytes));
  if (imported.ok) await keepPhotos(files);
  return imported;
}

/** Photos keep their ids; one that is here already is the same photo. */
async function keepPhotos(files: Record<string, Uint8Array<ArrayBuffer>>): Promise<void> {
  for (const [name, bytes] of Object.entries(files)) {
    const id = /^photos\/(.+)\.jpg$/.exec(name)?.[1];
    if (!id) continue;
    const blob = new Blob([bytes], { type: "image/jpeg" });
    await database.photos.put({ id, blob, width: 0, height: 0, addedAt: Date.now() });
  }
}

/** Saves a job as a project file, or with its photos as a ZIP that holds the project file. */
export async function exportJob(project: Project): Promise<void> {
  const name = project.name.replace(/[^\p{L}\p{N}]+/gu, "-").replace(/^-|-$/g, "") || "job";
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

/** Hands a text or bytes to the browser as a file to keep. */
export function download(name: string, type: string, content: string | Uint8Array): void {
  const url = URL.createObjectURL(new Blob([content as BlobPart], { type }));
  const link = document.createElement("a");
  link.href = url;
  link.download = name;
  link.click();
  setTimeout(() => URL.revokeObjectURL(url), 10_000);
}
