import type { Project } from "../../core/project/schema.ts";
import { download, fileName } from "./download.ts";
import { PHOTO_FOLDER } from "./photo-files.ts";
import { photosOf } from "./photos.ts";
import type { DamagedRow } from "./rows.ts";

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
