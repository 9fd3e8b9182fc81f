import papa from "papaparse";
import { tileOfPiece } from "../../core/cut/laid-area.ts";
import type { Plan } from "../../core/plan.ts";
import { jobOf } from "../../core/project/job.ts";
import type { Project } from "../../core/project/schema.ts";
import { words } from "../../core/words/spoken.ts";
import { ui } from "../words/ui.ts";

type Cells = Record<string, string | number>;

/** Rows as CSV: text that begins as a formula does is led by an apostrophe, numbers are not. */
function csvText(rows: Cells[], heads: string[], foot: string[]): string {
  const table = papa.unparse(
    { fields: heads, data: rows.map((row) => heads.map((head) => row[head] ?? "")) },
    {
      escapeFormulae: true,
    },
  );
  return `${table}\r\n${foot.map((line) => papa.unparse([[line]], { escapeFormulae: true })).join("\r\n")}\r\n`;
}

function foot(project: Project, at: number): string[] {
  const day = new Date(at).toISOString().slice(0, 10);
  return [`${project.name}. ${ui.documents.given(day)} ${ui.documents.caution}`];
}

/** Every numbered cut with its sizes and the fence's settings, mm. */
export function cutsCsv(project: Project, plan: Plan, at: number): string {
  const { csv } = ui.documents;
  const job = jobOf(project);
  const tenth = (mm: number) => Math.round(mm * 10) / 10;
  const rows = plan.walls.flatMap((wall) =>
    wall.pieces
      .filter(({ kind }) => kind !== "none")
      .map((piece): Cells => {
        const tile = tileOfPiece(job, wall, piece);
        const fence = plan.fence.pieces[piece.id]?.lengths ?? [];
        return {
          [csv.wall]: wall.id,
          [csv.number]: piece.number,
          [csv.kind]: piece.kind,
          [csv.width]: tenth(piece.width),
          [csv.height]: tenth(piece.height),
          [csv.fence]: fence.map(({ of, set }) => `${of} ${tenth(set)}`).join("; "),
          [csv.tile]: project.tiles.find(({ id }) => id === tile.id)?.name ?? tile.id,
          [csv.holes]: piece.holes.map(({ diameter }) => tenth(diameter)).join("; "),
        };
      }),
  );
  const heads = [
    csv.wall,
    csv.number,
    csv.kind,
    csv.width,
    csv.height,
    csv.fence,
    csv.tile,
    csv.holes,
  ];
  return csvText(rows, heads, foot(project, at));
}

/** Every line of the order, amounts in the plan's units. */
export function orderCsv(project: Project, plan: Plan, at: number): string {
  const { csv } = ui.documents;
  const hundredth = (value: number) => Math.round(value * 1000) / 1000;
  const rows = plan.order.map(
    (row): Cells => ({
      [csv.item]: words.orderItems[row.code],
      [csv.tile]: project.tiles.find(({ id }) => id === row.of)?.name ?? "",
      [csv.quantity]: hundredth(row.quantity),
      [csv.unit]: row.unit,
      [csv.pack]: hundredth(row.packSize),
      [csv.packs]: row.packs,
      [csv.price]: row.unitPrice ?? "",
      [csv.cost]: row.cost ?? "",
    }),
  );
  const heads = [
    csv.item,
    csv.tile,
    csv.quantity,
    csv.unit,
    csv.pack,
    csv.packs,
    csv.price,
    csv.cost,
  ];
  return csvText(rows, heads, foot(project, at));
}
