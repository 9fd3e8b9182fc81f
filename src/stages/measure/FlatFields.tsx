import { finerFor } from "../../../core/length/finer.ts";
import { formatLength } from "../../../core/length/format.ts";
import { formatAmount } from "../../../core/length/quantity.ts";
import { flatnessCheck } from "../../../core/measure/findings.ts";
import type { FlatnessVerdict } from "../../../core/measure/flatness.ts";
import type { Plan } from "../../../core/plan.ts";
import { addItem, editItem, removeItem } from "../../../core/project/items.ts";
import type { Straightedge, Wall } from "../../../core/project/schema.ts";
import { Choice } from "../../fields/Choice.tsx";
import { useJobStyle } from "../../fields/context.ts";
import { LengthField } from "../../fields/LengthField.tsx";
import { AddButton } from "../../panel/AddButton.tsx";
import { ItemCard, Row, Section, Verdict } from "../../panel/PanelParts.tsx";
import { dispatch } from "../../state/job-store.ts";
import { ui } from "../../words/ui.ts";
import { Decision } from "./Decision.tsx";

/** Straightedge readings of a wall, each with its verdict against the tile and what mends it. */
export function FlatFields({ wall, plan }: { wall: Wall; plan: Plan }) {
  const readings = wall.straightedge ?? [];
  const add = () =>
    dispatch(
      addItem(
        { list: "straightedge", wall: wall.id },
        {
          id: crypto.randomUUID(),
          from: "left",
          at: Math.round(wall.width.bottom / 2),
          level: 0,
          direction: "across",
          shape: "hollow",
          length: Math.min(1200, wall.width.bottom),
          gap: 0,
        },
      ),
    );
  return (
    <Section title={ui.measure.flat} open={readings.length > 0}>
      {readings.map((reading, k) => (
        <StraightedgeCard
          key={reading.id}
          number={k + 1}
          wall={wall.id}
          reading={reading}
          verdict={plan.findings.flatness.find(({ reading: { id } }) => id === reading.id)}
        />
      ))}
      <AddButton label={ui.measure.addStraightedge} onClick={add} />
      <p className="text-xs opacity-80">{ui.measure.flatSource}</p>
    </Section>
  );
}

interface StraightedgeCardProps {
  number: number;
  wall: string;
  reading: Straightedge;
  verdict: FlatnessVerdict | undefined;
}

function StraightedgeCard({ number, wall, reading, verdict }: StraightedgeCardProps) {
  const { id } = reading;
  const place = { list: "straightedge" as const, wall };
  const edit = (patch: Partial<Straightedge>) => dispatch(editItem(place, id, patch));
  const length = (key: "at" | "level" | "length" | "gap", label: string) => (
    <LengthField
      bare
      label={label}
      name={`${wall}/flat/${id}/${key}`}
      mm={reading[key]}
      rules={{ signed: key === "level", zero: key === "at" || key === "gap" }}
      onCommit={(mm) => edit({ [key]: mm })}
    />
  );
  return (
    <ItemCard
      title={`${ui.measure.straightedge} ${number}`}
      onRemove={() => dispatch(removeItem(place, id))}
    >
      <Row>
        <Choice
          label={ui.measure.direction}
          value={reading.direction}
          options={ui.measure.directions}
          onChange={(direction) => edit({ direction })}
        />
        <Choice
          label={ui.measure.shape}
          value={reading.shape}
          options={ui.measure.shapes}
          onChange={(shape) => edit({ shape })}
        />
      </Row>
      <Row>
        {length("length", ui.measure.straightedgeLength)}
        {length("gap", ui.measure.gap)}
      </Row>
      <Row>
        <Choice
          label={ui.measure.position}
          value={reading.from}
          options={ui.measure.corner}
          onChange={(from) => edit({ from })}
        />
        {length("at", ui.measure.at)}
        {length("level", ui.measure.levelOf)}
      </Row>
      {verdict && <FlatVerdict verdict={verdict} />}
    </ItemCard>
  );
}

function FlatVerdict({ verdict }: { verdict: FlatnessVerdict }) {
  const style = useJobStyle();
  const say = (mm: number) => formatLength(mm, finerFor(mm, style));
  const { reading, passes, allowed, over, remedy } = verdict;
  const stud = remedy.stud === undefined ? undefined : formatLength(remedy.stud, style);
  return (
    <div data-flat={passes ? "good" : "bad"}>
      <Verdict good={passes}>
        {ui.measure.flatAllowed(say(allowed), formatLength(reading.length, style))}
        {!passes && `: ${ui.measure.flatOver(say(over))}`}
      </Verdict>
      {!passes && (
        <>
          <p className="mb-1 text-sm">
            {ui.measure.remedies[remedy.atStud](say(remedy.mm), stud)};{" "}
            {ui.measure.remedies.skim(formatAmount(remedy.skimL, "L", style))}.
          </p>
          <Decision check={flatnessCheck(reading.id)} wall={verdict.wall} />
        </>
      )}
    </div>
  );
}
