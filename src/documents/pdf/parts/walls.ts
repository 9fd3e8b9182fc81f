import { asCut } from "../../../../core/cut/as-cut.ts";
import { pieceDimensions } from "../../../../core/cut/dimensions.ts";
import { wholeTile } from "../../../../core/cut/laid-area.ts";
import type { CutPiece } from "../../../../core/cut/pieces.ts";
import { boxOf } from "../../../../core/geometry/polygon.ts";
import { formatLength } from "../../../../core/length/format.ts";
import { formatAmount } from "../../../../core/length/quantity.ts";
import { fieldTile } from "../../../../core/project/defaults.ts";
import { courseTops } from "../../../../core/set-out/courses.ts";
import type { WallPlan } from "../../../../core/wall-plan.ts";
import { told } from "../../../../core/words/told.ts";
import { ui } from "../../../words/ui.ts";
import type { Given } from "../given.ts";
import { MM } from "../paper.ts";
import { drawPiece, drawWall } from "../wall-drawing.ts";

/** Board, its pieces, and what it takes, wall by wall. */
export function board({ paper, plan, style }: Given): void {
  paper.page(ui.documents.parts.board);
  const own = plan.board.walls.filter(({ board: { pieces } }) => pieces.length > 0);
  if (own.length === 0) paper.text(ui.documents.noPart);
  for (const { id, board: plans, figures } of own) {
    paper.heading(plan.walls.find((wall) => wall.id === id)?.name ?? id);
    paper.facts(shownFigures(Object.values(figures), style));
    paper.table(
      [
        { head: ui.paper.piece, wide: 2 },
        { head: ui.measure.width, wide: 1, right: true },
        { head: ui.measure.heightOf, wide: 1, right: true },
      ],
      plans.pieces.map(({ id: piece, width, height }) => [
        piece,
        formatLength(width, style),
        formatLength(height, style),
      ]),
    );
  }
}

type AnyFigure = {
  code: keyof typeof told.figures;
  value: number;
  unit: Parameters<typeof formatAmount>[1];
};

function shownFigures(figures: AnyFigure[], style: Given["style"]): [string, string][] {
  return figures
    .filter(({ value }) => value > 0)
    .map(({ code, value, unit }) => [told.figures[code].name, formatAmount(value, unit, style)]);
}

/** Film, strips and coats, with room to note when each was on. */
export function film({ paper, plan, style }: Given): void {
  paper.page(ui.documents.parts.film);
  const own = plan.film.walls.filter(({ regions }) => regions.length > 0);
  if (own.length === 0) paper.text(ui.documents.noPart);
  for (const { id, figures } of own) {
    const wall = plan.walls.find((other) => other.id === id);
    paper.heading(wall?.name ?? id);
    const both = [
      ...(wall ? [wall.figures.membraneAreaM2, wall.figures.membraneL] : []),
      ...Object.values(figures),
    ];
    paper.facts(shownFigures(both, style));
    paper.table(
      [
        { head: ui.paper.coat, wide: 2 },
        { head: ui.paper.begun, wide: 2 },
        { head: ui.waterproof.wft, wide: 2 },
        { head: ui.paper.by, wide: 2 },
      ],
      Array.from({ length: plan.film.coats + 1 }, (_, coat) => [
        ui.waterproof.coat(coat),
        "",
        "",
        "",
      ]),
    );
  }
  if (own.length > 0) {
    paper.heading(ui.waterproof.gate);
    for (const name of Object.values(ui.waterproof.gates)) paper.text(`[  ] ${name}`);
  }
}

/** A sheet for each wall: its tile with lines, course tops and numbers, and every cut of it. */
export function setOut({ paper, project, plan, style }: Given): void {
  const tile = fieldTile(project);
  for (const wall of plan.walls) {
    paper.page(`${ui.documents.parts["set-out"]} · ${wall.name}`);
    paper.text(
      [
        `${tile.name}, ${formatLength(tile.width, style)} × ${formatLength(tile.height, style)}`,
        `${ui.documents.joint} ${formatLength(project.field.joint, { ...style, mark: 32 })}`,
        `${ui.drawing.firstCourse}: ${formatLength(plan.levelY - plan.first.y, style)} ${ui.paper.belowLevel}`,
      ].join(" · "),
    );
    const box = boxOf(wall.region);
    const room = { width: paper.width - 30, height: 150 };
    const scale = Math.min(room.width / (box.maxX - box.minX), room.height / (box.maxY - box.minY));
    const height = (box.maxY - box.minY) * scale;
    paper.drawing(height + 4, wall.name, (doc) => {
      drawWall(paper, doc, plan, wall, { x: 0, y: 2, scale }, { numbers: true, lines: true });
      const right = (box.maxX - box.minX) * scale + 2;
      let last = Infinity;
      // Course tops from the level line, where they do not run into each other.
      for (const { at, number } of [...courseTops(wall)].sort((p, q) => p.at - q.at)) {
        const y = 2 + (box.maxY - at) * scale;
        if (last - y < 3.2) continue;
        last = y;
        const from = formatLength(at - plan.levelY, style);
        paper.label(doc, `${number}: ${from}`, right, y + 1, { size: 2.8 });
      }
    });
    paper.text(`${ui.documents.courses}: ${ui.documents.height}`, { small: true });
    cutTable({ paper, plan, style }, wall);
  }
}

function cutTable({ paper, plan, style }: Pick<Given, "paper" | "plan" | "style">, wall: WallPlan) {
  const cuts = wall.pieces.filter(({ kind }) => kind !== "none");
  if (cuts.length === 0) return;
  paper.table(
    [
      { head: ui.documents.number, wide: 0.8 },
      { head: ui.documents.course, wide: 0.9 },
      { head: ui.documents.kind, wide: 1.2 },
      { head: ui.documents.size, wide: 2.2 },
      { head: ui.cut.columns.fence, wide: 2.2 },
    ],
    cuts.map((piece) => [
      `${wall.id} ${piece.number}`,
      String(piece.course),
      ui.cut.kinds[piece.kind],
      `${formatLength(piece.width, style)} × ${formatLength(piece.height, style)}`,
      fenceOf(plan.fence.pieces[piece.id], style),
    ]),
  );
}

type Fence = Given["plan"]["fence"]["pieces"][string] | undefined;

function fenceOf(piece: Fence, style: Given["style"]): string {
  return (piece?.lengths ?? []).map(({ set }) => formatLength(set, style)).join(", ");
}

/** Cut tickets, four to a page, in the order of the fence's settings. */
export function tickets(given: Given): void {
  const { paper, plan, style } = given;
  paper.page(ui.documents.parts.tickets);
  const cuts = plan.walls.flatMap((wall) =>
    wall.pieces.filter(({ kind }) => kind !== "none").map((piece) => ({ wall, piece })),
  );
  if (cuts.length === 0) {
    paper.text(ui.documents.noPart);
    return;
  }
  const order = new Map<string, number>();
  plan.fence.settings.forEach(({ cuts: own }, k) => {
    for (const { piece } of own) if (!order.has(piece)) order.set(piece, k);
  });
  paper.heading(ui.documents.settings);
  const numbers = new Map(cuts.map(({ wall, piece }) => [piece.id, `${wall.id} ${piece.number}`]));
  paper.table(
    [
      { head: ui.cut.columns.fence, wide: 1 },
      { head: ui.cut.number, wide: 5 },
    ],
    plan.fence.settings.map(({ set, cuts: own }) => [
      formatLength(set, style),
      own.map(({ piece }) => numbers.get(piece)).join(", "),
    ]),
  );
  const sorted = [...cuts].sort(
    (p, q) => (order.get(p.piece.id) ?? Infinity) - (order.get(q.piece.id) ?? Infinity),
  );
  for (let k = 0; k < sorted.length; k += 4) {
    paper.page();
    sorted.slice(k, k + 4).forEach(({ wall, piece }, n) => {
      ticket(given, wall, piece, n);
    });
  }
}

const SMALLEST = 12;

/** The fewer the dimensions of a ticket, the larger their type: so many, points. */
const TYPE: [most: number, size: number][] = [
  [3, 26],
  [5, 19],
  [8, SMALLEST],
];

/** A ticket's box on the page, mm. */
const TICKET = { height: 128, gap: 4 };

function ticket({ paper, plan, style }: Given, wall: WallPlan, piece: CutPiece, n: number): void {
  const width = (paper.width - TICKET.gap) / 2;
  const x = paper.left + (n % 2) * (width + TICKET.gap);
  const y = 16 + Math.floor(n / 2) * (TICKET.height - 2);
  const { doc } = paper;
  const full = wholeTile(wall, piece);
  const name = `${wall.id} ${piece.number}`;
  paper.figure(`${name}, ${ui.cut.kinds[piece.kind]}`, x, y, () => {
    doc
      .lineWidth(0.3)
      .strokeColor("black")
      .rect(0, 0, width, TICKET.height - 6)
      .stroke();
    paper.label(doc, name, 3, 11, { size: 10, bold: true });
    paper.label(doc, ui.cut.kinds[piece.kind], width - 3, 10, { size: 5, at: "right" });
    drawPiece(doc, wall, piece, { x: 8, y: 16, width: width - 16, height: 46 });
  });
  const lines = asCut(pieceDimensions(piece, full), plan.fence.pieces[piece.id]);
  doc.addStructure(
    doc.struct("P", {}, () => {
      const size = TYPE.find(([most]) => lines.length <= most)?.[1] ?? SMALLEST;
      let at = y + 66;
      for (const { code, mm, planned } of lines.slice(0, 8)) {
        const exact = planned
          ? ` (${ui.documents.exact(planned.map((own) => formatLength(own, style)).join(" → "))})`
          : "";
        doc.font("regular").fontSize(8).fillColor("black");
        doc.text(`${ui.cut.dims[code]}${exact}`, (x + 3) * MM, at * MM, { lineBreak: false });
        doc.font("bold").fontSize(size);
        const shown = formatLength(mm, style);
        const wide = doc.widthOfString(shown);
        doc.text(shown, (x + width - 3) * MM - wide, (at - size * 0.12) * MM, { lineBreak: false });
        at += size * 0.42 + 2.5;
      }
    }),
  );
}

/** Which pieces come from which tile, so that drops are used. */
export function drops({ paper, plan }: Given): void {
  paper.page(ui.documents.parts.drops);
  const { tiles, bound } = plan.drops;
  const shared = tiles.filter(({ pieces }) => pieces.length > 1);
  if (shared.length === 0) {
    paper.text(ui.documents.noPart);
    return;
  }
  if (tiles.length <= bound) paper.text(ui.documents.proven);
  const numbers = new Map(
    plan.walls.flatMap((wall) =>
      wall.pieces.map((piece): [string, string] => [piece.id, `${wall.id} ${piece.number}`]),
    ),
  );
  paper.table(
    [
      { head: ui.documents.tile, wide: 1 },
      { head: ui.documents.cut, wide: 4 },
    ],
    shared.map(({ pieces }, k) => [
      ui.documents.fromTile(k + 1),
      pieces.map((id) => numbers.get(id) ?? id).join(", "),
    ]),
  );
}
