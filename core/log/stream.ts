import { positionAlong } from "../measure/shape.ts";
import type { ItemOf } from "../project/lists.ts";
import type { LogEntry, Mix, Project, Snag } from "../project/schema.ts";
import type { PlacedRow } from "../set/sessions.ts";

/** What a line of the log tells, by where it comes from. */
export type LogNews =
  | { of: "entry"; entry: LogEntry }
  | { of: "coat"; coat: ItemOf<"coats"> }
  | { of: "gauge"; gauge: ItemOf<"gauge"> }
  | { of: "hole"; hole: ItemOf<"holes"> }
  | { of: "gate"; gate: ItemOf<"gate"> }
  /** Rows of one wall that were set one after the other. */
  | { of: "rows"; courses: number[]; rows: number }
  | { of: "mix"; mix: Mix }
  | { of: "washed"; mix: Mix }
  | { of: "coverage"; check: ItemOf<"coverage"> }
  | { of: "lippage"; edge: ItemOf<"lippage"> }
  | { of: "support"; support: ItemOf<"supports">; out: boolean }
  | { of: "decision"; decision: ItemOf<"decisions"> }
  | { of: "found"; found: ItemOf<"record"> }
  | { of: "snag"; snag: Snag };

/** One line of the log. */
export interface LogLine {
  id: string;
  /** When, ms; what was noted without its time has none. */
  at: number | undefined;
  wall?: string;
  who?: string;
  photos: string[];
  news: LogNews;
}

/** Rows that are set within this of each other are one line, ms. */
const TOGETHER = 3 * 3_600_000;

/**
 * Everything that was noted of a job, the newest first: entries of the log, and what Measure,
 * Waterproof, Set, Grout and Hand over noted by themselves. What has no time comes last.
 */
export function logStream(project: Project, rows: PlacedRow[]): LogLine[] {
  const lines = [
    ...entries(project),
    ...filmLines(project),
    ...rowLines(project, rows),
    ...workLines(project),
    ...surveyLines(project),
    ...snagLines(project),
  ];
  return lines.sort((p, q) => (q.at ?? -Infinity) - (p.at ?? -Infinity));
}

function momentOf(text: string | undefined): number | undefined {
  const at = Date.parse(text ?? "");
  return Number.isFinite(at) ? at : undefined;
}

/** A field that may be missing, as an object that then has none. */
function told<K extends string>(key: K, value: string | undefined): { [P in K]?: string } {
  return (value ? { [key]: value } : {}) as { [P in K]?: string };
}

function entries({ log = [] }: Project): LogLine[] {
  return log.map((entry) => ({
    id: entry.id,
    at: momentOf(entry.at),
    ...told("wall", entry.wall),
    ...told("who", entry.who),
    photos: entry.photos ?? [],
    news: { of: "entry", entry },
  }));
}

function filmLines({ film = {} }: Project): LogLine[] {
  return [
    ...(film.coats ?? []).map(
      (coat): LogLine => ({
        ...{ id: `coat/${coat.id}`, at: momentOf(coat.at), wall: coat.wall, photos: [] },
        ...told("who", coat.by),
        news: { of: "coat", coat },
      }),
    ),
    ...(film.gauge ?? []).map(
      (gauge): LogLine => ({
        ...{ id: `gauge/${gauge.id}`, at: momentOf(gauge.when), wall: gauge.wall, photos: [] },
        news: { of: "gauge", gauge },
      }),
    ),
    ...(film.holes ?? []).map(
      (hole): LogLine => ({
        ...{ id: `hole/${hole.id}`, at: momentOf(hole.when), wall: hole.wall, photos: [] },
        news: { of: "hole", hole },
      }),
    ),
    ...(film.gate ?? []).map(
      (gate): LogLine => ({
        ...{ id: `gate/${gate.id}`, at: momentOf(gate.at), photos: [] },
        news: { of: "gate", gate },
      }),
    ),
  ];
}

/** Rows of a wall that follow each other are told as one. */
function rowLines({ work }: Project, rows: PlacedRow[]): LogLine[] {
  const known = new Map(rows.map((row) => [row.id, row]));
  const set = (work?.rows ?? [])
    .map(({ id, at }) => ({ id, at: momentOf(at), row: known.get(id) }))
    .sort((p, q) => (p.at ?? 0) - (q.at ?? 0));
  const lines: (LogLine & { news: { of: "rows"; courses: number[]; rows: number } })[] = [];
  const last = new Map<string, (typeof lines)[number]>();
  for (const { id, at, row } of set) {
    // A row that the plan no longer has was set all the same.
    const wall = row?.wall ?? id.split("/")[0] ?? "";
    const open = last.get(wall);
    const courses = row?.course === undefined ? [] : [row.course];
    if (open && at !== undefined && open.at !== undefined && at - open.at < TOGETHER) {
      open.at = at;
      open.news.rows++;
      open.news.courses.push(...courses);
      continue;
    }
    const line = {
      ...{ id: `row/${id}`, at, wall, photos: [] },
      news: { of: "rows" as const, courses, rows: 1 },
    };
    lines.push(line);
    last.set(wall, line);
  }
  return lines;
}

function workLines({ work = {} }: Project): LogLine[] {
  const grouted = (mix: Mix) => (mix.kind === "grout" ? told("wall", mix.for.split("/")[0]) : {});
  return [
    ...(work.mixes ?? []).flatMap((mix): LogLine[] => [
      {
        ...{ id: `mix/${mix.id}`, at: momentOf(mix.at), photos: [] },
        ...grouted(mix),
        news: { of: "mix", mix },
      },
      ...(mix.kind === "grout" && mix.washed
        ? [
            {
              ...{ id: `washed/${mix.id}`, at: momentOf(mix.washed), photos: [] },
              ...grouted(mix),
              news: { of: "washed" as const, mix },
            },
          ]
        : []),
    ]),
    ...(work.coverage ?? []).map(
      (check): LogLine => ({
        ...{ id: `coverage/${check.id}`, at: momentOf(check.when), wall: check.wall },
        photos: check.photo ? [check.photo] : [],
        news: { of: "coverage", check },
      }),
    ),
    ...(work.lippage ?? []).map(
      (edge): LogLine => ({
        ...{ id: `lippage/${edge.id}`, at: momentOf(edge.when), wall: edge.wall, photos: [] },
        news: { of: "lippage", edge },
      }),
    ),
    ...(work.supports ?? []).flatMap((support): LogLine[] =>
      [support.at, support.out].flatMap((at, k) =>
        at === undefined && k === 1
          ? []
          : [
              {
                ...{ id: `support/${support.id}/${k}`, at: momentOf(at), wall: support.wall },
                photos: [],
                news: { of: "support" as const, support, out: k === 1 },
              },
            ],
      ),
    ),
  ];
}

function surveyLines({ decisions = [], record = [] }: Project): LogLine[] {
  return [
    ...decisions.map(
      (decision): LogLine => ({
        ...{ id: `decision/${decision.id}`, at: momentOf(decision.when), photos: [] },
        ...told("wall", decision.wall),
        ...told("who", decision.who),
        news: { of: "decision", decision },
      }),
    ),
    ...record.map(
      (found): LogLine => ({
        ...{ id: `found/${found.id}`, at: momentOf(found.toldWhen), photos: found.photos },
        ...told("wall", found.wall),
        ...told("who", found.toldWho),
        news: { of: "found", found },
      }),
    ),
  ];
}

/** A snag is news once it is mended. */
function snagLines({ handOver }: Project): LogLine[] {
  return (handOver?.snags ?? [])
    .filter(({ done }) => done !== undefined)
    .map((snag) => ({
      ...{ id: `snag/${snag.id}`, at: momentOf(snag.done), photos: snag.photos ?? [] },
      ...told("wall", snag.wall),
      ...told("who", snag.who),
      news: { of: "snag", snag },
    }));
}

/** A photo of what lies behind the tile, at its place on a wall. */
export interface Behind {
  id: string;
  wall: string;
  photo: string;
  /** The middle of what it shows, mm from the wall's left corner and from the level line. */
  x: number;
  level: number;
  /** How wide a piece of wall it shows, mm. */
  width: number;
  words: string;
}

/** What a photo shows where nobody says: two stud bays, mm. */
export const BEHIND_WIDTH = 800;

/** The photos of what lies behind the tile that have a place, and those of tile pulled off it. */
export function behindTile(project: Project): Behind[] {
  const noted = (project.log ?? [])
    .filter(({ kind }) => kind === "behind")
    .flatMap(({ id, wall, x, level, width = BEHIND_WIDTH, photos = [], words = "" }) =>
      wall === undefined || x === undefined
        ? []
        : photos.map((photo) => ({ id, wall, photo, x, level: level ?? 0, width, words })),
    );
  const pulled = (project.work?.coverage ?? []).flatMap(({ id, wall, from, at, level, photo }) => {
    const own = project.walls.find((other) => other.id === wall);
    if (!photo || !own) return [];
    const x = positionAlong(own, { from, at });
    return [{ id, wall, photo, x, level, width: BEHIND_WIDTH / 2, words: "" }];
  });
  return [...noted, ...pulled];
}
