import type { Project } from "../../core/project/schema.ts";
import { database, type JobRow } from "./database.ts";
import { dropUnusedPhotos, keepPhoto } from "./photos.ts";
import { type DamagedRow, readRow } from "./rows.ts";
import { asOfNow } from "./sample-days.ts";

/** Names this tab among the writers of a job. */
export const TAB_ID = crypto.randomUUID();

/** A change to a stored job: undefined leaves it as it is. */
type RowChange = (row: JobRow) => JobRow | undefined;

/** Stores a new job and gives its id; a taken id is replaced by a fresh one. */
export async function addJob(project: Project): Promise<string> {
  return database.transaction("rw", database.jobs, async () => {
    const taken = (await database.jobs.get(project.id)) !== undefined;
    const id = taken ? crypto.randomUUID() : project.id;
    await database.jobs.add({
      id,
      project: { ...project, id },
      revision: 1,
      writer: TAB_ID,
      history: [],
      position: 0,
      updatedAt: Date.now(),
    });
    return id;
  });
}

/**
 * Applies a change to the newest stored revision of a job, whichever tab wrote it, and gives the
 * row that is stored then. Undefined when the job is gone.
 */
export async function changeJob(id: string, change: RowChange): Promise<JobRow | undefined> {
  return database.transaction("rw", database.jobs, async () => {
    const row = await database.jobs.get(id);
    if (!row) return undefined;
    const read = readRow(row);
    const changed = read.ok && change(read.row);
    if (!changed) return row;
    const stored = { ...changed, writer: TAB_ID, updatedAt: Date.now() };
    await database.jobs.put(stored);
    return stored;
  });
}

/** Stores a row as it was, its history with it; fails where its id is taken. */
export async function addRow(row: JobRow): Promise<void> {
  await database.jobs.add({ ...row, writer: TAB_ID });
}

/** Stores a row whose job was erased under a new id, its history with it. */
export async function addCopy(row: JobRow): Promise<JobRow> {
  const id = crypto.randomUUID();
  const { deletedAt: _, ...kept } = row;
  const copy = {
    ...kept,
    id,
    project: { ...row.project, id },
    writer: TAB_ID,
    updatedAt: Date.now(),
  };
  await database.jobs.add(copy);
  return copy;
}

/** Puts a row that is no job where it troubles nobody; what is there stays to be saved. */
export async function setAside({ id, raw }: DamagedRow): Promise<void> {
  await database.transaction("rw", database.jobs, database.aside, async () => {
    await database.aside.put({ id: crypto.randomUUID(), row: raw, at: Date.now() });
    await database.jobs.delete(id);
  });
}

/** Removes what was set aside for good. */
export async function eraseAside(id: string): Promise<void> {
  await database.aside.delete(id);
}

/** Copies a job under a new id and name; the copy starts a history of its own. */
export async function duplicateJob(id: string, name: string): Promise<string | undefined> {
  const row = await database.jobs.get(id);
  if (!row) return undefined;
  return addJob({ ...row.project, id: crypto.randomUUID(), name });
}

/** Puts a job among the deleted ones, from where it can be brought back. */
export async function deleteJob(id: string): Promise<void> {
  await database.jobs.update(id, { deletedAt: Date.now() });
}

/** Brings a deleted job back. */
export async function restoreJob(id: string): Promise<void> {
  await database.jobs
    .where("id")
    .equals(id)
    .modify((row) => {
      delete row.deletedAt;
    });
}

/** Removes a deleted job for good, and the photos that no other job names. */
export async function eraseJob(id: string): Promise<void> {
  await database.jobs.delete(id);
  await dropUnusedPhotos();
}

/** Tells a browser that has opened a store before: samples are then looked for only where none were. */
const OPENED = "dintel-opened";

/** In a new browser samples are asked for while the store is opened. */
export function askForSamples(): Promise<Project[] | undefined> | undefined {
  try {
    if (localStorage.getItem(OPENED)) return undefined;
    localStorage.setItem(OPENED, "1");
  } catch {
    // Without it each start is the first.
  }
  const wanted = wantedSamples();
  wanted.catch(() => undefined);
  return wanted;
}

/**
 * Adds the samples once per browser where the server wants them, so that deleted ones do not come
 * back by themselves. Without a network nobody wants them yet.
 */
export async function seedSamples(asked?: Promise<Project[] | undefined>): Promise<void> {
  if (await database.marks.get("samples")) {
    // Somebody may have left before they were all there.
    if (!(await database.marks.get("sample-photos"))) void keepSamplePhotos();
    return;
  }
  const samples = await (asked ?? wantedSamples());
  if (!samples) return;
  await database.transaction("rw", database.jobs, database.marks, async () => {
    if (await database.marks.get("samples")) return;
    await database.marks.add({ name: "samples", at: Date.now() });
    for (const sample of samples) if (!(await database.jobs.get(sample.id))) await addJob(sample);
  });
  void keepSamplePhotos();
}

/** The samples, where the server wants them in every new browser; both are asked for at once. */
async function wantedSamples(): Promise<Project[] | undefined> {
  const samples = fetchSamples();
  // Where they are not wanted nobody hears that they did not come.
  samples.catch(() => undefined);
  const response = await fetch("/api/settings").catch(() => undefined);
  if (!response?.ok) return undefined;
  const settings = (await response.json()) as { samples?: unknown };
  return settings.samples === true ? samples : undefined;
}

/** All sample jobs that ship with the application, from a file that is there offline too. */
export async function fetchSamples(): Promise<Project[]> {
  const { SAMPLES } = await import("../../samples/samples.ts");
  return (SAMPLES as unknown as Project[]).map((sample) => asOfNow(sample, Date.now()));
}

/**
 * Adds those of the samples that this browser does not have, brings back the deleted ones, and gives
 * how many came. What somebody made of a sample stays as it is.
 */
export async function addMissing(samples: Project[]): Promise<number> {
  const came = await database.transaction("rw", database.jobs, async () => {
    let count = 0;
    for (const sample of samples) {
      const row = await database.jobs.get(sample.id);
      if (row && row.deletedAt === undefined) continue;
      await (row ? restoreJob(sample.id) : addJob(sample));
      count++;
    }
    return count;
  });
  void keepSamplePhotos();
  return came;
}

/** The photos that samples name: they are shown as they come, and no job waits for them. */
export async function keepSamplePhotos(): Promise<void> {
  try {
    const { SAMPLE_PHOTOS } = await import("../../samples/photos.ts");
    for (const [id, address] of Object.entries(SAMPLE_PHOTOS)) await keepPhoto(id, address);
    await database.marks.put({ name: "sample-photos", at: Date.now() });
  } catch {
    // A sample without its photo is a sample all the same; the next start tries again.
  }
}
