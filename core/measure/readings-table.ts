import { type LengthProblem, parseLength } from "../length/parse.ts";
import type { Project, Wall } from "../project/schema.ts";

/** What a row of a table of readings can hold. */
export const READING_KINDS = [
  "width-bottom",
  "width-top",
  "width",
  "base",
  "top",
  "lean-left",
  "lean-right",
  "stud",
  "hollow",
  "hump",
] as const;

export type ReadingKind = (typeof READING_KINDS)[number];

/** The documented columns; those that a kind does not need may be empty or missing. */
export const READING_COLUMNS = [
  ...(["wall", "kind", "from", "at", "value", "level", "over"] as const),
  "held",
] as const;

type Column = (typeof READING_COLUMNS)[number];

/** Why a row cannot be used: the column, and what is wrong there. */
export interface RowProblem {
  row: number;
  column: Column;
  code:
    | "no-such-wall"
    | "no-such-kind"
    | "no-such-corner"
    | "missing"
    | "not-positive"
    | LengthProblem;
  text: string;
}

/** A row that can be used. */
export interface UsableRow {
  row: number;
  wall: string;
  kind: ReadingKind;
  /** The lengths of the row in mm. */
  lengths: Partial<Record<"at" | "value" | "level" | "over", number>>;
  from: "left" | "right";
  /** How a straightedge was held. */
  held: "across" | "up";
}

/** Which lengths a kind needs beside its value. */
const NEEDS: Record<ReadingKind, ("at" | "value" | "level" | "over")[]> = {
  "width-bottom": ["value"],
  "width-top": ["value"],
  width: ["value", "level"],
  base: ["at", "value"],
  top: ["at", "value"],
  "lean-left": ["value", "over"],
  "lean-right": ["value", "over"],
  stud: ["at"],
  hollow: ["at", "value", "level", "over"],
  hump: ["at", "value", "level", "over"],
};

/** Lengths that may be 0 or less. */
const SIGNED: Partial<Record<ReadingKind, string[]>> = {
  width: ["level"],
  base: ["at"],
  top: ["at"],
  "lean-left": ["value"],
  "lean-right": ["value"],
  stud: ["at"],
  hollow: ["at", "level", "value"],
  hump: ["at", "level", "value"],
};

/**
 * Reads a table of readings: rows by column name, lengths in tape language, a bare number in the
 * job's unit. Every row is either usable or has its first problem; nothing is guessed.
 */
export function readReadings(
  rows: Partial<Record<string, string>>[],
  project: Project,
): { usable: UsableRow[]; problems: RowProblem[] } {
  const usable: UsableRow[] = [];
  const problems: RowProblem[] = [];
  rows.forEach((cells, index) => {
    const read = readRow(cells, index + 1, project);
    if ("code" in read) problems.push(read);
    else usable.push(read);
  });
  return { usable, problems };
}

function readRow(
  cells: Partial<Record<string, string>>,
  row: number,
  project: Project,
): UsableRow | RowProblem {
  const cell = (column: Column) => (cells[column] ?? "").trim();
  const problem = (column: Column, code: RowProblem["code"]): RowProblem => ({
    row,
    column,
    code,
    text: cell(column),
  });
  const wall = findWall(project, cell("wall"));
  if (!wall) return problem("wall", "no-such-wall");
  const kind = READING_KINDS.find((name) => name === cell("kind").toLowerCase());
  if (!kind) return problem("kind", "no-such-kind");
  const from = cell("from").toLowerCase() || "left";
  if (from !== "left" && from !== "right") return problem("from", "no-such-corner");
  const lengths: UsableRow["lengths"] = {};
  for (const column of NEEDS[kind]) {
    if (cell(column) === "") return problem(column, "missing");
    const parsed = parseLength(cell(column), project.unit);
    if (!parsed.ok) return problem(column, parsed.problem);
    if (parsed.mm <= 0 && !SIGNED[kind]?.includes(column)) return problem(column, "not-positive");
    lengths[column] = parsed.mm;
  }
  const held = cell("held").toLowerCase() === "up" ? "up" : "across";
  return { row, wall: wall.id, kind, lengths, from, held };
}

/** A row of the table as it is written: lengths in mm with their unit, to a hundredth. */
type WrittenRow = Record<Column, string>;

/** Every reading of a job as rows of the same table: read again they are the same readings. */
export function readingRows({ walls }: Project): WrittenRow[] {
  return walls.flatMap((wall) => {
    const row = (kind: ReadingKind, lengths: UsableRow["lengths"], more = {}): WrittenRow => {
      const texts = Object.entries(lengths).map(([name, mm]) => [name, lengthText(mm)]);
      return { ...EMPTY_ROW, wall: wall.id, kind, ...Object.fromEntries(texts), ...more };
    };
    const { left, right } = wall.lean ?? {};
    return [
      row("width-bottom", { value: wall.width.bottom }),
      ...(wall.width.top === undefined ? [] : [row("width-top", { value: wall.width.top })]),
      ...(wall.widths ?? []).map(({ level, width }) => row("width", { level, value: width })),
      ...wall.base.map(({ from, at, down }) => row("base", { at, value: down }, { from })),
      ...wall.top.map(({ from, at, up }) => row("top", { at, value: up }, { from })),
      ...(left ? [row("lean-left", { value: left.offset, over: left.over })] : []),
      ...(right ? [row("lean-right", { value: right.offset, over: right.over })] : []),
      ...(wall.studs ?? []).map(({ from, at }) => row("stud", { at }, { from })),
      ...(wall.straightedge ?? []).map(({ shape, from, at, gap, level, length, direction }) =>
        row(shape, { at, value: gap, level, over: length }, { from, held: direction }),
      ),
    ];
  });
}

const EMPTY_ROW: WrittenRow = {
  ...{ wall: "", kind: "", from: "", at: "", value: "", level: "", over: "" },
  held: "",
};

function lengthText(mm: number): string {
  return `${Number(mm.toFixed(2))}mm`;
}

/** A wall by its id or name, or by the first word of its name. */
function findWall({ walls }: Project, text: string): Wall | undefined {
  const wanted = text.toLowerCase();
  if (wanted === "") return undefined;
  return (
    walls.find(({ id, name }) => id.toLowerCase() === wanted || name.toLowerCase() === wanted) ??
    walls.find(({ name }) => name.toLowerCase().split(" ")[0] === wanted)
  );
}

/** Readings nearer than this to one that is there take its place, mm. */
const SAME_PLACE = 1;

/** Writes usable rows into a job; `newId` names entries that need an id of their own. */
export function applyReadings(draft: Project, rows: UsableRow[], newId: () => string): void {
  for (const wall of draft.walls) {
    const own = rows.filter((row) => row.wall === wall.id);
    for (const row of own) applyRow(wall, row, newId);
    const tops = own.filter(({ kind }) => kind === "top").map(topOf);
    // Two readings of one table at one place are a step of the top; they replace what was there.
    wall.top = [...wall.top.filter((known) => !tops.some(samePlace(known))), ...tops];
  }
}

function topOf({ from, lengths: { at = 0, value = 0 } }: UsableRow): Wall["top"][number] {
  return { from, at, up: value };
}

function applyRow(wall: Wall, { kind, from, lengths, held }: UsableRow, newId: () => string): void {
  const { at = 0, value = 0, level = 0, over = 0 } = lengths;
  switch (kind) {
    case "width-bottom":
      wall.width.bottom = value;
      return;
    case "width-top":
      wall.width.top = value;
      return;
    case "width":
      wall.widths = [...(wall.widths ?? []), { id: newId(), level, width: value }];
      return;
    case "base":
      wall.base = replaced(wall.base, { from, at, down: value });
      return;
    case "top":
      // Those of a wall come together: two at one place are a step.
      return;
    case "lean-left":
    case "lean-right":
      wall.lean = {
        ...wall.lean,
        [kind === "lean-left" ? "left" : "right"]: { offset: value, over },
      };
      return;
    case "stud":
      wall.studs = replaced(wall.studs ?? [], { id: newId(), from, at });
      return;
    case "hollow":
    case "hump":
      wall.straightedge = [
        ...(wall.straightedge ?? []),
        {
          id: newId(),
          from,
          at,
          level,
          direction: held,
          shape: kind,
          length: over,
          gap: value,
        },
      ];
      return;
    default:
      kind satisfies never;
  }
}

type Placed = { from: "left" | "right"; at: number };

function samePlace(item: Placed): (other: Placed) => boolean {
  return (other) => other.from === item.from && Math.abs(other.at - item.at) < SAME_PLACE;
}

function replaced<T extends Placed>(list: T[], item: T): T[] {
  const same = samePlace(item);
  return [...list.filter((other) => !same(other)), item];
}
