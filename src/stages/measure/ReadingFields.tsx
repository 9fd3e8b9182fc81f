import { X } from "lucide-react";
import { editWall, setBaseReadings, setTopReadings } from "../../../core/project/commands.ts";
import type { Wall } from "../../../core/project/schema.ts";
import { Choice } from "../../fields/Choice.tsx";
import { LengthField } from "../../fields/LengthField.tsx";
import { AddButton } from "../../panel/AddButton.tsx";
import { Row, Section } from "../../panel/PanelParts.tsx";
import { dispatch } from "../../state/job-store.ts";
import { ui } from "../../words/ui.ts";

/** A new reading goes where none is yet: near the left corner, near the right one, then between. */
function nextPlace(wall: Wall, readings: { from: "left" | "right"; at: number }[]) {
  if (readings.length === 0) return { from: "left" as const, at: 50.8 };
  if (readings.length === 1) return { from: "right" as const, at: 50.8 };
  return { from: "left" as const, at: Math.round(wall.width.bottom / 2) };
}

const DEFAULT_DOWN = 1200;

/** Readings from the level line down to the base. */
export function BaseReadings({ wall }: { wall: Wall }) {
  const commit = (base: Wall["base"]) => dispatch(setBaseReadings(wall.id, base));
  const last = wall.base[wall.base.length - 1];
  return (
    <Section title={ui.measure.base}>
      {wall.base.map((reading, k) => (
        <ReadingRow
          // biome-ignore lint/suspicious/noArrayIndexKey: readings have no identity but their place
          key={k}
          name={`${wall.id}/base/${k}`}
          label={ui.measure.down}
          reading={reading}
          mm={reading.down}
          onChange={(patch) =>
            commit(
              wall.base.map((r, i) =>
                i === k ? { ...r, ...patch.place, down: patch.mm ?? r.down } : r,
              ),
            )
          }
          onRemove={() => commit(wall.base.filter((_, i) => i !== k))}
        />
      ))}
      <AddButton
        label={ui.measure.addReading}
        onClick={() =>
          commit([
            ...wall.base,
            { ...nextPlace(wall, wall.base), down: last?.down ?? DEFAULT_DOWN },
          ])
        }
      />
    </Section>
  );
}

interface TopReadingsProps {
  wall: Wall;
  levelY: number;
  topY: number;
}

/** Readings from the level line up to the top, or the wall's height until there are some. */
export function TopReadings({ wall, levelY, topY }: TopReadingsProps) {
  const commit = (top: Wall["top"]) =>
    // The wall keeps its present height when its last reading goes.
    dispatch(setTopReadings(wall.id, top, top.length === 0 ? (wall.height ?? topY) : undefined));
  const last = wall.top[wall.top.length - 1];
  return (
    <Section title={ui.measure.top}>
      {wall.top.map((reading, k) => (
        <ReadingRow
          // biome-ignore lint/suspicious/noArrayIndexKey: readings have no identity but their place
          key={k}
          name={`${wall.id}/top/${k}`}
          label={ui.measure.up}
          reading={reading}
          mm={reading.up}
          onChange={(patch) =>
            commit(
              wall.top.map((r, i) =>
                i === k ? { ...r, ...patch.place, up: patch.mm ?? r.up } : r,
              ),
            )
          }
          onRemove={() => commit(wall.top.filter((_, i) => i !== k))}
        />
      ))}
      {wall.top.length === 0 && (
        <Row>
          <LengthField
            label={ui.measure.height}
            name={`${wall.id}/height`}
            mm={wall.height}
            onCommit={(height) => dispatch(editWall(wall.id, { height }))}
          />
        </Row>
      )}
      <AddButton
        label={ui.measure.addReading}
        onClick={() =>
          commit([...wall.top, { ...nextPlace(wall, wall.top), up: last?.up ?? topY - levelY }])
        }
      />
      {wall.top.length > 1 && <p className="text-xs opacity-80">{ui.measure.topStep}</p>}
    </Section>
  );
}

interface ReadingRowProps {
  name: string;
  label: string;
  reading: { from: "left" | "right"; at: number };
  mm: number;
  onChange: (patch: { place?: { from?: "left" | "right"; at?: number }; mm?: number }) => void;
  onRemove: () => void;
}

function ReadingRow({ name, label, reading, mm, onChange, onRemove }: ReadingRowProps) {
  return (
    <div className="mb-1 flex items-start gap-1">
      <div className="w-19">
        <Choice
          hideLabel
          label={`${label}: ${ui.measure.from}`}
          value={reading.from}
          options={ui.measure.corner}
          onChange={(from) => onChange({ place: { from } })}
        />
      </div>
      <LengthField
        hideLabel
        bare
        label={`${label}: ${ui.measure.at}`}
        name={`${name}/at`}
        mm={reading.at}
        rules={{ zero: true }}
        onCommit={(at) => onChange({ place: { at } })}
      />
      <LengthField
        hideLabel
        bare
        label={label}
        name={`${name}/mm`}
        mm={mm}
        rules={{ signed: true }}
        onCommit={(value) => onChange({ mm: value })}
      />
      <button
        type="button"
        className="btn btn-square btn-ghost btn-sm"
        aria-label={ui.measure.removeReading}
        onClick={onRemove}
      >
        <X size={16} />
      </button>
    </div>
  );
}
