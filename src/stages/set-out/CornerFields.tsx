import { canBeWoven } from "../../../core/build-up/wall-ends.ts";
import { chooseCentre } from "../../../core/project/centre-commands.ts";
import { editCorner, editTrim } from "../../../core/project/commands.ts";
import { type Meeting, meetingAt } from "../../../core/project/enclosure.ts";
import { jobOf } from "../../../core/project/job.ts";
import type { Trim, Wall } from "../../../core/project/schema.ts";
import { type CornerBond, turnCorner } from "../../../core/set-out/turn-corner.ts";
import { canWeave } from "../../../core/set-out/weave.ts";
import { Choice } from "../../fields/Choice.tsx";
import { Length } from "../../fields/Length.tsx";
import { Fact, type PanelProps, Row, Section, Tick } from "../../panel/PanelParts.tsx";
import { dispatch } from "../../state/job-store.ts";
import { ui } from "../../words/ui.ts";
import { TrimFields } from "./TrimFields.tsx";

/** What can stand in an inside corner. */
const LINER: Trim["kind"][] = ["none", "pencil"];

/** What happens at a wall's ends: which wall runs into a corner, and trim where it is open. */
export function CornerFields({ project, plan, wall, stored }: PanelProps) {
  const at = project.walls.findIndex(({ id }) => id === wall.id);
  const around = project.enclosure.kind === "four-walls";
  const next = project.walls[at + 1] ?? (around ? project.walls[0] : undefined);
  return (
    <Section title={ui.setOut.corners} open={false}>
      {(["left", "right"] as const).map((side) => (
        <CornerBondChoice key={side} {...{ project, plan, wall, stored, side }} />
      ))}
      {next && next.id !== wall.id && (
        <CornerChoice
          wall={wall}
          left={stored}
          right={next}
          meeting={meetingAt(jobOf(project), wall.id, "right")}
        />
      )}
      {(["left", "right"] as const).map((side) => {
        const { kind, outside } = wall.ends[side];
        const inside = kind !== "open" && !outside;
        const shown = outside ? ui.setOut.trimOutside : ui.setOut.trim;
        return (
          <TrimFields
            key={side}
            label={`${inside ? ui.setOut.trimInside : shown}, ${ui.measure.corner[side]}`}
            {...(inside ? { kinds: LINER } : {})}
            name={`${wall.id}/trim/${side}`}
            trim={stored.trim?.[side]}
            edit={(trim) => editTrim(wall.id, side, trim)}
          />
        );
      })}
      <TrimFields
        label={ui.setOut.trimTop}
        name={`${wall.id}/trim/top`}
        trim={stored.trim?.top}
        edit={(trim) => editTrim(wall.id, "top", trim)}
      />
      <TrimFields
        label={ui.setOut.trimBottom}
        name={`${wall.id}/trim/bottom`}
        trim={stored.trim?.bottom}
        kinds={LINER}
        edit={(trim) => editTrim(wall.id, "bottom", trim)}
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

interface CornerBondProps extends Pick<PanelProps, "project" | "plan" | "wall" | "stored"> {
  side: "left" | "right";
}

/** Where this wall butts into a corner: whether its bond goes on from the other wall, and how. */
function CornerBondChoice({ project, plan, wall, stored, side }: CornerBondProps) {
  const end = wall.ends[side];
  const from = plan.walls.find(({ id }) => id === end.neighbour);
  if (end.kind !== "butts" || !from) return null;
  if (!turnCorner(jobOf(project), from, wall, { side, bond: "wrap" })) return null;
  const { mode, bond = "wrap", side: followed = "left" } = stored.centre;
  const value = mode === "corner" && followed === side ? bond : "own";
  // A centre of its own is where the bond came to: it stays there.
  const choose = (next: CornerBond | "own") =>
    dispatch(
      chooseCentre(wall.id, next === "own" ? wall.centring : { mode: "corner", side, bond: next }),
    );
  return (
    <Row>
      <Choice
        label={ui.setOut.cornerBond(from.name)}
        value={value}
        options={ui.setOut.cornerBonds}
        onChange={choose}
      />
    </Row>
  );
}
