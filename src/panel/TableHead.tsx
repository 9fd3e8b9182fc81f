interface TableHeadProps {
  /** The first stands over names, at the left. */
  names: string[];
  /** What the columns from this one on hold is words: they stand at the left too. */
  wordsFrom?: number;
  /** The last has a button in each line, and its name is only spoken. */
  quietLast?: boolean;
}

/** The heads of a table of figures: names at the left, figures at the right. */
export function TableHead({ names, wordsFrom = names.length, quietLast = false }: TableHeadProps) {
  return (
    <thead className="text-sm">
      <tr className="border-b-2 border-base-300">
        {names.map((name, k) => (
          <th
            key={name}
            scope="col"
            className={`p-2 font-medium ${k === 0 || k >= wordsFrom ? "text-left" : "text-right"}`}
          >
            {quietLast && k === names.length - 1 ? <span className="sr-only">{name}</span> : name}
          </th>
        ))}
      </tr>
    </thead>
  );
}
