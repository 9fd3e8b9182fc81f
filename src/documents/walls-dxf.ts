import { DxfWriter, point3d, Units } from "@tarikjabiri/dxf";
import { expandPieces } from "../../core/cut/expand.ts";
import { openKeyhole } from "../../core/geometry/keyhole.ts";
import { boxOf, type Polygon } from "../../core/geometry/polygon.ts";
import type { Plan } from "../../core/plan.ts";
import type { Project } from "../../core/project/schema.ts";
import type { WallPlan } from "../../core/wall-plan.ts";
import { ui } from "../words/ui.ts";

/** One layer each, with its colour by number. */
const LAYERS = { boundary: 7, openings: 5, tiles: 8, cuts: 2, lines: 4, text: 7 } as const;

type Layer = keyof typeof LAYERS;

/** Between two walls, mm. */
const GAP = 500;
const TEXT_HEIGHT = 40;

/** All walls side by side as a DXF drawing in millimetres, y up, a layer each for what is drawn. */
export function wallsDxf(project: Project, plan: Plan, at: number): string {
  const dxf = new DxfWriter();
  dxf.setUnits(Units.Millimeters);
  for (const [name, colour] of Object.entries(LAYERS)) dxf.addLayer(name, colour, "CONTINUOUS");
  let x = 0;
  for (const wall of plan.walls) {
    const box = boxOf(wall.region);
    drawWall(dxf, wall, x - box.minX);
    x += box.maxX - box.minX + GAP;
  }
  const day = new Date(at).toISOString().slice(0, 10);
  const low = Math.min(0, ...plan.walls.map(({ region }) => boxOf(region).minY));
  [project.name, ui.documents.given(day), ui.documents.caution].forEach((line, k) => {
    text(dxf, line, 0, low - (k + 2) * 2 * TEXT_HEIGHT, TEXT_HEIGHT);
  });
  return dxf.stringify();
}

function drawWall(dxf: DxfWriter, wall: WallPlan, dx: number): void {
  const ring = (layer: Layer, polygon: Polygon) => {
    const { outer, holes } = openKeyhole(polygon);
    for (const part of [outer, ...holes]) {
      dxf.addLWPolyline(
        part.map(([x, y]) => ({ point: { x: x + dx, y } })),
        { layerName: layer, flags: CLOSED },
      );
    }
  };
  ring("boundary", wall.boundary);
  for (const { ring: own } of wall.openings) ring("openings", own);
  for (const { centre, diameter } of wall.fixtures) {
    dxf.addCircle(point3d(centre[0] + dx, centre[1]), diameter / 2, { layerName: "openings" });
  }
  for (const { kind, ring: own } of expandPieces(wall)) {
    ring(kind === "none" ? "tiles" : "cuts", own);
  }
  for (const { from, to } of wall.lines) {
    dxf.addLine(point3d(from[0] + dx, from[1]), point3d(to[0] + dx, to[1]), { layerName: "lines" });
  }
  for (const { kind, ring: own, number } of wall.pieces) {
    if (kind === "none") continue;
    const { minX, maxX, minY, maxY } = boxOf(own);
    text(dxf, `${wall.id}${number}`, (minX + maxX) / 2 + dx, (minY + maxY) / 2, TEXT_HEIGHT / 2);
  }
  text(dxf, wall.name, boxOf(wall.region).minX + dx, boxOf(wall.region).maxY + 60, 2 * TEXT_HEIGHT);
}

/** The flag of a polyline that ends where it began. */
const CLOSED = 1;

function text(dxf: DxfWriter, words: string, x: number, y: number, height: number): void {
  // A line break would end the group that holds it.
  dxf.addText(point3d(x, y), height, words.replace(/\s+/g, " "), { layerName: "text" });
}
