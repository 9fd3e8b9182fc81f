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
  const rolls: { pieces: number[]; left: number }[] = [];
  for (const length of [...lengths].sort((a, b) => b - a)) {
    const fitting = rolls.filter(({ left }) => left >= length - SAME_MM);
    const best = fitting.sort((p, q) => p.left - q.left)[0];
    if (best) {
      best.pieces.push(length);
      best.left -= length;
    } else {
      rolls.push({ pieces: [length], left: roll - length });
    }
  }
  const total = lengths.reduce((sum, length) => sum + length, 0);
  const large = lengths.filter((length) => length > roll / 2 + SAME_MM).length;
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
