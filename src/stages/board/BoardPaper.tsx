import { Length } from "../../fields/Length.tsx";
import { Fact, FigureFacts, type PanelProps } from "../../panel/PanelParts.tsx";
import { ui } from "../../words/ui.ts";
import { PaperPart, PaperTable } from "../PaperParts.tsx";
import { SheetCut } from "./BoardPlan.tsx";
import { RoughOpenings } from "./RoughOpenings.tsx";

/** The board of a wall for paper: build-up, pieces, the sheets that they are cut from. */
export function BoardPaper({ project, plan, wall, stored }: PanelProps) {
  const own = plan.board.walls.find(({ id }) => id === wall.id);
  if (!own) return null;
  const { system = "board-liquid", board = "cement" } = project.build ?? {};
  const { packing } = plan.board;
  const ids = new Set(own.board.pieces.map(({ id }) => id));
  const sheets = packing.sheets
    .map((pieces, k) => ({ pieces, number: k + 1 }))
    .filter(({ pieces }) => pieces.some(({ id }) => ids.has(id)));
  return (
    <>
      <PaperPart title={ui.board.plan}>
        <dl>
          <Fact name={ui.board.system}>{ui.board.systems[system]}</Fact>
          <Fact name={ui.board.board}>{ui.board.boards[board]}</Fact>
        </dl>
        <FigureFacts
          wall={wall.id}
          figures={own.figures}
          codes={["boardAreaM2", "seamM", "tapeM", "seamMortarKg", "seamSealantMl", "fasteners"]}
        />
        <PaperTable
          head={[ui.paper.piece, ui.measure.width, ui.measure.heightOf]}
          rows={own.board.pieces.map(({ id, width, height }) => ({
            key: id,
            cells: [id, <Length key="w" mm={width} />, <Length key="h" mm={height} />],
          }))}
        />
      </PaperPart>
      <RoughOpenings wallBoard={own} stored={stored} />
      <PaperPart title={ui.board.pieces}>
        <div className="paper-grid">
          {sheets.map(({ pieces, number }) => (
            <div key={number} className="paper-card">
              <SheetCut plan={plan} pieces={pieces} number={number} />
            </div>
          ))}
        </div>
      </PaperPart>
    </>
  );
}
