import { useEffect } from "react";
import type { Plan } from "../../core/plan.ts";
import { addressOf } from "../state/address.ts";
import { useJob } from "../state/job-store.ts";
import { closeOver, noteAddress, onAddress, shownPlace } from "../state/location.ts";
import { isStage, useView, type ViewState } from "../state/view-store.ts";

/** The cut piece that a ticket's number names. */
function pieceOf(plan: Plan, cut: string): { wall: string; piece: string } | undefined {
  for (const { id, pieces } of plan.walls) {
    const piece = pieces.find(({ number, kind }) => kind !== "none" && `${id}${number}` === cut);
    if (piece) return { wall: id, piece: piece.id };
  }
  return undefined;
}

/** Looks where the address says: the page, the wall, the ticket. */
function followAddress(job: string): void {
  const place = shownPlace();
  const { plan } = useJob.getState();
  if (place.kind !== "job" || place.job !== job) return;
  const ticket = place.cut !== undefined && plan ? pieceOf(plan, place.cut) : undefined;
  const { dialog } = useView.getState();
  useView.setState({
    ...(place.page ? { page: place.page } : {}),
    ...(place.wall && plan?.walls.some(({ id }) => id === place.wall) ? { wall: place.wall } : {}),
    ...(ticket ?? {}),
    ...(ticket ? { dialog: { kind: "ticket", wall: ticket.wall } as const } : {}),
    // Back closes a ticket.
    ...(!ticket && dialog?.kind === "ticket" ? { dialog: undefined } : {}),
  });
}

/** The number on the ticket that is open. */
function cutOf({ dialog, piece }: ViewState): string | undefined {
  if (dialog?.kind !== "ticket") return undefined;
  const wall = useJob.getState().plan?.walls.find(({ id }) => id === dialog.wall);
  const cut = wall?.pieces.find(({ id }) => id === piece);
  return wall && cut && `${wall.id}${cut.number}`;
}

function addressOfView(job: string, view: ViewState): string {
  const { page } = view;
  const cut = page === "cut" ? cutOf(view) : undefined;
  const wall = isStage(page) || page === "pole" ? view.wall : "";
  return addressOf(job, page, { wall, ...(cut ? { cut } : {}) });
}

/**
 * Keeps the address and what is looked at the same, as long as a job is open: another page or a
 * ticket is a step that back undoes, another wall or the next ticket is not.
 */
export function useAddress(job: string): void {
  useEffect(() => {
    followAddress(job);
    noteAddress(addressOfView(job, useView.getState()), "replace");
    const endFollowing = onAddress(() => followAddress(job));
    const endNoting = useView.subscribe((view, before) => {
      const [isOpen, wasOpen] = [view, before].map(({ dialog }) => dialog?.kind === "ticket");
      const turns = view.page !== before.page;
      if (wasOpen && !isOpen && !turns && closeOver()) return;
      const how = turns ? "push" : isOpen && !wasOpen ? "over" : "replace";
      noteAddress(addressOfView(job, view), how);
    });
    return () => {
      endFollowing();
      endNoting();
    };
  }, [job]);
}
