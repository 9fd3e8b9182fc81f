import { createEvents, type DateArray, type EventAttributes } from "ics";
import type { DaysPlan, DayTask } from "../../core/days/days-plan.ts";
import type { Project } from "../../core/project/schema.ts";
import { taskName } from "../../core/words/task-name.ts";
import { ui } from "../words/ui.ts";

/** The tasks of a job with work as a calendar file (RFC 5545), each an event; `at`: when it is given, ms. */
export function scheduleIcs(project: Project, days: DaysPlan, at: number): string {
  const events = days.tasks
    .filter(({ minutes, done }) => minutes > 0 && done === undefined)
    .map((task) => eventOf(project, task, at));
  const { value, error } = createEvents(events, {
    productId: "dintel",
    calName: project.name,
  });
  if (error || !value) throw new Error(`the calendar could not be written: ${error}`);
  return value;
}

/** When it is given: the writer takes it, but does not say so. */
type Given = EventAttributes & { timestamp: DateArray };

function eventOf(project: Project, task: DayTask, at: number): Given {
  const { waitH } = task;
  return {
    uid: `${project.id}/${task.id}@dintel`,
    title: `${taskName(project, task)} · ${project.name}`,
    description: [
      ...(waitH > 0 ? [ui.documents.waits(Math.round(waitH * 10) / 10)] : []),
      ui.documents.given(new Date(at).toISOString().slice(0, 10)),
      ui.documents.datePromise,
    ].join("\n"),
    ...(project.place ? { location: project.place } : {}),
    start: utc(task.start),
    end: utc(task.end),
    ...{ startInputType: "utc", startOutputType: "utc" },
    ...{ endInputType: "utc", endOutputType: "utc" },
    timestamp: utc(at),
    busyStatus: "BUSY",
    status: "TENTATIVE",
  };
}

/** A moment as the calendar's writer takes it: to the minute, by UTC. */
function utc(ms: number): DateArray {
  const date = new Date(ms);
  return [
    ...([date.getUTCFullYear(), date.getUTCMonth() + 1, date.getUTCDate()] as const),
    ...([date.getUTCHours(), date.getUTCMinutes()] as const),
  ];
}
