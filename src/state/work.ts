import { together } from "../../core/project/commands.ts";
import { addItem, editItem, removeItem } from "../../core/project/items.ts";
import type { Mix } from "../../core/project/schema.ts";
import { dispatch, useJob } from "./job-store.ts";

/** What is done on the wall, with the time at which it was: clocks are reckoned from these. */

const rows = { list: "rowsSet" as const };
const mixes = { list: "mixes" as const };

function moment(): string {
  return new Date().toISOString();
}

/** A row is set. */
export function setRow(id: string): void {
  // Set in two tabs at once it is set once.
  dispatch(together("add-rowsSet", [removeItem(rows, id), addItem(rows, { id, at: moment() })]));
}

/** A row was not set after all. */
export function takeRowBack(id: string): void {
  dispatch(removeItem(rows, id));
}

/**
 * Water and powder are together; an older mix of its kind is emptied with that. It is of the lot of
 * the one before it until somebody says that another bag was opened.
 */
export function beginMix(
  mix: Pick<Mix, "for" | "kind" | "powderKg" | "waterL" | "potLifeMin">,
  running: Mix | undefined,
): void {
  const at = moment();
  const known = useJob.getState().row?.project.work?.mixes ?? [];
  const lot = known.findLast((own) => own.kind === mix.kind && own.lot)?.lot;
  dispatch(
    together("add-mixes", [
      ...(running && mix.kind === "mortar" ? [editItem(mixes, running.id, { emptied: at })] : []),
      addItem(mixes, { ...mix, ...(lot ? { lot } : {}), id: crypto.randomUUID(), at }),
    ]),
  );
}

/** The lot and colour on the bag of a mix. */
export function noteLot(id: string, lot: string): void {
  dispatch(editItem(mixes, id, { lot: lot.slice(0, 200) || undefined }));
}

/** Steps of a mix that are told by when they were done. */
export type MixStep = "spread" | "floated" | "washed" | "hazed" | "emptied";

/** A step of a mix is done now. */
export function stepMix(id: string, step: MixStep): void {
  dispatch(editItem(mixes, id, { [step]: moment() }));
}

/** What is left of a mix is thrown away, kg of its powder: it was used on no wall. */
export function throwAway(id: string, leftKg: number): void {
  dispatch(editItem(mixes, id, { emptied: moment(), leftKg }));
}

/** A step was not done after all. */
export function unstepMix(id: string, step: MixStep): void {
  dispatch(editItem(mixes, id, { [step]: undefined }));
}

/** A mix was not begun after all. */
export function takeMixBack(id: string): void {
  dispatch(removeItem(mixes, id));
}

const supports = { list: "supports" as const };

/** Hours that a support stays where nobody says. Trade practice: overnight and a day. */
export const SUPPORT_STAYS_H = 24;

/** A support is taken out now. */
export function takeOut(id: string): void {
  dispatch(editItem(supports, id, { out: moment() }));
}
