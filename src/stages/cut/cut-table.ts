import { pieceDimensions } from "../../../core/cut/dimensions.ts";
import { wholeTile } from "../../../core/cut/laid-area.ts";
import { formatBare } from "../../../core/length/format.ts";
import type { Plan } from "../../../core/plan.ts";
import { together } from "../../../core/project/commands.ts";
import type { Project } from "../../../core/project/schema.ts";
import { donePieces, isDone, tickCut, ticketOf } from "../../panel/cut-done.ts";
import { dispatch } from "../../state/job-store.ts";
import { ui } from "../../words/ui.ts";

/** The cut list of all walls as a table: lengths in the job's unit, and in mm for other programs. */
export function cutRows(project: Project, plan: Plan): Record<string, string | number>[] {
  const style = { unit: project.unit, mark: project.mark ?? 16 } as const;
  const { columns } = ui.cut;
  return plan.walls.flatMap((wall) => {
    const done = new Set(donePieces(project, wall).map(({ id }) => id));
    return wall.pieces
      .filter(({ kind }) => kind !== "none")
      .map((piece) => ({
        [columns.wall]: wall.name,
        [columns.number]: piece.number,
        [columns.course]: piece.course,
        [columns.column]: piece.column,
        [columns.cut]: ui.cut.kinds[piece.kind],
        [columns.width]: formatBare(piece.width, style),
        [columns.height]: formatBare(piece.height, style),
        [columns.dimensions]: pieceDimensions(piece, wholeTile(wall, piece))
          .map(({ code, mm }) => `${ui.cut.dims[code]} ${formatBare(mm, style)}`)
          .join("; "),
        [columns.fence]: [...new Set(plan.fence.pieces[piece.id]?.lengths.map(({ set }) => set))]
          .map((set) => formatBare(set, style))
          .join("; "),
        [columns.widthMm]: piece.width.toFixed(1),
        [columns.heightMm]: piece.height.toFixed(1),
        [columns.done]: done.has(piece.id) ? "x" : "",
      }));
  });
}

/** What a list with ticks says: how many can be taken over, and lines that are no cut of the job. */
export function readTicks(rows: Record<string, string>[], project: Project, plan: Plan) {
  const { columns, table } = ui.cut;
  const unknown: number[] = [];
  const commands = rows.flatMap((row, k) => {
    const cell = (name: keyof typeof columns) => (row[columns[name]] ?? row[name] ?? "").trim();
    if (cell("done") === "") return [];
    const wall = plan.walls.find(({ id, name }) => [id, name].includes(cell("wall")));
    const piece = wall?.pieces.find(
      ({ kind, number }) => kind !== "none" && number === Number(cell("number")),
    );
    if (!wall || !piece) {
      unknown.push(k + 2);
      return [];
    }
    const ticket = ticketOf(project, wall, piece);
    return isDone(project, ticket) ? [] : [tickCut(project, ticket)];
  });
  return {
    told: [
      table.found(commands.length),
      ...(unknown.length > 0 ? [table.unknown(unknown.join(", "))] : []),
    ],
    take: commands.length > 0 ? () => dispatch(together("add-cutDone", commands)) : undefined,
  };
}
