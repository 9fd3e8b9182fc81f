import * as z from "zod/mini";
import { areaPieces } from "./cut/expand.ts";
import { CUT_KINDS } from "./cut/kind.ts";
import { areaTile, type LaidArea } from "./cut/laid-area.ts";
import type { CutPiece } from "./cut/pieces.ts";
import type { Polygon } from "./geometry/polygon.ts";
import type { Plan } from "./plan.ts";
import { DEFAULTS } from "./project/defaults.ts";
import { jobOf } from "./project/job.ts";
import type { Project } from "./project/schema.ts";
import { setPlaces } from "./set/row-pieces.ts";
import type { SetPlan } from "./set/set-plan.ts";
import type { WallPlan } from "./wall-plan.ts";
import { words } from "./words/spoken.ts";
import { warningSentences } from "./words/warnings.ts";

const point = z.tuple([z.number(), z.number()]);
const ring = z.array(point);

const totalsSchema = z.looseObject({
  fieldAreaM2: z.number(),
  tilesFull: z.number(),
  tilesCut: z.number(),
  jointLengthM: z.number(),
  membraneAreaM2: z.number(),
  clips: z.number(),
  mortarKg: z.number(),
  groutKg: z.number(),
  sealantM: z.number(),
  spacers: z.optional(z.number()),
});

const pieceSchema = z.looseObject({
  id: z.string(),
  tile: z.string(),
  course: z.int(),
  column: z.int(),
  cut: z.enum(CUT_KINDS),
  boundary: ring,
  holes: z.array(z.looseObject({ centre: point, diameter: z.number() })),
  workable: z.optional(z.looseObject({ width: z.number(), height: z.number() })),
  order: z
    .optional(z.int())
    .check(z.describe("its place among all pieces of the job, as they are set")),
  session: z.optional(z.int()),
});

const wallSchema = z.looseObject({
  id: z.string(),
  name: z.string(),
  boundary: ring,
  openings: z.array(
    z.union([
      z.looseObject({ id: z.string(), kind: z.string(), boundary: ring }),
      z.looseObject({ id: z.string(), kind: z.string(), centre: point, diameter: z.number() }),
    ]),
  ),
  lines: z.array(
    z.looseObject({
      id: z.string(),
      kind: z.enum(["level", "first-course", "centre", "control", "ledger"]),
      from: point,
      to: point,
    }),
  ),
  pieces: z.array(pieceSchema),
  clips: z
    .optional(z.array(z.tuple([z.number(), z.number(), z.number()])))
    .check(z.describe("x, y and the angle of its joint in radians")),
  totals: totalsSchema,
});

const mixFor = z.string().check(z.describe("field, a zone's id, or niche: and the niche's id"));

const setSchema = z.looseObject({
  mortars: z.array(
    z.looseObject({
      for: mixFor,
      trowel: z.looseObject({ notch: z.string(), width: z.number(), depth: z.number() }),
      bedMm: z.number(),
      areaM2: z.number(),
      powderKg: z.number(),
    }),
  ),
  sessions: z.array(
    z.looseObject({
      n: z.int(),
      pieces: z.int(),
      courses: z.array(z.looseObject({ wall: z.string(), from: z.int(), to: z.int() })),
      minutes: z.number(),
      powderKg: z.number(),
      mixes: z.array(z.looseObject({ for: mixFor, powderKg: z.number(), waterL: z.number() })),
      clips: z.int(),
      spacers: z.int(),
    }),
  ),
  wedges: z.int(),
  maxMassKgPerM2: z.number(),
});

const groutSchema = z.looseObject({
  kind: z.string(),
  mixes: z.array(
    z.looseObject({
      wall: z.string(),
      areaM2: z.number(),
      powderKg: z.number(),
      waterL: z.number(),
    }),
  ),
  softJoints: z.array(
    z.looseObject({
      wall: z.string(),
      kind: z.string(),
      lengthM: z.number(),
      grouted: z.boolean(),
    }),
  ),
  sealantMl: z.number(),
  hiddenBeadM: z.number(),
  sealerL: z.number(),
  maskM: z.number(),
});

/** The open plan format that the endpoint answers with. Lengths are millimetres. */
export const planFileSchema = z.looseObject({
  format: z.literal("dintel-plan"),
  version: z.literal(1),
  walls: z.array(wallSchema),
  order: z.array(
    z.looseObject({
      item: z.string(),
      quantity: z.number(),
      unit: z.string(),
      packSize: z.number(),
      packs: z.number(),
    }),
  ),
  warnings: z.array(
    z.looseObject({
      code: z.string(),
      severity: z.enum(["note", "warning", "stop"]),
      wall: z.optional(z.string()),
      piece: z.optional(z.string()),
      message: z.string(),
      remedy: z.string(),
    }),
  ),
  cut: z.looseObject({
    settings: z.int(),
    settingsExact: z.int(),
    proven: z.boolean(),
  }),
  set: z.optional(setSchema),
  grout: z.optional(groutSchema),
  totals: totalsSchema,
});

export type PlanFile = z.infer<typeof planFileSchema>;

/** The plan in the open format: every piece expanded, warnings in words in the job's unit. */
export function planFile(project: Project, plan: Plan): PlanFile {
  return {
    format: "dintel-plan",
    version: 1,
    frame: { lowPoint: plan.lowPoint, levelLine: plan.levelY, firstCourse: plan.first.y },
    walls: plan.walls.map((wall) => wallFile(project, plan, wall)),
    order: plan.order.map(({ code, quantity, unit, packSize, packs }) => ({
      code,
      item: words.orderItems[code],
      quantity,
      unit,
      packSize,
      packs,
    })),
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
    set: setFile(plan.set),
    grout: {
      kind: plan.grout.choices[0]?.kind ?? "none",
      choices: plan.grout.choices,
      mixes: plan.grout.mixes.map(({ wall, areaM2, powderKg, waterL }) => ({
        ...{ wall, areaM2, powderKg, waterL },
      })),
      softJoints: plan.grout.softJoints.map((joint) => ({ ...joint })),
      hiddenBeadM: plan.totals.hiddenBeadM,
      maskM: plan.totals.maskM,
      sealantMl: plan.order.find(({ code }) => code === "sealant")?.quantity ?? 0,
      sealerL: plan.grout.sealer.value,
    },
    totals: plan.totals,
  };
}

function setFile({ mortars, sessions, wedges, maxMassKgPerM2 }: SetPlan): PlanFile["set"] {
  // Where tile and trowel are the same it is one mortar: it is told by its first use.
  const useOf = (tile: string) => mortars.find((own) => own.tile === tile)?.for ?? tile;
  return {
    mortars: mortars.map((mortar) => ({ ...mortar })),
    sessions: sessions.map((session) => ({
      ...session,
      mixes: session.mixes.map(({ tile, powderKg, waterL }) => ({
        for: useOf(tile),
        powderKg,
        waterL,
      })),
    })),
    wedges,
    maxMassKgPerM2,
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
      pieces: backs.flatMap((back) =>
        areaPieces(back.zone?.kind === "niche" ? wall.id : `${wall.id}/${opening}`, back, 0).map(
          (piece) => pieceFile(tile, back, piece),
        ),
      ),
      returns,
    })),
    totals: totals as PlanFile["totals"],
  };
}

function clipsFile({ holding }: SetPlan, wall: string): [number, number, number][] {
  const areas = holding.find((own) => own.wall === wall)?.areas ?? [];
  return areas.flatMap(({ clips }) =>
    Array.from({ length: clips.length / 3 }, (_, k): [number, number, number] => [
      clips[3 * k] as number,
      clips[3 * k + 1] as number,
      clips[3 * k + 2] as number,
    ]),
  );
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
