import type { CutPiece } from "../../../core/cut/pieces.ts";
import { boxOf } from "../../../core/geometry/polygon.ts";
import { formatLength } from "../../../core/length/format.ts";
import type { SliverRule } from "../../../core/set-out/slivers.ts";
import type { WallPlan } from "../../../core/wall-plan.ts";
import type { WallFrame } from "../../drawing/layout.ts";
import { useJobStyle } from "../../fields/context.ts";
import { ringPath } from "../../paths/paths.ts";
import { pieceIsSliver } from "../../paths/tile-paths.ts";
import { useView } from "../../state/view-store.ts";
import { ui } from "../../words/ui.ts";
import { numberSeat } from "./number-seat.ts";

/** Beyond this many cuts on a wall the others are picked by position, without an element each. */
const MOST_ELEMENTS = 400;

interface CutPiecesProps {
  wall: WallPlan;
  frame: WallFrame;
  rule: SliverRule;
}

/** The numbered cuts of a wall, each one to choose. */
export function CutPieces({ wall, frame, rule }: CutPiecesProps) {
  const chosen = useView(({ piece }) => piece);
  const cuts = wall.pieces.filter(({ kind }) => kind !== "none").slice(0, MOST_ELEMENTS);
  return (
    <>
      {cuts.map((piece) => (
        <CutMark key={piece.id} {...{ wall, frame, piece }} isChosen={piece.id === chosen} />
      ))}
      {/* biome-ignore lint/a11y/noAriaHiddenOnFocusable: they take no focus, and the marks say them */}
      <g aria-hidden="true" pointerEvents="none" paintOrder="stroke" strokeWidth={4}>
        {cuts.map((piece) => (
          <CutNumber key={piece.id} {...{ wall, frame, rule, piece }} />
        ))}
      </g>
    </>
  );
}

interface CutMarkProps extends Omit<CutPiecesProps, "rule"> {
  piece: CutPiece;
  isChosen: boolean;
}

function CutMark({ wall, frame, piece, isChosen }: CutMarkProps) {
  const style = useJobStyle();
  const choose = () => useView.setState({ wall: wall.id, piece: piece.id });
  const label = ui.drawing.cutPiece(
    piece.number,
    ui.cut.kinds[piece.kind],
    formatLength(piece.width, style),
    formatLength(piece.height, style),
  );
  return (
    // biome-ignore lint/a11y/useSemanticElements: an HTML button cannot stand inside an SVG
    <path
      role="button"
      tabIndex={-1}
      aria-label={`${wall.name}: ${label}`}
      aria-pressed={isChosen}
      data-piece={piece.id}
      className="cursor-pointer"
      onClick={choose}
      onKeyDown={(event) => {
        if (event.key !== "Enter" && event.key !== " ") return;
        event.preventDefault();
        choose();
      }}
      d={ringPath(piece.ring)}
      transform={`translate(${frame.x} ${frame.y}) scale(${frame.scale})`}
      fill={isChosen ? "var(--color-primary)" : "transparent"}
      fillOpacity={isChosen ? 0.3 : 1}
      stroke={isChosen ? "var(--color-primary)" : "none"}
      strokeWidth={2.5}
      vectorEffect="non-scaling-stroke"
    />
  );
}

/** The number of a cut, as large as its piece allows. */
function CutNumber({ wall, frame, rule, piece }: CutPiecesProps & { piece: CutPiece }) {
  const box = boxOf(piece.ring);
  const seat = numberSeat((box.maxX - box.minX) * frame.scale, (box.maxY - box.minY) * frame.scale);
  if (!seat) return null;
  const x = frame.x + ((box.minX + box.maxX) / 2) * frame.scale;
  const y = frame.y - ((box.minY + box.maxY) / 2) * frame.scale;
  return (
    <text
      x={x}
      y={y + seat.size / 3}
      transform={seat.turned ? `rotate(-90 ${x} ${y})` : undefined}
      textAnchor="middle"
      fontSize={seat.size}
      fontWeight={600}
      fill="var(--color-base-content)"
      stroke={pieceIsSliver(piece, wall, rule) ? "var(--tile)" : "none"}
    >
      {piece.number}
    </text>
  );
}
