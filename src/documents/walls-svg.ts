import { boxOf, circleRing } from "../../core/geometry/polygon.ts";
import type { Plan } from "../../core/plan.ts";
import type { Project } from "../../core/project/schema.ts";
import type { WallPlan } from "../../core/wall-plan.ts";
import { ringPath, ringsPath, wholeTilesPath } from "../paths/paths.ts";
import { ui } from "../words/ui.ts";

/** Between two walls, and around them, mm. */
const GAP = 150;

/** All walls side by side as an SVG picture, one unit to the millimetre; or one of them alone. */
export function wallsSvg(project: Project, plan: Plan, at: number, only?: string): string {
  const walls = plan.walls.filter(({ id }) => only === undefined || id === only);
  const boxes = walls.map(({ region }) => boxOf(region));
  const top = Math.max(0, ...boxes.map(({ maxY }) => maxY));
  const low = Math.min(0, ...boxes.map(({ minY }) => minY));
  let x = GAP;
  const groups = walls.map((wall, k) => {
    const { minX, maxX } = boxes[k] as (typeof boxes)[number];
    const group = wallGroup(wall, x - minX, top + GAP);
    x += maxX - minX + GAP;
    return group;
  });
  const height = top - low + 2 * GAP;
  const day = new Date(at).toISOString().slice(0, 10);
  return `<?xml version="1.0" encoding="UTF-8"?>
<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 ${round(x)} ${round(height)}" width="${round(x)}mm" height="${round(height)}mm">
<title>${escaped(project.name)}</title>
<desc>${escaped(`${ui.documents.given(day)} ${ui.documents.caution}`)}</desc>
${groups.join("\n")}
</svg>
`;
}

function wallGroup(wall: WallPlan, x: number, y: number): string {
  const ofKind = (none: boolean) =>
    ringsPath(wall.pieces.filter(({ kind }) => (kind === "none") === none).map(({ ring }) => ring));
  const holes = wall.fixtures.map(({ centre, diameter }) => circleRing(centre, diameter));
  const numbers = wall.pieces
    .filter(({ kind }) => kind !== "none")
    .map(({ ring, number }) => {
      const { minX, maxX, minY, maxY } = boxOf(ring);
      const at = `x="${round((minX + maxX) / 2)}" y="${round(-(minY + maxY) / 2 + 12)}"`;
      return `<text ${at} text-anchor="middle" font-size="36">${number}</text>`;
    });
  const path = (of: string, d: string, look: string) =>
    d === "" ? "" : `<path data-part="${of}" d="${d}" ${look}/>`;
  return `<g data-wall="${escaped(wall.id)}" transform="translate(${round(x)} ${round(y)})" font-family="sans-serif">
<text x="0" y="${round(-boxOf(wall.region).maxY - 30)}" font-size="60">${escaped(wall.name)}</text>
${path("tiles", wall.areas.map(wholeTilesPath).join("") + ofKind(true), 'fill="#ffffff" stroke="#555555" stroke-width="1"')}
${path("cuts", ofKind(false), 'fill="#e8e0c8" stroke="#555555" stroke-width="1"')}
${path("openings", ringsPath(wall.openings.map(({ ring }) => ring)), 'fill="#d5d9dc" stroke="#23282d" stroke-width="3"')}
${path("holes", ringsPath(holes), 'fill="#ffffff" stroke="#23282d" stroke-width="3"')}
${path("boundary", ringPath(wall.boundary), 'fill="none" stroke="#23282d" stroke-width="4"')}
${numbers.join("\n")}
</g>`;
}

function round(value: number): number {
  return Math.round(value * 100) / 100;
}

function escaped(text: string): string {
  return text
    .replace(/[^\P{Cc}\t\n\r]/gu, "")
    .replace(/&/g, "&amp;")
    .replace(/</g, "&lt;")
    .replace(/>/g, "&gt;")
    .replace(/"/g, "&quot;");
}
