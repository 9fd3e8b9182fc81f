import type { ValuesOf, WarningCode } from "../warning.ts";

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
