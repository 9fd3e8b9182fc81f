import type { Project } from "../../core/project/schema.ts";
import { database, type PhotoRow } from "./database.ts";

/** The longer side of a kept photo, px: enough to see a scratch, small enough for a phone. */
const LONGEST_SIDE = 1600;
const JPEG_QUALITY = 0.82;

/** Larger files are not opened at all: a phone would run out of memory, bytes. */
const LARGEST_FILE = 80 * 1024 * 1024;

export type PhotoProblem = "too-large" | "not-an-image" | "disk-full";

export type AddedPhoto = { ok: true; id: string } | { ok: false; problem: PhotoProblem };

/** Keeps a photo in the browser, resized, and gives its id; the job is not changed. */
export async function addPhoto(file: File): Promise<AddedPhoto> {
  if (file.size > LARGEST_FILE) return { ok: false, problem: "too-large" };
  let photo: PhotoRow;
  try {
    photo = await shrink(file);
  } catch {
    return { ok: false, problem: "not-an-image" };
  }
  try {
    await database.photos.add(photo);
    return { ok: true, id: photo.id };
  } catch {
    return { ok: false, problem: "disk-full" };
  }
}

/** Keeps a photo that ships with the application under its own id, unless it is there. */
export async function keepPhoto(id: string, address: string): Promise<void> {
  if (await database.photos.get(id)) return;
  const response = await fetch(address);
  if (!response.ok) return;
  const blob = await response.blob();
  const { width, height } = await createImageBitmap(blob);
  await database.photos.put({ id, blob, width, height, addedAt: Date.now() });
}

async function shrink(file: File): Promise<PhotoRow> {
  const image = await createImageBitmap(file);
  const scale = Math.min(1, LONGEST_SIDE / Math.max(image.width, image.height));
  const [width, height] = [image.width, image.height].map((px) => Math.round(px * scale)) as [
    number,
    number,
  ];
  const canvas = new OffscreenCanvas(width, height);
  const context = canvas.getContext("2d");
  if (!context) throw new Error("no canvas");
  context.drawImage(image, 0, 0, width, height);
  image.close();
  const blob = await canvas.convertToBlob({ type: "image/jpeg", quality: JPEG_QUALITY });
  return { id: crypto.randomUUID(), blob, width, height, addedAt: Date.now() };
}

/** Ids of all photos that a job names. */
export function photoIds(project: Project): string[] {
  const ofWalls = project.walls.flatMap(({ photo }) => (photo ? [photo.id] : []));
  const pulled = (project.work?.coverage ?? []).flatMap(({ photo }) => (photo ? [photo] : []));
  const noted = [...(project.log ?? []), ...(project.handOver?.snags ?? [])];
  return [
    ...(project.record ?? []).flatMap(({ photos }) => photos),
    ...ofWalls,
    ...pulled,
    ...noted.flatMap(({ photos = [] }) => photos),
  ];
}

/** The photos of a job that are in this browser. */
export async function photosOf(project: Project): Promise<PhotoRow[]> {
  const found = await database.photos.bulkGet(photoIds(project));
  return found.filter((photo): photo is PhotoRow => photo !== undefined);
}

/** All short texts of a row: a photo may be named in a record, in a step that undo brings back, in what is damaged. */
export function textsIn(row: unknown): Set<string> {
  return new Set(
    [...JSON.stringify(row).matchAll(/"([^"\\]{1,100})"/g)].map(([, text = ""]) => text),
  );
}

/** Forgets photos that no job names any more, deleted jobs counted as well. */
export async function dropUnusedPhotos(): Promise<void> {
  await database.transaction("rw", database.jobs, database.photos, database.aside, async () => {
    const used = new Set<string>();
    const keep = (row: unknown) => {
      for (const text of textsIn(row)) used.add(text);
    };
    await database.jobs.each(keep);
    await database.aside.each(keep);
    await database.photos.filter(({ id }) => !used.has(id)).delete();
  });
}
