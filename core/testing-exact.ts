import highsLoader from "highs";

const highs = await highsLoader();

/**
 * For tests: the fewest of the given sets that together hold 0 … count − 1, by an integer program.
 */
export function fewestSets(count: number, sets: number[][]): number {
  const names = sets.map((_, n) => `x${n}`);
  const rows = Array.from({ length: count }, (_, k) => {
    const holding = names.filter((_name, n) => sets[n]?.includes(k));
    return ` c${k}: ${holding.join(" + ")} >= 1`;
  });
  const program = [
    "Minimize",
    ` obj: ${names.join(" + ")}`,
    "Subject To",
    ...rows,
    "Binary",
    ` ${names.join(" ")}`,
    "End",
  ];
  return Math.round(highs.solve(program.join("\n")).ObjectiveValue);
}

/** For tests: all sets of 0 … count − 1 that hold to a condition. */
export function subsets(count: number, holds: (set: number[]) => boolean): number[][] {
  const all = Array.from({ length: 2 ** count - 1 }, (_, bits) =>
    Array.from({ length: count }, (_, k) => k).filter((k) => (bits + 1) & (1 << k)),
  );
  return all.filter(holds);
}
