import type * as z from "zod/mini";
import { RETURN_SIDES } from "./return-sides.ts";
import { type Project, projectSchema } from "./schema.ts";

/** The project format this code writes; older ones are migrated, newer ones are refused. */
export const PROJECT_VERSION = 1;

/** What is wrong with one field of a project file. `path` is written like `walls[0].width.bottom`. */
export interface FieldIssue {
  path: string;
  code: string;
  /** The limit that was passed, or the values that are allowed. */
  limit?: number | string;
}

/** A project, or everything that is wrong with the input. */
export type ParsedProject = { ok: true; project: Project } | { ok: false; issues: FieldIssue[] };

/** Checks anything (parsed JSON) as a project file. Never throws; unknown fields are kept. */
export function parseProject(input: unknown): ParsedProject {
  const headIssue = checkHead(input);
  if (headIssue) return { ok: false, issues: [headIssue] };
  const result = projectSchema.safeParse(input);
  if (!result.success) return { ok: false, issues: result.error.issues.flatMap(toIssues) };
  const issues = referenceIssues(result.data);
  return issues.length > 0 ? { ok: false, issues } : { ok: true, project: result.data };
}

/** A project file nests no deeper than this, and its longest note is shorter than this. */
const DEEPEST = 40;
const LONGEST_TEXT = 20_000;

/**
 * What is wrong with JSON before it is read: nested so deeply that what walks it would fail, or a
 * text that nobody wrote by hand.
 */
function textIssue(text: string): FieldIssue | undefined {
  let depth = 0;
  for (let at = 0; at < text.length; at++) {
    switch (text.charCodeAt(at)) {
      case QUOTE: {
        const end = endOfString(text, at);
        if (end - at > LONGEST_TEXT) {
          return { path: "", code: "text-too-long", limit: LONGEST_TEXT };
        }
        at = end;
        break;
      }
      case OPEN_BRACE:
      case OPEN_BRACKET:
        depth++;
        if (depth > DEEPEST) return { path: "", code: "too-deep", limit: DEEPEST };
        break;
      case CLOSE_BRACE:
      case CLOSE_BRACKET:
        depth--;
        break;
    }
  }
  return undefined;
}

const [QUOTE, BACKSLASH] = [0x22, 0x5c];
const [OPEN_BRACE, CLOSE_BRACE, OPEN_BRACKET, CLOSE_BRACKET] = [0x7b, 0x7d, 0x5b, 0x5d];

function endOfString(text: string, from: number): number {
  let at = from + 1;
  while (at < text.length && text.charCodeAt(at) !== QUOTE) {
    at += text.charCodeAt(at) === BACKSLASH ? 2 : 1;
  }
  return at;
}

/** Checks text as a project file: JSON first, then its fields. */
export function parseProjectText(text: string): ParsedProject {
  const issue = textIssue(text);
  if (issue) return { ok: false, issues: [issue] };
  try {
    return parseProject(JSON.parse(text));
  } catch {
    return { ok: false, issues: [{ path: "", code: "not-json" }] };
  }
}

function checkHead(input: unknown): FieldIssue | undefined {
  if (typeof input !== "object" || input === null || Array.isArray(input)) {
    return { path: "", code: "not-an-object" };
  }
  const { format, version } = input as { format?: unknown; version?: unknown };
  if (format !== "dintel-project") return { path: "format", code: "not-a-dintel-project" };
  if (typeof version === "number" && version > PROJECT_VERSION) {
    return { path: "version", code: "newer-version", limit: PROJECT_VERSION };
  }
  return undefined;
}

function toIssues(issue: z.core.$ZodIssue): FieldIssue[] {
  const path = pathText(issue.path);
  switch (issue.code) {
    case "too_small":
      // A limit that only keeps rounding out is told as the zero that it stands for.
      return [
        { path, code: smallCode(issue), limit: Math.round(Number(issue.minimum) * 1e5) / 1e5 },
      ];
    case "too_big":
      return [{ path, code: "too-big", limit: Number(issue.maximum) }];
    case "invalid_type":
      return [{ path, code: "wrong-type", limit: issue.expected }];
    case "invalid_value":
      return [{ path, code: "not-a-choice", limit: issue.values.map(String).join(", ") }];
    case "custom":
      return [{ path, code: String(issue.params?.code ?? "invalid") }];
    default:
      return [{ path, code: "invalid" }];
  }
}

function smallCode(issue: z.core.$ZodIssueTooSmall): string {
  if (issue.origin !== "number") return "too-short";
  return issue.inclusive ? "too-small" : "not-above";
}

function pathText(path: PropertyKey[]): string {
  return path.reduce<string>((text, key) => {
    if (typeof key === "number") return `${text}[${key}]`;
    return text === "" ? String(key) : `${text}.${String(key)}`;
  }, "");
}

/** Ids that point at nothing, or that two things share. */
function referenceIssues(project: Project): FieldIssue[] {
  const issues: FieldIssue[] = [];
  if (!project.tiles.some((tile) => tile.id === project.field.tile)) {
    issues.push({ path: "field.tile", code: "no-such-tile" });
  }
  const tileIds = new Set(project.tiles.map(({ id }) => id));
  const unknown = (id: string | undefined) => id !== undefined && !tileIds.has(id);
  project.stock?.forEach(({ tile }, i) => {
    if (unknown(tile)) issues.push({ path: `stock[${i}].tile`, code: "no-such-tile" });
  });
  project.walls.forEach(({ openings, bond }, w) => {
    if (unknown(bond?.second))
      issues.push({ path: `walls[${w}].bond.second`, code: "no-such-tile" });
    openings.forEach(({ sides = {} }, o) => {
      for (const side of RETURN_SIDES) {
        const path = `walls[${w}].openings[${o}].sides.${side}`;
        if (unknown(sides[side])) issues.push({ path, code: "no-such-tile" });
      }
    });
  });
  if (unknown(project.field.second)) issues.push({ path: "field.second", code: "no-such-tile" });
  project.zones?.forEach((zone, i) => {
    if (unknown(zone.tile)) issues.push({ path: `zones[${i}].tile`, code: "no-such-tile" });
    if (unknown(zone.second)) issues.push({ path: `zones[${i}].second`, code: "no-such-tile" });
  });
  issues.push(...repeatedIds(project.zones ?? [], "zones"));
  const wallIds = new Set(project.walls.map((wall) => wall.id));
  project.corners?.forEach((corner, i) => {
    for (const side of ["left", "right"] as const) {
      if (!wallIds.has(corner[side])) {
        issues.push({ path: `corners[${i}].${side}`, code: "no-such-wall" });
      }
    }
  });
  project.shelves?.forEach((shelf, i) => {
    for (const side of ["left", "right"] as const) {
      if (!wallIds.has(shelf[side])) {
        issues.push({ path: `shelves[${i}].${side}`, code: "no-such-wall" });
      }
    }
  });
  issues.push(...repeatedIds(project.shelves ?? [], "shelves"));
  issues.push(...repeatedIds(project.tiles, "tiles"), ...repeatedIds(project.walls, "walls"));
  project.walls.forEach((wall, i) => {
    issues.push(...repeatedIds([...wall.openings, ...wall.fixtures], `walls[${i}].openings`));
  });
  return issues;
}

function repeatedIds(items: { id: string }[], path: string): FieldIssue[] {
  const seen = new Set<string>();
  return items.flatMap((item, i) => {
    if (!seen.has(item.id)) {
      seen.add(item.id);
      return [];
    }
    return [{ path: `${path}[${i}].id`, code: "repeated-id", limit: item.id }];
  });
}
