import { editCorner, editTrim } from "../../../core/project/commands.ts";
import type { Wall } from "../../../core/project/schema.ts";
import { Choice } from "../../fields/Choice.tsx";
import { Length } from "../../fields/Length.tsx";
import { dispatch } from "../../state/job-store.ts";
import { ui } from "../../words/en.ts";
import { Fact, type PanelProps, Row, Section } from "../PanelParts.tsx";
import { TrimFields } from "./TrimFields.tsx";

/** What happens at a wall's ends: which wall runs into a corner, and trim where it is open. */
export function CornerFields({ project, wall, stored }: PanelProps) {
  const at = project.walls.findIndex(({ id }) => id === wall.id);
  const around = project.enclosure.kind === "four-walls";
  const next = project.walls[at + 1] ?? (around ? project.walls[0] : undefined);
  return (
    <Section title={ui.setOut.corners} open={false}>
      {next && next.id !== wall.id && <CornerChoice wall={wall} left={stored} right={next} />}
      {(["left", "right"] as const)
        .filter((side) => wall.ends[side].kind === "open")
        .map((side) => (
          <TrimFields
            key={side}
            label={`${ui.setOut.trim}, ${ui.measure.corner[side]}`}
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
}

function CornerChoice({ wall, left, right }: CornerChoiceProps) {
  const runs = wall.ends.right.kind === "runs" ? "left" : "right";
  return (
    <Row>
      <Choice
        label={`${left.name} – ${right.name}`}
        value={runs}
        options={{ left: ui.setOut.runs(left.name), right: ui.setOut.runs(right.name) }}
        onChange={(side) => dispatch(editCorner(left.id, right.id, { runs: side }))}
      />
    </Row>
  );
}
