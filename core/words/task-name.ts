import type { Project } from "../project/schema.ts";
import { words } from "./spoken.ts";

/** What a task is called: its work, which coat or session, and its wall. */
export function taskName(
  project: Project,
  task: { kind: keyof typeof words.tasks; n?: number; wall?: string },
): string {
  const wall = project.walls.find(({ id }) => id === task.wall)?.name ?? task.wall;
  const what = words.tasks[task.kind];
  const named = task.n === undefined ? what : `${what} ${task.n}`;
  return wall === undefined ? named : `${named} · ${wall}`;
}
