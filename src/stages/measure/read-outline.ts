import { boxOf, type Point, type Polygon, signedArea } from "../../../core/geometry/polygon.ts";
import type { Outline } from "../../../core/measure/from-outline.ts";

/** A drawing's outline, whether its unit had to be guessed, and how much of it was no outline. */
export interface ReadOutline {
  outline: Outline;
  unitless: boolean;
  others: number;
}

/** Millimetres of a drawing's units, by the number that its head gives. */
const MM_OF: Record<number, number> = { 1: 25.4, 2: 304.8, 4: 1, 5: 10, 6: 1000 };

/** A polyline whose ends are this near is closed, mm. */
const CLOSES = 0.5;
/** An outline smaller than this is a mark of the drawing, mm². */
const LEAST = 100;

/** Layers of tile in drawings that are made here. */
const TILE_LAYERS = ["tiles", "cuts"];

interface Entity {
  type: string;
  layer?: string;
  vertices?: { x: number; y: number }[];
  shape?: boolean;
  center?: { x: number; y: number };
  radius?: number;
}

/**
 * The largest closed outline of a DXF drawing with the closed outlines and circles beside it, in mm;
 * undefined where the text is no drawing, null where nothing in it is closed.
 */
export async function readOutline(text: string): Promise<ReadOutline | null | undefined> {
  const { default: DxfParser } = await import("dxf-parser");
  let drawing: ReturnType<InstanceType<typeof DxfParser>["parseSync"]>;
  try {
    drawing = new DxfParser().parseSync(text);
  } catch {
    return undefined;
  }
  if (!drawing) return undefined;
  const unit = Number(drawing.header?.$INSUNITS ?? 0);
  const mm = MM_OF[unit] ?? 1;
  const entities = drawing.entities as unknown as Entity[];
  const rings: Polygon[] = [];
  const circles: Outline["circles"] = [];
  let others = 0;
  for (const entity of entities) {
    // Tile of a wall that was planned here is no opening in it.
    const ring = TILE_LAYERS.includes(entity.layer ?? "") ? undefined : ringOf(entity, mm);
    if (ring) rings.push(ring);
    else if (entity.type === "CIRCLE" && entity.center && entity.radius) {
      const { x, y } = entity.center;
      circles.push({ centre: [x * mm, y * mm], diameter: 2 * entity.radius * mm });
    } else others++;
  }
  const size = (ring: Polygon) => Math.abs(signedArea(ring));
  rings.sort((p, q) => size(q) - size(p));
  const [largest, ...inner] = rings;
  if (!largest) return null;
  return { outline: { ring: largest, inner, circles }, unitless: !(unit in MM_OF), others };
}

function ringOf({ type, vertices = [], shape }: Entity, mm: number): Polygon | undefined {
  if (type !== "LWPOLYLINE" && type !== "POLYLINE") return undefined;
  const points = vertices.map(({ x, y }): Point => [x * mm, y * mm]);
  const [first, last] = [points[0], points.at(-1)];
  if (!first || !last || points.some((p) => !p.every(Number.isFinite))) return undefined;
  const meets = Math.hypot(first[0] - last[0], first[1] - last[1]) < CLOSES;
  if (meets) points.pop();
  if (points.length < 3 || (!meets && !shape)) return undefined;
  const { minX, maxX, minY, maxY } = boxOf(points);
  return (maxX - minX) * (maxY - minY) < LEAST ? undefined : points;
}
