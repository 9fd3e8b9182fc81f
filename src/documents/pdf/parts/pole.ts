import { formatLength } from "../../../../core/length/format.ts";
import {
  columnMarks,
  courseMarks,
  type PoleMark,
  type PoleStrip,
  poleStrips,
} from "../../../../core/pole/story-pole.ts";
import { fieldTile } from "../../../../core/project/defaults.ts";
import { markName } from "../../../words/mark-name.ts";
import { ui } from "../../../words/ui.ts";
import type { Given } from "../given.ts";

/** A strip of paper, mm: three stand side by side on A4 and on Letter. */
const STRIP = { length: 225, width: 58 };
/** The length to hold a rule against, mm. */
const CHECK = 100;

/** The poles of every wall at true size, on strips to tape end to end; each with a check length. */
export function poles(given: Given): void {
  const { paper, project, plan } = given;
  const { sheet } = fieldTile(project);
  paper.page(ui.documents.parts.pole);
  paper.text(ui.documents.stripHint, { bold: true });
  let place = 0;
  for (const wall of plan.walls) {
    const all: [string, PoleMark[], number][] = [
      [
        `${wall.name}, ${ui.inline(ui.documents.courses)}`,
        courseMarks(plan, wall, sheet),
        plan.levelY,
      ],
      [`${wall.name}, ${ui.inline(ui.documents.lines)}`, columnMarks(wall, sheet), 0],
    ];
    for (const [name, marks, zero] of all) {
      if (marks.length === 0) continue;
      const strips = poleStrips(marks, STRIP.length);
      strips.forEach((strip, k) => {
        if (place >= 3) {
          paper.page();
          place = 0;
        }
        drawStrip(given, strip, zero, place, ui.documents.strip(name, k + 1, strips.length));
        place++;
      });
    }
  }
}

function drawStrip(
  { paper, style }: Given,
  { from, marks }: PoleStrip,
  zero: number,
  place: number,
  name: string,
): void {
  const x = paper.left + place * (STRIP.width + 2);
  const top = 34;
  paper.figure(name, x, top, (doc) => {
    doc.lineWidth(0.15).strokeColor("black");
    doc.rect(0, 0, STRIP.width, STRIP.length).stroke();
    paper.label(doc, name, 1, -1.5, { size: 2.8, bold: true });
    // The check length runs up the right edge.
    doc.lineWidth(0.25);
    doc
      .moveTo(STRIP.width - 4, 60)
      .lineTo(STRIP.width - 4, 60 + CHECK)
      .stroke();
    for (const end of [60, 60 + CHECK]) {
      doc
        .moveTo(STRIP.width - 6, end)
        .lineTo(STRIP.width - 2, end)
        .stroke();
    }
    doc.save();
    doc.rotate(-90, { origin: [STRIP.width - 1, 60 + CHECK] });
    paper.label(doc, ui.documents.check(formatLength(CHECK, style)), STRIP.width - 1, 60 + CHECK, {
      size: 2.1,
    });
    doc.restore();
    let last = Infinity;
    for (const mark of [...marks].sort((p, q) => p.at - q.at)) {
      const y = STRIP.length - (mark.at - from);
      doc.lineWidth(mark.code === "course" || mark.code === "tile" ? 0.25 : 0.5);
      doc.moveTo(0, y).lineTo(12, y).stroke();
      // Words never lie on each other: the mark is at its true place all the same.
      const at = Math.min(y + 0.9, last - 3);
      last = at;
      const text = `${markName(mark)}  ${formatLength(mark.at - zero, style)}`;
      paper.label(doc, text, 13, at, { size: 2.6 });
    }
  });
}
