import { useState } from "react";
import { levelTops } from "../../../core/adjust/course-levels.ts";
import { formatLength } from "../../../core/length/format.ts";
import type { Plan } from "../../../core/plan.ts";
import type { Project } from "../../../core/project/schema.ts";
import { editAsSet } from "../../../core/project/work-commands.ts";
import {
  ALONG,
  type Along,
  type CorrectedJoint,
  type Correction,
} from "../../../core/set/correction.ts";
import type { WallPlan } from "../../../core/wall-plan.ts";
import { Choice } from "../../fields/Choice.tsx";
import { useJobStyle } from "../../fields/context.ts";
import { Length } from "../../fields/Length.tsx";
import { LengthField } from "../../fields/LengthField.tsx";
import { NumberField } from "../../fields/NumberField.tsx";
import { Row, Section, Verdict } from "../../panel/PanelParts.tsx";
import { dispatch } from "../../state/job-store.ts";
import { ui } from "../../words/ui.ts";

interface CorrectionProps {
  project: Project;
  plan: Plan;
  wall: WallPlan;
}

/** Heights of a course that is set, and the joints that bring those above it back. */
export function CorrectionFields({ project, plan, wall }: CorrectionProps) {
  const tops = levelTops(wall, plan.levelY);
  const correction = plan.corrections.find((own) => own.wall === wall.id);
  const [chosen, setChosen] = useState<number>();
  const course = chosen ?? correction?.course ?? tops[Math.min(4, tops.length) - 1]?.number;
  if (course === undefined) return null;
  const planned = tops.find(({ number }) => number === course)?.level;
  const entry = project.asSet?.find((own) => own.wall === wall.id && own.course === course);
  const shown = correction?.course === course ? correction : undefined;
  return (
    <Section title={ui.set.correction} open={correction !== undefined}>
      <Row>
        <NumberField
          integer
          label={ui.set.courseField}
          name={`as-set/${wall.id}/course`}
          value={course}
          min={tops[0]?.number ?? 1}
          max={tops.at(-1)?.number ?? 1}
          onCommit={setChosen}
        />
        <p className="flex-1 pb-1 text-sm">
          {ui.set.planned} <strong>{planned !== undefined && <Length mm={planned} />}</strong>
        </p>
      </Row>
      <Row>
        {ALONG.map((side) => (
          <LengthField
            key={side}
            bare
            label={ui.set.along[side]}
            name={`as-set/${wall.id}/${course}/${side}`}
            mm={entry?.[side]}
            rules={{ signed: true }}
            onClear={() => dispatch(editAsSet(wall.id, course, { [side]: undefined }))}
            onCommit={(mm) => dispatch(editAsSet(wall.id, course, { [side]: mm }))}
          />
        ))}
      </Row>
      <p className="text-xs opacity-80">{ui.set.correctionHint}</p>
      {shown && <Corrected correction={shown} wall={wall} levelY={plan.levelY} />}
      <RunFields project={project} plan={plan} wall={wall} course={course} />
      {entry && (
        <button
          type="button"
          className="btn btn-ghost btn-sm px-1"
          onClick={() =>
            dispatch(
              editAsSet(wall.id, course, {
                ...{ left: undefined, middle: undefined, right: undefined, run: undefined },
              }),
            )
          }
        >
          {ui.set.forget}
        </button>
      )}
    </Section>
  );
}

/** How far a run has come, measured from a corner to the far edge of its last tile. */
function RunFields({ project, plan, wall, course }: CorrectionProps & { course: number }) {
  const style = useJobStyle();
  const length = (mm: number) => formatLength(mm, { ...style, mark: 32 });
  const entry = project.asSet?.find((own) => own.wall === wall.id && own.course === course);
  const end = plan.runEnds.find((own) => own.wall === wall.id && own.course === course);
  const { from = "left", at } = entry?.run ?? {};
  const set = (run: { from: "left" | "right"; at: number } | undefined) =>
    dispatch(editAsSet(wall.id, course, { run }));
  return (
    <div className="mt-2">
      <Row>
        <Choice
          label={ui.set.runFrom}
          value={from}
          options={ui.set.runSides}
          onChange={(side) => at !== undefined && set({ from: side, at })}
        />
        <LengthField
          bare
          label={ui.set.runAt}
          name={`as-set/${wall.id}/${course}/run`}
          mm={at}
          rules={{ zero: true }}
          onClear={() => set(undefined)}
          onCommit={(mm) => set({ from, at: mm })}
        />
      </Row>
      {end && Math.abs(end.off) >= NOTHING && (
        <div data-run-end={course}>
          <p className="text-lg font-bold">
            {ui.set.runOff(length(Math.abs(end.off)), end.off > 0)}
          </p>
          {end.left > 0 && <p>{ui.set.runJoints(length(end.joint), end.left)}</p>}
          {end.end && (
            <p className="text-sm">
              {ui.set.runEnd(
                `${wall.id} ${end.end.number}`,
                length(end.end.from),
                length(end.end.to),
              )}
            </p>
          )}
        </div>
      )}
    </div>
  );
}

interface CorrectedProps {
  correction: Correction;
  wall: WallPlan;
  levelY: number;
}

function Corrected({ correction, wall, levelY }: CorrectedProps) {
  const style = useJobStyle();
  const length = (mm: number) => formatLength(mm, { ...style, mark: 32 });
  return (
    <div className="mt-1" data-correction={correction.course}>
      {ALONG.map((side) => {
        const at = correction.at[side];
        return at && <CorrectedAt key={side} side={side} at={at} correction={correction} />;
      })}
      {correction.tops.length > 0 && <TopsToHold correction={correction} levelY={levelY} />}
      <p className="mt-1 text-xs opacity-80">
        {ui.set.limits(length(correction.limits.least), length(correction.limits.most))}
      </p>
      {correction.rims.map(({ opening, edge, off }) => {
        const of = wall.openings.find((own) => own.opening.id === opening)?.opening.name;
        return (
          <p key={`${opening}-${edge}`} className="text-sm" data-rim={opening}>
            {ui.set.rims[edge](of ?? ui.set.niche, length(Math.abs(off)), off > 0)}
          </p>
        );
      })}
      {correction.last && <LastCourse last={correction.last} />}
      {correction.cuts.length > 0 && <ChangedCuts wall={wall.id} cuts={correction.cuts} />}
    </div>
  );
}

/** Where the tops of the courses up to the next control line are held, above the level line. */
function TopsToHold({ correction, levelY }: Pick<CorrectedProps, "correction" | "levelY">) {
  return (
    <table className="mt-1 w-full text-right" data-tops-to-hold>
      <thead className="text-[0.8125rem]">
        <tr className="border-b border-base-300">
          <th className="text-left font-medium">{ui.set.hold}</th>
          {ALONG.map(
            (side) =>
              correction.at[side] && (
                <th key={side} className="pl-2 font-medium">
                  {ui.set.along[side]}
                </th>
              ),
          )}
        </tr>
      </thead>
      <tbody>
        {correction.tops.map(({ course, at }) => (
          <tr key={course} className="border-b border-base-300/60">
            <th scope="row" className="text-left font-normal">
              {course}
            </th>
            {ALONG.map((side) => {
              const top = at[side];
              return (
                top !== undefined && (
                  <td key={side} className="pl-2">
                    <Length mm={top - levelY} unit={false} />
                  </td>
                )
              );
            })}
          </tr>
        ))}
      </tbody>
    </table>
  );
}

/** The cuts above that come out otherwise, as planned and as they will be. */
function ChangedCuts({ wall, cuts }: { wall: string; cuts: Correction["cuts"] }) {
  return (
    <details className="mt-1">
      <summary className="cursor-pointer font-semibold">
        {ui.set.changedCuts} ({cuts.length})
      </summary>
      <ul className="text-sm">
        {cuts.map(({ piece, number, from, to }) => (
          <li key={piece} data-changed-cut={piece}>
            {ui.set.changedCut(wall, number)}: <Length mm={from} unit={false} /> →{" "}
            <strong>
              <Length mm={to} />
            </strong>
          </li>
        ))}
      </ul>
    </details>
  );
}

/** Where the field's last course ends, and what its whole tiles ask then. */
function LastCourse({ last: { course, at, over } }: { last: NonNullable<Correction["last"]> }) {
  const style = useJobStyle();
  const length = (mm: number) => formatLength(mm, { ...style, mark: 32 });
  const places = ALONG.flatMap((side) => {
    const off = at[side] ?? 0;
    if (Math.abs(off) < NOTHING) return [];
    return [`${ui.set.along[side]} ${off < 0 ? "−" : "+"}${length(Math.abs(off))}`];
  });
  return (
    <p className="text-sm" data-last-course={course}>
      {ui.set.lastStands(course, places.join(", "))}
      {over > 0 && ` ${ui.set.lastOver(length(over))}`}
    </p>
  );
}

interface CorrectedAtProps {
  side: Along;
  at: CorrectedJoint;
  correction: Correction;
}

/** Less than this nobody reads off a tape, mm. */
const NOTHING = 0.2;

function CorrectedAt({ side, at, correction }: CorrectedAtProps) {
  const style = useJobStyle();
  const length = (mm: number) => formatLength(mm, { ...style, mark: 32 });
  const { course, control, courses } = correction;
  const { off, joint, rest, fewest } = at;
  const where = ui.set.along[side];
  if (Math.abs(off) < NOTHING) {
    return (
      <Verdict good>
        {where}: {ui.set.onPlan}
      </Verdict>
    );
  }
  const solved = Math.abs(rest) < NOTHING;
  return (
    <div className="mt-1" data-corrected={side}>
      <p className="text-lg font-bold">
        {where}: {ui.set.off(length(Math.abs(off)), off > 0)}
      </p>
      {courses > 0 && Math.abs(joint - correction.joint) > 1e-6 && (
        <>
          <p>{ui.set.joints(length(joint), course + 1, control)}</p>
          <p className="text-xs opacity-80">
            {ui.set.jointSum(length(correction.joint), length(Math.abs(off)), off > 0, courses)}
          </p>
        </>
      )}
      {!solved && (
        <Verdict good={false}>
          {fewest === undefined
            ? ui.set.noRoom
            : ui.set.rest(length(Math.abs(rest)), control, rest > 0)}{" "}
          {fewest !== undefined &&
            (control - fewest > 0
              ? ui.set.fewest(fewest, control - fewest)
              : ui.set.tooMany(fewest))}
        </Verdict>
      )}
    </div>
  );
}
