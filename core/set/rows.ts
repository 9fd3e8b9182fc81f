import { areaTile, type LaidArea } from "../cut/laid-area.ts";
import type { CutPiece } from "../cut/pieces.ts";
import { boxOf } from "../geometry/polygon.ts";
import { interiorAreaM2, intoWall, within } from "../measure/openings.ts";
import { tileOf } from "../project/defaults.ts";
import type { Job } from "../project/job.ts";
import { type TileRef, tileNumber, tileOffset } from "../set-out/lattice.ts";
import type { CellShape, PatternCell } from "../set-out/pattern.ts";
import { packingL, powderKg, thicknessMm } from "./mortar.ts";
import type { SetWall } from "./set-wall.ts";
import { cutMinutes, eachM2, mitreMinutes, moduleM2, rateM2 } from "./setting-time.ts";
import { sheetAt } from "./sheet-of-chip.ts";
import type { TiledPart } from "./tiled-wall.ts";

/** What of a row is set in one mortar. */
export interface RowPart {
  /** Id of the tile: with its trowel it names the mortar. */
  tile: string;
  areaM2: number;
  powderKg: number;
}

/**
 * Pieces that are set one after the other: those of one course in one area of a wall, a row of
 * sheets, pieces of one lowest point where a bond has no courses; or the interior of an opening.
 */
export interface SetRow {
  /** Wall, area and course; what was set is kept by it. */
  id: string;
  wall: string;
  /** Which of the wall's areas; none of an interior. */
  area?: number;
  zone?: string;
  /** The niche or window whose interior it is. */
  opening?: string;
  /** Number of its course, or of its row of sheets or lowest points. */
  course: number;
  /** The courses of its pieces, from and to. */
  courses: [from: number, to: number];
  /** Its box, mm. */
  left: number;
  right: number;
  bottom: number;
  top: number;
  pieces: number;
  cuts: number;
  minutes: number;
  /** What of its minutes goes into cuts and mitres. */
  cutMinutes: number;
  parts: RowPart[];
}

export type RowsJob = Pick<
  Job,
  "beds" | "field" | "given" | "setOut" | "settings" | "tiles" | "zones"
>;

/** The rows of a wall, interiors first; in no other order. */
export function wallRows(job: RowsJob, wall: SetWall): SetRow[] {
  return [...interiorRows(job, wall), ...wall.areas.flatMap((_, k) => areaRows(job, wall, k))];
}

/** All area of a row, m². */
export function rowM2({ parts }: SetRow): number {
  return parts.reduce((sum, { areaM2 }) => sum + areaM2, 0);
}

/** All powder of a row, kg. */
export function rowKg({ parts }: SetRow): number {
  return parts.reduce((sum, { powderKg: kg }) => sum + kg, 0);
}

/** The interiors of niches and windows: in the field's mortar, but for backs of a tile of their own. */
function interiorRows(job: RowsJob, wall: SetWall): SetRow[] {
  const inField = within(wall.fieldRegion.boundary, intoWall(wall.openings));
  return inField.flatMap(({ opening, ring }): SetRow[] => {
    const own = wall.tiled.backs.find(({ zone }) => zone.opening === opening.id);
    const inFields = interiorAreaM2(opening) - (own?.areaM2 ?? 0);
    const parts = [
      ...(inFields > 0 ? [partOf(job, job.field.tile, inFields)] : []),
      ...(own ? [partOf(job, own.zone.tile, own.areaM2)] : []),
    ];
    if (parts.length === 0) return [];
    const hours = parts.reduce((sum, { tile, areaM2 }) => {
      const laid = tileOf(job, tile);
      const joint = tile === own?.zone.tile ? own.zone.joint : job.field.joint;
      return sum + areaM2 / rateM2(job, laid, moduleM2(laid, joint));
    }, 0);
    const { minX, minY, maxX, maxY } = boxOf(ring);
    return [
      {
        id: `${wall.id}/${opening.id}`,
        ...{ wall: wall.id, opening: opening.id, course: 0, courses: [0, 0] },
        ...{ left: minX, right: maxX, bottom: minY, top: maxY, pieces: 0, cuts: 0 },
        minutes: hours * 60,
        cutMinutes: 0,
        parts,
      },
    ];
  });
}

function partOf(job: RowsJob, tile: string, areaM2: number): RowPart {
  return { tile, areaM2, powderKg: powderKg(job, areaM2 * thicknessMm(job, tile)) };
}

/** One row while its pieces are gathered. */
interface Gathered {
  course: number;
  courses: [number, number];
  left: number;
  right: number;
  bottom: number;
  top: number;
  mm2: number;
  pieces: number;
  cut: CutPiece[];
}

function areaRows(job: RowsJob, wall: SetWall, index: number): SetRow[] {
  const area = wall.areas[index] as LaidArea;
  const { zone, cell } = area;
  const tile = tileOf(job, areaTile(job.field.tile, area, 0));
  const rows = gather(job, area);
  const whole = coverOf(job, wall, area);
  const perHour = rateM2(job, tile, eachM2(cell, tile));
  return rows.map(({ mm2, cut, pieces, ...row }): SetRow => {
    const areaM2 = whole.mm2 > 0 ? (whole.areaM2 * mm2) / whole.mm2 : 0;
    const kg = whole.mm2 > 0 ? (whole.kg * mm2) / whole.mm2 : 0;
    const mitred = zone?.kind === "panel" ? 0 : mitreMinutes(job, wall, row);
    const cutting = cutMinutes(job, wall, area, cut) + mitred;
    return {
      id: `${wall.id}/${zone?.id ?? `+${index}`}/${row.course}`,
      wall: wall.id,
      area: index,
      ...(zone ? { zone: zone.id } : {}),
      ...row,
      pieces,
      cuts: cut.filter(({ kind }) => kind !== "none").length,
      minutes: (areaM2 / perHour) * 60 + cutting,
      cutMinutes: cutting,
      parts: [{ tile: tile.id, areaM2, powderKg: kg }],
    };
  });
}

/** What the field or a zone covers, what mortar it takes, and how much tile it has over the wall. */
function coverOf(job: RowsJob, wall: SetWall, { zone }: LaidArea) {
  const alike = wall.areas.filter((area) => area.zone?.id === zone?.id);
  const mm2 = alike.reduce((sum, area) => sum + tileMm2(area), 0);
  if (!zone) {
    const areaM2 = wall.tiled.fieldM2;
    return { mm2, areaM2, kg: powderKg(job, areaM2 * thicknessMm(job, job.field.tile)) };
  }
  const part = wall.tiled.zones.find((own) => own.zone.id === zone.id);
  const areaM2 = part?.areaM2 ?? 0;
  return { mm2, areaM2, kg: part ? zoneKg(job, part) : 0 };
}

/** Powder of a zone or a back, packing included, kg. */
export function zoneKg(job: RowsJob, part: TiledPart): number {
  const litres = part.areaM2 * thicknessMm(job, part.zone.tile) + packingL(job, part);
  return powderKg(job, litres);
}

function tileMm2({ cell, runs, pieces }: LaidArea): number {
  let mm2 = 0;
  for (let k = 0; k < runs.length; k += 4) {
    const count = (runs[k + 3] as number) - (runs[k + 2] as number) + 1;
    mm2 += count * (cell.shapes[runs[k] as number] as CellShape).areaMm2;
  }
  return pieces.reduce((sum, { areaMm2 }) => sum + areaMm2, mm2);
}

function gather(job: RowsJob, area: LaidArea): Gathered[] {
  const { cell, origin, runs, pieces } = area;
  const rows = new Map<number, Gathered>();
  const rowOf = rowNumber(job, area);
  const add = (key: number, course: number, box: ReturnType<typeof boxOf>, mm2: number) => {
    const row = rows.get(key) ?? emptyRow(key, course);
    rows.set(key, row);
    row.left = Math.min(row.left, box.minX);
    row.right = Math.max(row.right, box.maxX);
    row.bottom = Math.min(row.bottom, box.minY);
    row.top = Math.max(row.top, box.maxY);
    row.courses = [Math.min(row.courses[0], course), Math.max(row.courses[1], course)];
    row.mm2 += mm2;
    return row;
  };
  // Along a run the row may change only where courses do not run level.
  const level = cell.a.vector[1] === 0;
  for (let k = 0; k < runs.length; k += 4) {
    const [shape = 0, j = 0, from = 0, to = 0] = runs.subarray(k, k + 4);
    const { areaMm2 } = cell.shapes[shape] as CellShape;
    for (let i = from; i <= to; i += level ? to - from + 1 : 1) {
      const first = boxAt(cell, origin, { shape, i, j });
      const last = level ? boxAt(cell, origin, { shape, i: to, j }) : first;
      const count = level ? to - from + 1 : 1;
      const box = {
        minX: Math.min(first.minX, last.minX),
        maxX: Math.max(first.maxX, last.maxX),
        minY: first.minY,
        maxY: first.maxY,
      };
      const { course } = tileNumber(cell, { shape, i, j });
      add(rowOf({ shape, i, j }, box.minY), course, box, count * areaMm2).pieces += count;
    }
  }
  for (const piece of pieces) {
    const box = boxOf(piece.ring);
    const row = add(rowOf(piece, box.minY), piece.course, box, piece.areaMm2);
    row.pieces++;
    row.cut.push(piece);
  }
  return [...rows.values()];
}

function emptyRow(course: number, own: number): Gathered {
  return {
    ...{ course, courses: [own, own], left: Infinity, right: -Infinity },
    ...{ bottom: Infinity, top: -Infinity, mm2: 0, pieces: 0, cut: [] },
  };
}

function boxAt(cell: PatternCell, origin: LaidArea["origin"], { shape, i, j }: TileRef) {
  const [x, y] = tileOffset(cell, origin, i, j);
  const { minX, minY, maxX, maxY } = boxOf((cell.shapes[shape] as CellShape).ring);
  return { minX: minX + x, minY: minY + y, maxX: maxX + x, maxY: maxY + y };
}

/** Lowest points nearer to each other than this are one row, mm. */
const ONE_ROW = 0.1;

/** The number of a piece's row: of its course, of its row of sheets, or of its lowest point. */
export function rowNumber(
  job: Pick<Job, "field" | "tiles">,
  area: LaidArea,
): (piece: TileRef, lowest: number) => number {
  const { cell } = area;
  const { sheet } = tileOf(job, areaTile(job.field.tile, area, 0));
  if (sheet) return (piece) => sheetAt(area, sheet, piece).row + 1;
  if (cell.courses.length > 0) return (piece) => tileNumber(cell, piece).course;
  return (_piece, lowest) => Math.round(lowest / ONE_ROW);
}
