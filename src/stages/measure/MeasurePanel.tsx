import { Plus, X } from "lucide-react";
import { heightAt } from "../../../core/geometry/profile.ts";
import {
  changeEnclosure,
  editEnclosure,
  editLean,
  editWall,
  editWidth,
  setBaseReadings,
  setTopReadings,
} from "../../../core/project/commands.ts";
import type { Wall } from "../../../core/project/schema.ts";
import { Choice } from "../../fields/Choice.tsx";
import { Length } from "../../fields/Length.tsx";
import { LengthField } from "../../fields/LengthField.tsx";
import { TextInput } from "../../fields/TextInput.tsx";
import { WarningList } from "../../shell/WarningList.tsx";
import { dispatch } from "../../state/job-store.ts";
import { useView } from "../../state/view-store.ts";
import { ui } from "../../words/en.ts";
import { Caution, Fact, type PanelProps, PanelTitle, Row, Section } from "../PanelParts.tsx";
import { OpeningFields } from "./OpeningFields.tsx";

/** What the tape said: widths, level line readings, leans, openings and fixtures of a wall. */
export function MeasurePanel({ project, plan, wall, stored }: PanelProps) {
  return (
    <>
      <PanelTitle>{ui.measure.title(wall.name)}</PanelTitle>
      <Exaggerate />
      <WidthFields wall={stored} />
      <BaseReadings wall={stored} />
      <TopReadings wall={stored} levelY={plan.levelY} topY={heightAt(wall.measured.top, 0)} />
      <LeanFields wall={stored} />
      <Section title={ui.measure.derived}>
        <dl>
          <Fact name={ui.measure.fallWall}>
            <Length mm={wall.measured.baseFall} />
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
            <Length mm={wall.measured.topSlope} />
          </Fact>
        </dl>
      </Section>
      <OpeningFields wall={stored} />
      <WarningList project={project} plan={plan} wall={wall.id} />
      <WallFields wall={stored} />
      <Section title={ui.measure.enclosure} open={false}>
        <Row>
          <Choice
            label={ui.newJob.enclosure.replace(/^\d · /, "")}
            value={project.enclosure.kind}
            options={ui.newJob.enclosures}
            onChange={(kind) => dispatch(changeEnclosure(kind))}
          />
        </Row>
        <Row>
          <Choice
            label={ui.newJob.base}
            value={project.enclosure.base}
            options={ui.newJob.bases}
            onChange={(base) => dispatch(editEnclosure({ base }))}
          />
          <LengthField
            label={ui.measure.baseAboveFloor}
            name="base-above-floor"
            mm={project.enclosure.baseAboveFloor ?? 0}
            rules={{ zero: true }}
            onCommit={(baseAboveFloor) => dispatch(editEnclosure({ baseAboveFloor }))}
          />
        </Row>
      </Section>
      <Caution>{ui.measure.caution}</Caution>
    </>
  );
}

const FACTORS = [1, 5, 10, 20];

function Exaggerate() {
  const factor = useView((state) => state.exaggerate);
  return (
    <fieldset className="mt-3 flex items-center gap-1">
      <legend className="section-title float-left mb-0 w-24">{ui.measure.exaggerate}</legend>
      {FACTORS.map((candidate) => (
        <button
          key={candidate}
          type="button"
          aria-pressed={factor === candidate}
          className={`btn btn-sm flex-1 px-1 ${factor === candidate ? "btn-primary" : ""}`}
          onClick={() => useView.setState({ exaggerate: candidate })}
        >
          {ui.measure.times(candidate)}
        </button>
      ))}
    </fieldset>
  );
}

function WidthFields({ wall }: { wall: Wall }) {
  return (
    <Section title={ui.measure.widths}>
      <Row>
        <LengthField
          label={ui.measure.widthBottom}
          name={`${wall.id}/width/bottom`}
          mm={wall.width.bottom}
          onCommit={(bottom) => dispatch(editWidth(wall.id, { bottom }))}
        />
        <LengthField
          label={ui.measure.widthTop}
          name={`${wall.id}/width/top`}
          mm={wall.width.top}
          placeholder={ui.measure.notRead}
          onCommit={(top) => dispatch(editWidth(wall.id, { top }))}
          onClear={() => dispatch(editWidth(wall.id, { top: undefined }))}
        />
      </Row>
    </Section>
  );
}

/** A new reading goes where none is yet: near the left corner, near the right one, then between. */
function nextPlace(wall: Wall, readings: { from: "left" | "right"; at: number }[]) {
  if (readings.length === 0) return { from: "left" as const, at: 50.8 };
  if (readings.length === 1) return { from: "right" as const, at: 50.8 };
  return { from: "left" as const, at: Math.round(wall.width.bottom / 2) };
}

const DEFAULT_DOWN = 1200;

function BaseReadings({ wall }: { wall: Wall }) {
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

function TopReadings({ wall, levelY, topY }: TopReadingsProps) {
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

/** A quiet button that adds one more of what stands above it. */
export function AddButton({ label, onClick }: { label: string; onClick: () => void }) {
  return (
    <button type="button" className="btn btn-ghost btn-sm px-1 text-primary" onClick={onClick}>
      <Plus size={16} /> {label}
    </button>
  );
}

/** A lean is read over a height; until that is typed, over this one. */
const LEAN_OVER = 1800;

function LeanFields({ wall }: { wall: Wall }) {
  return (
    <Section
      title={ui.measure.lean}
      open={wall.lean?.left !== undefined || wall.lean?.right !== undefined}
    >
      {(["left", "right"] as const).map((side) => {
        const lean = wall.lean?.[side];
        return (
          <Row key={side}>
            <LengthField
              label={side === "left" ? ui.measure.leanLeft : ui.measure.leanRight}
              name={`${wall.id}/lean/${side}/offset`}
              mm={lean?.offset}
              placeholder={ui.measure.notRead}
              rules={{ signed: true }}
              onCommit={(offset) =>
                dispatch(editLean(wall.id, side, { over: LEAN_OVER, ...lean, offset }))
              }
              onClear={() => dispatch(editLean(wall.id, side, undefined))}
            />
            <LengthField
              label={ui.measure.over}
              name={`${wall.id}/lean/${side}/over`}
              mm={lean?.over ?? LEAN_OVER}
              onCommit={(over) => dispatch(editLean(wall.id, side, { offset: 0, ...lean, over }))}
            />
          </Row>
        );
      })}
      <p className="text-xs opacity-80">{ui.measure.leanHint}</p>
    </Section>
  );
}

function WallFields({ wall }: { wall: Wall }) {
  return (
    <Section title={ui.tally.wall} open={false}>
      <Row>
        <TextInput
          label={ui.measure.wallName}
          name={`${wall.id}/name`}
          shown={wall.name}
          numeric={false}
          read={(text) =>
            text.trim() === "" || text.length > 200
              ? { ok: false, problem: ui.jobs.nameMissing }
              : { ok: true, value: text.trim() }
          }
          onCommit={(name) => dispatch(editWall(wall.id, { name }))}
        />
      </Row>
      <Row>
        <Choice
          label={ui.measure.surface}
          value={wall.surface ?? "film"}
          options={ui.measure.surfaces}
          onChange={(surface) => dispatch(editWall(wall.id, { surface }))}
        />
        <Choice
          label={ui.measure.topIs}
          value={wall.topIs ?? "ceiling"}
          options={ui.measure.topKinds}
          onChange={(topIs) => dispatch(editWall(wall.id, { topIs }))}
        />
      </Row>
      <LegFields wall={wall} />
    </Section>
  );
}

function LegFields({ wall }: { wall: Wall }) {
  const { leg } = wall;
  const start = { width: 60, floorDown: 1400 };
  return (
    <>
      <Row>
        <Choice
          label={ui.measure.leg}
          value={leg?.side ?? "none"}
          options={{ none: ui.measure.legNone, ...ui.measure.corner }}
          onChange={(side) =>
            dispatch(
              editWall(wall.id, { leg: side === "none" ? undefined : { ...start, ...leg, side } }),
            )
          }
        />
      </Row>
      {leg && (
        <Row>
          <LengthField
            label={ui.measure.legWidth}
            name={`${wall.id}/leg/width`}
            mm={leg.width}
            onCommit={(width) => dispatch(editWall(wall.id, { leg: { ...leg, width } }))}
          />
          <LengthField
            label={ui.measure.legFloor}
            name={`${wall.id}/leg/floor`}
            mm={leg.floorDown}
            onCommit={(floorDown) => dispatch(editWall(wall.id, { leg: { ...leg, floorDown } }))}
          />
        </Row>
      )}
    </>
  );
}
