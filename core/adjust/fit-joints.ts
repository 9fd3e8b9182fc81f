import type { WallBoard } from "../board/board-plan.ts";
import { clearBays, liningStack } from "../board/framing.ts";
import { boxOf } from "../geometry/polygon.ts";
import { SAME_MM } from "../limits.ts";
import { lineX } from "../measure/corners.ts";
import type { Command } from "../project/command.ts";
import { addOpening, editOpening, together } from "../project/commands.ts";
import type { Job } from "../project/job.ts";
import type { Opening, Zone } from "../project/schema.ts";
import { bondPattern, type PatternCell } from "../set-out/pattern.ts";
import type { WallPlan } from "../wall-plan.ts";

/**
 * A finished size that lands on joints: n modules and a joint, the nearest to what it is, or so many
 * modules more.
 */
export function modular(size: number, tile: number, joint: number, more = 0): number {
  const module = tile + joint;
  return Math.max(1, Math.round((size - joint) / module) + more) * module + joint;
}

/**
 * Moves and sizes a niche or window so that its edges land on joints: n × module + joint, the
 * nearest to where it is, or so many modules wider and higher. Where courses are offset, across, to
 * those of the course at its middle. None for bonds without courses.
 */
export function fitOpening(
  wall: WallPlan,
  id: string,
  [wider, higher]: [number, number] = [0, 0],
): Command | undefined {
  const placed = wall.openings.find(({ opening }) => opening.id === id);
  const { cell, origin } = wall;
  // A dish keeps the size that it was bought in.
  if (!placed || !cell.straight || placed.opening.kind === "dish") return undefined;
  const { opening, x, y } = placed;
  const width = modular(opening.width, cell.width, cell.joint, wider);
  const height = modular(opening.height, cell.height, cell.joint, higher);
  const up = nearestStep(
    y + (opening.height - height) / 2,
    origin[1] + cell.height,
    moduleUp(cell),
  );
  const start = origin[0] + rowShift(cell, up + height / 2 - origin[1]) + cell.width;
  const left = nearestStep(x + (opening.width - width) / 2, start, cell.width + cell.joint);
  return editOpening(wall.id, id, { width, height, ...movedTo(placed, left, up, width, height) });
}

/** The reading of an opening whose lower left corner is to be elsewhere, with a new size. */
function movedTo(
  { opening, x, y }: WallPlan["openings"][number],
  left: number,
  bottom: number,
  width: number,
  height: number,
): Pick<Opening, "x" | "y"> {
  const middle = left + width / 2 - (x + opening.width / 2);
  const edge = opening.x.from === "left" ? left - x : x + opening.width - (left + width);
  const right = opening.x.from === "left" ? middle : -middle;
  const to = opening.y.to ?? (opening.y.from === "ceiling" ? "top" : "bottom");
  const rises = {
    bottom: bottom - y,
    top: bottom + height - (y + opening.height),
    centre: bottom + height / 2 - (y + opening.height / 2),
  };
  const up = opening.y.from === "ceiling" ? -rises[to] : rises[to];
  return {
    x: { ...opening.x, at: Math.max(0, opening.x.at + (opening.x.to === "centre" ? right : edge)) },
    y: { ...opening.y, at: opening.y.at + up },
  };
}

function moduleUp({ height, joint }: PatternCell): number {
  return height + joint;
}

/** How far a course is shifted against course 1, mm. */
function rowShift({ shapes, b, height, joint }: PatternCell, above: number): number {
  const row = Math.floor(above / (height + joint));
  if (b.course === 1) return b.vector[0] * row;
  const shape = shapes[(((row % shapes.length) + shapes.length) % shapes.length) as number];
  return shape?.ring[0]?.[0] ?? 0;
}

function nearestStep(value: number, start: number, step: number): number {
  return start + Math.round((value - start) / step) * step;
}

/** Puts a niche in the middle of the stud bay that it stands in, if that takes it. */
export function centreInBay(
  wall: WallPlan,
  { studs, layers }: Pick<WallBoard, "studs" | "layers">,
  id: string,
): Command | undefined {
  const placed = wall.openings.find(({ opening }) => opening.id === id);
  if (!placed) return undefined;
  const { opening, x } = placed;
  const needed = opening.width + 2 * liningStack(layers, opening);
  const middle = x + opening.width / 2;
  const [bay] = clearBays(studs)
    .filter(([from, to]) => to - from >= needed - SAME_MM)
    .sort((p, q) => Math.abs(p[0] + p[1] - 2 * middle) - Math.abs(q[0] + q[1] - 2 * middle));
  if (!bay) return undefined;
  const by = (bay[0] + bay[1]) / 2 - middle;
  const at = opening.x.from === "left" ? opening.x.at + by : opening.x.at - by;
  return at < 0 ? undefined : editOpening(wall.id, id, { x: { ...opening.x, at } });
}

/** The height of a band or panel that takes whole courses of its tile, the nearest to what it is. */
export function fitZoneHeight(job: Pick<Job, "field" | "tiles">, zone: Zone): number {
  const cell = bondPattern(job, zone);
  const frame = zone.frame ? 2 * (zone.frame.width + zone.frame.joint) : 0;
  const around = 2 * job.field.joint + frame;
  const module = cell.height + cell.joint;
  const courses = Math.max(1, Math.round(((zone.height ?? 0) - around + cell.joint) / module));
  return courses * module - cell.joint + around;
}

/** How far above the level line a zone begins when it sits on the nearest course of the field. */
export function zoneOnCourse(
  { cell, origin }: WallPlan,
  levelY: number,
  { bottom = 0 }: Zone,
): number {
  return nearestStep(levelY + bottom, origin[1] + cell.height, moduleUp(cell)) - levelY;
}

/** Where a panel lies and how large it is. */
export type PanelPlace = Required<Pick<Zone, "x" | "width" | "bottom" | "height" | "centre">>;

/**
 * Where a panel of a zone's tile is a border round an opening: a tile on each side. At the opening it
 * is cut, to half of it at least, unless that is so many of its modules wide and high.
 */
export function borderRound(
  job: Pick<Job, "field" | "tiles">,
  { measured, openings }: WallPlan,
  levelY: number,
  zone: Zone,
  id: string,
): PanelPlace | undefined {
  const placed = openings.find(({ opening }) => opening.id === id);
  if (!placed) return undefined;
  const { width, height, joint } = bondPattern(job, zone);
  const { opening, x, y } = placed;
  const around = (size: number, tile: number) => {
    const tiles = Math.max(1, Math.floor((size + joint) / (tile + joint) + SAME_MM)) + 2;
    return { tiles, ring: tiles * (tile + joint) - joint + 2 * job.field.joint };
  };
  const [across, up] = [around(opening.width, width), around(opening.height, height)];
  const low = y + (opening.height - up.ring) / 2;
  const left = x + (opening.width - across.ring) / 2;
  return {
    x: { from: "left", at: Math.max(0, left - lineX(measured.left, low)) },
    width: across.ring,
    bottom: low - levelY,
    height: up.ring,
    centre: across.tiles % 2 === 0 ? "joint" : "tile",
  };
}

/**
 * A second niche like the first, with the same tile on its back: both in the field with three equal
 * gaps, left, between and right.
 */
export function addTwin(wall: WallPlan, id: string, twin: string): Command {
  const placed = wall.openings.find(({ opening }) => opening.id === id);
  if (!placed || wall.boundary.length === 0) return together("edit-opening", []);
  const { opening, x } = placed;
  const { minX, maxX } = boxOf(wall.boundary);
  const gap = Math.max(0, (maxX - minX - 2 * opening.width) / 3);
  const at = (left: number) =>
    opening.x.from === "left" ? opening.x.at + left - x : opening.x.at - (left - x);
  const reading = (left: number) => ({ ...opening.x, at: Math.max(0, at(left)) });
  return together("add-opening", [
    editOpening(wall.id, id, { x: reading(minX + gap) }),
    addOpening(wall.id, { ...opening, id: twin, x: reading(minX + 2 * gap + opening.width) }),
    {
      name: "add-zones",
      change: ({ zones = [] }) => {
        const backs = zones.filter((zone) => zone.kind === "niche" && zone.opening === id);
        for (const [k, back] of backs.entries()) {
          zones.push({ ...back, id: `${twin}-back-${k + 1}`, opening: twin });
        }
      },
    },
  ]);
}
