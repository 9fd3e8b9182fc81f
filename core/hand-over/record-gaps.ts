import type { Project } from "../project/schema.ts";

/** What a record of the job has to hold before it is handed over. */
export const RECORD_PARTS = [
  "gate",
  "set",
  "grout",
  "coverage",
  "behind",
  "lots",
  "snags",
  "left",
  "care",
  "warranty",
  "signatures",
] as const;

export type RecordPart = (typeof RECORD_PARTS)[number];

/** What of the plan a record is held against. */
export interface RecordNeeds {
  /** Checks before tile that are neither done nor waived; none where there is no film. */
  gateOpen: number;
  rows: number;
  mixes: number;
}

/** What is missing, each with how many of it: an empty list is a record that is complete. */
export function recordGaps(
  project: Project,
  { gateOpen, rows, mixes }: RecordNeeds,
): { part: RecordPart; missing: number }[] {
  const { work = {}, log = [], handOver = {}, delivery = [] } = project;
  const { snags = [], left = [], signatures = [], warranty, careTold } = handOver;
  const washed = new Set(
    (work.mixes ?? []).filter(({ kind, washed: at }) => kind === "grout" && at).map(forOf),
  ).size;
  const hasLot =
    delivery.some(({ lot }) => lot.trim() !== "") ||
    [...log, ...left].some(({ lot }) => (lot ?? "").trim() !== "");
  const roles = new Set(signatures.map(({ role }) => role));
  const missing: Record<RecordPart, number> = {
    gate: gateOpen,
    set: Math.max(0, rows - new Set((work.rows ?? []).map(({ id }) => id)).size),
    grout: Math.max(0, mixes - washed),
    coverage: Number((work.coverage ?? []).length === 0),
    behind: Number(!log.some(({ kind, photos = [] }) => kind === "behind" && photos.length > 0)),
    lots: Number(!hasLot),
    snags: snags.filter(({ done }) => !done).length,
    left: Number(left.length === 0),
    care: Number(!careTold),
    warranty: Number(!warranty?.until && !warranty?.words),
    signatures: 2 - roles.size,
  };
  return RECORD_PARTS.filter((part) => missing[part] > 0).map((part) => ({
    part,
    missing: missing[part],
  }));
}

function forOf(mix: { for: string }): string {
  return mix.for;
}
