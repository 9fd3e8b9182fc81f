import assert from "node:assert/strict";
import { readFileSync } from "node:fs";
import { type Plan, planProject } from "./plan.ts";
import { newProject } from "./project/new-project.ts";
import { parseProject } from "./project/parse.ts";
import type { Fixture, Opening, Project, Wall, Zone } from "./project/schema.ts";
import type { WallPlan } from "./wall-plan.ts";

/** `npm run soak` draws more cases and looks at finer grids than `npm test`, which has to be quick. */
const SOAKS = process.env.DINTEL_SOAK === "1";

/** How many cases a random test draws: so many in the soak, a sixth of them else. */
export function runs(many: number): number {
  return SOAKS ? many : Math.ceil(many / 6);
}

/** How fine a grid is that a search is held against: this step in the soak, nine times it else. */
export function gridStep(mm: number): number {
  return SOAKS ? mm : 9 * mm;
}

/** Parts of a one-wall job that a test wants other than plain. */
export interface OneWall {
  width?: number;
  height?: number;
  tile?: [width: number, height: number];
  thickness?: number;
  joint?: number;
  field?: Partial<Project["field"]>;
  wall?: Partial<Wall>;
  setOut?: Partial<Project["setOut"]>;
  settings?: Project["settings"];
}

/** A single wall with 300 × 300 tile, 3 mm joint and no gaps, so that sums are easy by hand. */
export function oneWall(parts: OneWall = {}): Project {
  const { width = 1000, height = 1212, tile = [300, 300], thickness = 10, joint = 3 } = parts;
  const project = newProject({
    id: "test",
    name: "Test",
    unit: "mm",
    enclosure: "single",
    base: "pan",
    walls: [{ width, height }],
    tile: { name: "Test tile", width: tile[0], height: tile[1], thickness },
    joint,
    pattern: { pattern: "stacked", lay: "lying" },
  });
  return {
    ...project,
    walls: project.walls.map((wall) => ({ ...wall, ...parts.wall })),
    field: { ...project.field, ...parts.field },
    setOut: { ...project.setOut, baseGap: 0, topGap: 0, ...parts.setOut },
    ...(parts.settings ? { settings: parts.settings } : {}),
  };
}

/** Plans a project that has to be valid, as the endpoint would. */
export function planValid(project: Project): Plan {
  const parsed = parseProject(JSON.parse(JSON.stringify(project)));
  if (!parsed.ok) throw new Error(JSON.stringify(parsed.issues));
  return planProject(parsed.project);
}

/** The first wall of a plan. */
export function firstWall(project: Project): WallPlan {
  return wallAt(planValid(project), 0);
}

/** A wall of a plan by position; throws when there is none. */
export function wallAt(plan: Plan, index: number): WallPlan {
  const wall = plan.walls[index];
  if (!wall) throw new Error(`no wall ${index}`);
  return wall;
}

/** A sample job that ships with the application. */
export function sampleProject(name: string): Project {
  const file = new URL(`../samples/${name}.dintel.json`, import.meta.url);
  const parsed = parseProject(JSON.parse(readFileSync(file, "utf8")));
  if (!parsed.ok) throw new Error(JSON.stringify(parsed.issues));
  return parsed.project;
}

/** Names of the samples that ship with the application. */
export const SAMPLE_NAMES = [
  "walk-in-shower",
  "tub-surround",
  "corner-shower",
  "banded-bath",
  "counter-wall",
  "band-over-surround",
  "tub-under-cupboards",
];

/** A niche or window, 300 in from the left and 400 up from the base unless a test says otherwise. */
export function opening(patch: Partial<Opening> = {}): Opening {
  return {
    id: "n",
    kind: "niche",
    width: 300,
    height: 400,
    depth: 90,
    x: { from: "left", at: 300 },
    y: { from: "base", at: 400 },
    ...patch,
  };
}

/** A niche of a size, so far from the left corner and up from the base. */
export function openingAt(at: number, up: number, width: number, height: number): Opening {
  return opening({ width, height, x: { from: "left", at }, y: { from: "base", at: up } });
}

/** A band of stacked accent tile with joints of 2, so far above the level line. */
export function bandAt(bottom: number, height: number, id = "band"): Zone {
  const bond = { tile: "accent", joint: 2, pattern: "stacked", lay: "lying" } as const;
  return { ...bond, id, kind: "band", bottom, height };
}

/** A fixture 500 in from the left and 1000 up from the base unless a test says otherwise. */
export function fixture(patch: Partial<Fixture> = {}): Fixture {
  return {
    id: "f",
    kind: "valve",
    pipe: 88,
    x: { from: "left", at: 500 },
    y: { from: "base", at: 1000 },
    ...patch,
  };
}

/** Fails unless a figure is what was worked out another way. */
export function near(actual: number | undefined, expected: number, tolerance = 1e-6): void {
  const value = actual ?? Number.NaN;
  assert.ok(Math.abs(value - expected) <= tolerance, `${actual} is not ${expected}`);
}

/** Codes of a plan's warnings, for a wall when one is named. */
export function codesOf(plan: Plan, wall?: string): string[] {
  return plan.warnings
    .filter((warning) => wall === undefined || warning.wall === wall)
    .map(({ code }) => code);
}

/** The walls of an enclosure with plain sizes, 300 × 300 × 10 tile and a joint of 3. */
export function enclosure(
  kind: Project["enclosure"]["kind"],
  widths: number[],
  change: (project: Project) => void = () => undefined,
): Project {
  const project = newProject({
    id: "test",
    name: "Test",
    unit: "mm",
    enclosure: kind,
    base: "pan",
    walls: widths.map((width) => ({ width, height: 2000 })),
    tile: { name: "Test tile", width: 300, height: 300, thickness: 10 },
    joint: 3,
    pattern: { pattern: "stacked", lay: "lying" },
  });
  change(project);
  return project;
}
