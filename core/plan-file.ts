import type { PricedRow } from "./cost/cost.ts";
import { areaPieces } from "./cut/expand.ts";
import { areaTile, type LaidArea } from "./cut/laid-area.ts";
import type { CutPiece } from "./cut/pieces.ts";
import type { Polygon } from "./geometry/polygon.ts";
import type { Plan } from "./plan.ts";
import { daysFile } from "./plan-file/days.ts";
import type { PlanFile } from "./plan-file/schema.ts";
import { clipsFile, groutFile, setFile } from "./plan-file/work.ts";
import { DEFAULTS } from "./project/defaults.ts";
import { jobOf } from "./project/job.ts";
import type { Project } from "./project/schema.ts";
import { setPlaces } from "./set/row-pieces.ts";
import type { WallPlan } from "./wall-plan.ts";
import { ORDER_ITEMS } from "./words/en/order-items.ts";
import { warningSentences } from "./words/warnings.ts";

export { type PlanFile, planFileSchema } from "./plan-file/schema.ts";

/** The plan in the open format: every piece expanded, warnings in words in the job's unit. */
export function planFile(project: Project, plan: Plan): PlanFile {
  return {
    format: "dintel-plan",
    version: 1,
    frame: { lowPoint: plan.lowPoint, levelLine: plan.levelY, firstCourse: plan.first.y },
    walls: plan.walls.map((wall) => wallFile(project, plan, wall)),
    order: plan.order.map(orderLine),
    warnings: plan.warnings.map((warning) => ({
      code: warning.code,
      severity: warning.severity,
      ...(warning.wall === undefined ? {} : { wall: warning.wall }),
      ...(warning.piece === undefined ? {} : { piece: warning.piece }),
      ...warningSentences(project, warning),
      values: warning.values,
    })),
    drops: {
      withoutDrops: plan.drops.withoutDrops,
      atLeast: plan.drops.bound,
      tiles: plan.drops.tiles.map(({ pieces }) => ({ pieces })),
    },
    cut: {
      settings: plan.fence.settings.length,
      settingsExact: plan.fence.exact,
      proven: plan.fence.proven,
    },
    ...(isPriced(project) ? { cost: { ...plan.cost } } : {}),
    ...daysFile(project, plan.tasks),
    handOver: {
      firstShowerAfterH: plan.shower.afterH,
      because: plan.shower.because.map((step) => ({ ...step })),
    },
    set: setFile(plan),
    grout: groutFile(plan),
    totals: plan.totals,
  };
}

function isPriced({ prices = [], labour }: Project): boolean {
  return prices.some(({ price }) => price !== undefined) || labour?.rate !== undefined;
}

function orderLine(row: PricedRow): PlanFile["order"][number] {
  const { code, quantity, unit, packSize, packs, unitPrice, cost, onHand, leadDays } = row;
  return {
    ...{ code, item: ORDER_ITEMS[code], quantity, unit, packSize, packs },
    ...(row.of === undefined ? {} : { of: row.of }),
    ...(unitPrice === undefined ? {} : { unitPrice }),
    ...(cost === undefined ? {} : { cost }),
    ...(onHand === undefined ? {} : { onHand }),
    ...(leadDays === undefined ? {} : { leadDays }),
  };
}

function wallFile(project: Project, plan: Plan, wall: WallPlan): PlanFile["walls"][number] {
  const { tile } = project.field;
  const workable = plan.fence.pieces;
  const places = setPlaces(jobOf(project), wall, plan.set.rows);
  const totals = Object.fromEntries(
    Object.entries(wall.figures).map(([code, { value }]) => [code, value]),
  );
  return {
    id: wall.id,
    name: wall.name,
    boundary: toRing(wall.boundary),
    openings: [
      ...wall.openings.map(({ opening, ring: edge }) => ({
        id: opening.id,
        kind: opening.kind,
        boundary: toRing(edge),
        depth: opening.depth ?? DEFAULTS.nicheDepth,
      })),
      ...wall.fixtures.map(({ fixture, centre, diameter }) => ({
        id: fixture.id,
        kind: fixture.kind,
        centre: [...centre] as [number, number],
        diameter,
      })),
    ],
    lines: wall.lines.map(({ id, kind, from, to }) => ({ id, kind, from: [...from], to: [...to] })),
    pieces: wall.areas.flatMap((area, index) =>
      areaPieces(wall.id, area, index).map((piece) => {
        const { width, height } = workable[piece.id] ?? piece;
        const said = piece.kind === "none" ? {} : { workable: { width, height } };
        return { ...pieceFile(tile, area, piece), ...said, ...places.get(piece.id) };
      }),
    ),
    clips: clipsFile(plan.set, wall.id),
    linings: wall.linings.map(({ opening, tile: of, backs, returns }) => ({
      opening,
      tile: of,
      pieces: backs.flatMap((back, index) => {
        const of = back.zone?.kind === "niche" ? wall.id : `${wall.id}/${opening}`;
        return areaPieces(of, back, index).map((piece) => pieceFile(tile, back, piece));
      }),
      returns,
    })),
    totals: totals as PlanFile["totals"],
  };
}

function pieceFile(fieldTile: string, area: LaidArea, piece: CutPiece) {
  return {
    id: piece.id,
    tile: areaTile(fieldTile, area, piece.shape),
    ...(area.zone ? { zone: area.zone.id } : {}),
    course: piece.course,
    column: piece.column,
    cut: piece.kind,
    number: piece.number,
    boundary: toRing(piece.ring),
    holes: piece.holes.map(({ centre, diameter }) => ({
      centre: [...centre] as [number, number],
      diameter,
    })),
  };
}

function toRing(polygon: Polygon): [number, number][] {
  return polygon.map(([x, y]) => [x, y]);
}
