import { crossCheck, type HoleTransfer, holeTransfers } from "../../../core/cut/at-wall.ts";
import type { CutPiece } from "../../../core/cut/pieces.ts";
import { formatLength } from "../../../core/length/format.ts";
import { together } from "../../../core/project/commands.ts";
import { addItem, removeItem } from "../../../core/project/items.ts";
import type { CutAtWall, Project } from "../../../core/project/schema.ts";
import type { WallPlan } from "../../../core/wall-plan.ts";
import { useJobStyle } from "../../fields/context.ts";
import { Length } from "../../fields/Length.tsx";
import { LengthField } from "../../fields/LengthField.tsx";
import { Row, Section, Tick, Verdict } from "../../panel/PanelParts.tsx";
import { dispatch } from "../../state/job-store.ts";
import { ui } from "../../words/ui.ts";

const place = { list: "atWall" as const };

/** What was taken at the wall for a piece, if anything. */
export function takenAtWall(project: Project, piece: string): CutAtWall | undefined {
  return project.atWall?.find(({ id }) => id === piece);
}

interface AtWallProps {
  project: Project;
  wall: WallPlan;
  piece: CutPiece;
}

/** What is measured of a hole, across and up. */
const HOLE_READINGS = [
  ["left", "holeAcross", "right"],
  ["bottom", "holeUp", "top"],
] as const;

/** Holes carried over from the neighbours, and the tape at the wall against the plan. */
export function AtWall({ project, wall, piece }: AtWallProps) {
  const taken = takenAtWall(project, piece.id);
  const holes = holeTransfers(wall, piece);
  const set = (patch: Partial<CutAtWall>) => {
    const next = { ...taken, ...patch, id: piece.id };
    dispatch(together("edit-atWall", [removeItem(place, piece.id), addItem(place, next)]));
  };
  const field = (key: keyof typeof ui.cut.atWall.fields, planned?: number) => (
    <LengthField
      key={key}
      label={ui.cut.atWall.fields[key]}
      name={`at-wall/${piece.id}/${key}`}
      mm={taken?.[key] ?? planned ?? 0}
      rules={{ zero: true }}
      onCommit={(mm) => set({ [key]: mm })}
    />
  );
  return (
    <Section title={ui.cut.atWall.title} open={taken !== undefined || holes.length > 0}>
      {holes.map((hole) => (
        <div key={hole.fixture?.id ?? hole.diameter} className="mb-2 text-base">
          <HoleMarks hole={hole} />
          <Tick
            label={ui.cut.atWall.inPlace}
            checked={taken?.holeInPlace ?? false}
            onChange={(holeInPlace) => set({ holeInPlace })}
          />
        </div>
      ))}
      <p className="mb-1 text-sm">{ui.cut.atWall.hint}</p>
      <Row>
        {field("width", piece.width)}
        {field("height", piece.height)}
      </Row>
      {holes.length > 0 &&
        HOLE_READINGS.map((keys) => <Row key={keys[0]}>{keys.map((key) => field(key))}</Row>)}
      {taken && <TapeAgainstPlan piece={piece} taken={taken} />}
    </Section>
  );
}

/** A hole's centre as it is carried over from the neighbours, the joint taken off. */
function HoleMarks({ hole }: { hole: HoleTransfer }) {
  const { fixture, diameter, clearance, bearing, joint, marks } = hole;
  const style = useJobStyle();
  const length = (mm: number) => formatLength(mm, style);
  const { atWall } = ui.cut;
  return (
    <div data-hole={diameter}>
      <p>
        {atWall.hole(fixture?.name ?? ui.cut.kinds.hole, length(diameter), length(clearance))}{" "}
        {bearing !== undefined && atWall.bearing(length(bearing))}
      </p>
      <ul className="list-disc pl-5">
        {marks.map(({ side, fromNeighbour, onPiece }) => (
          <li key={side}>
            {atWall.mark[side]} <Length mm={fromNeighbour} />, {atWall.less} <Length mm={joint} />:{" "}
            <strong>
              <Length mm={onPiece} />
            </strong>
          </li>
        ))}
      </ul>
    </div>
  );
}

/** A tape that reads no further off the plan than this says nothing, mm. */
const SAME_ON_TAPE = 0.4;

/** How what was measured differs from the plan, and which marks cannot all be true. */
function TapeAgainstPlan({ piece, taken }: { piece: CutPiece; taken: CutAtWall }) {
  const style = useJobStyle();
  const length = (mm: number) => formatLength(mm, style);
  return (
    <>
      {(["width", "height"] as const).map((side) => {
        const off = (taken[side] ?? piece[side]) - piece[side];
        return (
          Math.abs(off) > SAME_ON_TAPE && (
            <p key={side} className="text-base font-semibold">
              {ui.cut.atWall.differs(
                ui.cut.dims[side],
                length(piece[side]),
                length(Math.abs(off)),
                off > 0,
              )}
            </p>
          )
        );
      })}
      {crossCheck(piece, taken).map(({ code, by }) => (
        <Verdict key={code} good={false}>
          {ui.cut.atWall.wrong[code](length(Math.abs(by)))}
        </Verdict>
      ))}
    </>
  );
}
