import Dexie, { type EntityTable } from "dexie";
import type { Patch } from "immer";
import type { CommandName } from "../../core/project/commands.ts";
import type { Project } from "../../core/project/schema.ts";

/** One step of a job's history: what was done, and how to do it again or take it back. */
export interface HistoryStep {
  name: CommandName;
  mergeKey?: string;
  patches: Patch[];
  inverse: Patch[];
}

/** A job as it is kept in the browser. */
export interface JobRow {
  id: string;
  project: Project;
  /** Counts every change; a tab that sees a higher number than its own takes the newer job over. */
  revision: number;
  /** Which tab wrote the latest revision. */
  writer: string;
  history: HistoryStep[];
  /** Steps of the history that are done; those after it can be redone. */
  position: number;
  updatedAt: number;
  deletedAt?: number;
}

/** Marks such as "samples were added once", by name. */
interface MarkRow {
  name: string;
  at: number;
}

/** A photo, resized; jobs name it by its id. */
export interface PhotoRow {
  id: string;
  blob: Blob;
  width: number;
  height: number;
  addedAt: number;
}

export const database = new Dexie("dintel") as Dexie & {
  jobs: EntityTable<JobRow, "id">;
  marks: EntityTable<MarkRow, "name">;
  photos: EntityTable<PhotoRow, "id">;
};

database.version(1).stores({ jobs: "id, updatedAt", marks: "name" });
database.version(2).stores({ photos: "id" });
