import type { FigureCode, Term, TermCode } from "../figure.ts";
import type { LengthStyle } from "../length/units.ts";
import type { ValuesOf, Warning, WarningCode } from "../warning.ts";

/** What a warning says and what to do instead. */
export interface WarningWords {
  message: string;
  remedy: string;
}

/** Names that a warning's sentence needs. */
export interface WarningNames {
  wall: string;
  item: string;
}

/** A warning in words: its figures, how the reader wants lengths, and the names of what it is about. */
export type Say<C extends WarningCode> = (
  values: ValuesOf<C>,
  length: (mm: number) => string,
  names: WarningNames,
) => WarningWords;

/** How each of some warnings is said. */
export type SayOf<Codes extends WarningCode> = { [C in Codes]: Say<C> };

/** How a warning is told: in the reader's unit, with the names of what it is about. */
export type TellWarning = (
  warning: Warning,
  style: LengthStyle,
  names?: Partial<WarningNames>,
) => WarningWords;

/** What a language says of figures and warnings: the screen needs it after the first figures only. */
export interface CoreTold {
  /** Name and formula of every figure; the formula's terms follow in the figure's own order. */
  figures: Record<FigureCode, { name: string; formula: string; source: string }>;
  /** Names of the terms of sums. */
  terms: Record<TermCode, string>;
  /** A term by its name, what it belongs to and how many come from each. */
  termName: (term: Term) => string;
  warning: TellWarning;
}
