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

/**
 * For tests: the fewest of the given contents, each taken as often as needed, that hold so many of
 * every kind, by an integer program.
 */
export function fewestContents(counts: number[], contents: number[][]): number {
  const names = contents.map((_, n) => `x${n}`);
  const rows = counts.map((count, k) => {
    const terms = contents.flatMap((content, n) => {
      const many = content.filter((kind) => kind === k).length;
      return many > 0 ? [`${many} x${n}`] : [];
    });
    return ` c${k}: ${terms.join(" + ")} >= ${count}`;
  });
  const program = [
    "Minimize",
    ` obj: ${names.join(" + ")}`,
    "Subject To",
    ...rows,
    "General",
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
