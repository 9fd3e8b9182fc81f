import { formatLength } from "../../../core/length/format.ts";
import type { Plan } from "../../../core/plan.ts";
import { editCorner } from "../../../core/project/commands.ts";
import { type Meeting, meetingAt } from "../../../core/project/enclosure.ts";
import { jobOf } from "../../../core/project/job.ts";
import type { Project, SquareReading, Wall } from "../../../core/project/schema.ts";
import { Choice } from "../../fields/Choice.tsx";
import { useJobStyle } from "../../fields/context.ts";
import { LengthField } from "../../fields/LengthField.tsx";
import { ItemCard, Row, Section } from "../../panel/PanelParts.tsx";
import { dispatch } from "../../state/job-store.ts";
import { ui } from "../../words/ui.ts";

interface CornerReadingsProps {
  project: Project;
  plan: Plan;
  wall: Wall;
}

/** Both corners of a wall: inside or outside, and how square they are. */
export function CornerReadings({ project, plan, wall }: CornerReadingsProps) {
  const corners = (["left", "right"] as const).flatMap((side) => {
    const meeting = meetingAt(jobOf(project), wall.id, side);
    return meeting ? [{ side, meeting }] : [];
  });
  if (corners.length === 0) return null;
  return (
    <Section
      title={ui.measure.corners}
      open={corners.some(({ meeting }) => meeting.corner?.square)}
    >
      {corners.map(({ side, meeting }) => (
        <CornerCard
          key={side}
          meeting={meeting}
          neighbour={meeting[side].name}
          finding={plan.findings.corners.find(
            ({ left, right }) => left === meeting.left.id && right === meeting.right.id,
          )}
        />
      ))}
    </Section>
  );
}

interface CornerCardProps {
  meeting: Meeting;
  neighbour: string;
  finding: Plan["findings"]["corners"][number] | undefined;
}

/** The reading that a kind starts from: exactly square. */
const SQUARE: Record<SquareReading["kind"], SquareReading> = {
  gap: { kind: "gap", over: 600, gap: 0 },
  diagonal: { kind: "diagonal", left: 900, right: 1200, diagonal: 1500 },
};

function CornerCard({
  meeting: { left, right, kind, corner },
  neighbour,
  finding,
}: CornerCardProps) {
  const style = useJobStyle();
  const square = corner?.square;
  const edit = (patch: Parameters<typeof editCorner>[2]) =>
    dispatch(editCorner(left.id, right.id, patch));
  const length = (key: string, label: string, mm: number, signed = false) => (
    <LengthField
      label={label}
      name={`corner/${left.id}/${right.id}/${key}`}
      mm={mm}
      rules={{ signed }}
      onCommit={(value) => square && edit({ square: { ...square, [key]: value } })}
    />
  );
  return (
    <ItemCard title={ui.measure.cornerWith(neighbour)}>
      <Row>
        <Choice
          hideLabel
          label={ui.measure.cornerWith(neighbour)}
          value={kind}
          options={ui.measure.cornerKinds}
          onChange={(next) => edit({ kind: next })}
        />
        <Choice
          hideLabel
          label={ui.measure.square}
          value={square?.kind ?? "none"}
          options={ui.measure.squareKinds}
          onChange={(next) => edit({ square: next === "none" ? undefined : SQUARE[next] })}
        />
      </Row>
      {square?.kind === "gap" && (
        <Row>
          {length("over", ui.measure.squareOver, square.over)}
          {length("gap", ui.measure.squareGap, square.gap, true)}
        </Row>
      )}
      {square?.kind === "diagonal" && (
        <Row>
          {length("left", ui.measure.squareLeft(left.name), square.left)}
          {length("right", ui.measure.squareLeft(right.name), square.right)}
          {length("diagonal", ui.measure.diagonal, square.diagonal)}
        </Row>
      )}
      {finding && (
        <p className="text-sm" data-corner={`${left.id}${right.id}`}>
          {ui.measure.outOfSquare(
            formatLength(Math.abs(finding.runOut), style),
            right.name,
            finding.runOut >= 0,
          )}
          ; {ui.measure.narrower(formatLength(finding.narrower, style))}
        </p>
      )}
    </ItemCard>
  );
}
