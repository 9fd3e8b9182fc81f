/** Documents by their file names. */
export const DOCUMENTS = [
  "work-pack.pdf",
  "story-pole.pdf",
  "walls.dxf",
  "walls.svg",
  "cuts.csv",
  "order.csv",
  "schedule.ics",
] as const;

export type DocumentName = (typeof DOCUMENTS)[number];

/** Whether a document of that name is made. */
export function isDocument(name: string): name is DocumentName {
  return (DOCUMENTS as readonly string[]).includes(name);
}

/** Parts of the work pack, in the order of the work; each can be given alone. */
export const PACK_PARTS = [
  "cover",
  "survey",
  "board",
  "film",
  "set-out",
  "pole",
  "tickets",
  "drops",
  "set",
  "grout",
  "order",
  "days",
  "record",
  "hand-over",
] as const;

export type PackPart = (typeof PACK_PARTS)[number];

/** Whether the work pack has such a part. */
export function isPackPart(name: string): name is PackPart {
  return (PACK_PARTS as readonly string[]).includes(name);
}

/** Sheets of paper that documents are made for. */
export const PAPER_NAMES = ["a4", "letter"] as const;

export type PaperName = (typeof PAPER_NAMES)[number];

/** Whether documents are made for a paper. */
export function isPaper(name: string): name is PaperName {
  return (PAPER_NAMES as readonly string[]).includes(name);
}
