import type { Project } from "../../core/project/schema.ts";

type FieldPattern = Pick<Project["field"], "pattern" | "offset" | "run" | "angle">;

/** The named bonds a job can choose from. */
export const PATTERNS = {
  stacked: { pattern: "stacked" },
  half: { pattern: "offset", offset: 1 / 2, run: "alternating" },
  "third-stepped": { pattern: "offset", offset: 1 / 3, run: "stepped" },
  "third-alternating": { pattern: "offset", offset: 1 / 3, run: "alternating" },
  diagonal: { pattern: "diagonal" },
  "herringbone-block": { pattern: "herringbone", angle: "block" },
  "herringbone-point": { pattern: "herringbone", angle: "point" },
  "basket-weave": { pattern: "basket-weave" },
  hexagon: { pattern: "hexagon" },
  scale: { pattern: "scale" },
  "two-heights": { pattern: "two-heights" },
  pinwheel: { pattern: "pinwheel" },
} as const satisfies Record<string, FieldPattern>;

export type PatternName = keyof typeof PATTERNS | "other";

/** Which named bond a field has; `other` for any other offset. */
export function patternName({
  pattern,
  offset = 1 / 2,
  run = "alternating",
  angle = "block",
}: FieldPattern): PatternName {
  if (pattern === "herringbone") return `herringbone-${angle}`;
  if (pattern !== "offset") return pattern;
  if (Math.abs(offset - 1 / 2) < 1e-6) return run === "alternating" ? "half" : "other";
  if (Math.abs(offset - 1 / 3) > 1e-6) return "other";
  return run === "stepped" ? "third-stepped" : "third-alternating";
}
