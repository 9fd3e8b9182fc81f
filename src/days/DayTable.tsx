import { type PointerEvent, useState } from "react";
import type { DaysPlan, DayTask } from "../../core/days/days-plan.ts";
import { isoIn } from "../../core/days/zone.ts";
import { moveTask } from "../../core/project/business-commands.ts";
import type { Project } from "../../core/project/schema.ts";
import { taskName } from "../../core/words/task-name.ts";
import { dispatch } from "../state/job-store.ts";
import { readerLocale, ui } from "../words/ui.ts";
import { shownMoment } from "./moments.ts";

interface TableProps {
  project: Project;
  days: DaysPlan;
  /** The task that is being moved. */
  chosen: string | undefined;
  onChoose: (task: string | undefined) => void;
}

/** The tasks in their times, as a table with bars; each can be moved to another day. */
export function DayTable(props: TableProps) {
  const { days } = props;
  const span = spanOf(days);
  return (
    <div className="mt-2 overflow-x-auto">
      <table className="w-full min-w-xl bg-base-100">
        <thead className="text-left text-sm">
          <tr className="border-b-2 border-base-300">
            <th className="p-2 font-medium">{ui.days.task}</th>
            <th className="p-2 font-medium">{ui.days.starts}</th>
            <th className="p-2 font-medium">{ui.days.ends}</th>
            <th className="p-2 font-medium">{ui.days.work}</th>
            <th className="w-2/5 p-2 font-medium">
              <span className="sr-only">{ui.days.when}</span>
              <DayNames span={span} zone={days.zone} />
            </th>
          </tr>
        </thead>
        <tbody>
          {days.tasks.map((task) => (
            <TaskLine key={task.id} {...props} task={task} span={span} />
          ))}
        </tbody>
      </table>
    </div>
  );
}

const HOUR = 3_600_000;
const DAY = 24 * HOUR;

/** What the bars run over: whole days by the job's clocks. */
interface Span {
  from: number;
  to: number;
  /** Midnights. */
  days: number[];
}

function spanOf({ tasks, start, end, zone }: DaysPlan): Span {
  const first = Math.min(start, ...tasks.map((task) => task.start));
  const midnight = (ms: number) =>
    Date.parse(`${isoIn(ms, zone).slice(0, 10)}T00:00${offset(ms, zone)}`);
  const from = midnight(first);
  const days: number[] = [];
  // At noon of each day, so that a change of the clocks skips none.
  for (let noon = from + DAY / 2; midnight(noon) < end; noon += DAY) days.push(midnight(noon));
  return { from, to: midnight((days.at(-1) ?? from) + 1.5 * DAY), days };
}

function offset(ms: number, zone: string): string {
  return isoIn(ms, zone).slice(19);
}

function share({ from, to }: Span, ms: number): number {
  return to > from ? ((ms - from) / (to - from)) * 100 : 0;
}

/** At most so many days are named over the bars. */
const NAMED = 8;

function DayNames({ span, zone }: { span: Span; zone: string }) {
  const every = Math.ceil(span.days.length / NAMED);
  return (
    <span className="condensed relative block h-5 text-xs" aria-hidden="true">
      {span.days.map(
        (day, k) =>
          k % every === 0 && (
            <span
              key={day}
              className="absolute border-l border-base-300 pl-0.5 whitespace-nowrap"
              style={{ left: `${share(span, day)}%` }}
            >
              {new Date(day + DAY / 2).toLocaleDateString(readerLocale(), {
                ...{ timeZone: zone, weekday: "narrow", day: "numeric" },
              })}
            </span>
          ),
      )}
    </span>
  );
}

interface LineProps extends TableProps {
  task: DayTask;
  span: Span;
}

function TaskLine(props: LineProps) {
  const { project, days, chosen, onChoose, task } = props;
  const { id, start, end, critical, minutes, done } = task;
  const name = taskName(project, task);
  const moved = project.days?.moved?.find((own) => own.task === id);
  const movable = minutes > 0 && done === undefined;
  return (
    <>
      <tr className="border-b border-base-300/60" data-task={id} data-start={start}>
        <th scope="row" className="px-1 py-0 text-left font-semibold">
          {movable ? (
            <button
              type="button"
              className="min-h-9 min-w-34 cursor-pointer px-1 text-left hover:underline max-md:min-h-11"
              aria-expanded={chosen === id}
              title={ui.days.move(name)}
              onClick={() => onChoose(chosen === id ? undefined : id)}
            >
              {name}
              {critical && <Critical />}
              {moved && <span className="block text-xs font-normal">{ui.days.moved}</span>}
            </button>
          ) : (
            <span className="flex min-h-9 min-w-34 items-center px-1">
              {done !== undefined && <span className="mr-1 text-success">✓</span>}
              {name}
              {critical && done === undefined && <Critical />}
            </span>
          )}
        </th>
        {done === undefined ? (
          <>
            <td className="px-2 py-0 whitespace-nowrap">{shownMoment(start, days.zone, false)}</td>
            <td className="px-2 py-0 whitespace-nowrap">{shownMoment(end, days.zone, false)}</td>
          </>
        ) : (
          <td colSpan={2} className="px-2 py-0 text-sm">
            {ui.days.doneTask(shownMoment(done, days.zone, false))}
          </td>
        )}
        <td className="px-2 py-0 whitespace-nowrap">{minutes > 0 ? ui.set.hours(minutes) : ""}</td>
        <td className="px-2 py-0">
          <Bars {...props} movable={movable} name={name} />
        </td>
      </tr>
      {chosen === id && (
        <tr className="no-print border-b border-base-300/60">
          <td colSpan={5} className="p-2">
            <MoveFields task={id} from={moved?.from} onDone={() => onChoose(undefined)} />
          </td>
        </tr>
      )}
    </>
  );
}

function Critical() {
  return (
    <span className="text-error" title={ui.days.critical}>
      {" "}
      ●<span className="sr-only">{ui.days.critical}</span>
    </span>
  );
}

interface MoveProps {
  task: string;
  from: string | undefined;
  onDone: () => void;
}

function MoveFields({ task, from, onDone }: MoveProps) {
  return (
    <div className="flex flex-wrap items-end gap-2">
      <label>
        <span className="field-label">{ui.days.notBefore}</span>
        <input
          type="date"
          className="input bg-base-100"
          name={`move/${task}`}
          value={from?.slice(0, 10) ?? ""}
          onChange={({ target: { value } }) => value && dispatch(moveTask(task, value))}
        />
      </label>
      {from !== undefined && (
        <button
          type="button"
          className="btn quiet-button"
          onClick={() => {
            dispatch(moveTask(task, undefined));
            onDone();
          }}
        >
          {ui.days.soonest}
        </button>
      )}
    </div>
  );
}

/** A bar that is too thin to be seen is drawn so wide, % of all. */
const LEAST = 0.6;

/** The work of a task and its wait; the work is dragged to another day. */
function Bars({ days, task, span, movable, name }: LineProps & { movable: boolean; name: string }) {
  const { id, start, end, waitH, critical, minutes } = task;
  const [drag, setDrag] = useState<{ x: number; by: number }>();
  const place = (from: number, to: number) => ({
    left: `${share(span, from)}%`,
    width: `${Math.max(LEAST, share(span, to) - share(span, from))}%`,
  });
  const pxPerDay = (bar: HTMLElement) =>
    ((bar.parentElement?.clientWidth ?? 1) / (span.to - span.from)) * DAY;
  const begin = (event: PointerEvent<HTMLSpanElement>) => {
    if (!movable) return;
    event.currentTarget.setPointerCapture(event.pointerId);
    setDrag({ x: event.clientX, by: 0 });
  };
  const go = (event: PointerEvent<HTMLSpanElement>) => {
    if (drag) setDrag({ ...drag, by: event.clientX - drag.x });
  };
  const drop = (event: PointerEvent<HTMLSpanElement>) => {
    if (!drag) return;
    const by = Math.round(drag.by / pxPerDay(event.currentTarget));
    setDrag(undefined);
    if (by !== 0) dispatch(moveTask(id, isoIn(start + by * DAY, days.zone).slice(0, 10)));
  };
  return (
    <span className="relative block h-6 touch-pan-y">
      {span.days.map((day) => (
        <span
          key={day}
          className="absolute inset-y-0 border-l border-base-300/70"
          style={{ left: `${share(span, day)}%` }}
        />
      ))}
      {waitH > 0 && task.done === undefined && (
        <span
          className="day-wait absolute inset-y-1"
          style={place(end, Math.min(span.to, end + waitH * HOUR))}
          title={ui.days.waits(waitH)}
        />
      )}
      {minutes > 0 && task.done === undefined && (
        <span
          className={`day-bar absolute inset-y-1 ${movable ? "cursor-grab touch-none" : ""} ${critical ? "critical" : ""}`}
          style={{
            ...place(start, end),
            ...(drag ? { transform: `translateX(${drag.by}px)` } : {}),
          }}
          title={movable ? ui.days.move(name) : undefined}
          data-bar={id}
          onPointerDown={begin}
          onPointerMove={go}
          onPointerUp={drop}
          onPointerCancel={() => setDrag(undefined)}
        />
      )}
    </span>
  );
}
