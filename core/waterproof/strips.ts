import type { WallBoard } from "../board/board-plan.ts";
import type { Term } from "../figure.ts";
import type { Point } from "../geometry/polygon.ts";
import { heightAt, profilePoints } from "../geometry/profile.ts";
import { lineX } from "../measure/corners.ts";
import type { PlacedOpening } from "../measure/openings.ts";
import type { MeasuredWall } from "../measure/survey.ts";
import { DEFAULTS } from "../project/defaults.ts";

/** Where a strip is embedded. */
export type StripKind = "corner" | "base" | "seam" | "nicheEdges" | "windowEdges";

/** A strip in the first coat: how long, and where it is drawn. Niche edges run into the wall. */
export interface Strip {
  kind: StripKind;
  mm: number;
  /** Path on the wall. */
  path: Point[];
  /** Opening that it belongs to, by name. */
  of?: string;
}

/**
 * All strips of a wall: the corner at its left end, wall to base (along a leg: down the front and
 * along the floor), board seams, 12 edges of a niche (4 at the back, 4 in the depth, 4 at the
 * face), 8 of a window.
 */
export function stripsOf(
  wall: MeasuredWall,
  openings: PlacedOpening[],
  wallBoard: WallBoard,
): Strip[] {
  if (wall.empty || wall.dry) return [];
  const strips: Strip[] = [];
  if (wallBoard.cornerMm > 0) {
    const [foot, head] = [heightAt(wall.base, 0), heightAt(wall.top, 0)];
    const path: Point[] = [foot, head].map((y) => [lineX(wall.left, y), y]);
    strips.push({ kind: "corner", mm: wallBoard.cornerMm, path });
  }
  if (!wall.patches) strips.push(baseStrip(wall));
  for (const { from, to } of wallBoard.board.seams) {
    strips.push({ kind: "seam", mm: to[0] - from[0] + to[1] - from[1], path: [from, to] });
  }
  return [...strips, ...openings.map(openingStrip)];
}

function baseStrip({ base, baseSpan, leg, wall }: MeasuredWall): Strip {
  const path = profilePoints(base, ...baseSpan);
  if (leg) {
    const { front, floorY, side } = leg;
    const end = side === "left" ? 0 : wall.width.bottom;
    const down: Point[] = [
      [front, floorY],
      [end, floorY],
    ];
    if (side === "left") path.unshift(...down.reverse());
    else path.push(...down);
  }
  const mm = path
    .slice(1)
    .reduce(
      (sum, [x, y], k) => sum + Math.hypot(x - (path[k]?.[0] ?? x), y - (path[k]?.[1] ?? y)),
      0,
    );
  return { kind: "base", mm, path };
}

function openingStrip({ opening, ring }: PlacedOpening): Strip {
  const round = 2 * (opening.width + opening.height);
  const depths = 4 * (opening.depth ?? DEFAULTS.nicheDepth);
  const niche = opening.kind === "niche";
  return {
    kind: niche ? "nicheEdges" : "windowEdges",
    mm: round * (niche ? 2 : 1) + depths,
    path: [...ring, ring[0] as Point],
    of: opening.name ?? opening.id,
  };
}

/** Strips as terms of a sum in metres, one for each kind and opening. */
export function stripTerms(strips: Strip[]): Term[] {
  const terms = new Map<string, Term>();
  for (const { kind, mm, of } of strips) {
    const key = `${kind}/${of ?? ""}`;
    const term = terms.get(key) ?? {
      code: `strip-${kind}`,
      value: 0,
      unit: "m" as const,
      ...(of === undefined ? {} : { of }),
    };
    terms.set(key, { ...term, value: term.value + mm / 1000 });
  }
  return [...terms.values()];
}
