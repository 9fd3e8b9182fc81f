import type { Project } from "./schema.ts";

/** Lists of a job whose entries have an id, and where each is kept. */
export const LISTS = {
  widths: (draft: Project, wall: string) => onWall(draft, wall, "widths"),
  straightedge: (draft: Project, wall: string) => onWall(draft, wall, "straightedge"),
  studs: (draft: Project, wall: string) => onWall(draft, wall, "studs"),
  patches: (draft: Project, wall: string) => onWall(draft, wall, "patches"),
  record: (draft: Project) => made(draft, "record"),
  decisions: (draft: Project) => made(draft, "decisions"),
  blocking: (draft: Project) => made(made(draft, "build", {}), "blocking"),
  coats: (draft: Project) => made(made(draft, "film", {}), "coats"),
  gauge: (draft: Project) => made(made(draft, "film", {}), "gauge"),
  holes: (draft: Project) => made(made(draft, "film", {}), "holes"),
  cutDone: (draft: Project) => made(draft, "cutDone"),
  atWall: (draft: Project) => made(draft, "atWall"),
  delivery: (draft: Project) => made(draft, "delivery"),
  zones: (draft: Project) => made(draft, "zones"),
  shelves: (draft: Project) => made(draft, "shelves"),
  gate: (draft: Project) => made(made(draft, "film", {}), "gate"),
  rowsSet: (draft: Project) => made(made(draft, "work", {}), "rows"),
  mixes: (draft: Project) => made(made(draft, "work", {}), "mixes"),
  coverage: (draft: Project) => made(made(draft, "work", {}), "coverage"),
  supports: (draft: Project) => made(made(draft, "work", {}), "supports"),
  lippage: (draft: Project) => made(made(draft, "work", {}), "lippage"),
  log: (draft: Project) => made(draft, "log"),
  snags: (draft: Project) => made(made(draft, "handOver", {}), "snags"),
  left: (draft: Project) => made(made(draft, "handOver", {}), "left"),
  signatures: (draft: Project) => made(made(draft, "handOver", {}), "signatures"),
} satisfies Record<string, (draft: Project, wall: string) => unknown>;

export type ListName = keyof typeof LISTS;

/** An entry of a list, as the project file holds it. */
export type ItemOf<L extends ListName> = NonNullable<ReturnType<(typeof LISTS)[L]>>[number];

/** The step of history that a change to a list makes. */
export type ItemCommand = `${"add" | "edit" | "remove"}-${ListName}`;

/** Which list: those of a wall need the wall's id. */
export interface ListPlace<L extends ListName> {
  list: L;
  wall?: string;
}

function onWall<K extends "widths" | "straightedge" | "studs" | "patches">(
  draft: Project,
  wallId: string,
  key: K,
): NonNullable<Project["walls"][number][K]> | undefined {
  const wall = draft.walls.find(({ id }) => id === wallId);
  // Another tab may have taken the wall away: then there is nothing left to change.
  return wall && made(wall, key);
}

/** The list or group under a key, made when it is first written to. */
function made<T extends object, K extends keyof T>(
  owner: T,
  key: K,
  empty: object = [],
): NonNullable<T[K]> {
  owner[key] ??= empty as T[K];
  return owner[key] as NonNullable<T[K]>;
}
