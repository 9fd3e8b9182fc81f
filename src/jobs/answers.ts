import type { LengthUnit } from "../../core/length/units.ts";
import { newProject, wallNames } from "../../core/project/new-project.ts";
import type { Project } from "../../core/project/schema.ts";
import { readLength } from "../fields/LengthField.tsx";
import { ui } from "../words/ui.ts";
import { PATTERNS, type PatternName } from "./patterns.ts";

/** The bonds that a new job can begin with. */
export type StartPattern = Exclude<PatternName, "other">;

/** What is answered by choosing. */
export interface Choices {
  unit: LengthUnit;
  kind: Project["enclosure"]["kind"];
  base: Project["enclosure"]["base"];
  pattern: StartPattern;
  lay: Project["field"]["lay"];
}

/** What the form begins with: nothing that a plan would have to warn of. */
export const FIRST_CHOICES: Choices = {
  unit: "in",
  kind: "alcove",
  base: "pan",
  pattern: "stacked",
  lay: "lying",
};

/** Countries where tape measures read in inches. */
const INCH_COUNTRIES = ["US", "CA", "LR", "MM"];

/** The unit that a tape most likely has where a language is spoken as the browser says, "en-GB". */
export function firstUnit(language: string): LengthUnit {
  try {
    const { region } = new Intl.Locale(language).maximize();
    return INCH_COUNTRIES.includes(region ?? "") ? "in" : "mm";
  } catch {
    return FIRST_CHOICES.unit;
  }
}

/** Texts that a new job starts from in each unit: sizes that the setter most likely changes. */
const START: Record<LengthUnit, Record<string, string>> = {
  in: {
    width0: "36",
    width1: "60",
    width2: "36",
    width3: "60",
    height: "96",
    tile: "24",
    side: "12",
    thickness: "3/8",
    joint: "1/8",
  },
  mm: {
    width0: "900",
    width1: "1500",
    width2: "900",
    width3: "1500",
    height: "2400",
    tile: "600",
    side: "300",
    thickness: "9.5",
    joint: "3",
  },
};

/** The end of a knee wall is as wide as a stud and its board on both sides. */
const KNEE_WALL_END: Record<LengthUnit, string> = { in: "4 7/8", mm: "125" };

/** The least joint of large tile in an offset bond (trade standard), where none is typed. */
const OFFSET_JOINT_START: Record<LengthUnit, string> = { in: "3/16", mm: "5" };

/** Answers, or what is wrong with them, by the name of their field. */
export type Texts = Record<string, string>;

/** The text that a field begins with, until another is typed. */
export function startText({ unit, kind, pattern }: Choices, name: string): string {
  const { pattern: bond } = PATTERNS[pattern];
  if (name === "joint" && bond === "offset") return OFFSET_JOINT_START[unit];
  if (kind === "knee-wall" && name === "width3") return KNEE_WALL_END[unit];
  return START[unit][name] ?? "";
}

/** The project of the answers; or what is wrong with them, by field. */
export function readAnswers(
  choices: Choices,
  text: (name: string) => string,
): { project: Project } | { problems: Texts } {
  const { unit, kind, base, pattern, lay } = choices;
  const names = wallNames(kind);
  const { lengths, problems } = readLengths(names.length, text, unit);
  const name = text("name").trim();
  if (name === "") problems.name = ui.jobs.nameMissing;
  if (Object.keys(problems).length > 0) return { problems };
  const mm = (of: string) => lengths[of] ?? 0;
  const project = newProject({
    id: crypto.randomUUID(),
    name,
    unit,
    enclosure: kind,
    base,
    walls: names.map((_, k) => ({ width: mm(`width${k}`), height: mm("height") })),
    tile: {
      name: `${text("tile")} × ${text("side")} ${unit}`,
      width: mm("tile"),
      height: mm("side"),
      thickness: mm("thickness"),
    },
    joint: mm("joint"),
    pattern: { ...PATTERNS[pattern], lay },
  });
  return { project };
}

function readLengths(walls: number, text: (name: string) => string, unit: LengthUnit) {
  const names = [
    ...Array.from({ length: walls }, (_, k) => `width${k}`),
    "height",
    "tile",
    "side",
    "thickness",
    "joint",
  ];
  const lengths: Record<string, number> = {};
  const problems: Texts = {};
  for (const name of names) {
    const style = { unit, mark: 16 } as const;
    const read = readLength(text(name), style, RULES[name] ?? {});
    if (read.ok) lengths[name] = read.value;
    else problems[name] = read.problem;
  }
  return { lengths, problems };
}

/** Limits of the project file for a tile; every other length is only more than 0. */
const RULES: Record<string, Parameters<typeof readLength>[2]> = {
  joint: { zero: true, atMost: 50 },
  tile: { above: 4.99, atMost: 5000 },
  side: { above: 4.99, atMost: 5000 },
  thickness: { atMost: 100 },
};
