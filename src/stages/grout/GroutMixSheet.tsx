import { type GroutMix, mixLimitM2 } from "../../../core/grout/mixes.ts";
import { formatAmount } from "../../../core/length/quantity.ts";
import { jobOf } from "../../../core/project/job.ts";
import type { Project } from "../../../core/project/schema.ts";
import { useJobStyle } from "../../fields/context.ts";
import { Fact } from "../../panel/PanelParts.tsx";
import { powderShown } from "../../words/powder.ts";
import { ui } from "../../words/ui.ts";

/** The sum behind a mix of grout: what can be placed and washed in time, and what this one takes. */
export function GroutMixSheet({ project, mix }: { project: Project; mix: GroutMix }) {
  const style = useJobStyle();
  const job = jobOf(project);
  const { settings, given } = job;
  const { sums } = ui.grout;
  const m2 = (value: number) => formatAmount(value, "m2", style);
  const rest = (isGiven: boolean) => (isGiven ? ui.figure.yours : ui.figure.default);
  return (
    <div data-grout-sum={mix.n}>
      <p className="mb-2 text-sm">{sums.formula}</p>
      <dl>
        <Fact name={`${ui.grout.fields.groutWorkMin} (${rest(given.groutWorkMin)})`}>
          {settings.groutWorkMin} min
        </Fact>
        <Fact name={`${ui.grout.fields.spreadRate} (${rest(given.spreadRate)})`}>
          {m2(settings.spreadRate)}/h
        </Fact>
        <Fact name={`${ui.grout.fields.washRate} (${rest(given.washRate)})`}>
          {m2(settings.washRate)}/h
        </Fact>
        <Fact name={sums.most}>{m2(mixLimitM2(job))}</Fact>
        <Fact name={ui.grout.area}>{m2(mix.areaM2)}</Fact>
        <Fact name={sums.place}>{mix.spreadMin.toFixed(1)} min</Fact>
        <Fact name={sums.wash}>{mix.washMin.toFixed(1)} min</Fact>
        <Fact name={ui.grout.powder}>{powderShown(mix.powderKg, style.unit)}</Fact>
        <Fact
          name={`${settings.groutAdditive ? ui.grout.additive : ui.grout.water} (${settings.groutWater} L/kg, ${rest(given.groutWater)})`}
        >
          {powderShown(mix.waterL, style.unit)}
        </Fact>
      </dl>
      <p className="mt-2 text-sm">{sums.parted}</p>
      <p className="mt-3 text-xs opacity-80">{ui.figure.rests}</p>
    </div>
  );
}
