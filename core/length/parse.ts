import { type LengthUnit, MM_PER_INCH } from "./units.ts";

/** Why a text is not a length. */
export type LengthProblem = "empty" | "not-a-length" | "mixed-units" | "zero-denominator";

/** A parsed length in millimetres, or the reason there is none. */
export type ParsedLength = { ok: true; mm: number } | { ok: false; problem: LengthProblem };

const VULGAR: Record<string, string> = {
  "½": "1/2",
  "¼": "1/4",
  "¾": "3/4",
  "⅛": "1/8",
  "⅜": "3/8",
  "⅝": "5/8",
  "⅞": "7/8",
};

const METRIC_FACTOR: Record<string, number> = { mm: 1, cm: 10, m: 1000 };

const NUMBER = String.raw`\d+(?:\.\d+)?|\.\d+`;
const FRACTION = String.raw`(\d+)\s*/\s*(\d+)`;
const METRIC = new RegExp(`^(${NUMBER})\\s*(mm|cm|m)$`);
const BARE_NUMBER = new RegExp(`^(${NUMBER})$`);
const FEET = new RegExp(`^(${NUMBER})\\s*(?:'|ft|feet|foot|pies|pie)\\s*(?:-\\s*)?(.*)$`);
const INCHES = new RegExp(
  `^(?:(${NUMBER})(?![\\d.]*\\s*/))?\\s*(?:-\\s*|\\s)?\\s*(?:${FRACTION})?\\s*("|in|inch|inches|pulg|pulgadas?)?$`,
);

/**
 * Reads a length the way a tape is read aloud: `63 1/2`, `63-1/2"`, `5' 3-1/2`, `63.5`, `1613mm`,
 * `161.3 cm`, `1.613 m`; true fraction signs, a decimal comma, `5 pies 3 1/2 pulg` are
 * understood too.
 * A bare number is in `unit`. A leading minus makes the whole length negative; a trailing + or −
 * (strong or shy of the mark, as the display writes it) is accepted and ignored.
 *
 * Gives millimetres; never throws.
 */
export function parseLength(text: string, unit: LengthUnit): ParsedLength {
  const tidy = tidyLength(text);
  if (tidy === "") return { ok: false, problem: "empty" };
  const negative = tidy.startsWith("-");
  const parsed = parseMagnitude(negative ? tidy.slice(1).trim() : tidy, unit);
  if (!parsed.ok || !negative) return parsed;
  return { ok: true, mm: parsed.mm === 0 ? 0 : -parsed.mm };
}

function tidyLength(text: string): string {
  return text
    .trim()
    .toLowerCase()
    .replace(/[½¼¾⅛⅜⅝⅞]/g, (sign) => ` ${VULGAR[sign]}`)
    .replace(/⁄/g, "/")
    .replace(/[′’]/g, "'")
    .replace(/[″”]|''/g, '"')
    .replace(/[−–]/g, "-")
    .replace(/(\d),(?=\d)/g, "$1.")
    .replace(/\s*[+-]$/, "")
    .replace(/\s+/g, " ")
    .trim();
}

function parseMagnitude(text: string, unit: LengthUnit): ParsedLength {
  if (/["']|in|ft|feet|pie|pulg/.test(text) && /\d\s*(mm|cm|m)/.test(text)) {
    return { ok: false, problem: "mixed-units" };
  }
  const metric = METRIC.exec(text);
  if (metric) {
    return { ok: true, mm: Number(metric[1]) * (METRIC_FACTOR[metric[2] ?? "mm"] ?? 1) };
  }
  const bare = BARE_NUMBER.exec(text);
  if (bare) return { ok: true, mm: Number(bare[1]) * (unit === "in" ? MM_PER_INCH : 1) };
  const feet = FEET.exec(text);
  if (feet) return parseFeet(Number(feet[1]), feet[2] ?? "");
  return parseInches(text);
}

function parseFeet(feet: number, rest: string): ParsedLength {
  if (rest.trim() === "") return { ok: true, mm: feet * 12 * MM_PER_INCH };
  const inches = parseInches(rest.trim());
  return inches.ok ? { ok: true, mm: feet * 12 * MM_PER_INCH + inches.mm } : inches;
}

function parseInches(text: string): ParsedLength {
  const match = INCHES.exec(text);
  if (!match || (match[1] === undefined && match[2] === undefined)) {
    return { ok: false, problem: "not-a-length" };
  }
  const [, whole, numerator, denominator] = match;
  if (denominator !== undefined && Number(denominator) === 0) {
    return { ok: false, problem: "zero-denominator" };
  }
  const fraction = numerator ? Number(numerator) / Number(denominator) : 0;
  return { ok: true, mm: (Number(whole ?? 0) + fraction) * MM_PER_INCH };
}
