import { planDays } from "../days/days-plan.ts";
import type { Task } from "../days/tasks.ts";
import { isoIn } from "../days/zone.ts";
import { jobOf } from "../project/job.ts";
import type { Project } from "../project/schema.ts";
import { taskName } from "../words/task-name.ts";
import type { PlanFile } from "./schema.ts";

/** The work by the calendar in the open format, with honest dates; nothing where no day is given. */
export function daysFile(project: Project, tasks: Task[]): Pick<PlanFile, "days"> {
  const days = planDays(jobOf(project), tasks, true);
  if (!days || days.impossible) return {};
  const iso = (ms: number) => isoIn(ms, days.zone);
  const { met } = days;
  return {
    days: {
      ...(met ? { met: { in5of10: iso(met.in5of10), in9of10: iso(met.in9of10) } } : {}),
      tasks: days.tasks.map((task) => ({
        id: task.id,
        name: taskName(project, task),
        ...(task.wall === undefined ? {} : { wall: task.wall }),
        ...{ start: iso(task.start), end: iso(task.end), work: task.minutes },
        ...{ after: task.after, waitH: task.waitH, critical: task.critical },
      })),
      end: iso(days.end),
    },
  };
}
