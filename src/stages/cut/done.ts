import { tileOfPiece } from "../../../core/cut/laid-area.ts";
import type { CutPiece } from "../../../core/cut/pieces.ts";
import { cutTicket, type Ticket } from "../../../core/cut/ticket.ts";
import type { Project } from "../../../core/project/schema.ts";
import type { WallPlan } from "../../../core/wall-plan.ts";

/** Whether a piece was ticked off as it is now; one that changed since is to be cut again. */
export function isDone(project: Project, { piece, key }: Pick<Ticket, "piece" | "key">): boolean {
  return project.cutDone?.some(({ id, cut }) => id === piece.id && cut === key) ?? false;
}

/** Which of a wall's pieces are cut; only of those that were ticked off the ticket is made. */
export function donePieces(project: Project, wall: WallPlan): CutPiece[] {
  const ticked = new Set(project.cutDone?.map(({ id }) => id));
  return wall.pieces.filter((piece) => {
    if (piece.kind === "none" || !ticked.has(piece.id)) return false;
    const tile = tileOfPiece(project, wall, piece);
    return isDone(project, cutTicket(wall, piece, tile, project.settings?.tools));
  });
}
