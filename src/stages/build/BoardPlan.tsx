import type { WallBuild } from "../../../core/build/build-plan.ts";
import type { PlacedPiece } from "../../../core/build/pack-sheets.ts";
import { formatAmount } from "../../../core/length/quantity.ts";
import type { Plan } from "../../../core/plan.ts";
import { editBuild } from "../../../core/project/commands.ts";
import type { Project } from "../../../core/project/schema.ts";
import { Choice } from "../../fields/Choice.tsx";
import { useJobStyle } from "../../fields/context.ts";
import { Length } from "../../fields/Length.tsx";
import { LengthField } from "../../fields/LengthField.tsx";
import { dispatch } from "../../state/job-store.ts";
import { ui } from "../../words/en.ts";
import { FigureFacts, Row, Section } from "../PanelParts.tsx";

interface BoardPlanProps {
  project: Project;
  plan: Plan;
  wall: WallBuild;
}

/** How the sheets lie, both ways compared, what this wall takes, and what to cut from each sheet. */
export function BoardPlan({ project, plan, wall }: BoardPlanProps) {
  const { build } = plan;
  const { sheet } = build;
  return (
    <Section title={ui.build.plan}>
      <Row>
        <Choice
          label={ui.build.lay}
          value={project.build?.lay ?? "best"}
          options={ui.build.lays}
          onChange={(lay) => dispatch(editBuild({ lay }))}
        />
        <Choice
          label={ui.build.fastener}
          value={project.build?.fastener ?? "screws"}
          options={ui.build.fasteners}
          onChange={(fastener) => dispatch(editBuild({ fastener }))}
        />
      </Row>
      <Row>
        <LengthField
          label={ui.build.sheetShort}
          name="build/sheet/short"
          mm={sheet.short}
          rules={{ above: 100 }}
          onCommit={(mm) => dispatch(editBuild({ sheetWidth: mm, sheetHeight: sheet.long }))}
        />
        <LengthField
          label={ui.build.sheetLong}
          name="build/sheet/long"
          mm={sheet.long}
          rules={{ above: 100 }}
          onCommit={(mm) => dispatch(editBuild({ sheetHeight: mm, sheetWidth: sheet.short }))}
        />
      </Row>
      <OptionsTable plan={plan} />
      <h4 className="mt-3 font-semibold">{ui.build.onThisWall}</h4>
      <p className="text-sm" data-wall-sheets>
        {ui.build.piecesFrom(wall.board.pieces.length, sheetsOf(plan, wall))}
      </p>
      <FigureFacts
        wall={wall.id}
        figures={wall.figures}
        codes={["boardAreaM2", "seamM", "tapeM", "seamMortarKg", "seamSealantMl", "fasteners"]}
      />
      <CutList plan={plan} />
    </Section>
  );
}

/** Sheets that this wall has a piece of; offcuts of one may go on another wall. */
function sheetsOf({ build }: Plan, { board }: WallBuild): number {
  const own = new Set(board.pieces.map(({ id }) => id));
  return build.packing.sheets.filter((pieces) => pieces.some(({ id }) => own.has(id))).length;
}

function OptionsTable({ plan }: { plan: Plan }) {
  const style = useJobStyle();
  const { build } = plan;
  return (
    <table className="w-full text-right text-sm" data-board-options={build.lay}>
      <thead>
        <tr className="border-b border-base-300">
          <th aria-label={ui.build.lay} />
          <th className="font-medium">{ui.build.sheets}</th>
          <th className="font-medium">{ui.build.seams}</th>
          <th className="font-medium">{ui.build.near}</th>
        </tr>
      </thead>
      <tbody>
        {build.options.map(({ lay, sheets, bound, seamM, nearCorners }) => (
          <tr
            key={lay}
            className={`border-b border-base-300/60 ${lay === build.lay ? "bg-primary/10 font-semibold" : ""}`}
          >
            <th scope="row" className="py-1 text-left font-[inherit]">
              {lay === build.lay && "✓ "}
              {ui.build.lays[lay]}
            </th>
            <td title={sheets === bound ? ui.build.proven : ui.build.bound(bound)}>
              {sheets}
              {sheets > bound && <span className="font-normal"> (≥ {bound})</span>}
            </td>
            <td>{formatAmount(seamM, "m", style)}</td>
            <td>{nearCorners}</td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}

/** Every sheet drawn with the pieces that are cut from it. */
function CutList({ plan }: { plan: Plan }) {
  const { sheet, packing } = plan.build;
  return (
    <details className="mt-3">
      <summary className="cursor-pointer font-semibold">
        {ui.build.pieces} ({packing.sheets.length})
      </summary>
      <ul data-sheets={packing.sheets.length}>
        {packing.sheets.map((pieces, k) => (
          <li key={pieces.map(({ id }) => id).join()} className="mt-2">
            <p className="text-sm font-semibold">{ui.build.sheet(k + 1)}</p>
            <SheetSketch pieces={pieces} sheet={sheet} number={k + 1} />
            <p className="text-sm">
              {pieces.map(({ id, width, height }, n) => (
                <span key={id} className="whitespace-nowrap">
                  {n > 0 && " · "}
                  {id} <Length mm={width} unit={false} /> × <Length mm={height} />
                </span>
              ))}
            </p>
            <CutOuts plan={plan} pieces={pieces} />
          </li>
        ))}
      </ul>
    </details>
  );
}

/** Holes and openings of the pieces of a sheet, from the piece's left and bottom edges. */
function CutOuts({ plan, pieces }: { plan: Plan; pieces: PlacedPiece[] }) {
  const all = pieces.flatMap(({ id }) =>
    plan.build.walls.flatMap(({ cutOuts }) => (cutOuts[id] ?? []).map((cut) => ({ id, cut }))),
  );
  if (all.length === 0) return null;
  return (
    <ul className="text-sm" data-cut-outs={all.length}>
      {all.map(({ id, cut }) => (
        <li key={`${id}-${cut.id}`}>
          {id}: {cut.kind === "hole" ? ui.build.hole : ui.build.cutOut}{" "}
          {cut.kind === "hole" ? (
            <Length mm={cut.diameter} />
          ) : (
            <>
              <Length mm={cut.width} unit={false} /> × <Length mm={cut.height} />
            </>
          )}
          , {ui.build.fromEdges} <Length mm={cut.x} unit={false} /> →{" "}
          <Length mm={cut.y} unit={false} /> ↑
        </li>
      ))}
    </ul>
  );
}

interface SheetSketchProps {
  pieces: PlacedPiece[];
  sheet: { long: number; short: number };
  number: number;
}

function SheetSketch({ pieces, sheet, number }: SheetSketchProps) {
  return (
    <svg
      viewBox={`-6 -6 ${sheet.long + 12} ${sheet.short + 12}`}
      className="w-full"
      role="img"
      aria-label={`${ui.build.sheet(number)}: ${pieces.map(({ id }) => id).join(", ")}`}
    >
      <rect
        width={sheet.long}
        height={sheet.short}
        fill="url(#offcut-hatch)"
        stroke="var(--color-base-content)"
        strokeWidth={6}
      />
      {pieces.map(({ id, x, y, width, height }) => (
        <g key={id}>
          <rect
            x={x}
            y={y}
            width={width}
            height={height}
            fill="var(--board)"
            stroke="var(--color-base-content)"
            strokeWidth={6}
          />
          <text
            x={x + width / 2}
            y={y + height / 2 + 30}
            textAnchor="middle"
            fontSize={Math.min(90, width / 3, height / 1.6)}
            fill="var(--color-base-content)"
          >
            {id}
          </text>
        </g>
      ))}
    </svg>
  );
}
