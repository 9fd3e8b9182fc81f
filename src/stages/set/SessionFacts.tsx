import { formatAmount } from "../../../core/length/quantity.ts";
import type { Plan } from "../../../core/plan.ts";
import { jobOf } from "../../../core/project/job.ts";
import type { Project } from "../../../core/project/schema.ts";
import type { PlannedMix, Session } from "../../../core/set/sessions.ts";
import { useJobStyle } from "../../fields/context.ts";
import { Fact, Section } from "../../panel/PanelParts.tsx";
import { openDialog } from "../../state/view-store.ts";
import { formatCount, ui } from "../../words/ui.ts";

interface SessionProps {
  project: Project;
  plan: Plan;
}

/** What one session takes: pieces, time, mixes, clips and spacers. */
export function SessionFacts({ project, plan, session }: SessionProps & { session: Session }) {
  const style = useJobStyle();
  const { facts } = ui.set;
  return (
    <Section title={ui.set.today}>
      <dl data-session={session.n}>
        <Fact name={facts.pieces}>{formatCount(session.pieces)}</Fact>
        <Fact name={facts.time}>
          <button
            type="button"
            className="figure-button font-semibold"
            data-open-session={session.n}
            onClick={() => openDialog({ kind: "session", n: session.n })}
          >
            {ui.set.hours(session.minutes)}
          </button>
        </Fact>
        <Fact name={facts.area}>{formatAmount(session.areaM2, "m2", style)}</Fact>
        {session.mixes.length > 0 && (
          <Fact name={facts.mixes}>
            <Mixes project={project} plan={plan} mixes={session.mixes} />
          </Fact>
        )}
        {session.clips > 0 && (
          <Fact name={facts.clips}>
            {formatCount(session.clips)}, {formatCount(plan.set.wedges)}
          </Fact>
        )}
        {session.spacers > 0 && (
          <Fact name={facts.spacers}>
            <button
              type="button"
              className="figure-button font-semibold"
              onClick={() => openDialog({ kind: "order-figure", item: "spacers" })}
            >
              {formatCount(session.spacers)}
            </button>
          </Fact>
        )}
      </dl>
    </Section>
  );
}

/** Equal mixes together, mortar by mortar, as powder and water. */
function Mixes({ project, plan, mixes }: SessionProps & { mixes: PlannedMix[] }) {
  const style = useJobStyle();
  const groups = new Map<string, PlannedMix[]>();
  for (const mix of mixes) groups.set(mix.tile, [...(groups.get(mix.tile) ?? []), mix]);
  return (
    <ul>
      {[...groups].map(([tile, own]) => {
        const [mix] = own as [PlannedMix];
        const amounts = ui.set.mix(
          formatAmount(mix.powderKg, "kg", style),
          formatAmount(mix.waterL, "L", style),
        );
        return (
          <li key={tile} data-mixes={own.length}>
            {ui.set.mixTimes(own.length, amounts)}
            {groups.size > 1 && (
              <span className="block text-sm font-normal">{mortarName(project, plan, tile)}</span>
            )}
          </li>
        );
      })}
    </ul>
  );
}

/** What a mortar is for, by its tile. */
function mortarName(project: Project, plan: Plan, tile: string): string {
  const use = plan.set.mortars.find((own) => own.tile === tile)?.for;
  return use === "field"
    ? ui.set.field
    : (project.tiles.find(({ id }) => id === tile)?.name ?? tile);
}

/** All sessions of the job, one a row, and what stays in the last bag. */
export function SessionTable({ project, plan }: SessionProps) {
  const style = useJobStyle();
  const { facts } = ui.set;
  const bag = jobOf(project).settings.mortarBagKg;
  const kg = plan.totals.mortarKg;
  const bags = Math.ceil(kg / bag - 1e-9);
  const left = bags * bag - kg;
  const { mortarWater } = jobOf(project).settings;
  return (
    <Section title={ui.set.sessions} open={plan.set.sessions.length > 1}>
      <div className="overflow-x-auto">
        <table className="w-full text-right">
          <thead className="text-[0.8125rem]">
            <tr className="border-b border-base-300">
              <th className="py-1 text-left font-medium">{ui.set.sessionHead}</th>
              <th className="font-medium">{facts.pieces}</th>
              <th className="font-medium">{facts.time}</th>
              <th className="font-medium">{facts.powder}</th>
              <th className="font-medium">{facts.mixes}</th>
            </tr>
          </thead>
          <tbody>
            {plan.set.sessions.map(({ n, pieces, minutes, powderKg, mixes }) => (
              <tr key={n} className="border-b border-base-300/60" data-session-row={n}>
                <th scope="row" className="py-1 text-left">
                  {n}
                </th>
                <td>{formatCount(pieces)}</td>
                <td>
                  <button
                    type="button"
                    className="figure-button font-semibold"
                    onClick={() => openDialog({ kind: "session", n })}
                  >
                    {ui.set.hours(minutes)}
                  </button>
                </td>
                <td>{formatAmount(powderKg, "kg", style)}</td>
                <td>{mixes.length}</td>
              </tr>
            ))}
          </tbody>
        </table>
      </div>
      <p className="mt-1 text-sm">
        {ui.set.bags(
          bags,
          formatAmount(kg * mortarWater, "L", style),
          formatAmount(left, "kg", style),
        )}
      </p>
    </Section>
  );
}
