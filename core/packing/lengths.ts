import { SAME_MM } from "../limits.ts";

/** Lengths cut from rolls. */
export interface LengthPacking {
  /** The lengths that each roll gives, mm. */
  rolls: number[][];
  /** No plan can do with fewer rolls. */
  bound: number;
}

/**
 * Cuts lengths from as few rolls as it finds: longest first, each onto the roll that it fills most.
 * Longer ones than a roll must have been split before. The bound is the larger of the total length
 * and the lengths of more than half a roll, of which no two share one.
 */
export function packLengths(lengths: number[], roll: number): LengthPacking {
  return packItems(lengths, (length) => length, roll);
}

/** The same for whatever has a length. */
export function packItems<T>(
  items: T[],
  lengthOf: (item: T) => number,
  roll: number,
): { rolls: T[][]; bound: number } {
  const rolls: { pieces: T[]; left: number }[] = [];
  for (const item of [...items].sort((a, b) => lengthOf(b) - lengthOf(a))) {
    const length = lengthOf(item);
    const fitting = rolls.filter(({ left }) => left >= length - SAME_MM);
    const best = fitting.sort((p, q) => p.left - q.left)[0];
    if (best) {
      best.pieces.push(item);
      best.left -= length;
    } else {
      rolls.push({ pieces: [item], left: roll - length });
    }
  }
  const total = items.reduce((sum, item) => sum + lengthOf(item), 0);
  const large = items.filter((item) => lengthOf(item) > roll / 2 + SAME_MM).length;
  return {
    rolls: rolls.map(({ pieces }) => pieces),
    bound: Math.max(Math.ceil(total / roll - SAME_MM), large),
  };
}

/** A length longer than a roll as parts that overlap where they meet, mm. */
export function splitLength(length: number, roll: number, overlap: number): number[] {
  if (length <= roll + SAME_MM) return [length];
  const parts = Math.ceil((length - overlap) / (roll - overlap) - SAME_MM);
  return Array.from({ length: parts }, (_, k) =>
    k < parts - 1 ? roll : length - (parts - 1) * (roll - overlap),
  );
}
