import { wholeTile } from "../../../core/cut/laid-area.ts";
import type { CutPiece } from "../../../core/cut/pieces.ts";
import { boxOf, circleRing } from "../../../core/geometry/polygon.ts";
import type { Plan } from "../../../core/plan.ts";
import type { WallPlan } from "../../../core/wall-plan.ts";
import { ringPath, ringsPath, wholeTilesPath } from "../../paths/paths.ts";
import type { Paper } from "./paper.ts";

type Doc = PDFKit.PDFDocument;

/** What of a wall is drawn. */
interface Look {
  /** Numbers in the cuts. */
  numbers?: boolean;
  /** Level line, first-course line and centre. */
  lines?: boolean;
}

/** Line widths on paper, mm. */
const THIN = 0.12;
const THICK = 0.45;

/** A wall in its tile, black on white, within a box on paper: x and y of its upper left corner, mm. */
export function drawWall(
  paper: Paper,
  doc: Doc,
  plan: Plan,
  wall: WallPlan,
  { x, y, scale }: { x: number; y: number; scale: number },
  look: Look = {},
): void {
  const box = boxOf(wall.region);
  doc.save();
  doc.translate(x - box.minX * scale, y + box.maxY * scale).scale(scale);
  const line = (mm: number) => doc.lineWidth(mm / scale).strokeColor("black");
  for (const area of wall.areas) {
    line(THIN).path(wholeTilesPath(area)).stroke();
  }
  const pieces = wall.pieces.filter(({ kind }) => kind === "none");
  if (pieces.length > 0)
    line(THIN)
      .path(ringsPath(pieces.map(({ ring }) => ring)))
      .stroke();
  const cuts = wall.pieces.filter(({ kind }) => kind !== "none");
  if (cuts.length > 0) {
    doc.fillColor("#e8e8e8");
    line(THIN)
      .path(ringsPath(cuts.map(({ ring }) => ring)))
      .fillAndStroke();
  }
  const openings = [
    ...wall.openings.map(({ ring }) => ring),
    ...wall.shelves.map(({ ring }) => ring),
  ];
  if (openings.length > 0) {
    doc.fillColor("#cfcfcf");
    line(THICK).path(ringsPath(openings)).fillAndStroke();
  }
  for (const { centre, diameter } of wall.fixtures) {
    line(THICK)
      .path(ringPath(circleRing(centre, diameter)))
      .stroke();
  }
  line(THICK).path(ringPath(wall.region)).stroke();
  if (look.lines) drawLines(doc, plan, wall, scale);
  doc.restore();
  if (look.numbers) {
    const size = Math.min(3.2, Math.max(1.8, 90 * scale));
    for (const { ring, number } of cuts) {
      const own = boxOf(ring);
      const [cx, cy] = [(own.minX + own.maxX) / 2, (own.minY + own.maxY) / 2];
      const px = x + (cx - box.minX) * scale;
      const py = y + (box.maxY - cy) * scale;
      paper.label(doc, String(number), px, py + size * 0.35, { size, at: "middle" });
    }
  }
}

function drawLines(doc: Doc, plan: Plan, wall: WallPlan, scale: number): void {
  const box = boxOf(wall.region);
  const dash = (on: number, off: number) => doc.dash(on / scale, { space: off / scale });
  const rule = (from: [number, number], to: [number, number]) =>
    doc
      .moveTo(from[0], -from[1])
      .lineTo(to[0], -to[1])
      .lineWidth(0.3 / scale)
      .strokeColor("black")
      .stroke();
  dash(3, 1.2);
  rule([box.minX, plan.levelY], [box.maxX, plan.levelY]);
  dash(1.5, 1);
  for (const { kind, from, to } of wall.lines) {
    if (kind !== "level") rule([from[0], from[1]], [to[0], to[1]]);
  }
  doc.undash();
}

/** How many mm of paper a mm of wall takes, so that all of some walls fit side by side. */
export function surroundScale(walls: WallPlan[], width: number, height: number): number {
  const boxes = walls.map(({ region }) => boxOf(region));
  const wide = boxes.reduce((sum, { minX, maxX }) => sum + maxX - minX, 0);
  const high = Math.max(...boxes.map(({ minY, maxY }) => maxY - minY));
  return Math.min((width - GAP * (walls.length - 1)) / wide, height / high);
}

/** Between two walls on paper, mm. */
const GAP = 4;

/** All walls side by side, their bases on one line; gives nothing where there are none. */
export function drawSurround(paper: Paper, doc: Doc, plan: Plan, height: number): void {
  const scale = surroundScale(plan.walls, paper.width, height - 6);
  const top = Math.max(...plan.walls.map(({ region }) => boxOf(region).maxY));
  let x = 0;
  for (const wall of plan.walls) {
    const box = boxOf(wall.region);
    paper.label(doc, wall.name, x, 3.4, { size: 3.4, bold: true });
    drawWall(paper, doc, plan, wall, { x, y: 5 + (top - box.maxY) * scale, scale });
    x += (box.maxX - box.minX) * scale + GAP;
  }
}

/** A cut piece in its tile, as its ticket shows it: what is kept is outlined, what goes is hatched away. */
export function drawPiece(
  doc: Doc,
  wall: WallPlan,
  piece: CutPiece,
  box: { x: number; y: number; width: number; height: number },
): void {
  const full = wholeTile(wall, piece);
  const tile = boxOf(full);
  const scale = Math.min(box.width / (tile.maxX - tile.minX), box.height / (tile.maxY - tile.minY));
  doc.save();
  doc.translate(box.x - tile.minX * scale, box.y + tile.maxY * scale).scale(scale);
  doc.dash(1 / scale, { space: 1 / scale });
  doc
    .lineWidth(0.2 / scale)
    .strokeColor("#666666")
    .path(ringPath(full))
    .stroke();
  doc.undash();
  doc
    .lineWidth(0.6 / scale)
    .fillColor("#efefef")
    .strokeColor("black");
  doc.path(ringPath(piece.ring)).fillAndStroke();
  for (const { centre, diameter } of piece.holes) {
    doc
      .lineWidth(0.5 / scale)
      .path(ringPath(circleRing(centre, diameter)))
      .stroke();
  }
  doc.restore();
}
