import { DEFAULTS } from "../project/defaults.ts";
import type { Warning } from "../warning.ts";
import type { WallReadings } from "./shape.ts";
import { type MeasuredWall, MOST_WALL_M2, type Survey } from "./survey.ts";

/** Widths and leans that disagree by more than this are said, mm. */
const LEAN_MISMATCH = 2;

/** A reading farther from its corner than this leaves the corner to guesswork, mm. */
const NEAR_CORNER = 300;

/** What the readings leave open or say twice. */
export function checkSurvey(survey: Survey): Warning[] {
  const warnings: Warning[] = [];
  if (survey.levelAssumed) {
    const values = { height: DEFAULTS.assumedLevelLine };
    warnings.push({ code: "level-line-assumed", severity: "note", values });
  }
  return [...warnings, ...survey.walls.flatMap(checkWall)];
}

function checkWall({ wall, assumedSquare, leanMismatch = 0, empty }: MeasuredWall): Warning[] {
  if (empty) {
    const values = { most: MOST_WALL_M2 };
    return [{ code: empty, severity: "stop", wall: wall.id, values }];
  }
  const warnings: Warning[] = [];
  if (assumedSquare) {
    warnings.push({ code: "wall-assumed-square", severity: "note", wall: wall.id, values: {} });
  }
  if (Math.abs(leanMismatch) > LEAN_MISMATCH) {
    const values = { mismatch: Math.abs(leanMismatch) };
    warnings.push({ code: "lean-mismatch", severity: "warning", wall: wall.id, values });
  }
  const gap = Math.max(distanceFromCorners(wall, wall.base), distanceFromCorners(wall, wall.top));
  if (gap > NEAR_CORNER) {
    const code = "reading-far-from-corner";
    warnings.push({
      code,
      severity: "warning",
      wall: wall.id,
      values: { gap, limit: NEAR_CORNER },
    });
  }
  return warnings;
}

/** The larger distance from a corner to its nearest reading; one reading alone means level. */
function distanceFromCorners(
  wall: WallReadings,
  readings: { from: "left" | "right"; at: number }[],
): number {
  if (readings.length < 2) return 0;
  const width = wall.width.bottom;
  const fromLeft = readings.map(({ from, at }) => (from === "left" ? at : width - at));
  const legLeft = wall.leg?.side === "left" ? wall.leg.width : 0;
  const legRight = wall.leg?.side === "right" ? wall.leg.width : 0;
  return Math.max(Math.min(...fromLeft) - legLeft, width - legRight - Math.max(...fromLeft));
}
