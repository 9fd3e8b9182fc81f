import type { Figure, TermCode } from "../figure.ts";
import type { Job } from "../project/job.ts";

/** Where a soft joint runs. */
export type SoftJointKind =
  | "base"
  | "top"
  | "corner"
  | "opening"
  | "niche"
  | "shelf"
  | "end"
  | "liner";

/** A visible joint of sealant on a wall. */
export interface SoftJoint {
  wall: string;
  kind: SoftJointKind;
  /** Name of the opening or shelf. */
  of?: string;
  lengthM: number;
  /** It is grouted first and sealed over. */
  grouted: boolean;
}

const KINDS: Partial<Record<TermCode, SoftJointKind>> = {
  base: "base",
  top: "top",
  leftCorner: "corner",
  openingRing: "opening",
  nicheInsideCorners: "niche",
  shelfEdges: "shelf",
  openEnds: "end",
  linerEdges: "liner",
};

/** The soft joints of a wall, as its sealant is told from: a wall owns the corner at its left. */
export function softJoints(
  { settings }: Pick<Job, "settings">,
  wall: { id: string; figures: { sealantM: Figure } },
): SoftJoint[] {
  const both = settings.planeChange === "grout-and-seal";
  return wall.figures.sealantM.terms.flatMap(({ code, value, of }): SoftJoint[] => {
    const kind = KINDS[code];
    if (!kind || value <= 0) return [];
    const grouted = both && (kind === "base" || kind === "top" || kind === "corner");
    return [{ wall: wall.id, kind, ...(of === undefined ? {} : { of }), lengthM: value, grouted }];
  });
}
