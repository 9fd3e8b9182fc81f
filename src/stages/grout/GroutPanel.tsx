import { ChartColumn, Timer } from "lucide-react";
import { showerFrom } from "../../../core/hand-over/first-shower.ts";
import { formatJoint } from "../../../core/length/format.ts";
import { shownAmount } from "../../../core/length/quantity.ts";
import type { Plan } from "../../../core/plan.ts";
import { editField, editSettings } from "../../../core/project/commands.ts";
import { type GroutKind, jobOf } from "../../../core/project/job.ts";
import type { Project } from "../../../core/project/schema.ts";
import type { WallPlan } from "../../../core/wall-plan.ts";
import { Choice } from "../../fields/Choice.tsx";
import { ColourField } from "../../fields/ColourField.tsx";
import { useJobStyle } from "../../fields/context.ts";
import {
  Caution,
  FigureFacts,
  type PanelProps,
  PanelTitle,
  Row,
  Section,
  Tick,
  Verdict,
} from "../../panel/PanelParts.tsx";
import { ShowerWaits } from "../../panel/ShowerWaits.tsx";
import { Link } from "../../parts/Link.tsx";
import { addressOf } from "../../state/address.ts";
import { dispatch } from "../../state/job-store.ts";
import { openDialog, show, useView } from "../../state/view-store.ts";
import { powderShown } from "../../words/powder.ts";
import { formatWhen, ui } from "../../words/ui.ts";
import { WarningList } from "../WarningList.tsx";
import { GroutGate } from "./GroutGate.tsx";
import { GroutMixes } from "./GroutMixes.tsx";
import { PlaneChanges, SealerFields } from "./SoftFields.tsx";

/** Which grout, how much of it at a time, where none goes; and how it will look. */
export function GroutPanel({ project, plan, wall }: PanelProps) {
  if (plan.grout.choices.length === 0) return <p>{ui.grout.nothing}</p>;
  return (
    <>
      <PanelTitle>{ui.grout.title(wall.name)}</PanelTitle>
      <GroutMixes project={project} plan={plan} wall={wall} />
      <div className="mt-1 flex flex-wrap gap-1">
        <Link href={addressOf(project.id, "now")} className="btn btn-sm" onGo={() => show("now")}>
          <Timer size={16} aria-hidden="true" /> {ui.set.now}
        </Link>
        <button type="button" className="btn btn-sm" onClick={() => openDialog({ kind: "used" })}>
          <ChartColumn size={16} aria-hidden="true" /> {ui.grout.charts.open}
        </button>
      </div>
      <LightFields />
      <KindFields project={project} plan={plan} />
      <GroutGate project={project} />
      <Amounts wall={wall} />
      <PlaneChanges project={project} plan={plan} wall={wall} />
      <SealerFields project={project} plan={plan} />
      <FirstShower project={project} plan={plan} />
      <Section title={ui.grout.groutAfter} open={false}>
        <ul className="mt-1 grid list-disc gap-1 pl-5 text-sm">
          {ui.grout.afterHaze.map((line) => (
            <li key={line}>{line}</li>
          ))}
        </ul>
      </Section>
      <WarningList project={project} plan={plan} wall={wall.id} />
      <Caution>{ui.grout.caution}</Caution>
    </>
  );
}

const LOWEST = 2;
const HIGHEST = 90;

/** The height of a light beside the wall: none at the very top. */
function LightFields() {
  const light = useView((state) => state.light);
  const set = (degrees: number) =>
    useView.setState({ light: degrees >= HIGHEST ? undefined : degrees });
  return (
    <Section title={ui.grout.light}>
      <label className="block">
        <span className="flex justify-between">
          <span className="sr-only">{ui.grout.light}</span>
          <span>{light === undefined ? ui.grout.lightOff : ui.grout.lightAt(light)}</span>
        </span>
        <input
          type="range"
          className="h-11 w-full accent-primary"
          min={LOWEST}
          max={HIGHEST}
          step={1}
          aria-label={ui.grout.light}
          data-light-slider
          // To the right the light comes lower, and more is seen.
          value={LOWEST + HIGHEST - (light ?? HIGHEST)}
          onChange={(event) => set(LOWEST + HIGHEST - Number(event.target.value))}
        />
      </label>
      <p className="text-xs opacity-80">{ui.grout.lightHint}</p>
    </Section>
  );
}

function KindFields({ project, plan }: { project: Project; plan: Plan }) {
  const style = useJobStyle();
  const { settings } = jobOf(project);
  const chosen = settings.groutKind;
  const kinds: Record<GroutKind | "usual", string> = {
    usual: ui.grout.asUsual,
    ...ui.grout.kinds,
  };
  return (
    <Section title={ui.grout.kind}>
      <Row>
        <Choice
          label={ui.grout.kind}
          hideLabel
          value={chosen ?? "usual"}
          options={kinds}
          onChange={(next) =>
            dispatch(editSettings({ groutKind: next === "usual" ? undefined : next }))
          }
        />
      </Row>
      <Row>
        <ColourField
          label={ui.grout.colour}
          colour={project.field.groutColour}
          onCommit={(next) =>
            dispatch({ ...editField({ groutColour: next }), mergeKey: "colour-grout" })
          }
        />
      </Row>
      {plan.grout.choices.map(({ for: use, joint, kind, reason, against }) => (
        <div key={use} data-grout-kind={kind}>
          <p className="text-sm">
            <strong>
              {ui.grout.joint(nameOfUse(project, use), formatJoint(joint, style))}:{" "}
              {ui.inline(ui.grout.kinds[kind])}
            </strong>{" "}
            ({ui.grout.why[reason]})
          </p>
          {against && <Verdict good={false}>{ui.grout.against[against]}</Verdict>}
        </div>
      ))}
      <p className="mt-1 text-xs opacity-80">{ui.grout.colourHint}</p>
      <p className="mt-1 text-xs opacity-80">{ui.grout.wet}</p>
      {(["groutAdditive", "groutFast"] as const)
        .filter((name) => name === "groutFast" || chosen !== "epoxy")
        .map((name) => (
          <Tick
            key={name}
            label={ui.grout.fields[name]}
            checked={settings[name]}
            onChange={(on) => dispatch(editSettings({ [name]: on }))}
          />
        ))}
    </Section>
  );
}

function nameOfUse(project: Project, use: string): string {
  const zone = project.zones?.find(({ id }) => id === use);
  return zone ? (zone.name ?? zone.id) : ui.grout.field;
}

/** How long the shower waits, what for, and the hour once all is washed. */
function FirstShower({ project, plan }: { project: Project; plan: Plan }) {
  const { afterH, because } = plan.shower;
  const from = showerFrom(plan.shower, plan.grout.mixes.length, project.work);
  return (
    <Section title={ui.grout.shower.title}>
      <p className="text-lg font-bold" data-shower={afterH}>
        {from === undefined
          ? ui.grout.shower.after(afterH)
          : ui.grout.shower.from(formatWhen(from))}
      </p>
      <ShowerWaits because={because} />
      <p className="text-xs opacity-80">{ui.grout.shower.hint}</p>
    </Section>
  );
}

function Amounts({ wall }: { wall: WallPlan }) {
  const style = useJobStyle();
  const { groutKg, fieldAreaM2 } = wall.figures;
  const shownArea = shownAmount(fieldAreaM2.value, "m2", style).value;
  const each = shownArea > 0 ? groutKg.value / shownArea : 0;
  return (
    <Section title={ui.grout.amount}>
      <FigureFacts
        wall={wall.id}
        figures={wall.figures}
        codes={["groutKg", "jointLengthM", "maskM"]}
      />
      <p className="text-sm">
        {ui.grout.perArea(powderShown(each, style.unit), ui.set.square[style.unit])}
      </p>
    </Section>
  );
}
