import { X } from "lucide-react";
import { editDays } from "../../core/project/business-commands.ts";
import { jobOf } from "../../core/project/job.ts";
import type { Project } from "../../core/project/schema.ts";
import { Choice } from "../fields/Choice.tsx";
import { NumberField } from "../fields/NumberField.tsx";
import { Tick } from "../panel/PanelParts.tsx";
import { dispatch } from "../state/job-store.ts";
import { readerLocale, ui } from "../words/ui.ts";

/** When the work begins or ends, who works, on which days and from when to when. */
export function DayFields({ project }: { project: Project }) {
  const { days } = jobOf(project);
  const way = project.days?.start === undefined && days.end !== undefined ? "end" : "start";
  // Clocks are those of where the dates are given.
  const zone = project.days?.zone ?? Intl.DateTimeFormat().resolvedOptions().timeZone;
  const set = (date: string | undefined, of: "start" | "end" = way) =>
    dispatch(editDays({ start: undefined, end: undefined, [of]: date, zone }));
  const given = days[way]?.slice(0, 10) ?? "";
  return (
    <div className="grid max-w-3xl gap-3">
      <div className="grid items-end gap-3 sm:grid-cols-3">
        <Choice
          label={ui.days.way}
          value={way}
          options={ui.days.ways}
          onChange={(next) => set(given || today(), next)}
        />
        <label className="block">
          <span className="field-label">{ui.days.date[way]}</span>
          <input
            type="date"
            className="input input-sm w-full bg-base-100"
            name="days/date"
            value={given}
            onChange={(event) => event.target.value && set(event.target.value)}
          />
        </label>
        <NumberField
          integer
          label={ui.days.people}
          name="days/people"
          value={days.people}
          min={1}
          max={20}
          onCommit={(people) => dispatch(editDays({ people }))}
        />
      </div>
      <div className="grid items-end gap-3 sm:grid-cols-3">
        <NumberField
          label={ui.days.from}
          name="days/from"
          value={days.from}
          max={23}
          suffix="h"
          onCommit={(from) =>
            dispatch(editDays({ hours: { from, to: Math.max(days.to, from + 1) } }))
          }
        />
        <NumberField
          label={ui.days.to}
          name="days/to"
          value={days.to}
          min={days.from + 0.5}
          max={24}
          suffix="h"
          onCommit={(to) => dispatch(editDays({ hours: { from: days.from, to } }))}
        />
        {given !== "" && (
          <button
            type="button"
            className="btn btn-sm quiet-button"
            onClick={() => dispatch(editDays({ start: undefined, end: undefined }))}
          >
            {ui.days.clear}
          </button>
        )}
      </div>
      <fieldset className="flex flex-wrap gap-x-4">
        <legend className="field-label">{ui.days.weekdays}</legend>
        {[1, 2, 3, 4, 5, 6, 0].map((day) => (
          <Tick
            key={day}
            label={dayName(day)}
            checked={days.weekdays.includes(day)}
            onChange={(on) => {
              const others = days.weekdays.filter((own) => own !== day);
              // A week without a day would never end.
              if (on || others.length > 0) {
                const off = project.days?.off?.filter((own) => own !== day);
                dispatch(editDays({ weekdays: on ? [...others, day].sort() : others, off }));
              }
            }}
          />
        ))}
      </fieldset>
      <DaysOff off={project.days?.off ?? []} />
    </div>
  );
}

type Off = NonNullable<NonNullable<Project["days"]>["off"]>;

function DaysOff({ off }: { off: Off }) {
  // Days of the week are ticked above.
  const dates = off.filter((day) => typeof day === "string");
  return (
    <div className="flex flex-wrap items-end gap-2">
      <label className="block">
        <span className="field-label">{ui.days.addOff}</span>
        <input
          type="date"
          className="input input-sm bg-base-100"
          name="days/off"
          value=""
          onChange={({ target: { value } }) =>
            value && dispatch(editDays({ off: [...new Set([...off, value])].sort() }))
          }
        />
      </label>
      {dates.map((day) => (
        <button
          key={day}
          type="button"
          className="btn btn-sm quiet-button"
          aria-label={`${ui.remove}: ${day}`}
          onClick={() => {
            const others = off.filter((own) => own !== day);
            dispatch(editDays({ off: others.length > 0 ? others : undefined }));
          }}
        >
          {day} <X size={14} aria-hidden="true" />
        </button>
      ))}
    </div>
  );
}

/** Today by the clocks of this device, as a date field has it. */
function today(): string {
  const now = new Date();
  const local = new Date(now.getTime() - now.getTimezoneOffset() * 60_000);
  return local.toISOString().slice(0, 10);
}

/** The name of a day of the week, 0 for Sunday: 4 January 1970 was one. */
function dayName(day: number): string {
  return new Date(Date.UTC(1970, 0, 4 + day)).toLocaleDateString(readerLocale(), {
    weekday: "short",
    timeZone: "UTC",
  });
}
