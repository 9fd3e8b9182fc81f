import { Check, ChevronLeft, ChevronRight, X } from "lucide-react";
import { useEffect, useRef } from "react";
import { asCut } from "../../../core/cut/as-cut.ts";
import { wholeTile } from "../../../core/cut/laid-area.ts";
import type { CutPiece } from "../../../core/cut/pieces.ts";
import type { CutStep, Ticket } from "../../../core/cut/ticket.ts";
import { formatLength } from "../../../core/length/format.ts";
import type { Plan } from "../../../core/plan.ts";
import type { CutAtWall, Project } from "../../../core/project/schema.ts";
import type { WallPlan } from "../../../core/wall-plan.ts";
import { useJobStyle } from "../../fields/context.ts";
import { Length } from "../../fields/Length.tsx";
import { isDone, tickCut, ticketOf } from "../../panel/cut-done.ts";
import { useWakeLock } from "../../parts/useWakeLock.ts";
import { dispatch } from "../../state/job-store.ts";
import { openDialog, useView } from "../../state/view-store.ts";
import { ui } from "../../words/ui.ts";
import { AtWall, takenAtWall } from "./AtWall.tsx";
import { PieceSketch } from "./PieceSketch.tsx";
import { Planned } from "./Planned.tsx";

interface TicketViewProps {
  project: Project;
  plan: Plan;
  wallId: string;
}

/** One cut over the whole screen, for the person at the saw: next and previous by thumb or arrow. */
export function TicketView({ project, plan, wallId }: TicketViewProps) {
  const ref = useRef<HTMLDialogElement>(null);
  useWakeLock();
  const chosen = useView((state) => state.piece);
  useEffect(() => {
    ref.current?.showModal();
  }, []);
  const wall = plan.walls.find(({ id }) => id === wallId);
  const cuts = wall?.pieces.filter(({ kind }) => kind !== "none") ?? [];
  const at = Math.max(
    0,
    cuts.findIndex(({ id }) => id === chosen),
  );
  const piece = cuts[at];
  if (!wall || !piece) return null;
  const ticket = ticketOf(project, wall, piece);
  const done = isDone(project, ticket);
  const go = (step: number) =>
    useView.setState({ piece: cuts[(at + step + cuts.length) % cuts.length]?.id });
  const tick = () => {
    dispatch(tickCut(project, ticket));
    if (!done) go(1);
  };
  return (
    <dialog
      ref={ref}
      aria-label={`${ui.cut.ticket} ${wall.id} ${piece.number}`}
      className="m-0 h-dvh max-h-none w-screen max-w-none flex-col overflow-hidden bg-base-100 text-base-content open:flex"
      data-ticket={piece.id}
      onClose={() => openDialog(undefined)}
      onKeyDown={(event) => {
        if (event.key === "ArrowRight") go(1);
        if (event.key === "ArrowLeft") go(-1);
      }}
    >
      <div className="min-h-0 flex-1 overflow-auto p-3 md:p-6">
        <div className="mx-auto max-w-3xl">
          <TicketHead wall={wall} piece={piece} onClose={() => ref.current?.close()} />
          <TicketBody project={project} plan={plan} wall={wall} ticket={ticket} />
        </div>
      </div>
      <TicketFoot done={done} onTick={tick} onGo={go} />
    </dialog>
  );
}

interface TicketHeadProps {
  wall: WallPlan;
  piece: CutPiece;
  onClose: () => void;
}

function TicketHead({ wall, piece, onClose }: TicketHeadProps) {
  return (
    <div className="flex items-center gap-3">
      <p className="text-4xl font-bold">
        {wall.id} {piece.number}
      </p>
      <p className="flex-1 text-lg">
        {ui.cut.kinds[piece.kind]} · {ui.inline(ui.flagRows.course)} {piece.course} · {wall.name}
      </p>
      <button
        type="button"
        className="btn btn-square btn-ghost"
        aria-label={ui.close}
        onClick={onClose}
      >
        <X />
      </button>
    </div>
  );
}

interface TicketFootProps {
  done: boolean;
  onTick: () => void;
  onGo: (step: number) => void;
}

/** Back, done and on, as large as a thumb. */
function TicketFoot({ done, onTick, onGo }: TicketFootProps) {
  return (
    <div className="mx-auto grid w-full max-w-3xl grid-cols-3 gap-2 p-3 md:pb-6">
      <button
        type="button"
        className="btn h-16 text-lg"
        aria-label={`${ui.cut.back}: ${ui.cut.previousTicket}`}
        onClick={() => onGo(-1)}
      >
        <ChevronLeft className="shrink-0" /> {ui.cut.back}
      </button>
      <button
        type="button"
        className={`btn h-16 text-lg ${done ? "btn-success" : "btn-primary"}`}
        aria-pressed={done}
        onClick={onTick}
      >
        <Check /> {ui.cut.done}
      </button>
      <button
        type="button"
        className="btn h-16 text-lg"
        aria-label={`${ui.cut.on}: ${ui.cut.nextTicket}`}
        onClick={() => onGo(1)}
      >
        {ui.cut.on} <ChevronRight className="shrink-0" />
      </button>
    </div>
  );
}

interface TicketBodyProps {
  project: Project;
  plan: Plan;
  wall: WallPlan;
  ticket: Ticket;
}

function TicketBody({ project, plan, wall, ticket }: TicketBodyProps) {
  const { piece, dimensions, steps, hidden, risks } = ticket;
  const { unit } = useJobStyle();
  const taken = takenAtWall(project, piece.id);
  const bench = steps.filter((step) => step !== "hole-saw" || !taken?.holeInPlace);
  const inPlace: CutStep[] = bench.length < steps.length ? ["drill-in-place"] : [];
  return (
    <>
      <div className="mx-auto w-full max-w-[min(28rem,36vh)]">
        <PieceSketch
          piece={piece}
          full={wholeTile(wall, piece)}
          cut={plan.fence.pieces[piece.id]}
        />
      </div>
      <h2 className="section-title">{ui.cut.dimensions}</h2>
      <dl className="grid gap-x-8 md:grid-cols-2">
        {asCut(dimensions, plan.fence.pieces[piece.id]).map(({ code, mm, planned }, k) => (
          // biome-ignore lint/suspicious/noArrayIndexKey: a piece may have two holes with like codes
          <div key={`${code}-${k}`} className="border-b border-base-300 py-1">
            <dt className="text-base">{ui.cut.dims[code]}</dt>
            <dd className="text-[4.5rem] leading-none font-bold" data-dimension={code}>
              <Length unit={false} mm={takenOf(taken, code) ?? mm} />
              <span className="text-2xl font-normal">&nbsp;{ui.units[unit]} </span>
              {takenOf(taken, code) === undefined && <Planned planned={planned} />}
            </dd>
          </div>
        ))}
      </dl>
      <AsSetCut plan={plan} piece={piece.id} />
      <h2 className="section-title mt-3">{ui.cut.how}</h2>
      <ol className="list-decimal pl-6 text-lg">
        {[...bench, ...inPlace].map((step) => (
          <li key={step}>{ui.cut.steps[step]}</li>
        ))}
      </ol>
      <AtWall key={piece.id} project={project} wall={wall} piece={piece} />
      <FromOneTile plan={plan} piece={piece.id} />
      {hidden.length > 0 && (
        <p className="mt-1 text-lg">
          {ui.cut.hides} {hidden.map((where) => ui.cut.hiddenBy[where]).join(", ")}.
        </p>
      )}
      {risks.map((risk) => (
        <p key={risk} className="mt-1 text-lg font-semibold text-error">
          ! {ui.cut.risks[risk]}
        </p>
      ))}
      <p className="mt-2 text-sm">{ui.cut.caution}</p>
    </>
  );
}

function takenOf(taken: CutAtWall | undefined, code: string): number | undefined {
  return code === "width" || code === "height" ? taken?.[code] : undefined;
}

/** What courses that were measured on the wall make of a piece's height. */
function AsSetCut({ plan, piece }: { plan: Plan; piece: string }) {
  const style = useJobStyle();
  const changed = plan.corrections.flatMap(({ cuts }) => cuts).find((cut) => cut.piece === piece);
  if (!changed) return null;
  return (
    <p className="mt-2 border-l-4 border-error pl-2 text-xl font-bold" data-as-set-cut={piece}>
      {ui.set.asSetCut(formatLength(changed.from, style), formatLength(changed.to, style))}
    </p>
  );
}

/** The other pieces that the same tile gives. */
function FromOneTile({ plan, piece }: { plan: Plan; piece: string }) {
  const tile = plan.drops.tiles.find(({ pieces }) => pieces.includes(piece));
  const others = tile?.pieces.filter((id) => id !== piece) ?? [];
  if (others.length === 0) return null;
  const names = plan.walls.flatMap((wall) =>
    wall.pieces.filter(({ id }) => others.includes(id)).map(({ number }) => `${wall.id} ${number}`),
  );
  return <p className="mt-1 text-lg">{ui.cut.drops.ticket(names.join(", "))}</p>;
}
