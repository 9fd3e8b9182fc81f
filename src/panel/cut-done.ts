import { tileOfPiece } from "../../core/cut/laid-area.ts";
import type { CutPiece } from "../../core/cut/pieces.ts";
import { cutTicket, type Ticket } from "../../core/cut/ticket.ts";
import type { Command } from "../../core/project/command.ts";
import { together } from "../../core/project/commands.ts";
import { addItem, removeItem } from "../../core/project/items.ts";
import type { Project } from "../../core/project/schema.ts";
import type { WallPlan } from "../../core/wall-plan.ts";

/** Whether a piece was ticked off as it is now; one that changed since is to be cut again. */
export function isDone(project: Project, { piece, key }: Pick<Ticket, "piece" | "key">): boolean {
  return project.cutDone?.some(({ id, cut }) => id === piece.id && cut === key) ?? false;
}

/** Which of a wall's pieces are cut; only of those that were ticked off the ticket is made. */
export function donePieces(project: Project, wall: WallPlan): CutPiece[] {
  const ticked = new Set(project.cutDone?.map(({ id }) => id));
  return wall.pieces.filter((piece) => {
    if (piece.kind === "none" || !ticked.has(piece.id)) return false;
    return isDone(project, ticketOf(project, wall, piece));
  });
}

const place = { list: "cutDone" as const };

/** Ticks a piece off as it is now, or takes the tick back. */
export function tickCut(project: Project, { piece, key }: Pick<Ticket, "piece" | "key">): Command {
  const remove = removeItem(place, piece.id);
  if (isDone(project, { piece, key })) return remove;
  // An older tick of the piece, cut to another size, gives way.
  return together("add-cutDone", [remove, addItem(place, { id: piece.id, cut: key })]);
}

/** The ticket of a piece of a wall. */
export function ticketOf(project: Project, wall: WallPlan, piece: CutPiece): Ticket {
  return cutTicket(wall, piece, tileOfPiece(project, wall, piece), project.settings?.tools);
}
