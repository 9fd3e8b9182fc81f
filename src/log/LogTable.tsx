import { entriesFromTable, type LogColumn } from "../../core/log/from-table.ts";
import type { LogLine } from "../../core/log/stream.ts";
import { together } from "../../core/project/commands.ts";
import { addItem } from "../../core/project/items.ts";
import type { Project } from "../../core/project/schema.ts";
import { TableButtons } from "../panel/TableButtons.tsx";
import { TableIn } from "../panel/TableIn.tsx";
import { dispatch } from "../state/job-store.ts";
import { fileName } from "../storage/download.ts";
import { ui } from "../words/ui.ts";
import { lineText, placeWords, type Told } from "./line-text.ts";

interface LogTableProps {
  project: Project;
  /** The lines that are shown: what is written out is what was searched for. */
  lines: LogLine[];
  told: Told;
}

/** The log as a table, out and in again. */
export function LogTable({ project, lines, told }: LogTableProps) {
  return (
    <>
      <TableButtons
        name={`${fileName(project.name)}-log`}
        rows={() => lines.map((line) => rowOf(line, told))}
      />
      <TableIn label={ui.log.table.load} read={(rows) => readTable(rows, project)} />
    </>
  );
}

/** What the columns of the log as a table are called. */
function heads(): Record<LogColumn, string> {
  const { when, only, words, wall, who, kinds } = ui.log;
  return { when, kind: only, what: words, wall, who: who.other, more: kinds.note };
}

function rowOf(line: LogLine, told: Told): Record<string, string | number> {
  const { source, what, more } = lineText(line, told);
  const { news } = line;
  const head = heads();
  return {
    [head.when]: line.at === undefined ? "" : new Date(line.at).toISOString(),
    [head.kind]: source,
    [head.what]: what,
    [head.wall]: line.wall ?? "",
    [head.who]: line.who ?? "",
    [head.more]: more,
    [ui.log.kinds.behind]: news.of === "entry" ? placeWords(news.entry, told.style) : "",
  };
}

function readTable(rows: Record<string, string>[], project: Project) {
  const id = () => crypto.randomUUID();
  const { entries, left, bad } = entriesFromTable(rows, heads(), ui.log.kinds, project, id);
  const commands = entries.map((entry) => addItem({ list: "log" }, entry));
  return {
    told: [
      ui.log.table.found(entries.length),
      ...(left > 0 ? [ui.log.table.left(left)] : []),
      ...(bad.length > 0 ? [ui.log.table.bad(bad.join(", "))] : []),
    ],
    take: entries.length > 0 ? () => dispatch(together("add-log", commands)) : undefined,
  };
}
