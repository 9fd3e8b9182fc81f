import { asCut } from "../../../core/cut/as-cut.ts";
import { pieceDimensions } from "../../../core/cut/dimensions.ts";
import { wholeTile } from "../../../core/cut/laid-area.ts";
import { barsOfRun } from "../../../core/set-out/trim.ts";
import { Length } from "../../fields/Length.tsx";
import type { PanelProps } from "../../panel/PanelParts.tsx";
import { runName } from "../../words/run-name.ts";
import { ui } from "../../words/ui.ts";
import { PaperPart, PaperTable } from "../PaperParts.tsx";
import { PieceSketch } from "./PieceSketch.tsx";
import { Planned } from "./Planned.tsx";
import { RunCut } from "./TrimTickets.tsx";

/** The whole cut list of a wall for paper, and a ticket with its sketch for every cut of it. */
export function CutPaper({ plan, wall }: PanelProps) {
  const cuts = wall.pieces.filter(({ kind }) => kind !== "none");
  if (cuts.length === 0) return <p>{ui.cut.nothing}</p>;
  return (
    <>
      <PaperPart title={ui.cut.list}>
        <PaperTable
          head={[ui.cut.number, ui.flagRows.course, ui.cut.kind, ui.cut.size, ui.cut.done]}
          rows={cuts.map(({ id, number, course, kind, width, height }) => ({
            key: id,
            cells: [
              `${wall.id} ${number}`,
              course,
              ui.cut.kinds[kind],
              <span key="size">
                <Length mm={width} unit={false} /> × <Length mm={height} />
              </span>,
              "☐",
            ],
          }))}
        />
      </PaperPart>
      <PaperPart title={ui.cut.fence.list}>
        <StopTable plan={plan} wall={wall} />
      </PaperPart>
      {wall.trimRuns.length > 0 && (
        <PaperPart title={ui.cut.trim.title}>
          <ul>
            {wall.trimRuns.map((run) => (
              <li key={run.id}>
                {runName(run)} <RunCut run={run} bars={barsOfRun(plan.trim, run)} />
              </li>
            ))}
          </ul>
        </PaperPart>
      )}
      <PaperPart title={ui.cut.tickets}>
        <div className="paper-grid paper-tickets">
          {cuts.map((piece) => {
            const full = wholeTile(wall, piece);
            return (
              <div key={piece.id} className="paper-card" data-paper-ticket={piece.id}>
                <h3>
                  {wall.id} {piece.number} · {ui.cut.kinds[piece.kind]}
                </h3>
                <PieceSketch piece={piece} full={full} cut={plan.fence.pieces[piece.id]} />
                <p>
                  {asCut(pieceDimensions(piece, full), plan.fence.pieces[piece.id]).map(
                    (own, k) => (
                      // biome-ignore lint/suspicious/noArrayIndexKey: a piece may have two holes with like codes
                      <span key={`${own.code}-${k}`}>
                        {k > 0 && " · "}
                        {ui.cut.dims[own.code]}{" "}
                        <strong className="whitespace-nowrap">
                          <Length mm={own.mm} />
                        </strong>{" "}
                        <Planned planned={own.planned} />
                      </span>
                    ),
                  )}
                </p>
              </div>
            );
          })}
        </div>
      </PaperPart>
    </>
  );
}

/** Each setting of the fence with the cuts of this wall that it serves. */
function StopTable({ plan, wall }: Pick<PanelProps, "plan" | "wall">) {
  const numbers = new Map(wall.pieces.map(({ id, number }) => [id, number]));
  const stops = plan.fence.settings.flatMap(({ set, cuts }) => {
    const own = cuts.filter((cut) => cut.wall === wall.id).map((cut) => numbers.get(cut.piece));
    return own.length > 0 ? [{ set, own }] : [];
  });
  return (
    <PaperTable
      head={[ui.cut.columns.fence, ui.cut.number]}
      rows={stops.map(({ set, own }) => ({
        key: `${set}`,
        cells: [
          <Length key="set" mm={set} />,
          own.map((number) => `${wall.id} ${number}`).join(", "),
        ],
      }))}
    />
  );
}
