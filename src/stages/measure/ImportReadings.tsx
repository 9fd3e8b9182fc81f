import { parse } from "papaparse";
import { type ChangeEvent, useState } from "react";
import { formatLength } from "../../../core/length/format.ts";
import {
  applyReadings,
  READING_COLUMNS,
  READING_KINDS,
  type RowProblem,
  readingRows,
  readReadings,
  type UsableRow,
} from "../../../core/measure/readings-table.ts";
import type { Project } from "../../../core/project/schema.ts";
import { words } from "../../../core/words/spoken.ts";
import { useJobStyle } from "../../fields/context.ts";
import { TableButtons } from "../../panel/TableButtons.tsx";
import { dispatch } from "../../state/job-store.ts";
import { openDialog } from "../../state/view-store.ts";
import { fileName } from "../../storage/download.ts";
import { ui } from "../../words/ui.ts";

/** A table of readings is small; anything larger is another file, bytes. */
const LARGEST = 1024 * 1024;

interface Preview {
  file: string;
  rows: number;
  usable: UsableRow[];
  problems: RowProblem[];
}

/** Readings from a CSV file: what will be taken over, what cannot be used and why, then one click. */
export function ImportReadings({ project }: { project: Project }) {
  const [preview, setPreview] = useState<Preview>();
  const [refused, setRefused] = useState<string>();
  const open = async (file: File) => {
    setPreview(undefined);
    if (file.size > LARGEST) return setRefused(ui.readings.tooLarge(file.name));
    const { data } = parse<Record<string, string>>(await file.text(), {
      header: true,
      skipEmptyLines: "greedy",
      transformHeader: (name) => name.trim().toLowerCase(),
    });
    if (data.length === 0) return setRefused(ui.readings.empty(file.name));
    setRefused(undefined);
    setPreview({ file: file.name, rows: data.length, ...readReadings(data, project) });
  };
  const takeOver = () => {
    if (!preview) return;
    dispatch({
      name: "import-readings",
      change: (draft) => applyReadings(draft, preview.usable, () => crypto.randomUUID()),
    });
    openDialog(undefined);
  };
  return (
    <div className="text-sm">
      <section className="mb-3 flex flex-wrap items-center gap-2" aria-label={ui.readings.out}>
        <span className="mr-auto">{ui.readings.out}</span>
        <TableButtons
          name={`${fileName(project.name)}-readings`}
          rows={() => readingRows(project)}
        />
      </section>
      <p className="mb-2">{ui.readings.columns(READING_COLUMNS.join(", "))}</p>
      <p className="mb-3 opacity-85">{ui.readings.kinds(READING_KINDS.join(", "))}</p>
      <input
        type="file"
        accept=".csv,text/csv"
        aria-label={ui.readings.choose}
        className="mb-3 w-full"
        onChange={(event: ChangeEvent<HTMLInputElement>) => {
          const [file] = event.target.files ?? [];
          if (file) void open(file);
        }}
      />
      {refused && (
        <p role="alert" className="text-error">
          {refused}
        </p>
      )}
      {preview && (
        <div data-import={preview.usable.length}>
          <PreviewTable {...preview} />
          <button
            type="button"
            className="btn btn-primary mt-3"
            disabled={preview.usable.length === 0}
            onClick={takeOver}
          >
            {ui.readings.takeOver(preview.usable.length)}
          </button>
        </div>
      )}
    </div>
  );
}

function PreviewTable({ usable, problems }: Preview) {
  const style = useJobStyle();
  const lines = [
    ...usable.map(({ row, wall, kind, lengths }) => ({
      row,
      good: true,
      text: `${wall} · ${kind} · ${formatLength(lengths.value ?? lengths.at ?? 0, style)}`,
    })),
    ...problems.map((problem) => ({ row: problem.row, good: false, text: problemText(problem) })),
  ].sort((p, q) => p.row - q.row);
  return (
    <>
      <p className="font-semibold">{ui.readings.summary(usable.length, problems.length)}</p>
      <table className="mt-1 w-full">
        <thead>
          <tr className="border-b border-base-300 text-left text-[0.8125rem]">
            <th className="font-medium">{ui.readings.row}</th>
            <th className="font-medium">{ui.readings.what}</th>
          </tr>
        </thead>
        <tbody>
          {lines.map(({ row, good, text }) => (
            <tr key={row} className={`border-b border-base-300/60 ${good ? "" : "text-error"}`}>
              <td className="py-0.5 pr-3">
                {good ? "✓" : "!"} {row}
              </td>
              <td>{text}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </>
  );
}

function problemText({ column, code, text }: RowProblem): string {
  switch (code) {
    case "no-such-wall":
    case "no-such-kind":
    case "no-such-corner":
    case "missing":
    case "not-positive":
      return ui.readings.problems[code](column, text);
    default:
      return `${column}: ${text}. ${words.lengthProblem(code)}`;
  }
}
