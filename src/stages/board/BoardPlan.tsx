import type { WallBoard } from "../../../core/board/board-plan.ts";
import type { BoardFigureCode } from "../../../core/figure.ts";
import { formatAmount } from "../../../core/length/quantity.ts";
import type { PlacedPiece } from "../../../core/packing/sheets.ts";
import type { Plan } from "../../../core/plan.ts";
import { editBuild } from "../../../core/project/commands.ts";
import type { Project } from "../../../core/project/schema.ts";
import { Choice } from "../../fields/Choice.tsx";
import { useJobStyle } from "../../fields/context.ts";
import { Length } from "../../fields/Length.tsx";
import { LengthField } from "../../fields/LengthField.tsx";
import { FigureFacts, Row, Section } from "../../panel/PanelParts.tsx";
import { dispatch } from "../../state/job-store.ts";
import { ui } from "../../words/ui.ts";

interface BoardPlanProps {
  project: Project;
  plan: Plan;
  wall: WallBoard;
}

/** How the sheets lie, both ways compared, what this wall takes, and what to cut from each sheet. */
export function BoardPlan({ project, plan, wall }: BoardPlanProps) {
  const { board } = plan;
  const { sheet } = board;
  return (
    <Section title={ui.board.plan}>
      <Row>
        <Choice
          label={ui.board.lay}
          value={project.build?.lay ?? "best"}
          options={ui.board.lays}
          onChange={(lay) => dispatch(editBuild({ lay }))}
        />
        <Choice
          label={ui.board.fastener}
          value={project.build?.fastener ?? "screws"}
          options={ui.board.fasteners}
          onChange={(fastener) => dispatch(editBuild({ fastener }))}
        />
      </Row>
      <Row>
        <LengthField
          label={ui.board.sheetShort}
          name="build/sheet/short"
          mm={sheet.short}
          rules={{ above: 100 }}
          onCommit={(mm) => dispatch(editBuild({ sheetWidth: mm, sheetHeight: sheet.long }))}
        />
        <LengthField
          label={ui.board.sheetLong}
          name="build/sheet/long"
          mm={sheet.long}
          rules={{ above: 100 }}
          onCommit={(mm) => dispatch(editBuild({ sheetHeight: mm, sheetWidth: sheet.short }))}
        />
      </Row>
      <OptionsTable plan={plan} />
      <h4 className="mt-3 font-semibold">{ui.board.onThisWall}</h4>
      <p className="text-sm" data-wall-sheets>
        {ui.board.piecesFrom(wall.board.pieces.length, sheetsOf(plan, wall))}
      </p>
      <FigureFacts wall={wall.id} figures={wall.figures} codes={CODES} />
      <p className="text-xs opacity-80">{ui.board.howFastened}</p>
      <CutList plan={plan} />
    </Section>
  );
}

const CODES: BoardFigureCode[] = [
  "boardAreaM2",
  "seamM",
  "tapeM",
  "seamMortarKg",
  "seamSealantMl",
  "fasteners",
  "boardBeadM",
];

/** Sheets that this wall has a piece of; offcuts of one may go on another wall. */
function sheetsOf({ board: boards }: Plan, { board }: WallBoard): number {
  const own = new Set(board.pieces.map(({ id }) => id));
  return boards.packing.sheets.filter((pieces) => pieces.some(({ id }) => own.has(id))).length;
}

function OptionsTable({ plan }: { plan: Plan }) {
  const style = useJobStyle();
  const { board } = plan;
  return (
    <table className="w-full text-right text-sm" data-board-options={board.lay}>
      <thead>
        <tr className="border-b border-base-300">
          <th>
            <span className="sr-only">{ui.board.lay}</span>
          </th>
          <th className="font-medium">{ui.board.sheets}</th>
          <th className="font-medium">{ui.board.seams}</th>
          <th className="font-medium">{ui.board.near}</th>
        </tr>
      </thead>
      <tbody>
        {board.options.map(({ lay, sheets, bound, seamM, nearCorners }) => (
          <tr
            key={lay}
            className={`border-b border-base-300/60 ${lay === board.lay ? "bg-primary/10 font-semibold" : ""}`}
          >
            <th scope="row" className="py-1 text-left font-[inherit]">
              {lay === board.lay && "✓ "}
              {ui.board.lays[lay]}
            </th>
            <td title={sheets === bound ? ui.board.proven : ui.board.bound(bound)}>
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
  const { packing } = plan.board;
  return (
    <details className="mt-3">
      <summary className="cursor-pointer font-semibold">
        {ui.board.pieces} ({packing.sheets.length})
      </summary>
      <ul data-sheets={packing.sheets.length}>
        {packing.sheets.map((pieces, k) => (
          <li key={pieces.map(({ id }) => id).join()} className="mt-2">
            <SheetCut plan={plan} pieces={pieces} number={k + 1} />
          </li>
        ))}
      </ul>
    </details>
  );
}

interface SheetCutProps {
  plan: Plan;
  pieces: PlacedPiece[];
  number: number;
}

/** A sheet with what is cut from it: drawn, with the sizes, and with the holes in the pieces. */
export function SheetCut({ plan, pieces, number }: SheetCutProps) {
  return (
    <>
      <p className="text-sm font-semibold">{ui.board.sheet(number)}</p>
      <SheetSketch pieces={pieces} sheet={plan.board.sheet} number={number} />
      <p className="text-sm">
        {pieces.map(({ id, width, height }, n) => (
          <span key={id}>
            {n > 0 && " · "}
            <span className="whitespace-nowrap">
              {id} <Length mm={width} unit={false} /> × <Length mm={height} />
            </span>
          </span>
        ))}
      </p>
      <CutOuts plan={plan} pieces={pieces} />
    </>
  );
}

/** Holes and openings of the pieces of a sheet, from the piece's left and bottom edges. */
function CutOuts({ plan, pieces }: { plan: Plan; pieces: PlacedPiece[] }) {
  const all = pieces.flatMap(({ id }) =>
    plan.board.walls.flatMap(({ cutOuts }) => (cutOuts[id] ?? []).map((cut) => ({ id, cut }))),
  );
  if (all.length === 0) return null;
  return (
    <ul className="text-sm" data-cut-outs={all.length}>
      {all.map(({ id, cut }) => (
        <li key={`${id}-${cut.id}`}>
          {id}: {cut.kind === "hole" ? ui.board.hole : ui.board.cutOut}{" "}
          {cut.kind === "hole" ? (
            <Length mm={cut.diameter} />
          ) : (
            <>
              <Length mm={cut.width} unit={false} /> × <Length mm={cut.height} />
            </>
          )}
          , {ui.board.fromEdges} <Length mm={cut.x} unit={false} /> →{" "}
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
      aria-label={`${ui.board.sheet(number)}: ${pieces.map(({ id }) => id).join(", ")}`}
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
