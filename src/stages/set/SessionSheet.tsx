import { formatAmount } from "../../../core/length/quantity.ts";
import type { Plan } from "../../../core/plan.ts";
import { jobOf } from "../../../core/project/job.ts";
import type { Project } from "../../../core/project/schema.ts";
import { rowKg, rowM2 } from "../../../core/set/rows.ts";
import { largestMixKg, type Session } from "../../../core/set/sessions.ts";
import { useJobStyle } from "../../fields/context.ts";
import { rowName } from "../../words/row-name.ts";
import { ui } from "../../words/ui.ts";

interface SessionSheetProps {
  project: Project;
  plan: Plan;
  session: Session;
}

/** The sum behind a session: its rows with area, pace and cuts, and how its mixes follow from them. */
export function SessionSheet({ project, plan, session }: SessionSheetProps) {
  const style = useJobStyle();
  const { sums, facts } = ui.set;
  const rows = plan.set.rows.filter((row) => row.session === session.n);
  const { settings, given } = jobOf(project);
  const most = largestMixKg({ settings }, session);
  const rest = (isGiven: boolean) => (isGiven ? ui.figure.yours : ui.figure.default);
  return (
    <div data-session-sum={session.n}>
      <p className="mb-2 text-sm">{sums.rows}</p>
      <div className="overflow-x-auto">
        <table className="w-full text-right">
          <thead className="text-sm">
            <tr className="border-b border-base-300">
              <th className="py-1 text-left font-medium">{sums.row}</th>
              <th className="font-medium">{facts.area}</th>
              <th className="font-medium">{sums.pace}</th>
              <th className="font-medium">{sums.cuts}</th>
              <th className="font-medium">{facts.time}</th>
              <th className="font-medium">{facts.powder}</th>
            </tr>
          </thead>
          <tbody>
            {rows.map((row) => {
              const areaM2 = rowM2(row);
              const laying = row.minutes - row.cutMinutes;
              const perHour = laying > 0 ? areaM2 / (laying / 60) : 0;
              return (
                <tr key={row.id} className="border-b border-base-300/60">
                  <th scope="row" className="py-0.5 text-left font-normal">
                    {rowName(project, row)}
                  </th>
                  <td>{formatAmount(areaM2, "m2", style)}</td>
                  <td>{formatAmount(perHour, "m2", style)}/h</td>
                  <td>{Math.round(row.cutMinutes * 10) / 10} min</td>
                  <td>{Math.round(row.minutes * 10) / 10} min</td>
                  <td>{formatAmount(rowKg(row), "kg", style)}</td>
                </tr>
              );
            })}
            <tr className="font-semibold">
              <th scope="row" className="py-1 text-left">
                {ui.set.session(session.n)}
              </th>
              <td>{formatAmount(session.areaM2, "m2", style)}</td>
              <td />
              <td />
              <td>{ui.set.hours(session.minutes)}</td>
              <td>{formatAmount(session.powderKg, "kg", style)}</td>
            </tr>
          </tbody>
        </table>
      </div>
      <h3 className="section-title mt-4">{facts.mixes}</h3>
      <ul className="grid gap-1 text-sm">
        <li>{sums.bucket(formatAmount(settings.bucketKg, "kg", style), rest(given.bucketKg))}</li>
        <li>
          {sums.potLife(
            formatAmount(session.powderKg / (session.minutes / 60), "kg", style),
            settings.potLifeMin,
            rest(given.potLifeMin),
          )}
        </li>
        <li className="font-semibold">
          {sums.largest(formatAmount(most, "kg", style), session.mixes.length)}
        </li>
        <li>{sums.water(settings.mortarWater, rest(given.mortarWater))}</li>
        <li>{sums.held}</li>
      </ul>
      <p className="mt-3 text-xs opacity-80">{ui.figure.rests}</p>
    </div>
  );
}
