import type { ReactNode } from "react";

/** A titled part of a sheet of paper. */
export function PaperPart({ title, children }: { title: string; children: ReactNode }) {
  return (
    <section className="paper-part">
      <h2>{title}</h2>
      {children}
    </section>
  );
}

interface PaperTableProps {
  /** Names of the columns; the first names the rows. */
  head: string[];
  rows: { key: string; cells: ReactNode[] }[];
}

/** A table that can go on over several sheets, its head on each. */
export function PaperTable({ head, rows }: PaperTableProps) {
  return (
    <table className="paper-table">
      <thead>
        <tr>
          {head.map((name) => (
            <th key={name} scope="col">
              {name}
            </th>
          ))}
        </tr>
      </thead>
      <tbody>
        {rows.map(({ key, cells: [first, ...others] }) => (
          <tr key={key}>
            <th scope="row">{first}</th>
            {others.map((cell, k) => (
              // biome-ignore lint/suspicious/noArrayIndexKey: a cell is its column
              <td key={k}>{cell}</td>
            ))}
          </tr>
        ))}
      </tbody>
    </table>
  );
}
