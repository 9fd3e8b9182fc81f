import { formatLength } from "../../../../core/length/format.ts";
import { formatAmount } from "../../../../core/length/quantity.ts";
import type { Wall } from "../../../../core/project/schema.ts";
import { told } from "../../../../core/words/told.ts";
import { warningSentences } from "../../../../core/words/warnings.ts";
import { formatWhen, ui } from "../../../words/ui.ts";
import type { Given } from "../given.ts";
import { drawSurround } from "../wall-drawing.ts";

/** The surround, what it comes to, what to look out for, and the cautions. */
export function cover({ paper, project, plan, style, at }: Given, parts: string[]): void {
  paper.page(project.name);
  if (project.place) paper.text(project.place);
  paper.text(ui.paper.given(formatWhen(at)));
  paper.drawing(95, ui.drawing.label, (doc) => drawSurround(paper, doc, plan, 95));
  paper.table(
    [
      { head: ui.documents.wall, wide: 2 },
      ...FIGURES.map((code) => ({ head: told.figures[code].name, wide: 1.4, right: true })),
    ],
    plan.walls.map(({ name, figures }) => [
      name,
      ...FIGURES.map((code) => formatAmount(figures[code].value, figures[code].unit, style)),
    ]),
  );
  paper.text(ui.documents.caution, { bold: true });
  if (parts.length > 0) {
    paper.heading(ui.documents.contents);
    paper.text(parts.join(" · "));
  }
  paper.heading(ui.paper.watch);
  for (const warning of plan.warnings) {
    const { message, remedy } = warningSentences(project, warning);
    paper.text(`${warning.severity === "note" ? "" : "! "}${message} ${remedy}`);
  }
}

const FIGURES = ["fieldAreaM2", "tilesFull", "tilesCut", "clips", "mortarKg", "groutKg"] as const;

/** What was read of every wall, and where openings and fixtures are. */
export function survey({ paper, project, style }: Given): void {
  paper.page(ui.documents.parts.survey);
  const length = (mm: number | undefined) => (mm === undefined ? "" : formatLength(mm, style));
  for (const wall of project.walls) {
    paper.heading(wall.name);
    paper.table(
      [
        { head: ui.paper.reading, wide: 3 },
        { head: ui.measure.position, wide: 1.5 },
        { head: ui.measure.at, wide: 1.5, right: true },
        { head: ui.paper.amount, wide: 1.5, right: true },
      ],
      readings(wall, length),
    );
    const items = [
      ...wall.openings.map(({ name, kind, width, height, x, y }) => [
        name ?? ui.measure.kinds[kind],
        `${length(width)} × ${length(height)}`,
        `${ui.measure.corner[x.from]} ${length(x.at)}`,
        `${ui.measure.verticals[y.from]} ${length(y.at)}`,
      ]),
      ...wall.fixtures.map(({ name, kind, pipe, x, y }) => [
        name ?? ui.measure.fixtureKinds[kind],
        ui.documents.hole(length(pipe)),
        `${ui.measure.corner[x.from]} ${length(x.at)}`,
        `${ui.measure.verticals[y.from]} ${length(y.at)}`,
      ]),
    ];
    if (items.length > 0) {
      paper.table(
        [
          { head: ui.measure.name, wide: 2 },
          { head: ui.paper.size, wide: 2 },
          { head: ui.measure.position, wide: 2 },
          { head: ui.measure.vertical, wide: 2 },
        ],
        items,
      );
    }
  }
}

type Shown = (mm: number | undefined) => string;

function readings({ width, height, base, top, lean }: Wall, length: Shown): string[][] {
  const { measure } = ui;
  return [
    [measure.widthBottom, "", "", length(width.bottom)],
    ...(width.top === undefined ? [] : [[measure.widthTop, "", "", length(width.top)]]),
    ...(height === undefined ? [] : [[measure.height, "", "", length(height)]]),
    ...base.map(({ from, at, down }) => [
      measure.base,
      measure.corner[from],
      length(at),
      length(down),
    ]),
    ...top.map(({ from, at, up }) => [measure.top, measure.corner[from], length(at), length(up)]),
    ...(["left", "right"] as const).flatMap((side) => {
      const own = lean?.[side];
      const name = side === "left" ? measure.leanLeft : measure.leanRight;
      return own
        ? [
            [
              `${measure.lean}, ${ui.inline(name)}`,
              measure.over,
              length(own.over),
              length(own.offset),
            ],
          ]
        : [];
    }),
  ];
}
