import { Check } from "lucide-react";
import { type GroutMix, mixLimitM2 } from "../../../core/grout/mixes.ts";
import { formatAmount, typedAs } from "../../../core/length/quantity.ts";
import type { Plan } from "../../../core/plan.ts";
import { jobOf } from "../../../core/project/job.ts";
import type { Mix, Project } from "../../../core/project/schema.ts";
import type { WallPlan } from "../../../core/wall-plan.ts";
import { HeatHint } from "../../devices/HeatHint.tsx";
import { useJobStyle } from "../../fields/context.ts";
import { begunMix, FIRST_WATER, groutKey, groutState } from "../../panel/grout-state.ts";
import { MixLot } from "../../panel/MixLot.tsx";
import { Section } from "../../panel/PanelParts.tsx";
import { SettingRows } from "../../panel/SettingField.tsx";
import { openDialog } from "../../state/view-store.ts";
import { beginMix, takeMixBack } from "../../state/work.ts";
import { powderShown } from "../../words/powder.ts";
import { ui } from "../../words/ui.ts";

interface GroutMixesProps {
  project: Project;
  plan: Plan;
  wall: WallPlan;
}

/** The mixes of a wall, each small enough to be placed and washed in time. */
export function GroutMixes({ project, plan, wall }: GroutMixesProps) {
  const style = useJobStyle();
  const job = jobOf(project);
  const own = plan.grout.mixes.filter((mix) => mix.wall === wall.id);
  const limit = formatAmount(mixLimitM2(job), "m2", style);
  const { fields } = ui.grout;
  const pace = { suffix: `${typedAs("m2", style).unit}/h`, min: 0.01, max: 1000 };
  return (
    <Section title={ui.grout.count(own.length)}>
      <p className="text-sm">{ui.grout.mixesHint(limit, job.settings.groutWorkMin)}</p>
      <HeatHint project={project} name="groutWorkMin" label={ui.grout.fields.groutWorkMin} />
      <ol className="mt-1">
        {own.map((mix) => (
          <MixItem key={mix.n} project={project} mix={mix} />
        ))}
      </ol>
      <p className="mt-1 text-xs opacity-80">{ui.grout.keepDry}</p>
      <details className="mt-1">
        <summary className="cursor-pointer text-sm font-semibold">{ui.set.pace}</summary>
        <SettingRows
          project={project}
          rows={[
            { name: "groutWorkMin", label: fields.groutWorkMin, unit: "min", min: 1, max: 1440 },
            { name: "groutWater", label: fields.groutWater, suffix: "L/kg", max: 2 },
            { name: "spreadRate", label: fields.spreadRate, unit: "m2", ...pace },
            { name: "washRate", label: fields.washRate, unit: "m2", ...pace },
            { name: "hazeMin", label: fields.hazeMin, unit: "min", min: 1, max: 1440 },
          ]}
        />
      </details>
    </Section>
  );
}

function MixItem({ project, mix }: { project: Project; mix: GroutMix }) {
  const style = useJobStyle();
  const { wall, n, areaM2, powderKg, waterL, spreadMin, washMin } = mix;
  const begun = begunMix(project.work, mix);
  const state = groutState(begun);
  const { groutAdditive, groutWorkMin } = jobOf(project).settings;
  // A litre of water weighs a kilogram; small mixes are weighed.
  const water = (litres: number) => powderShown(litres, style.unit);
  const begin = () =>
    beginMix(
      {
        ...{ for: groutKey(mix), kind: "grout", powderKg, waterL },
        potLifeMin: groutWorkMin,
      },
      undefined,
    );
  return (
    <li className="border-b border-base-300/60 py-1" data-grout-mix={n}>
      <div className="flex items-baseline justify-between gap-2">
        <span className="font-semibold">{ui.grout.mix(n)}</span>
        <button
          type="button"
          className="figure-button"
          onClick={() => openDialog({ kind: "grout-mix", wall, n })}
        >
          {formatAmount(areaM2, "m2", style)}
        </button>
        <span className="font-semibold">{powderShown(powderKg, style.unit)}</span>
      </div>
      <p className="text-sm">
        {ui.grout.minutes(Math.round(spreadMin), Math.round(washMin))}
        {state !== "todo" && ` · ${ui.grout.states[state]}`}
      </p>
      <p className="text-xs opacity-80">
        {ui.grout.waterHow(water(waterL * FIRST_WATER), water(waterL), groutAdditive)}
      </p>
      <Begun mix={begun} begin={begin} />
    </li>
  );
}

/** What is asked of a mix: whether it was begun, and then its lot. */
function Begun({ mix, begin }: { mix: Mix | undefined; begin: () => void }) {
  if (!mix) {
    return (
      <button type="button" className="btn btn-xs" onClick={begin}>
        <Check size={14} aria-hidden="true" /> {ui.grout.begin}
      </button>
    );
  }
  return (
    <>
      <MixLot mix={mix} />
      <button type="button" className="btn btn-xs mt-1" onClick={() => takeMixBack(mix.id)}>
        {ui.grout.notBegun}
      </button>
    </>
  );
}
