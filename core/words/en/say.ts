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
export type Say = (
  values: Record<string, number>,
  length: (mm: number) => string,
  names: WarningNames,
) => WarningWords;

/** A figure of a warning; 0 when it was not given. */
export const at = (values: Record<string, number>, name: string) => values[name] ?? 0;
