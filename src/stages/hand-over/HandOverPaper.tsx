import { careNotes } from "../../../core/hand-over/care.ts";
import { showerFrom } from "../../../core/hand-over/first-shower.ts";
import { jobOf } from "../../../core/project/job.ts";
import type { PanelProps } from "../../panel/PanelParts.tsx";
import { formatWhen, ui } from "../../words/ui.ts";
import { PaperPart, PaperTable } from "../PaperParts.tsx";
import { SignatureDrawing } from "./Signatures.tsx";
import { snagsOf } from "./SnagList.tsx";

/** The snags of a wall, when the shower may run, care, what is left over, warranty and signatures. */
export function HandOverPaper({ project, plan, wall }: PanelProps) {
  const { left = [], warranty, signatures = [] } = project.handOver ?? {};
  const from = showerFrom(plan.shower, plan.grout.mixes.length, project.work);
  return (
    <>
      <PaperPart title={ui.handOver.shower}>
        <p>
          {from === undefined
            ? ui.handOver.after(plan.shower.afterH)
            : ui.handOver.from(formatWhen(from))}
        </p>
      </PaperPart>
      <PaperPart title={ui.handOver.snags}>
        <PaperTable
          head={["", ui.handOver.what, ui.handOver.who, ui.handOver.due, "☐"]}
          rows={snagsOf(project, wall.id).map(({ number, snag }) => ({
            key: snag.id,
            cells: [
              String(number),
              snag.words,
              snag.who ?? "",
              snag.due ?? "",
              snag.done ? "✓" : "☐",
            ],
          }))}
        />
      </PaperPart>
      <PaperPart title={ui.handOver.leftOver}>
        <PaperTable
          head={[ui.handOver.leftWhat, ui.handOver.leftAmount, ui.handOver.lot, ui.handOver.where]}
          rows={left.map(({ id, what, amount = "", lot = "", where = "" }) => ({
            key: id,
            cells: [what, amount, lot, where],
          }))}
        />
      </PaperPart>
      <PaperPart title={ui.handOver.care}>
        <ul>
          {careNotes(jobOf(project), { sealerL: plan.grout.sealer.value }).map((note) => (
            <li key={note}>{ui.handOver.careNotes[note]}</li>
          ))}
        </ul>
      </PaperPart>
      {warranty && (
        <PaperPart title={ui.handOver.warranty}>
          <p>{[warranty.until, warranty.by, warranty.words].filter(Boolean).join(" · ")}</p>
        </PaperPart>
      )}
      <PaperPart title={ui.handOver.signatures}>
        {signatures.length === 0 && <p className="mt-10">________________ ________________</p>}
        {signatures.map(({ id, role, name, at, strokes }) => (
          <div key={id}>
            <p>
              {ui.handOver.signed(ui.handOver.roles[role], name)} ·{" "}
              {ui.handOver.signedAt(formatWhen(Date.parse(at)))}
            </p>
            {strokes.length > 0 && <SignatureDrawing strokes={strokes} />}
          </div>
        ))}
      </PaperPart>
    </>
  );
}
