import type { DaysPlan, DayTask } from "../../core/days/days-plan.ts";
import type { Plan } from "../../core/plan.ts";
import { jobOf } from "../../core/project/job.ts";
import type { Project } from "../../core/project/schema.ts";
import { taskName } from "../../core/words/task-name.ts";
import { readerLocale, ui } from "../words/ui.ts";
import { DayFields } from "./DayFields.tsx";
import { useMet } from "./useMet.ts";

interface DaysProps {
  project: Project;
  plan: Plan;
}

/** The work by the calendar: who begins when, what waits, and how sure the end is. */
export default function DaysPage({ project, plan }: DaysProps) {
  const { days } = plan;
  return (
    <div className="mx-auto max-w-5xl p-4 md:p-8" data-days>
      <h1 className="name mb-3 text-2xl font-bold">
        {ui.days.title} · {project.name}
      </h1>
      <DayFields project={project} />
      {!days && <p className="mt-4">{ui.days.none}</p>}
      {days?.impossible && (
        <p role="alert" className="mt-4 font-semibold text-error">
          ! {ui.days.impossible}
        </p>
      )}
      {days && !days.impossible && <Calendar project={project} plan={plan} days={days} />}
    </div>
  );
}

function Calendar({ project, plan, days }: DaysProps & { days: DaysPlan }) {
  const backwards = project.days?.start === undefined;
  const when = (ms: number) => shown(ms, days.zone, true);
  return (
    <>
      <p className="mt-4 text-2xl font-bold" data-days-end={days.end}>
        {backwards ? ui.days.begins(when(days.start)) : ui.days.done(when(days.end))}
      </p>
      <Honest project={project} plan={plan} zone={days.zone} />
      <Key />
      <div className="mt-2 overflow-x-auto">
        <table className="w-full min-w-xl bg-base-100">
          <thead className="text-left text-sm">
            <tr className="border-b-2 border-base-300">
              <th className="p-2 font-medium">{ui.days.task}</th>
              <th className="p-2 font-medium">{ui.days.starts}</th>
              <th className="p-2 font-medium">{ui.days.ends}</th>
              <th className="p-2 font-medium">{ui.days.work}</th>
              <th className="w-2/5 p-2 font-medium">{ui.days.when}</th>
            </tr>
          </thead>
          <tbody>
            {days.tasks.map((task) => (
              <TaskLine key={task.id} project={project} days={days} task={task} />
            ))}
          </tbody>
        </table>
      </div>
      <p className="mt-2 text-xs opacity-80">{ui.days.zone(days.zone)}</p>
    </>
  );
}

/** The dates that are met in 5 and in 9 of 10 cases. */
function Honest({ project, plan, zone }: DaysProps & { zone: string }) {
  const met = useMet(jobOf(project).days, plan.tasks);
  return (
    <div className="mt-1">
      <p data-met={met?.in9of10}>
        {met
          ? ui.days.met(shown(met.in5of10, zone, true), shown(met.in9of10, zone, true))
          : ui.days.working}
      </p>
      <p className="text-xs opacity-80">{ui.days.honestHint}</p>
    </div>
  );
}

/** What the bars mean. */
function Key() {
  const { key } = ui.days;
  return (
    <ul className="mt-3 flex flex-wrap gap-4 text-sm">
      <li className="flex items-center gap-1.5">
        <span className="day-bar inline-block h-3 w-8" /> {key.work}
      </li>
      <li className="flex items-center gap-1.5">
        <span className="day-bar critical inline-block h-3 w-8" /> {key.critical}
      </li>
      <li className="flex items-center gap-1.5">
        <span className="day-wait inline-block h-3 w-8" /> {key.wait}
      </li>
    </ul>
  );
}

const HOUR = 3_600_000;

/** A bar that is too thin to be seen is drawn so wide, % of all. */
const LEAST = 0.6;

interface TaskLineProps {
  project: Project;
  days: DaysPlan;
  task: DayTask;
}

function TaskLine({ project, days, task }: TaskLineProps) {
  const all = days.end - days.start;
  const share = (ms: number) => (all > 0 ? (ms / all) * 100 : 0);
  const place = (from: number, to: number) => ({
    left: `${share(from - days.start)}%`,
    width: `${Math.max(LEAST, share(to - from))}%`,
  });
  const { start, end, waitH, critical, minutes } = task;
  return (
    <tr className="border-b border-base-300/60" data-task={task.id}>
      <th scope="row" className="p-2 text-left font-semibold">
        {taskName(project, task)}
        {critical && (
          <span className="text-error" title={ui.days.critical}>
            {" "}
            ●<span className="sr-only">{ui.days.critical}</span>
          </span>
        )}
      </th>
      <td className="p-2 whitespace-nowrap">{shown(start, days.zone, false)}</td>
      <td className="p-2 whitespace-nowrap">{shown(end, days.zone, false)}</td>
      <td className="p-2 whitespace-nowrap">{minutes > 0 ? ui.set.hours(minutes) : ""}</td>
      <td className="p-2">
        <span className="relative block h-4">
          {waitH > 0 && (
            <span
              className="day-wait absolute inset-y-0"
              style={place(end, Math.min(days.end, end + waitH * HOUR))}
              title={ui.days.waits(waitH)}
            />
          )}
          {minutes > 0 && (
            <span
              className={`day-bar absolute inset-y-0 ${critical ? "critical" : ""}`}
              style={place(start, end)}
            />
          )}
        </span>
      </td>
    </tr>
  );
}

/** A moment by the job's clocks: the day, and the time where there is room. */
function shown(ms: number, zone: string, long: boolean): string {
  return new Date(ms).toLocaleString(readerLocale(), {
    timeZone: zone,
    ...{ weekday: "short", day: "numeric", month: long ? "long" : "short" },
    ...{ hour: "numeric", minute: "2-digit" },
  });
}
