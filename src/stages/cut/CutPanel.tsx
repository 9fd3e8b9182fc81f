import { ChevronLeft, ChevronRight } from "lucide-react";
import { useEffect, useRef } from "react";
import { asCut } from "../../../core/cut/as-cut.ts";
import { pieceDimensions } from "../../../core/cut/dimensions.ts";
import { wholeTile } from "../../../core/cut/laid-area.ts";
import type { CutPiece } from "../../../core/cut/pieces.ts";
import type { Plan } from "../../../core/plan.ts";
import type { WallPlan } from "../../../core/wall-plan.ts";
import { Length } from "../../fields/Length.tsx";
import { Caution, type PanelProps, PanelTitle, Section } from "../../panel/PanelParts.tsx";
import { TableButtons } from "../../panel/TableButtons.tsx";
import { TableIn } from "../../panel/TableIn.tsx";
import { useOneStop } from "../../parts/useOneStop.ts";
import { openTicket, useView } from "../../state/view-store.ts";
import { fileName } from "../../storage/download.ts";
import { ui } from "../../words/ui.ts";
import { WarningList } from "../WarningList.tsx";
import { cutRows, readTicks } from "./cut-table.ts";
import { Drops } from "./Drops.tsx";
import { DryLay } from "./DryLay.tsx";
import { Fence } from "./Fence.tsx";
import { PieceSketch } from "./PieceSketch.tsx";
import { Planned } from "./Planned.tsx";
import { TrimTickets } from "./TrimTickets.tsx";

/** The numbered cuts of a wall: the chosen one with its dimensions, and the list. */
export function CutPanel({ project, plan, wall }: PanelProps) {
  const chosen = useView((state) => state.piece);
  const cuts = wall.pieces.filter(({ kind }) => kind !== "none");
  const piece = cuts.find(({ id }) => id === chosen);
  return (
    <>
      <PanelTitle>{ui.cut.title(wall.name)}</PanelTitle>
      {piece ? (
        <ChosenPiece plan={plan} wall={wall} piece={piece} cuts={cuts} />
      ) : (
        <p className="mt-2 text-sm">{cuts.length > 0 ? ui.cut.pick : ui.cut.nothing}</p>
      )}
      {cuts.length > 0 && (
        <button
          type="button"
          className="btn btn-primary mt-2 w-full"
          onClick={() => openTicket(wall.id, (piece ?? cuts[0])?.id)}
        >
          {ui.cut.tickets}
        </button>
      )}
      <Fence project={project} plan={plan} />
      <TrimTickets project={project} plan={plan} wall={wall} />
      <Drops project={project} plan={plan} />
      <Section title={ui.cut.list}>
        <CutTable cuts={cuts} chosen={chosen} />
        <div className="mt-2 flex flex-wrap gap-2">
          <TableButtons
            name={`${fileName(project.name)}-cuts`}
            rows={() => cutRows(project, plan)}
          />
          <TableIn label={ui.cut.table.load} read={(rows) => readTicks(rows, project, plan)} />
        </div>
        <p className="mt-1 text-xs opacity-85">{ui.cut.table.hint}</p>
      </Section>
      <DryLay project={project} plan={plan} wall={wall} />
      <WarningList project={project} plan={plan} wall={wall.id} />
      <Caution>{ui.cut.caution}</Caution>
    </>
  );
}

interface ChosenPieceProps {
  plan: Plan;
  wall: WallPlan;
  piece: CutPiece;
  cuts: CutPiece[];
}

function ChosenPiece({ plan, wall, piece, cuts }: ChosenPieceProps) {
  const full = wholeTile(wall, piece);
  const at = cuts.indexOf(piece);
  const go = (step: number) =>
    useView.setState({ piece: cuts[(at + step + cuts.length) % cuts.length]?.id });
  return (
    <section
      aria-label={`${ui.cut.number} ${piece.number}`}
      data-chosen={piece.id}
      className="mt-2"
    >
      <div className="flex items-center justify-between">
        <button
          type="button"
          className="btn btn-square btn-ghost"
          aria-label={ui.cut.previous}
          onClick={() => go(-1)}
        >
          <ChevronLeft />
        </button>
        <p className="text-center">
          <span className="block text-2xl font-bold">
            {wall.id} {piece.number}
          </span>
          {ui.cut.kinds[piece.kind]} · {ui.inline(ui.flagRows.course)} {piece.course}
        </p>
        <button
          type="button"
          className="btn btn-square btn-ghost"
          aria-label={ui.cut.next}
          onClick={() => go(1)}
        >
          <ChevronRight />
        </button>
      </div>
      <PieceSketch piece={piece} full={full} cut={plan.fence.pieces[piece.id]} />
      <h3 className="section-title mt-2">{ui.cut.dimensions}</h3>
      <dl>
        {asCut(pieceDimensions(piece, full), plan.fence.pieces[piece.id]).map((dimension, k) => (
          <div
            // biome-ignore lint/suspicious/noArrayIndexKey: a piece may have two holes with like codes
            key={`${dimension.code}-${k}`}
            className="flex items-baseline justify-between gap-2 py-0.5"
          >
            <dt>{ui.cut.dims[dimension.code]}</dt>
            <dd className="text-right text-base font-bold">
              <Planned planned={dimension.planned} /> <Length mm={dimension.mm} />
            </dd>
          </div>
        ))}
      </dl>
    </section>
  );
}

/** Rows shown at most; the file has them all. */
const MOST_ROWS = 1000;

function CutTable({ cuts, chosen }: { cuts: CutPiece[]; chosen: string | undefined }) {
  const list = useRef<HTMLDivElement>(null);
  useEffect(() => {
    const number = cuts.find(({ id }) => id === chosen)?.number;
    const row = list.current?.querySelector<HTMLElement>(`[data-cut-row="${number}"]`);
    // Only the list scrolls: the sketch above must stay in view.
    if (row && list.current) list.current.scrollTop = row.offsetTop - 60;
  }, [chosen, cuts]);
  return (
    // biome-ignore lint/a11y/useSemanticElements: a fieldset cannot scroll its table
    <div
      ref={list}
      role="group"
      aria-label={ui.cut.list}
      {...useOneStop()}
      className="relative max-h-56 overflow-auto"
    >
      <table className="w-full text-right">
        <thead className="sticky top-0 bg-base-100 text-[0.8125rem]">
          <tr className="border-b border-base-300">
            <th className="py-1 pr-2 font-medium">{ui.cut.number}</th>
            <th className="py-1 text-left font-medium">{ui.cut.kind}</th>
            <th className="py-1 font-medium">{ui.cut.size}</th>
          </tr>
        </thead>
        <tbody>
          {cuts.slice(0, MOST_ROWS).map((piece) => (
            <CutRow key={piece.id} piece={piece} isChosen={piece.id === chosen} />
          ))}
        </tbody>
      </table>
    </div>
  );
}

function CutRow({ piece, isChosen }: { piece: CutPiece; isChosen: boolean }) {
  return (
    <tr
      data-cut-row={piece.number}
      className={`border-b border-base-300/60 ${isChosen ? "bg-primary/15" : ""}`}
    >
      <td className="pr-2">
        <button
          type="button"
          tabIndex={-1}
          className="figure-button font-semibold"
          onClick={() => useView.setState({ piece: piece.id })}
        >
          {piece.number}
        </button>
      </td>
      <td className="text-left">{ui.cut.kinds[piece.kind]}</td>
      <td>
        <Length mm={piece.width} unit={false} /> × <Length mm={piece.height} unit={false} />
      </td>
    </tr>
  );
}
