import type { Project } from "../../core/project/schema.ts";
import { database, type PhotoRow } from "./database.ts";
import { photoIds, textsIn } from "./photos.ts";

/** The files of a ZIP by their names. */
export type Files = Map<string, Uint8Array<ArrayBuffer>>;

/** Where photos are in a ZIP, by their ids. */
export const PHOTO_FOLDER = "photos/";

/**
 * The photos that a job names, as rows to add. One whose id another photo has already is given
 * another id, in the job as well; one that is here already is the same photo. Photos that only a history
 * names come along under their ids.
 */
export async function withOwnPhotos(
  project: Project,
  files: Files,
  history: unknown = [],
): Promise<{ project: Project; photos: PhotoRow[] }> {
  const renamed = new Map<string, string>();
  const photos: PhotoRow[] = [];
  const named = new Set(photoIds(project));
  const remembered = [...textsIn(history)].filter((id) => !named.has(id));
  const photoOf = (id: string, bytes: Uint8Array<ArrayBuffer>): PhotoRow => ({
    ...{ id, blob: new Blob([bytes], { type: "image/jpeg" }) },
    ...{ width: 0, height: 0, addedAt: Date.now() },
  });
  for (const id of named) {
    const bytes = files.get(`${PHOTO_FOLDER}${id}.jpg`);
    if (!bytes) continue;
    const known = await database.photos.get(id);
    if (known && (await isSame(known.blob, bytes))) continue;
    const own = known ? crypto.randomUUID() : id;
    renamed.set(id, own);
    photos.push(photoOf(own, bytes));
  }
  for (const id of remembered) {
    const bytes = files.get(`${PHOTO_FOLDER}${id}.jpg`);
    if (bytes && !(await database.photos.get(id))) photos.push(photoOf(id, bytes));
  }
  const record = project.record?.map((entry) => ({
    ...entry,
    photos: entry.photos.map((id) => renamed.get(id) ?? id),
  }));
  const walls = project.walls.map((wall) =>
    wall.photo
      ? { ...wall, photo: { ...wall.photo, id: renamed.get(wall.photo.id) ?? wall.photo.id } }
      : wall,
  );
  const coverage = project.work?.coverage?.map((check) =>
    check.photo ? { ...check, photo: renamed.get(check.photo) ?? check.photo } : check,
  );
  const work = coverage && { ...project.work, coverage };
  const own = { ...project, walls, ...(record ? { record } : {}), ...(work ? { work } : {}) };
  return { project: own, photos };
}

async function isSame(blob: Blob, bytes: Uint8Array): Promise<boolean> {
  if (blob.size !== bytes.length) return false;
  const own = new Uint8Array(await blob.arrayBuffer());
  return own.every((byte, at) => byte === bytes[at]);
}
