import { useState } from "react";
import { ledgerHoles, logHoles } from "../../../core/adjust/film-holes.ts";
import { balancedDrop, dropForHeight } from "../../../core/adjust/first-course.ts";
import { setDrop, setLedger, setLedgerCourse } from "../../../core/project/commands.ts";
import { Length } from "../../fields/Length.tsx";
import { LengthField } from "../../fields/LengthField.tsx";
import { NumberField } from "../../fields/NumberField.tsx";
import { Fact, type PanelProps, Row, Section, Tick } from "../../panel/PanelParts.tsx";
import { dispatch } from "../../state/job-store.ts";
import { ui } from "../../words/ui.ts";

/** Where the courses begin: at the low point, from a height that matters, balanced, on a ledger. */
export function FirstCourseFields({
  project,
  plan,
  wall,
}: Pick<PanelProps, "project" | "plan" | "wall">) {
  const { drop, ledger = false } = project.setOut.firstCourse;
  const [height, setHeight] = useState(0);
  const { straight, height: tile, joint } = wall.cell;
  const markY = plan.first.y + drop;
  const balanced = balancedDrop(wall, markY);
  return (
    <Section title={ui.setOut.firstCourse}>
      <Row>
        <LengthField
          label={ui.setOut.drop}
          name="drop"
          mm={drop}
          rules={{ zero: true }}
          onCommit={(mm) => dispatch(setDrop(straight ? mm % (tile + joint) : mm))}
        />
      </Row>
      <p className="mb-1 text-xs opacity-80">{ui.setOut.dropHint}</p>
      <dl>
        <Fact name={ui.setOut.firstCourseAt}>
          <Length mm={plan.first.y} />
        </Fact>
      </dl>
      {straight && (
        <>
          <Row>
            <LengthField
              label={ui.setOut.startAt}
              name="start-height"
              mm={height}
              rules={{ signed: true }}
              onCommit={setHeight}
            />
            <button
              type="button"
              className="btn"
              onClick={() => dispatch(setDrop(dropForHeight(wall, markY, plan.levelY + height)))}
            >
              {ui.setOut.startThere}
            </button>
          </Row>
          <p className="mb-1 text-xs opacity-80">{ui.setOut.startHint}</p>
          {balanced !== undefined && (
            <button
              type="button"
              className="btn btn-sm w-full"
              onClick={() => dispatch(setDrop(balanced))}
            >
              {ui.setOut.balance}
            </button>
          )}
        </>
      )}
      <Tick label={ui.setOut.ledger} checked={ledger} onChange={(on) => dispatch(setLedger(on))} />
      {ledger && (
        <Row>
          <NumberField
            integer
            label={ui.setOut.ledgerCourse}
            name="ledger-course"
            value={project.setOut.firstCourse.ledgerCourse ?? 2}
            min={2}
            max={500}
            onCommit={(course) => dispatch(setLedgerCourse(course))}
          />
        </Row>
      )}
      {ledger && <LedgerHoles plan={plan} wall={wall} />}
      <p className="text-xs opacity-80">{ledger ? ui.setOut.ledgerHint : ui.setOut.cureFirst}</p>
    </Section>
  );
}

/** One press for all of the ledger's screws: each is a hole in the film. */
function LedgerHoles({ plan, wall }: Pick<PanelProps, "plan" | "wall">) {
  const studs = plan.board.walls.find(({ id }) => id === wall.id)?.studs;
  const holes = studs ? ledgerHoles(wall, studs, plan.levelY) : [];
  if (holes.length === 0 || wall.measured.dry) return null;
  const log = () =>
    dispatch(logHoles(wall.id, holes, ui.setOut.ledgerScrew, () => crypto.randomUUID()));
  return (
    <button type="button" className="btn btn-sm mb-1 w-full" onClick={log}>
      {ui.setOut.ledgerHoles(holes.length)}
    </button>
  );
}
