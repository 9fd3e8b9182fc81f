import { formatAmount } from "../../../core/length/quantity.ts";
import { jobOf } from "../../../core/project/job.ts";
import { useJobStyle } from "../../fields/context.ts";
import type { PanelProps } from "../../panel/PanelParts.tsx";
import { powderShown } from "../../words/powder.ts";
import { ui } from "../../words/ui.ts";
import { PaperPart, PaperTable } from "../PaperParts.tsx";

/** The mixes of a wall with powder and water, its soft joints, and what is done before and after. */
export function GroutPaper({ project, plan, wall }: PanelProps) {
  const style = useJobStyle();
  const { groutAdditive } = jobOf(project).settings;
  const own = plan.grout.mixes.filter((mix) => mix.wall === wall.id);
  return (
    <>
      <PaperPart title={ui.grout.mixes}>
        <PaperTable
          head={[
            ui.grout.mixes,
            ui.grout.area,
            ui.grout.powder,
            groutAdditive ? ui.grout.additive : ui.grout.water,
            "☐",
          ]}
          rows={own.map((mix) => ({
            key: String(mix.n),
            cells: [
              ui.grout.mix(mix.n),
              formatAmount(mix.areaM2, "m2", style),
              powderShown(mix.powderKg, style.unit),
              powderShown(mix.waterL, style.unit),
              ui.grout.minutes(Math.round(mix.spreadMin), Math.round(mix.washMin)),
            ],
          }))}
        />
      </PaperPart>
      <PaperPart title={ui.grout.gate}>
        <ul>
          {Object.values(ui.grout.gates).map((line) => (
            <li key={line}>☐ {line}</li>
          ))}
        </ul>
      </PaperPart>
      <PaperPart title={ui.grout.softJoints}>
        <PaperTable
          head={[ui.grout.softJoints, ui.figure.amount, ui.grout.school]}
          rows={plan.grout.softJoints
            .filter((joint) => joint.wall === wall.id)
            .map(({ kind, of, lengthM, grouted }) => ({
              key: `${kind}-${of}`,
              cells: [
                `${ui.grout.softKinds[kind]}${of ? ` ${of}` : ""}`,
                formatAmount(lengthM, "m", style),
                grouted ? ui.grout.grouted : ui.grout.sealed,
              ],
            }))}
        />
      </PaperPart>
    </>
  );
}
