import { CalendarPlus, Printer } from "lucide-react";
import { useState } from "react";
import type { DaysPlan } from "../../core/days/days-plan.ts";
import type { Met } from "../../core/days/simulate.ts";
import type { Plan } from "../../core/plan.ts";
import type { Project } from "../../core/project/schema.ts";
import { download, fileName } from "../storage/download.ts";
import { ui } from "../words/ui.ts";
import { DayFields } from "./DayFields.tsx";
import { DayTable } from "./DayTable.tsx";
import { LeftToSay } from "./LeftToSay.tsx";
import { shownMoment } from "./moments.ts";
import { RateFields } from "./RateFields.tsx";
import { type Stands, useStanding } from "./useStanding.ts";

interface DaysProps {
  project: Project;
  plan: Plan;
}

/** The work by the calendar: who begins when, what waits, and how sure the end is. */
export default function DaysPage({ project, plan }: DaysProps) {
  const { days } = plan;
  return (
    <div className="mx-auto max-w-5xl p-4 md:p-8 print:p-0" data-days>
      <div className="mb-3 flex flex-wrap items-center gap-2">
        <h1 className="name mr-auto text-2xl font-bold">
          {ui.days.title} · {project.name}
        </h1>
        {days && !days.impossible && <Buttons project={project} days={days} />}
      </div>
      <div className="no-print">
        <DayFields project={project} />
        <RateFields project={project} />
      </div>
      {!days && <p className="mt-4">{ui.days.none}</p>}
      {days?.impossible && (
        <p role="alert" className="mt-4 font-semibold text-error">
          ! {ui.days.impossible}
        </p>
      )}
      {days && !days.impossible && <Calendar project={project} plan={plan} planned={days} />}
    </div>
  );
}

function Buttons({ project, days }: { project: Project; days: DaysPlan }) {
  const save = async () => {
    const { scheduleIcs } = await import("../documents/schedule-ics.ts");
    const text = scheduleIcs(project, days, Date.now());
    download(`${fileName(project.name)}.ics`, "text/calendar", text);
  };
  return (
    <>
      <button type="button" className="btn no-print" onClick={() => void save()}>
        <CalendarPlus size={17} aria-hidden="true" /> {ui.days.calendarFile}
      </button>
      <button type="button" className="btn no-print" onClick={() => print()}>
        <Printer size={17} aria-hidden="true" /> {ui.days.print}
      </button>
    </>
  );
}

function Calendar({ project, plan, planned }: DaysProps & { planned: DaysPlan }) {
  const [chosen, setChosen] = useState<string>();
  const stands = useStanding(project, plan, planned);
  const { days, met } = stands;
  const backwards = project.days?.start === undefined;
  const when = (ms: number) => shownMoment(ms, days.zone, true);
  return (
    <>
      <p className="mt-4 text-2xl font-bold" data-days-end={days.end}>
        {backwards && !stands.begun
          ? ui.days.begins(when(days.start))
          : ui.days.done(when(days.end))}
      </p>
      {stands.begun && <AsThingsStand stands={stands} planned={planned} />}
      <Honest met={met} zone={days.zone} />
      <Key />
      <DayTable project={project} days={days} chosen={chosen} onChoose={setChosen} />
      <p className="no-print mt-1 text-xs opacity-80">{ui.days.dragHint}</p>
      <p className="mt-1 text-xs opacity-80">{ui.days.zone(days.zone)}</p>
      <LeftToSay project={project} days={days} />
    </>
  );
}

const DAY = 24 * 3_600_000;

/** How the work stands against its plan: late is said early. */
function AsThingsStand({ stands: { days }, planned }: { stands: Stands; planned: DaysPlan }) {
  const off = days.end - planned.end;
  const by = ui.days.daysOf(Math.round((Math.abs(off) / DAY) * 10) / 10);
  const end = shownMoment(planned.end, days.zone, false);
  const late = off > DAY / 24;
  return (
    <p className={late ? "font-semibold text-error" : ""} data-standing={off}>
      {late ? "! " : ""}
      {ui.days.standing}:{" "}
      {late
        ? ui.days.late(by, end)
        : off < -DAY / 24
          ? ui.days.early(by, end)
          : ui.days.onTime(end)}
    </p>
  );
}

interface HonestProps {
  met: Met | undefined;
  zone: string;
}

/** The dates that are met in 5 and in 9 of 10 cases, and which work the spread comes from. */
function Honest({ met, zone }: HonestProps) {
  const from = (met?.spread ?? []).filter(({ share }) => share >= WORTH_SAYING).slice(0, 3);
  return (
    <div className="mt-1">
      <p data-met={met?.in9of10}>
        {met
          ? ui.days.met(shownMoment(met.in5of10, zone, true), shownMoment(met.in9of10, zone, true))
          : ui.days.working}
      </p>
      {from.length > 0 && (
        <p className="text-sm" data-spread={from[0]?.kind}>
          {ui.days.spread(
            from
              .map(({ kind, share }) =>
                ui.days.spreadPart(
                  ui.inline((ui.order.quote.tasks as Record<string, string>)[kind] ?? kind),
                  Math.round(share * 100),
                ),
              )
              .join(", "),
          )}
        </p>
      )}
      <p className="text-xs opacity-80">{ui.days.honestHint}</p>
    </div>
  );
}

/** A share of the spread below this is not told. */
const WORTH_SAYING = 0.05;

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
