import { formatAmount } from "../../../core/length/quantity.ts";
import { progressOf } from "../../../core/set/progress.ts";
import { useJobStyle } from "../../fields/context.ts";
import type { PanelProps } from "../../panel/PanelParts.tsx";
import { rowName } from "../../words/row-name.ts";
import { ui } from "../../words/ui.ts";
import { PaperPart, PaperTable } from "../PaperParts.tsx";

/** The rows of a wall in their order with their session and time, and what each session takes. */
export function SetPaper({ project, plan, wall }: PanelProps) {
  const style = useJobStyle();
  const { facts } = ui.set;
  const { done } = progressOf(plan.set.rows, project.work);
  return (
    <>
      <PaperPart title={ui.set.paperOrder}>
        <PaperTable
          head={[ui.set.next, ui.set.sessionHead, facts.pieces, facts.time, "☐"]}
          rows={plan.set.rows
            .filter((row) => row.wall === wall.id)
            .map((row) => ({
              key: row.id,
              cells: [
                rowName(project, row),
                row.session,
                ui.set.pieces(row.pieces, row.cuts),
                ui.set.hours(row.minutes),
                done.has(row.id) ? "☑" : "☐",
              ],
            }))}
        />
      </PaperPart>
      <PaperPart title={ui.set.sessions}>
        <PaperTable
          head={[facts.pieces, facts.time, facts.powder, facts.mixes, facts.clips, facts.spacers]}
          rows={plan.set.sessions.map((session) => ({
            key: String(session.n),
            cells: [
              `${ui.set.session(session.n)}: ${session.pieces}`,
              ui.set.hours(session.minutes),
              formatAmount(session.powderKg, "kg", style),
              session.mixes.length,
              session.clips,
              session.spacers,
            ],
          }))}
        />
      </PaperPart>
      <PaperPart title={ui.set.watch}>
        <ul>
          {ui.set.lessons.map((line) => (
            <li key={line}>{line}</li>
          ))}
        </ul>
      </PaperPart>
    </>
  );
}
