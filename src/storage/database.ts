import Dexie, { type DexieOptions, type EntityTable } from "dexie";
import type { Patch } from "immer";
import type { CommandName } from "../../core/project/command.ts";
import type { Project } from "../../core/project/schema.ts";

/** One step of a job's history: what was done, and how to do it again or take it back. */
export interface HistoryStep {
  name: CommandName;
  mergeKey?: string;
  /** Which tab did it, and the revision that it made. */
  by?: string;
  at?: number;
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

/** A stored row that could not be read as a job, put where it troubles nobody. */
export interface AsideRow {
  id: string;
  row: unknown;
  at: number;
}

/** The layout of the store; a release that changes it adds a version. */
const NEWEST = 3;

class Database extends Dexie {
  declare jobs: EntityTable<JobRow, "id">;
  declare marks: EntityTable<MarkRow, "name">;
  declare photos: EntityTable<PhotoRow, "id">;
  declare aside: EntityTable<AsideRow, "id">;

  constructor(options: DexieOptions) {
    super("dintel", options);
    this.version(1).stores({ jobs: "id, updatedAt", marks: "name" });
    this.version(2).stores({ photos: "id" });
    this.version(NEWEST).stores({ aside: "id" });
  }
}

/**
 * The store of this browser; what is told to be stored is on the disk. Where it cannot be used,
 * one in memory takes its place before anything is asked of it.
 */
export let database = new Database({ chromeTransactionDurability: "strict" });

/** Where jobs are kept: on the device, or in this tab alone, and why. */
export type StorageKind = "device" | "failed" | "newer";

/** A store that has not opened by then does not answer, ms. */
const LONGEST_WAIT = 4000;

/** Opens the store, or one in memory in its place. */
export async function openStorage(): Promise<StorageKind> {
  const late = new Promise<StorageKind>((resolve) =>
    setTimeout(() => resolve("failed"), LONGEST_WAIT),
  );
  const kind = await Promise.race([openDevice(database), late]);
  if (kind !== "device") await openInMemory();
  return kind;
}

async function openDevice(device: Database): Promise<StorageKind> {
  try {
    // Opening one that a newer release wrote would change it.
    if ((await installedVersion(device.name)) > NEWEST * DEXIE_STEP) return "newer";
    await device.open();
    // Some browsers open a store that they then refuse to read.
    await device.jobs.count();
    return "device";
  } catch {
    return "failed";
  }
}

/** A version of ours is so many of the browser's. */
const DEXIE_STEP = 10;

/** The version of a store as it is, 0 where there is none; nothing is changed by asking. */
function installedVersion(name: string): Promise<number> {
  return new Promise((resolve, reject) => {
    const asked = indexedDB.open(name);
    let isNew = false;
    asked.onupgradeneeded = () => {
      isNew = true;
      asked.transaction?.abort();
    };
    asked.onsuccess = () => {
      resolve(asked.result.version);
      asked.result.close();
    };
    asked.onerror = () => (isNew ? resolve(0) : reject(asked.error));
  });
}

async function openInMemory(): Promise<void> {
  const { IDBFactory, IDBKeyRange } = await import("fake-indexeddb");
  database.close();
  database = new Database({ indexedDB: new IDBFactory(), IDBKeyRange });
}
