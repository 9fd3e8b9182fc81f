import { Length } from "../../fields/Length.tsx";
import type { PanelProps } from "../../panel/PanelParts.tsx";
import { ui } from "../../words/ui.ts";
import { PaperPart, PaperTable } from "../PaperParts.tsx";
import { SurveyFindings } from "./SurveyFindings.tsx";

/** What was read of a wall, for paper: readings, openings and fixtures, and what they add up to. */
export function MeasurePaper({ plan, wall, stored }: PanelProps) {
  const { measure } = ui;
  return (
    <>
      <PaperPart title={ui.paper.readings}>
        <PaperTable
          head={[ui.paper.reading, measure.position, measure.at, ui.paper.amount]}
          rows={readingsOf(stored)}
        />
      </PaperPart>
      {stored.openings.length + stored.fixtures.length > 0 && (
        <PaperPart title={`${measure.openings}, ${ui.inline(measure.fixtures)}`}>
          <PaperTable
            head={[measure.name, ui.paper.size, measure.position, measure.vertical]}
            rows={itemsOf(stored)}
          />
        </PaperPart>
      )}
      <SurveyFindings plan={plan} wall={wall} />
    </>
  );
}

function readingsOf({ width, lean, base, top, height }: PanelProps["stored"]) {
  const { measure } = ui;
  const length = (mm: number | undefined) =>
    mm === undefined ? measure.notRead : <Length key="mm" mm={mm} />;
  const row = (key: string, name: string, from: string, at: number | undefined, mm?: number) => ({
    key,
    cells: [name, from, at === undefined ? "" : length(at), length(mm)],
  });
  return [
    row("bottom", measure.widthBottom, "", undefined, width.bottom),
    row("top", measure.widthTop, "", undefined, width.top),
    ...(height === undefined ? [] : [row("height", measure.height, "", undefined, height)]),
    ...base.map(({ from, at, down }, k) =>
      row(`base-${k}`, measure.base, measure.corner[from], at, down),
    ),
    ...top.map(({ from, at, up }, k) => row(`top-${k}`, measure.top, measure.corner[from], at, up)),
    ...(["left", "right"] as const).map((side) =>
      row(
        `lean-${side}`,
        `${measure.lean}, ${ui.inline(side === "left" ? measure.leanLeft : measure.leanRight)}`,
        measure.over,
        lean?.[side]?.over,
        lean?.[side]?.offset,
      ),
    ),
  ];
}

function itemsOf({ openings, fixtures }: PanelProps["stored"]) {
  const { measure } = ui;
  const place = ({ from, at }: { from: keyof typeof measure.corner; at: number }) => (
    <span key="x">
      {measure.corner[from]} <Length mm={at} />
    </span>
  );
  const height = ({ from, at }: { from: keyof typeof measure.verticals; at: number }) => (
    <span key="y">
      {measure.verticals[from]} <Length mm={at} />
    </span>
  );
  return [
    ...openings.map(({ id, name, kind, width, height: tall, x, y }) => ({
      key: id,
      cells: [
        name ?? measure.kinds[kind],
        <span key="size">
          <Length mm={width} unit={false} /> × <Length mm={tall} />
        </span>,
        place(x),
        height(y),
      ],
    })),
    ...fixtures.map(({ id, name, kind, pipe, x, y }) => ({
      key: id,
      cells: [
        name ?? measure.fixtureKinds[kind],
        <span key="size">
          Ø <Length mm={pipe} />
        </span>,
        place(x),
        height(y),
      ],
    })),
  ];
}
