import { canBeWoven } from "../../../core/build/corner-offsets.ts";
import { type Meeting, meetingAt } from "../../../core/measure/enclosure.ts";
import { editCentre, editCorner, editTrim } from "../../../core/project/commands.ts";
import type { Wall } from "../../../core/project/schema.ts";
import { turnCorner } from "../../../core/set-out/turn-corner.ts";
import { canWeave } from "../../../core/set-out/weave.ts";
import { Choice } from "../../fields/Choice.tsx";
import { Length } from "../../fields/Length.tsx";
import { dispatch } from "../../state/job-store.ts";
import { ui } from "../../words/en.ts";
import { Fact, type PanelProps, Row, Section, Tick } from "../PanelParts.tsx";
import { TrimFields } from "./TrimFields.tsx";

/** What happens at a wall's ends: which wall runs into a corner, and trim where it is open. */
export function CornerFields({ project, plan, wall, stored }: PanelProps) {
  const at = project.walls.findIndex(({ id }) => id === wall.id);
  const around = project.enclosure.kind === "four-walls";
  const next = project.walls[at + 1] ?? (around ? project.walls[0] : undefined);
  return (
    <Section title={ui.setOut.corners} open={false}>
      {(["left", "right"] as const).map((side) => (
        <CornerBondButtons key={side} project={project} plan={plan} wall={wall} side={side} />
      ))}
      {next && next.id !== wall.id && (
        <CornerChoice
          wall={wall}
          left={stored}
          right={next}
          meeting={meetingAt(project, wall.id, "right")}
        />
      )}
      {(["left", "right"] as const)
        .filter((side) => wall.ends[side].kind === "open" || wall.ends[side].outside)
        .map((side) => (
          <TrimFields
            key={side}
            label={`${wall.ends[side].outside ? ui.setOut.trimOutside : ui.setOut.trim}, ${ui.measure.corner[side]}`}
            name={`${wall.id}/trim/${side}`}
            trim={stored.trim?.[side]}
            edit={(trim) => editTrim(wall.id, side, trim)}
          />
        ))}
      <TrimFields
        label={ui.setOut.trimTop}
        name={`${wall.id}/trim/top`}
        trim={stored.trim?.top}
        edit={(trim) => editTrim(wall.id, "top", trim)}
      />
      <dl>
        <Fact name={`${ui.setOut.offsets} ${ui.setOut.offsetLeft}`}>
          <Length mm={wall.ends.left.offset} />
        </Fact>
        <Fact name={ui.setOut.offsetRight}>
          <Length mm={wall.ends.right.offset} />
        </Fact>
      </dl>
    </Section>
  );
}

interface CornerChoiceProps {
  wall: PanelProps["wall"];
  left: Wall;
  right: Wall;
  meeting: Meeting | undefined;
}

function CornerChoice({ wall, left, right, meeting }: CornerChoiceProps) {
  const end = wall.ends.right;
  const runs = end.kind === "runs" ? "left" : "right";
  return (
    <>
      <Row>
        <Choice
          label={`${left.name} – ${right.name}`}
          value={runs}
          options={{ left: ui.setOut.runs(left.name), right: ui.setOut.runs(right.name) }}
          onChange={(side) => dispatch(editCorner(left.id, right.id, { runs: side }))}
        />
      </Row>
      {meeting && canBeWoven(meeting) && canWeave(wall.cell) && (
        <>
          <Tick
            label={ui.setOut.woven}
            checked={end.weave !== undefined}
            onChange={(woven) =>
              dispatch(editCorner(left.id, right.id, { woven: woven || undefined }))
            }
          />
          {end.weave && <p className="mb-2 text-xs opacity-80">{ui.setOut.wovenHint}</p>}
        </>
      )}
    </>
  );
}

interface CornerBondProps extends Pick<PanelProps, "project" | "plan" | "wall"> {
  side: "left" | "right";
}

/** Where this wall butts into a corner: its bond as the other wall's drop or mirror makes it. */
function CornerBondButtons({ project, plan, wall, side }: CornerBondProps) {
  const end = wall.ends[side];
  const from = plan.walls.find(({ id }) => id === end.neighbour);
  if (end.kind !== "butts" || !from) return null;
  const ways = (["wrap", "mirror"] as const).flatMap((how) => {
    const centre = turnCorner(project, from, wall, side, how);
    return centre ? [{ how, centre }] : [];
  });
  if (ways.length === 0) return null;
  return (
    <>
      <p className="mb-1 text-sm">{ui.setOut.cornerBond(from.name)}</p>
      <div className="mb-2 flex gap-2">
        {ways.map(({ how, centre }) => (
          <button
            key={how}
            type="button"
            className="btn btn-sm h-auto min-h-8 flex-1 py-1"
            onClick={() => dispatch(editCentre(wall.id, centre))}
          >
            {ui.setOut.cornerBonds[how]}
          </button>
        ))}
      </div>
    </>
  );
}
