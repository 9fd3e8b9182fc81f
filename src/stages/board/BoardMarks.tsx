import type { BoardLayout, BoardPiece } from "../../../core/board/board-layout.ts";
import type { WallBoard } from "../../../core/board/board-plan.ts";
import { boxOf } from "../../../core/geometry/polygon.ts";
import { heightAt } from "../../../core/geometry/profile.ts";
import type { Plan } from "../../../core/plan.ts";
import type { WallPlan } from "../../../core/wall-plan.ts";
import type { WallFrame } from "../../drawing/layout.ts";
import { LengthSpans } from "../../fields/Length.tsx";
import { ringPath } from "../../paths/paths.ts";
import { useJob } from "../../state/job-store.ts";
import { useView } from "../../state/view-store.ts";

interface BoardMarksProps {
  plan: Plan;
  wall: WallPlan;
  frame: WallFrame;
}

/** What goes on the studs of a wall: framing with rough openings and blocking, or the board plan. */
export function BoardMarks({ plan, wall, frame }: BoardMarksProps) {
  const view = useView((state) => state.boardView);
  const wallBoard = plan.board.walls.find(({ id }) => id === wall.id);
  if (!wallBoard) return null;
  return (
    <g pointerEvents="none" data-board={view}>
      <g transform={`translate(${frame.x} ${frame.y}) scale(${frame.scale})`}>
        {view === "board" && <Board board={wallBoard.board} />}
        <Studs wallBoard={wallBoard} wall={wall} faint={view === "board"} />
        <Blocking wall={wall} levelY={plan.levelY} />
        {wallBoard.openings.map(({ id, ring, cuts }) => (
          <path
            key={id}
            d={ringPath(ring)}
            fill="var(--color-base-200)"
            stroke={cuts.length > 0 ? "var(--crayon)" : "var(--color-base-content)"}
            strokeWidth={2}
            strokeDasharray={cuts.length > 0 ? "6 3" : undefined}
            vectorEffect="non-scaling-stroke"
          />
        ))}
        {wall.fixtures.map(({ fixture, centre: [x, y], diameter }) => (
          <circle
            key={fixture.id}
            cx={x}
            cy={-y}
            r={diameter / 2}
            fill="var(--color-base-200)"
            stroke="var(--color-base-content)"
            strokeWidth={1.5}
            vectorEffect="non-scaling-stroke"
          />
        ))}
        {view === "board" && <Fasteners wallBoard={wallBoard} scale={frame.scale} />}
      </g>
      {view === "board" && (
        <PieceLabels plan={plan} pieces={wallBoard.board.pieces} frame={frame} />
      )}
      {view === "framing" && <RoughSizes wallBoard={wallBoard} frame={frame} />}
    </g>
  );
}

function Board({ board }: { board: BoardLayout }) {
  return (
    <>
      {board.pieces.map(({ id, ring }) => (
        <path
          key={id}
          data-board={id}
          d={ringPath(ring)}
          fill="var(--board)"
          stroke="var(--color-base-content)"
          strokeWidth={1}
          vectorEffect="non-scaling-stroke"
        />
      ))}
      {board.seams.map(({ from, to }) => (
        <line
          key={`${from}-${to}`}
          x1={from[0]}
          y1={-from[1]}
          x2={to[0]}
          y2={-to[1]}
          stroke="var(--chalk)"
          strokeWidth={2.5}
          vectorEffect="non-scaling-stroke"
        />
      ))}
    </>
  );
}

function Studs({
  wallBoard,
  wall,
  faint,
}: {
  wallBoard: WallBoard;
  wall: WallPlan;
  faint: boolean;
}) {
  const { base, top } = wall.measured;
  return wallBoard.studs.studs.map(({ x, width }) => (
    <rect
      key={x}
      x={x - width / 2}
      y={-heightAt(top, x)}
      width={width}
      height={heightAt(top, x) - heightAt(base, x)}
      fill={faint ? "none" : "var(--stud)"}
      stroke="var(--color-base-content)"
      strokeWidth={1}
      strokeDasharray={faint || wallBoard.studs.assumed ? "2 5" : undefined}
      opacity={faint ? 0.55 : 1}
      vectorEffect="non-scaling-stroke"
    />
  ));
}

function Blocking({ wall, levelY }: { wall: WallPlan; levelY: number }) {
  const blocks = useJob(({ row }) => row?.project.build?.blocking);
  return blocks
    ?.filter((block) => block.wall === wall.id)
    .map(({ id, from, at, level, width, height }) => {
      const x = from === "left" ? at : wall.measured.wall.width.bottom - at;
      return (
        <rect
          key={id}
          data-blocking={id}
          x={x - width / 2}
          y={-(levelY + level + height / 2)}
          width={width}
          height={height}
          fill="url(#blocking-hatch)"
          stroke="var(--color-base-content)"
          strokeWidth={1.5}
          vectorEffect="non-scaling-stroke"
        />
      );
    });
}

/** All fasteners of a wall as one path of dots. */
function Fasteners({ wallBoard, scale }: { wallBoard: WallBoard; scale: number }) {
  const dots = wallBoard.fasteners
    .map(([x, y]) => `M${x.toFixed(0)} ${(-y).toFixed(0)}h0.1`)
    .join("");
  return (
    <path
      d={dots}
      data-fasteners={wallBoard.fasteners.length}
      stroke="var(--color-base-content)"
      strokeWidth={3.5 / scale}
      strokeLinecap="round"
      opacity={0.8}
    />
  );
}

interface PieceLabelsProps {
  plan: Plan;
  pieces: BoardPiece[];
  frame: WallFrame;
}

/** Names of the pieces and the sheet that each is cut from. */
function PieceLabels({ plan, pieces, frame }: PieceLabelsProps) {
  return pieces.map(({ id, ring }) => {
    const { minX, maxX, minY, maxY } = boxOf(ring);
    const sheet = plan.board.packing.sheets.findIndex((list) => list.some((p) => p.id === id));
    const wide = (maxX - minX) * frame.scale > 60;
    return (
      <text
        key={id}
        x={frame.x + (minX + 12 / frame.scale) * frame.scale}
        y={frame.y - maxY * frame.scale + 20}
        fontSize="0.8125rem"
        fontWeight={700}
        fill="var(--color-base-content)"
        paintOrder="stroke"
        stroke="var(--board)"
        strokeWidth={4}
        opacity={(maxY - minY) * frame.scale > 22 ? 1 : 0}
      >
        {id}
        {wide && sheet >= 0 && <tspan fontWeight={400}> · {sheet + 1}</tspan>}
      </text>
    );
  });
}

function RoughSizes({ wallBoard, frame }: { wallBoard: WallBoard; frame: WallFrame }) {
  return wallBoard.openings.map(({ id, ring, width, height }) => {
    const { minX, maxX, minY } = boxOf(ring);
    return (
      <text
        key={id}
        x={frame.x + ((minX + maxX) / 2) * frame.scale}
        y={frame.y - minY * frame.scale + 17}
        textAnchor="middle"
        fontSize="0.8125rem"
        fontWeight={600}
        fill="var(--chalk)"
        paintOrder="stroke"
        stroke="var(--color-base-100)"
        strokeWidth={4}
      >
        <LengthSpans mm={width} /> × <LengthSpans mm={height} />
      </text>
    );
  });
}
