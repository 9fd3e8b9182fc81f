import type { DaysPlan } from "../../core/days/days-plan.ts";
import { freeTimes, type Hold, holds } from "../../core/days/meanwhile.ts";
import type { Project } from "../../core/project/schema.ts";
import { taskName } from "../../core/words/task-name.ts";
import { ui } from "../words/ui.ts";
import { shownMoment } from "./moments.ts";

/** More than so many stretches of free time say nothing new. */
const SHOWN = 5;

/** What may be done meanwhile, and what holds tile over night. */
export function LeftToSay({ project, days }: { project: Project; days: DaysPlan }) {
  const { free, overnight, freeWork } = ui.days;
  const times = freeTimes(days.tasks, days.calendar).slice(0, SHOWN);
  const ledger = project.setOut.firstCourse.ledger ?? false;
  const up = holds(days.tasks, ledger, project.work?.supports ?? []);
  const hasPanel = (project.zones ?? []).length > 0;
  const when = (ms: number) => shownMoment(ms, days.zone, false);
  const nameOf = ({ kind, wall }: Hold) => {
    const of = project.walls.find(({ id }) => id === wall)?.name;
    if (kind === "ledger" && !of) return ui.days.ledgerPlanned;
    return [ui.set.supportKinds[kind], of].filter(Boolean).join(" · ");
  };
  return (
    <>
      {times.length > 0 && (
        <section className="mt-5" data-free={times.length}>
          <h2 className="section-title">{free}</h2>
          <ul className="list-disc pl-5">
            {times.map(({ from, to, waits }) => (
              <li key={from}>
                {ui.days.freeLine(when(from), when(to), ui.inline(taskName(project, waits)))}
              </li>
            ))}
          </ul>
          <p className="mt-1 text-sm">
            {hasPanel && `${freeWork.panel} `}
            {freeWork.cut} {freeWork.lay} {freeWork.pole}
          </p>
        </section>
      )}
      {up.length > 0 && (
        <section className="mt-5" data-overnight={up.length}>
          <h2 className="section-title">{overnight}</h2>
          <ul className="list-disc pl-5">
            {up.map((hold) => (
              <li key={`${hold.kind}/${hold.wall}/${hold.until}`}>
                {ui.days.hold(nameOf(hold), when(hold.until))}
              </li>
            ))}
          </ul>
        </section>
      )}
    </>
  );
}
