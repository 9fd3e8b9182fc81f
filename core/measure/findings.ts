import { fieldTile } from "../project/defaults.ts";
import { cornerAngle } from "../project/enclosure.ts";
import type { Job } from "../project/job.ts";

import type { Warning } from "../warning.ts";
import {
  type FlatnessVerdict,
  flatnessVerdicts,
  flatnessWarnings,
  type StudShim,
  studShims,
} from "./flatness.ts";
import { beyondTolerance, type Misclosure, misclosures } from "./misclosure.ts";
import { type CornerFinding, cornerFindings } from "./squareness.ts";
import type { Survey } from "./survey.ts";

/** What the survey says beyond the shape of the walls. */
export interface Findings {
  misclosures: Misclosure[];
  flatness: FlatnessVerdict[];
  shims: Record<string, StudShim[]>;
  corners: CornerFinding[];
}

/** Contradictions, flatness, furring and squareness of a job. */
export function surveyFindings(
  job: Pick<
    Job,
    "beds" | "closed" | "field" | "meetings" | "setOut" | "settings" | "tiles" | "walls"
  >,
  survey: Survey,
): Findings {
  const tile = fieldTile(job);
  return {
    misclosures: misclosures(job, survey),
    flatness: job.walls.flatMap((wall) => flatnessVerdicts(wall, tile)),
    shims: Object.fromEntries(job.walls.map((wall) => [wall.id, studShims(wall)])),
    corners: cornerFindings(job),
  };
}

/** Names a straightedge reading among the checks that are decided on. */
export function flatnessCheck(reading: string): string {
  return `flat/${reading}`;
}

/** Names a misclosure among the checks that are decided on. */
export function misclosureCheck({ kind, wall = "", y = 0 }: Misclosure): string {
  return `${kind}/${wall}/${Math.round(y)}`;
}

/** What the findings warn of; what was decided on, fixed or accepted, is only noted. `lean-mismatch` is said with the wall's own readings. */
export function checkFindings(
  job: Pick<Job, "build" | "decided" | "meetings" | "walls">,
  findings: Findings,
): Warning[] {
  const decided = new Set(job.decided);
  const settled = (check: string, warning: Warning): Warning =>
    decided.has(check) ? { ...warning, severity: "note" } : warning;
  return [
    ...beyondTolerance(findings.misclosures).flatMap((found) => {
      const said = misclosureWarning(found);
      return said ? [settled(misclosureCheck(found), said)] : [];
    }),
    ...flatnessWarnings(findings.flatness).map((warning) =>
      settled(flatnessCheck(warning.item ?? ""), warning),
    ),
    ...impossibleSquares(job),
    ...checkStanding(job),
    ...checkOld(job),
  ];
}

/** What each misclosure is said as; widths against leans are said with the wall's own readings. */
const SAID_AS = {
  "width-lean": undefined,
  "width-between": "width-disagrees",
  "base-at-corner": "base-disagrees",
  "top-at-corner": "top-disagrees",
  "level-loop": "level-loop-open",
  "plan-loop": "plan-loop-open",
} as const;

function misclosureWarning(found: Misclosure): Warning | undefined {
  const { kind, wall, y = 0, size, tolerance } = found;
  const code = SAID_AS[kind];
  if (!code) return undefined;
  return {
    code,
    severity: "warning",
    ...(wall === undefined ? {} : { wall }),
    ...(kind === "width-between" ? { item: `${Math.round(y)}` } : {}),
    values: { size: Math.abs(size), tolerance, y, wider: size > 0 ? 1 : 0 },
  };
}

/** Diagonals that no triangle has: a slip of the tape or of the pencil. */
function impossibleSquares(job: Pick<Job, "meetings">): Warning[] {
  return job.meetings.flatMap(({ left, right, corner }): Warning[] => {
    const square = corner?.square;
    if (!square || cornerAngle(square) !== undefined) return [];
    return [
      {
        code: "diagonal-impossible",
        severity: "warning",
        wall: left.id,
        item: right.id,
        values: {},
      },
    ];
  });
}

const OLD = { adhesiveM2: "old-adhesive", tornM2: "board-torn", shinyM2: "surface-shiny" } as const;

/** What has to be done to a surface that stays before anything is set on it. */
function checkOld({ walls }: Pick<Job, "walls">): Warning[] {
  return walls.flatMap(({ id: wall, old = {} }) =>
    (["adhesiveM2", "tornM2", "shinyM2"] as const).flatMap((kind): Warning[] => {
      const areaM2 = old[kind] ?? 0;
      if (areaM2 <= 0) return [];
      return [{ code: OLD[kind], severity: "note", wall, values: { areaM2 } }];
    }),
  );
}

/** What the kind of wall asks for before anything is cut into it. */
function checkStanding(job: Pick<Job, "build" | "walls">): Warning[] {
  return job.walls.flatMap(({ id: wall, stands, bearing, openings, behind }): Warning[] => {
    const niches = openings.filter(({ kind }) => kind === "niche").length;
    const warnings: Warning[] = [];
    if (niches > 0 && (stands === "party" || stands === "fire-rated")) {
      warnings.push({ code: "niche-in-rated-wall", severity: "stop", wall, values: {} });
    }
    if (niches > 0 && stands === "outside") {
      warnings.push({ code: "niche-in-outside-wall", severity: "warning", wall, values: {} });
    }
    if (niches > 0 && bearing) {
      warnings.push({ code: "niche-in-bearing-wall", severity: "stop", wall, values: {} });
    }
    if (behind === "vapour-retarder" || behind === "faced-insulation") {
      if (!job.build.traits.retarder)
        warnings.push({ code: "moisture-sandwich", severity: "stop", wall, values: {} });
    }
    return warnings;
  });
}
