import { editSetOut, editSettings } from "../../../core/project/commands.ts";
import { jobOf } from "../../../core/project/job.ts";
import type { Project } from "../../../core/project/schema.ts";
import { Choice } from "../../fields/Choice.tsx";
import { LengthField } from "../../fields/LengthField.tsx";
import { Row, Section } from "../../panel/PanelParts.tsx";
import { dispatch } from "../../state/job-store.ts";
import { ui } from "../../words/ui.ts";

/** The sliver limit, the gaps round the field, and whether clips are used. */
export function LimitFields({ project }: { project: Project }) {
  const values = jobOf(project).setOut;
  const gap = (name: "baseGap" | "topGap" | "cornerJoint" | "floorFinish") => (
    <LengthField
      label={ui.setOut[name]}
      name={name}
      mm={values[name]}
      rules={{ zero: true, atMost: 100 }}
      onCommit={(mm) => dispatch(editSetOut({ [name]: mm }))}
    />
  );
  return (
    <Section title={ui.setOut.limits} open={false}>
      <Row>
        <Choice
          label={ui.setOut.sliver}
          value={values.sliver}
          options={ui.setOut.slivers}
          onChange={(sliver) => dispatch(editSetOut({ sliver }))}
        />
      </Row>
      <p className="mb-2 text-xs opacity-80">{ui.setOut.sliverWhy}</p>
      <Row>
        {gap("baseGap")}
        {gap("topGap")}
        {gap("cornerJoint")}
      </Row>
      <Row>{gap("floorFinish")}</Row>
      {values.floorFinish > 0 && (
        <p className="mb-2 text-xs opacity-80">{ui.setOut.floorFinishHint}</p>
      )}
      <Row>
        <Choice
          label={ui.setOut.clips}
          value={jobOf(project).settings.clips ? "on" : "off"}
          options={{ on: ui.setOut.clipsOn, off: ui.setOut.clipsOff }}
          onChange={(on) => dispatch(editSettings({ clips: on === "on" }))}
        />
      </Row>
    </Section>
  );
}
