import type { CutPiece } from "../../core/cut/pieces.ts";
import type { Project } from "../../core/project/schema.ts";
import type { WallPlan } from "../../core/wall-plan.ts";
import { dispatch } from "../state/job-store.ts";
import { ui } from "../words/ui.ts";
import { isDone, tickCut, ticketOf } from "./cut-done.ts";

interface CutTickProps {
  project: Project;
  wall: WallPlan;
  piece: CutPiece;
  /** For a thumb in a glove, with its state in words. */
  large?: boolean;
}

/** A cut by its number, to be ticked off as on its ticket. */
export function CutTick({ project, wall, piece, large = false }: CutTickProps) {
  const ticket = ticketOf(project, wall, piece);
  const done = isDone(project, ticket);
  const look = done ? "btn-success" : "border-warning bg-warning text-warning-content";
  return (
    <button
      type="button"
      aria-pressed={done}
      data-cut-tick={piece.id}
      className={`btn ${large ? "h-16 min-w-16 text-xl font-bold" : "btn-sm"} ${look}`}
      onClick={() => dispatch(tickCut(project, ticket))}
    >
      {wall.id} {piece.number}
      {large && <span className="text-sm font-normal">{done ? ui.now.cut : ui.now.notCut}</span>}
      {done && " ✓"}
    </button>
  );
}
