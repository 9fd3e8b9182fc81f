import type { TaskKind } from "../days/tasks.ts";
import type { Plan } from "../plan.ts";
import { bedOf, type Job } from "../project/job.ts";
import type { Mix, Project } from "../project/schema.ts";
import type { Trowel } from "../project/trowel.ts";
import { rowM2 } from "../set/rows.ts";

/** A figure that a user's own jobs can tell. */
export type OwnCode =
  | "mortarKgPerM2"
  | "groutWaste"
  | "setRate"
  | "spreadRate"
  | "washRate"
  | "boardRate"
  | "stripPace"
  | "coatPace"
  | "setOutHours"
  | "sealantPace"
  | "sealerPace"
  | "breakage"
  | "dryingFactor";

/** What one job tells of a figure. */
export interface JobFigure {
  code: OwnCode;
  /** Of mortar: the trowel that it was spread with, as one word. */
  trowel?: string;
  value: number;
}

/** The middle of what the user's jobs tell, with its range. */
export interface OwnFigure extends JobFigure {
  least: number;
  most: number;
  jobs: number;
}

/** One word for a trowel: figures of mortar are told apart by it. */
export function trowelKey({ notch, width, depth }: Trowel): string {
  return `${notch} ${Math.round(width * 10) / 10} × ${Math.round(depth * 10) / 10}`;
}

/** Rows further apart than this had a break between them, ms. */
const BREAK = 45 * 60_000;
const HOUR = 3_600_000;

/** Figures that are shares of something. */
const SHARES = new Set<OwnCode>(["groutWaste", "breakage"]);

type FigureJob = Pick<Job, "beds" | "field" | "settings" | "tiles">;
type FigurePlan = Pick<Plan, "set" | "grout" | "totals" | "tasks" | "walls" | "board" | "film">;

/** What a job that was worked on tells; what nobody noted is left out. */
export function jobFigures(project: Project, job: FigureJob, plan: FigurePlan): JobFigure[] {
  const found: JobFigure[] = [];
  const add = (code: OwnCode, value: number | undefined, trowel?: string) => {
    // A share may be nothing, or less than was reckoned; a pace may not.
    if (value === undefined || !Number.isFinite(value) || (value <= 0 && !SHARES.has(code))) return;
    found.push({ code, value, ...(trowel === undefined ? {} : { trowel }) });
  };
  for (const [trowel, kg] of mortarSpread(project, job, plan)) add("mortarKgPerM2", kg, trowel);
  add("groutWaste", groutWaste(project, job, plan));
  add("setRate", paceOf(project, "set", setM2(project, plan)) ?? rowRate(project, plan));
  const { spread, wash } = groutRates(project, plan);
  add("spreadRate", spread);
  add("washRate", wash);
  const { walls, board, film } = plan;
  const sum = (values: number[]) => values.reduce((all, value) => all + value, 0);
  const boardM2 = sum(board.walls.map(({ figures }) => figures.boardAreaM2.value));
  const stripM = sum(film.walls.map(({ figures }) => figures.stripM.value));
  const membraneM2 = sum(walls.map(({ figures }) => figures.membraneAreaM2.value));
  const tiledM2 = sum(
    walls.map(({ tiled }) => tiled.fieldM2 + sum(tiled.zones.map(({ areaM2 }) => areaM2))),
  );
  add("boardRate", paceOf(project, "board", boardM2));
  add("stripPace", paceOf(project, "strips", stripM));
  add("coatPace", paceOf(project, "coat", membraneM2 * film.coats));
  const setOut = hoursOf(project, "set-out");
  add("setOutHours", setOut === undefined ? undefined : setOut / walls.length);
  add("sealantPace", paceOf(project, "sealant", plan.totals.sealantM));
  add("sealerPace", paceOf(project, "sealer", tiledM2 * job.settings.sealerCoats));
  add("breakage", breakage(project, plan));
  add("dryingFactor", drying(project, job));
  return found;
}

/** Hours that were noted for a kind of work; none where nobody noted any. */
function hoursOf({ log = [] }: Project, task: TaskKind): number | undefined {
  const own = log.filter((entry) => entry.kind === "hours" && entry.task === task);
  const minutes = own.reduce((sum, entry) => sum + (entry.minutes ?? 0), 0);
  return minutes > 0 ? minutes / 60 : undefined;
}

function paceOf(project: Project, task: TaskKind, amount: number): number | undefined {
  const hours = hoursOf(project, task);
  return hours === undefined ? undefined : amount / hours;
}

/** The rows that were set, with the times at which they were. */
function rowsSet({ work }: Project, { set }: Pick<FigurePlan, "set">) {
  const known = new Map(set.rows.map((row) => [row.id, row]));
  return (work?.rows ?? [])
    .flatMap(({ id, at }) => {
      const row = known.get(id);
      return row ? [{ row, at: Date.parse(at) }] : [];
    })
    .sort((p, q) => p.at - q.at);
}

function setM2(project: Project, plan: Pick<FigurePlan, "set">): number {
  return rowsSet(project, plan).reduce((sum, { row }) => sum + rowM2(row), 0);
}

/** m²/h from one row to the next, breaks left out: the time at which a row is done ends it. */
function rowRate(project: Project, plan: Pick<FigurePlan, "set">): number | undefined {
  const set = rowsSet(project, plan);
  let [areaM2, time] = [0, 0];
  for (let k = 1; k < set.length; k++) {
    const [before, own] = [set[k - 1], set[k]] as [(typeof set)[number], (typeof set)[number]];
    const took = own.at - before.at;
    if (took <= 0 || took > BREAK) continue;
    areaM2 += rowM2(own.row);
    time += took;
  }
  return time > 0 ? areaM2 / (time / HOUR) : undefined;
}

function usedKg({ powderKg, leftKg = 0 }: Mix): number {
  return Math.max(0, powderKg - leftKg);
}

/** Powder by the square metre that was set with it, by trowel. */
function mortarSpread(project: Project, job: FigureJob, plan: FigurePlan): Map<string, number> {
  const used = new Map<string, { kg: number; m2: number }>();
  const of = (tile: string) => {
    const key = trowelKey(bedOf(job, tile).trowel);
    const own = used.get(key) ?? { kg: 0, m2: 0 };
    used.set(key, own);
    return own;
  };
  const tiles = new Set(job.tiles.map(({ id }) => id));
  for (const mix of project.work?.mixes ?? []) {
    if (mix.kind === "mortar" && tiles.has(mix.for)) of(mix.for).kg += usedKg(mix);
  }
  for (const { row } of rowsSet(project, plan)) {
    for (const { tile, areaM2 } of row.parts) of(tile).m2 += areaM2;
  }
  return new Map(
    [...used].flatMap(([key, { kg, m2 }]) => (kg > 0 && m2 > 0 ? [[key, kg / m2]] : [])),
  );
}

/** The share of grout that was used beyond what the joints hold. */
function groutWaste(project: Project, job: FigureJob, plan: FigurePlan): number | undefined {
  let [used, held] = [0, 0];
  for (const mix of plan.grout.mixes) {
    const own = (project.work?.mixes ?? []).filter(
      ({ kind, for: key }) => kind === "grout" && key === `${mix.wall}/${mix.n}`,
    );
    if (own.length === 0) continue;
    used += own.reduce((sum, other) => sum + usedKg(other), 0);
    held += mix.powderKg / (1 + job.settings.groutWaste);
  }
  return held > 0 ? used / held - 1 : undefined;
}

/** How fast grout was placed and washed, m²/h. */
function groutRates(project: Project, plan: FigurePlan): { spread?: number; wash?: number } {
  const times = { spread: { m2: 0, ms: 0 }, wash: { m2: 0, ms: 0 } };
  for (const mix of plan.grout.mixes) {
    const own = (project.work?.mixes ?? [])
      .filter(({ kind, for: key }) => kind === "grout" && key === `${mix.wall}/${mix.n}`)
      .at(-1);
    if (!own?.floated) continue;
    times.spread.m2 += mix.areaM2;
    times.spread.ms += Date.parse(own.floated) - Date.parse(own.at);
    if (!own.washed) continue;
    times.wash.m2 += mix.areaM2;
    times.wash.ms += Date.parse(own.washed) - Date.parse(own.floated);
  }
  const rate = ({ m2, ms }: { m2: number; ms: number }) => m2 / (ms / HOUR);
  return { spread: rate(times.spread), wash: rate(times.wash) };
}

/** Broken tiles as a share of all, once the last row is set: before it more may break. */
function breakage(project: Project, plan: FigurePlan): number | undefined {
  const { tilesFull, tilesCut } = plan.totals;
  if (rowsSet(project, plan).length < plan.set.rows.length || tilesFull + tilesCut === 0) {
    return undefined;
  }
  const broken = (project.log ?? [])
    .filter(({ kind }) => kind === "broken")
    .reduce((sum, { count = 1 }) => sum + count, 0);
  return broken / (tilesFull + tilesCut);
}

/** How much longer than usual the last coat took to dry, by when that was ticked. */
function drying({ film }: Project, { settings }: FigureJob): number | undefined {
  const dry = film?.gate?.find(({ id, state }) => id === "drying" && state === "done");
  const last = Math.max(...(film?.coats ?? []).map(({ at }) => Date.parse(at)));
  const hours = (Date.parse(dry?.at ?? "") - last) / HOUR;
  return Number.isFinite(hours) ? hours / settings.tileWaitH : undefined;
}

/** The medians over jobs, with their range. */
export function ownFigures(jobs: JobFigure[][]): OwnFigure[] {
  const values = new Map<string, { figure: JobFigure; all: number[] }>();
  for (const figure of jobs.flat()) {
    const key = `${figure.code}/${figure.trowel ?? ""}`;
    const own = values.get(key) ?? { figure, all: [] };
    own.all.push(figure.value);
    values.set(key, own);
  }
  return [...values.values()].map(({ figure, all }) => {
    all.sort((p, q) => p - q);
    return {
      ...figure,
      value: median(all),
      least: all[0] as number,
      most: all.at(-1) as number,
      jobs: all.length,
    };
  });
}

function median(sorted: number[]): number {
  const half = sorted.length / 2;
  const upper = sorted[Math.floor(half)] as number;
  return Number.isInteger(half) ? ((sorted[half - 1] as number) + upper) / 2 : upper;
}

/** The setting of a job that a figure of the user's own replaces; none where the job has no use for it. */
export function settingsFrom(
  { code, value, trowel }: OwnFigure,
  job: Pick<Job, "beds" | "field" | "settings">,
): NonNullable<Project["settings"]> | undefined {
  if (code === "breakage") return { fullSpare: thousandth(Math.max(0, value)) };
  if (code !== "mortarKgPerM2") return { [code]: thousandth(Math.max(0, value)) };
  const { backButter, trowel: own } = bedOf(job, job.field.tile);
  if (trowelKey(own) !== trowel) return undefined;
  // Waste and back-butter still follow what a bag covers.
  const { mortarWaste, mortarRate, mortarBagKg } = job.settings;
  const combed = value / (1 + mortarWaste) - backButter * mortarRate;
  return combed > 0 ? { areaPerBag: thousandth(mortarBagKg / combed) } : undefined;
}

function thousandth(value: number): number {
  return Math.round(value * 1000) / 1000;
}
