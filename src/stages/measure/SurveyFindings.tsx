import { heightAt } from "../../../core/geometry/profile.ts";
import { TAPER_SHOWN } from "../../../core/limits.ts";
import { misclosureCheck } from "../../../core/measure/findings.ts";
import { beyondTolerance } from "../../../core/measure/misclosure.ts";
import type { Plan } from "../../../core/plan.ts";
import type { WallPlan } from "../../../core/wall-plan.ts";
import { Length } from "../../fields/Length.tsx";
import { Fact, Section, Verdict } from "../../panel/PanelParts.tsx";
import { openDialog } from "../../state/view-store.ts";
import { ui } from "../../words/ui.ts";
import { Decision } from "./Decision.tsx";

/** What the readings of a wall add up to, what they contradict, and how its corner cuts taper. */
export function SurveyFindings({ plan, wall }: { plan: Plan; wall: WallPlan }) {
  const { measured } = wall;
  return (
    <>
      <Section title={ui.measure.derived}>
        <dl>
          <Fact name={ui.measure.fallWall}>
            <Length mm={measured.baseFall} />
          </Fact>
          <Fact name={ui.measure.fallAll}>
            <Length mm={plan.fall} />
          </Fact>
          <Fact name={ui.measure.lowPoint}>
            {plan.walls.find(({ id }) => id === plan.lowPoint.wall)?.name},{" "}
            <Length mm={plan.lowPoint.x} />
          </Fact>
          <Fact name={ui.measure.levelLine}>
            <Length mm={plan.levelY} />
          </Fact>
          <Fact name={ui.measure.ceilingSlope}>
            <Length mm={measured.topSlope} />
          </Fact>
        </dl>
      </Section>
      <Misclosures plan={plan} wall={wall} />
      <Tapers wall={wall} />
    </>
  );
}

function Misclosures({ plan, wall }: { plan: Plan; wall: WallPlan }) {
  const here = plan.findings.misclosures.filter(
    (found) => found.wall === undefined || found.wall === wall.id || found.neighbour === wall.id,
  );
  const bad = new Set(beyondTolerance(here));
  return (
    <Section title={ui.measure.disagree} open={bad.size > 0}>
      {bad.size === 0 && <p className="text-sm">{ui.measure.agree}</p>}
      <ul data-misclosures={bad.size}>
        {here.map((found) => (
          <li key={`${found.kind}-${found.wall}-${found.y}`} className="mb-1">
            <div className="flex items-baseline justify-between gap-2 text-sm">
              <span>
                {ui.measure.misclosures[found.kind]}
                {found.y !== undefined && (
                  <>
                    , ↑ <Length mm={found.y} />
                  </>
                )}
              </span>
              <Verdict good={!bad.has(found)}>
                <Length mm={found.size} />
              </Verdict>
            </div>
            {bad.has(found) && <Decision check={misclosureCheck(found)} wall={wall.id} />}
          </li>
        ))}
      </ul>
    </Section>
  );
}

/** The cuts at both corners, course by course, where the corner is out of plumb. */
function Tapers({ wall }: { wall: WallPlan }) {
  const sides = (["left", "right"] as const).flatMap((side) => {
    const flag = wall.flags.find((candidate) => candidate.side === side);
    return flag ? [{ side, flag }] : [];
  });
  const height = heightAt(wall.measured.top, 0) - heightAt(wall.measured.base, 0);
  return (
    <Section title={ui.measure.taper} open={false}>
      <p className="text-xs opacity-80">{ui.measure.taperHint}</p>
      {sides.map(({ side, flag }) => {
        const tapers = flag.rows.filter(({ ends: [a, b] }) => Math.abs(a - b) > TAPER_SHOWN);
        return (
          <div key={side} className="mt-1">
            <button
              type="button"
              className="figure-button font-semibold"
              onClick={() => openDialog({ kind: "flag", side, wall: wall.id })}
            >
              {ui.sides[side]}: <Length mm={wall.measured[side].slope * height} />
            </button>
            {tapers.length === 0 && <span className="ml-2 text-sm">{ui.measure.plumb}</span>}
            <ul className="text-sm" data-taper={side}>
              {tapers.map(({ course, column, ends: [foot, head] }) => (
                <li key={`${course}/${column}`} className="flex justify-between">
                  <span>
                    {ui.flagRows.course} {course}
                  </span>
                  <span>
                    <Length mm={foot} unit={false} /> → <Length mm={head} />
                  </span>
                </li>
              ))}
            </ul>
          </div>
        );
      })}
    </Section>
  );
}
