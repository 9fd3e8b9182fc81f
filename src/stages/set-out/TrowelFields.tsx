import { finerFor } from "../../../core/length/finer.ts";
import { formatBare, formatLength } from "../../../core/length/format.ts";
import { formatAmount } from "../../../core/length/quantity.ts";
import { editSettings } from "../../../core/project/commands.ts";
import { fieldTile } from "../../../core/project/defaults.ts";
import { fieldBed, jobOf } from "../../../core/project/job.ts";
import type { Project } from "../../../core/project/schema.ts";
import { customaryTrowel, type Trowel, trowelsIn } from "../../../core/project/trowel.ts";
import { areaPerBagM2 } from "../../../core/set/mortar.ts";
import { Choice } from "../../fields/Choice.tsx";
import { useJobStyle } from "../../fields/context.ts";
import { Length } from "../../fields/Length.tsx";
import { NumberField } from "../../fields/NumberField.tsx";
import { Fact, Row, Section } from "../../panel/PanelParts.tsx";
import { dispatch } from "../../state/job-store.ts";
import { ui } from "../../words/ui.ts";

const BY_TILE = "by-tile";

function trowelKey({ notch, width, depth }: Trowel): string {
  return `${notch}/${width}/${depth}`;
}

/** The notch, how the trowel is held, back-butter, and the bed they give. */
export function TrowelFields({ project }: { project: Project }) {
  const style = useJobStyle();
  const laid = fieldBed(jobOf(project));
  const own = project.settings?.trowel;
  // A job's own trowel stays in the list, whatever unit it was chosen in.
  const offered = [...trowelsIn(project.unit), ...(own ? [own] : [])];
  const trowels = new Map(offered.map((trowel) => [trowelKey(trowel), trowel]));
  const name = ({ notch, width, depth }: Trowel) =>
    `${formatBare(width, finerFor(width, style))} × ${formatLength(depth, finerFor(depth, style))}, ${ui.setOut.notches[notch]}`;
  const options: [string, string][] = [
    [BY_TILE, `${ui.setOut.byTile}: ${name(customaryTrowel(fieldTile(project), project.unit))}`],
    ...[...trowels].map(([key, trowel]): [string, string] => [key, name(trowel)]),
  ];
  const choose = (key: string) => dispatch(editSettings({ trowel: trowels.get(key) }));
  return (
    <Section title={ui.setOut.trowel} open={false}>
      <Row>
        <Choice
          label={ui.setOut.notch}
          value={own ? trowelKey(own) : BY_TILE}
          options={options}
          onChange={choose}
        />
      </Row>
      <Row>
        <NumberField
          label={ui.setOut.angle}
          name="trowel-angle"
          value={jobOf(project).settings.trowelAngleDeg}
          min={20}
          max={90}
          suffix="°"
          onCommit={(angle) => dispatch(editSettings({ trowelAngleDeg: angle }))}
        />
        <Choice
          label={ui.setOut.backButter}
          value={laid.backButter > 0 ? "on" : "off"}
          options={{ on: ui.setOut.clipsOn, off: ui.setOut.clipsOff }}
          onChange={(on) => dispatch(editSettings({ backButter: on === "on" }))}
        />
      </Row>
      <dl>
        <Fact name={ui.setOut.bed}>
          <Length mm={laid.bed} style={finerFor(1, style)} />
        </Fact>
        <Fact
          name={ui.setOut.perBag(formatAmount(jobOf(project).settings.mortarBagKg, "kg", style))}
        >
          {formatAmount(areaPerBagM2(jobOf(project), project.field.tile), "m2", style)}
        </Fact>
      </dl>
    </Section>
  );
}
