import { LEAST_PIECE, mod, SAME_MM } from "../limits.ts";
import type { ModelBond } from "../set-out/row-bond.ts";
import { type ModelHole, type ModelOpening, type ModelWall, movedAcross } from "./model.ts";
import type { Placing } from "./placing.ts";

/** Rows that no opening and no hole meets, of one shift. */
export interface RowClass {
  shift: number;
  /** Rows of whole height, and rows that foot or head cut. */
  whole: number;
  cut: number;
  /** Rows of this shift that something meets. */
  met: number;
}

/** Where along a row something is met. */
export interface Span {
  from: number;
  to: number;
  /** It moves along the row. */
  slides: boolean;
  /** An opening that takes the row's whole height, or leaves an arm; undefined for a hole. */
  whole?: boolean;
}

/** A row that openings or holes meet: its tiles there are looked at more closely. */
export interface MetRow {
  shift: number;
  low: number;
  cut: boolean;
  /** From the left, as they stand. */
  spans: Span[];
  /** No tile can reach two of them, wherever the pattern stands along the row. */
  apart: boolean;
}

/** An opening as the rows lie to it. */
export interface MetOpening extends Pick<ModelOpening, "x0" | "x1" | "y0" | "y1"> {
  /** It moves along the rows. */
  slides: boolean;
  /** Every row that it meets: crossed over its whole height, or with an arm left so high. */
  rows: { shift: number; whole: boolean; arm: number }[];
}

/** A hole in its row: how far its centre is above the row's lower edge. */
export interface MetHole extends ModelHole {
  shift: number;
  up: number;
}

/** Everything about a field's rows that does not depend on the phase along them. */
export interface RowPlan {
  classes: RowClass[];
  met: MetRow[];
  openings: MetOpening[];
  holes: MetHole[];
}

/** Plans kept for one wall: a search asks for the same heights again for every phase. */
const MOST_KEPT = 2000;

interface Kept {
  count: number;
  plans: Map<number, Map<number | undefined, RowPlan>>;
}

const kept = new WeakMap<ModelWall, Kept>();

/** The rows of a field with its pattern at a height; remembered. */
export function rowsAt(bond: ModelBond, wall: ModelWall, { across, niche }: Placing): RowPlan {
  const own = keptFor(wall);
  const known = own.plans.get(across)?.get(niche);
  if (known) return known;
  const plan = planRows(bond, wall, across, niche);
  const byNiche = own.plans.get(across) ?? new Map<number | undefined, RowPlan>();
  own.plans.set(across, byNiche.set(niche, plan));
  own.count++;
  return plan;
}

function keptFor(wall: ModelWall): Kept {
  const own = kept.get(wall);
  if (own && own.count < MOST_KEPT) return own;
  const fresh: Kept = { count: 0, plans: new Map() };
  kept.set(wall, fresh);
  return fresh;
}

function planRows(
  bond: ModelBond,
  wall: ModelWall,
  across: number,
  niche: number | undefined,
): RowPlan {
  const { depth, joint } = bond;
  const step = depth + joint;
  const classes: RowClass[] = [];
  const met: MetRow[] = [];
  const openings = movedAcross(wall.openings, niche).map((opening): MetOpening => {
    const { x0, x1, y0, y1, alongRange } = opening;
    return { x0, x1, y0, y1, slides: alongRange !== undefined, rows: [] };
  });
  const { foot, head } = wall.wedge;
  const first = Math.floor((wall.acrossFrom - foot - across + joint - LEAST_PIECE) / step);
  const last = Math.floor((wall.acrossTo + head - across - LEAST_PIECE) / step);
  for (let row = first; row <= last; row++) {
    const low = across + row * step;
    const shift = bond.shiftOf(row);
    const height = Math.min(low + depth, wall.acrossTo) - Math.max(low, wall.acrossFrom);
    if (height < LEAST_PIECE) {
      // What shows in a wedge alone runs out: every tile of it is cut.
      const widest =
        Math.min(low + depth, wall.acrossTo + head) - Math.max(low, wall.acrossFrom - foot);
      if (widest >= LEAST_PIECE) classOf(classes, shift).cut++;
      continue;
    }
    const spans = spansIn(openings, wall, low, depth, shift);
    const cut = height <= depth - LEAST_PIECE + SAME_MM;
    const rows = classOf(classes, shift);
    if (spans.length > 0) {
      met.push({ shift, low, cut, spans, apart: areApart(spans, bond.length) });
      rows.met++;
    } else if (cut) rows.cut++;
    else rows.whole++;
  }
  const holes = wall.holes.map((hole): MetHole => {
    const row = Math.floor((hole.y - across + SAME_MM) / step);
    return { ...hole, shift: bond.shiftOf(row), up: hole.y - across - row * step };
  });
  return { classes, met, openings, holes };
}

function classOf(classes: RowClass[], shift: number): RowClass {
  const known = classes.find((other) => other.shift === shift);
  if (known) return known;
  const added = { shift, whole: 0, cut: 0, met: 0 };
  classes.push(added);
  return added;
}

/** What a row meets; openings take note of the row. */
function spansIn(
  openings: MetOpening[],
  wall: ModelWall,
  low: number,
  depth: number,
  shift: number,
): MetRow["spans"] {
  const spans: MetRow["spans"] = [];
  for (const { x0, x1, y0, y1, slides, rows } of openings) {
    const met = metBy(wall, low, depth, y0, y1);
    if (!met) continue;
    rows.push({ shift, ...met });
    spans.push({ from: x0, to: x1, slides, whole: met.whole });
  }
  for (const { x, y, radius } of wall.holes) {
    if (low < y + radius && low + depth > y - radius) {
      spans.push({ from: x - radius, to: x + radius, slides: false });
    }
  }
  return spans.sort((p, q) => p.from - q.from);
}

/** Whether spans lie further from each other than a tile is long; those that move may come nearer. */
function areApart(spans: Span[], length: number): boolean {
  return spans.every((span, k) => {
    const next = spans[k + 1];
    return next === undefined || (!span.slides && !next.slides && next.from - span.to >= length);
  });
}

/**
 * How what shows of a row lies to an opening: crossed over its whole height, or with arms under and
 * over it, the lower of which is told; undefined when it is not met. Less than a joint is no arm.
 */
export function metBy(
  { acrossFrom, acrossTo }: Pick<ModelWall, "acrossFrom" | "acrossTo">,
  low: number,
  depth: number,
  y0: number,
  y1: number,
): { whole: boolean; arm: number } | undefined {
  const foot = Math.max(low, acrossFrom);
  const head = Math.min(low + depth, acrossTo);
  if (foot >= y1 - LEAST_PIECE || head <= y0 + LEAST_PIECE) return undefined;
  const [under, over] = [y0 - foot, head - y1];
  if (under <= LEAST_PIECE) return { whole: over <= LEAST_PIECE, arm: over };
  return { whole: false, arm: over <= LEAST_PIECE ? under : Math.min(under, over) };
}

/** How far a hole's centre is right of the lower left corner of its tile, for a phase, mm. */
export function intoTile({ x, shift }: MetHole, along: number, module: number): number {
  return mod(x - along - shift + SAME_MM, module) - SAME_MM;
}
