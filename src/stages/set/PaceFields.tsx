import { fromShown, toShown, typedAs } from "../../../core/length/quantity.ts";
import { editSettings } from "../../../core/project/commands.ts";
import { jobOf } from "../../../core/project/job.ts";
import type { Project } from "../../../core/project/schema.ts";
import { HeatHint } from "../../devices/HeatHint.tsx";
import { Choice } from "../../fields/Choice.tsx";
import { useJobStyle } from "../../fields/context.ts";
import { LengthField } from "../../fields/LengthField.tsx";
import { NumberField } from "../../fields/NumberField.tsx";
import { Row, Section, Tick } from "../../panel/PanelParts.tsx";
import { SettingRows } from "../../panel/SettingField.tsx";
import { dispatch } from "../../state/job-store.ts";
import { ui } from "../../words/ui.ts";

/** In which order, how fast and in what portions the work goes. */
export function PaceFields({ project }: { project: Project }) {
  const { settings } = jobOf(project);
  const words = ui.set.fields;
  return (
    <Section title={ui.set.pace} open={false}>
      <Row>
        <Choice
          label={ui.set.order}
          value={settings.setOrder}
          options={ui.set.orders}
          onChange={(setOrder) => dispatch(editSettings({ setOrder }))}
        />
      </Row>
      {(["nicheFirst", "cutAhead", "firstOvernight"] as const).map((name) => (
        <Tick
          key={name}
          label={ui.set.ticks[name]}
          checked={settings[name]}
          onChange={(on) => dispatch(editSettings({ [name]: on }))}
        />
      ))}
      <SettingRows
        project={project}
        rows={[
          { name: "setHours", label: words.setHours, suffix: "h", min: 0.1, max: 24 },
          { name: "controlEvery", label: words.controlEvery, integer: true, min: 1, max: 500 },
          { name: "bucketKg", label: words.bucketKg, unit: "kg", min: 0.1, max: 1000 },
          { name: "mortarWater", label: words.mortarWater, suffix: "L/kg", max: 2 },
          { name: "potLifeMin", label: words.potLifeMin, unit: "min", min: 1, max: 1440 },
          { name: "slakeMin", label: words.slakeMin, unit: "min", max: 60 },
          { name: "openTimeMin", label: words.openTimeMin, unit: "min", min: 1, max: 1440 },
        ]}
      />
      <OwnPace project={project} />
      <HeatHint project={project} name="potLifeMin" label={words.potLifeMin} />
      <HeatHint project={project} name="openTimeMin" label={words.openTimeMin} />
      <Limits project={project} />
    </Section>
  );
}

/** A pace of one's own; 0 goes back to that of the trade. */
function OwnPace({ project }: { project: Project }) {
  const typed = typedAs("m2", useJobStyle());
  const own = project.settings?.setRate;
  return (
    <NumberField
      label={`${ui.set.fields.setRate} (${own === undefined ? ui.figure.default : ui.figure.yours})`}
      name="setting/setRate"
      value={own === undefined ? 0 : Math.round(toShown(own, typed) * 100) / 100}
      max={Math.floor(toShown(1000, typed))}
      suffix={`${typed.unit}/h`}
      onCommit={(shown) =>
        dispatch(
          editSettings({
            setRate: shown > 0 ? Math.max(0.01, fromShown(shown, typed)) : undefined,
          }),
        )
      }
    />
  );
}

/** Weight and rise of a session: without a limit until somebody sets one. */
function Limits({ project }: { project: Project }) {
  const typed = typedAs("kg", useJobStyle());
  const { sessionKg, sessionRise } = project.settings ?? {};
  return (
    <Row>
      <NumberField
        label={ui.set.fields.sessionKg}
        name="setting/sessionKg"
        value={sessionKg === undefined ? 0 : Math.round(toShown(sessionKg, typed))}
        max={100_000}
        suffix={typed.unit}
        onCommit={(shown) =>
          dispatch(editSettings({ sessionKg: shown > 0 ? fromShown(shown, typed) : undefined }))
        }
      />
      <LengthField
        label={ui.set.fields.sessionRise}
        name="setting/sessionRise"
        mm={sessionRise}
        placeholder={ui.set.unlimited}
        onClear={() => dispatch(editSettings({ sessionRise: undefined }))}
        onCommit={(mm) => dispatch(editSettings({ sessionRise: mm }))}
      />
    </Row>
  );
}
