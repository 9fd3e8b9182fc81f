import type { Project } from "../../core/project/schema.ts";

const DAY = 24 * 3_600_000;

/** Text that is a day, or a moment with its offset. */
const DATE = /^\d{4}-\d\d-\d\d(T[\d:.]+(Z|[+-]\d\d:\d\d))?$/;

/**
 * A sample that is half way through its days, moved by whole weeks so that what was noted last was
 * within the last seven days: it is then neither years late nor ahead of its time.
 */
export function asOfNow(project: Project, now: number): Project {
  const last = Math.max(
    ...[...(project.work?.rows ?? []), ...(project.log ?? [])].map(({ at }) => Date.parse(at)),
  );
  if (!Number.isFinite(last)) return project;
  const weeks = Math.floor((now - last) / (7 * DAY));
  return weeks > 0 ? (moved(project, weeks * 7 * DAY) as Project) : project;
}

function moved(value: unknown, by: number): unknown {
  if (typeof value === "string") return DATE.test(value) ? later(value, by) : value;
  if (Array.isArray(value)) return value.map((item) => moved(item, by));
  if (typeof value !== "object" || value === null) return value;
  return Object.fromEntries(Object.entries(value).map(([key, own]) => [key, moved(own, by)]));
}

/** The same clock time so much later; by whole weeks the weekday stays. */
function later(text: string, by: number): string {
  const day = new Date(Date.parse(`${text.slice(0, 10)}T12:00:00Z`) + by).toISOString();
  return day.slice(0, 10) + text.slice(10);
}
