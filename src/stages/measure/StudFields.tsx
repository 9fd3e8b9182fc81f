import { positionAlong } from "../../../core/measure/shape.ts";
import type { Plan } from "../../../core/plan.ts";
import { together } from "../../../core/project/commands.ts";
import { addItem, editItem, removeItem } from "../../../core/project/items.ts";
import { jobOf } from "../../../core/project/job.ts";
import type { Project, Stud, Wall } from "../../../core/project/schema.ts";
import { Choice } from "../../fields/Choice.tsx";
import { Length } from "../../fields/Length.tsx";
import { LengthField } from "../../fields/LengthField.tsx";
import { AddButton } from "../../panel/AddButton.tsx";
import { ItemCard, RemoveButton, Row, Section } from "../../panel/PanelParts.tsx";
import { dispatch } from "../../state/job-store.ts";
import { ui } from "../../words/ui.ts";

interface StudFieldsProps {
  project: Project;
  plan: Plan;
  wall: Wall;
}

/** Where the studs are, how far their faces lie back from one plane, and the furring that follows. */
export function StudFields({ project, plan, wall }: StudFieldsProps) {
  const studs = wall.studs ?? [];
  const place = { list: "studs" as const, wall: wall.id };
  const add = (at: number) =>
    addItem(place, { id: crypto.randomUUID(), from: "left" as const, at: Math.round(at) });
  const spacing = jobOf(project).settings.studSpacing;
  const last = studs.length > 0 ? Math.max(...studs.map((stud) => positionAlong(wall, stud))) : 0;
  const layAll = () => {
    const count = Math.ceil(wall.width.bottom / spacing);
    const places = Array.from({ length: count + 1 }, (_, k) =>
      Math.min(k * spacing, wall.width.bottom),
    );
    dispatch(together("add-studs", places.map(add)));
  };
  const shims = plan.findings.shims[wall.id] ?? [];
  return (
    <Section title={ui.measure.studs} open={studs.length > 0}>
      {studs.length === 0 && <p className="mb-1 text-sm">{ui.measure.studsAssumed}</p>}
      {studs.map((stud, k) => (
        <StudCard key={stud.id} number={k + 1} wall={wall} stud={stud} />
      ))}
      <AddButton
        label={ui.measure.addStud}
        onClick={() => dispatch(add(Math.min(wall.width.bottom, last + spacing)))}
      />
      {studs.length === 0 && <AddButton label={ui.measure.layStuds} onClick={layAll} />}
      {shims.length > 0 && (
        <>
          <h4 className="mt-2 font-semibold">{ui.measure.shims}</h4>
          <p className="text-xs opacity-80">{ui.measure.shimHint}</p>
          <ul data-shims>
            {shims.map(({ stud, x, level, shim }) => (
              <li key={`${stud}-${level}`} className="flex justify-between py-0.5 text-sm">
                <span>
                  {ui.measure.stud} <Length mm={x} />, {level >= 0 ? "+" : ""}
                  <Length mm={level} />
                </span>
                <span className="font-semibold">
                  <Length mm={shim} />
                </span>
              </li>
            ))}
          </ul>
        </>
      )}
    </Section>
  );
}

function StudCard({ number, wall, stud }: { number: number; wall: Wall; stud: Stud }) {
  const { id, from, at, plane = [] } = stud;
  const place = { list: "studs" as const, wall: wall.id };
  const edit = (patch: Partial<Stud>) => dispatch(editItem(place, id, patch));
  const setPlane = (k: number, patch: Partial<(typeof plane)[number]>) =>
    edit({ plane: plane.map((reading, i) => (i === k ? { ...reading, ...patch } : reading)) });
  return (
    <ItemCard
      title={`${ui.measure.stud} ${number}`}
      onRemove={() => dispatch(removeItem(place, id))}
    >
      <Row>
        <Choice
          hideLabel
          label={`${ui.measure.stud} ${number}: ${ui.measure.from}`}
          value={from}
          options={ui.measure.corner}
          onChange={(next) => edit({ from: next })}
        />
        <LengthField
          hideLabel
          label={`${ui.measure.stud} ${number}: ${ui.measure.at}`}
          name={`${wall.id}/stud/${id}/at`}
          mm={at}
          rules={{ zero: true }}
          onCommit={(mm) => edit({ at: mm })}
        />
      </Row>
      {plane.map(({ level, back }, k) => (
        // biome-ignore lint/suspicious/noArrayIndexKey: readings have no identity but their place
        <Row key={k}>
          <LengthField
            bare
            label={ui.measure.levelOf}
            name={`${wall.id}/stud/${id}/plane/${k}/level`}
            mm={level}
            rules={{ signed: true }}
            onCommit={(mm) => setPlane(k, { level: mm })}
          />
          <LengthField
            bare
            label={ui.measure.planeBack}
            name={`${wall.id}/stud/${id}/plane/${k}/back`}
            mm={back}
            rules={{ signed: true }}
            onCommit={(mm) => setPlane(k, { back: mm })}
          />
          <RemoveButton
            of={ui.measure.planeReading}
            onClick={() => edit({ plane: plane.filter((_, i) => i !== k) })}
          />
        </Row>
      ))}
      <AddButton
        label={ui.measure.planeReading}
        onClick={() => edit({ plane: [...plane, { level: plane.length * 600, back: 0 }] })}
      />
    </ItemCard>
  );
}
