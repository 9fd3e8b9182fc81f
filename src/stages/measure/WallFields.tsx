import { shownAmount } from "../../../core/length/quantity.ts";
import { editWall } from "../../../core/project/commands.ts";
import { addItem, editItem, removeItem } from "../../../core/project/items.ts";
import type { Wall } from "../../../core/project/schema.ts";
import type { Patch } from "../../../core/project/survey-schema.ts";
import { Choice } from "../../fields/Choice.tsx";
import { useJobStyle } from "../../fields/context.ts";
import { LengthField } from "../../fields/LengthField.tsx";
import { NumberField } from "../../fields/NumberField.tsx";
import { TextInput } from "../../fields/TextInput.tsx";
import { AddButton } from "../../panel/AddButton.tsx";
import { ItemCard, Row, Section, Tick } from "../../panel/PanelParts.tsx";
import { dispatch } from "../../state/job-store.ts";
import { ui } from "../../words/ui.ts";

/** The wall's name, the surface its sizes were read on, what its top is, and its leg. */
export function WallFields({ wall }: { wall: Wall }) {
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
      <StandingFields wall={wall} />
      <StaysFields wall={wall} />
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

/** What the wall is and what was found in it: it decides board, film and cautions. */
function StandingFields({ wall }: { wall: Wall }) {
  const edit = (patch: Partial<Wall>) => dispatch(editWall(wall.id, patch));
  return (
    <>
      <Row>
        <Choice
          label={ui.measure.stands}
          value={wall.stands ?? "inside"}
          options={ui.measure.standKinds}
          onChange={(stands) => edit({ stands })}
        />
        <Choice
          label={ui.measure.behind}
          value={wall.behind ?? "nothing"}
          options={ui.measure.behinds}
          onChange={(behind) => edit({ behind })}
        />
      </Row>
      <Row>
        <Choice
          label={ui.measure.exposure}
          value={wall.exposure ?? "wet"}
          options={ui.measure.exposures}
          onChange={(exposure) => edit({ exposure })}
        />
      </Row>
      <Tick
        label={ui.measure.bearing}
        checked={wall.bearing ?? false}
        onChange={(bearing) => edit({ bearing })}
      />
      <Tick
        label={ui.measure.plumbing}
        checked={wall.plumbing ?? false}
        onChange={(plumbing) => edit({ plumbing })}
      />
    </>
  );
}

/** A wall whose board stays, and the parts of it that take new board. */
function StaysFields({ wall }: { wall: Wall }) {
  const dry = wall.exposure === "dry";
  const stays = wall.stays ?? dry;
  const list = { list: "patches" as const, wall: wall.id };
  const patch = { from: "left" as const, at: 100, level: 0, width: 400, height: 400 };
  return (
    <>
      <Tick
        label={ui.measure.stays.board}
        checked={stays}
        onChange={(on) => dispatch(editWall(wall.id, { stays: on }))}
      />
      {(dry || stays) && (
        <p className="mb-1 text-xs opacity-80">
          {dry ? ui.measure.stays.dryHint : ui.measure.stays.hint}
        </p>
      )}
      {stays && (
        <Row>
          <Choice
            label={ui.measure.stays.surface}
            value={wall.surfaceThere ?? "job"}
            options={ui.measure.stays.surfaces}
            onChange={(next) =>
              dispatch(editWall(wall.id, { surfaceThere: next === "job" ? undefined : next }))
            }
          />
        </Row>
      )}
      {stays && <OldFields wall={wall} />}
      {stays &&
        wall.patches?.map((own, k) => (
          <PatchCard key={own.id} list={list} patch={own} title={ui.measure.stays.patch(k + 1)} />
        ))}
      {stays && (
        <AddButton
          label={ui.measure.stays.add}
          onClick={() => dispatch(addItem(list, { ...patch, id: crypto.randomUUID() }))}
        />
      )}
    </>
  );
}

const OLD = ["adhesiveM2", "tornM2", "shinyM2"] as const;

/** What is left on a surface that stays, by its area in the reader's unit. */
function OldFields({ wall }: { wall: Wall }) {
  const style = useJobStyle();
  const { value: factor, unit } = shownAmount(1, "m2", style);
  return (
    <Row>
      {OLD.map((kind) => (
        <NumberField
          key={kind}
          label={ui.measure.old[kind]}
          name={`${wall.id}/old/${kind}`}
          value={Math.round((wall.old?.[kind] ?? 0) * factor * 100) / 100}
          max={10_000}
          suffix={unit}
          onCommit={(shown) =>
            dispatch(
              editWall(wall.id, {
                old: { ...wall.old, [kind]: shown > 0 ? shown / factor : undefined },
              }),
            )
          }
        />
      ))}
    </Row>
  );
}

interface PatchCardProps {
  list: { list: "patches"; wall: string };
  patch: Patch;
  title: string;
}

function PatchCard({ list, patch, title }: PatchCardProps) {
  const edit = (change: Partial<Patch>) => dispatch(editItem(list, patch.id, change));
  const length = (key: "at" | "level" | "width" | "height", label: string) => (
    <LengthField
      label={label}
      name={`${list.wall}/patch/${patch.id}/${key}`}
      mm={patch[key]}
      rules={{ signed: key === "level", zero: key === "at" }}
      onCommit={(mm) => edit({ [key]: mm })}
    />
  );
  return (
    <ItemCard title={title} onRemove={() => dispatch(removeItem(list, patch.id))}>
      <Row>
        <Choice
          label={ui.measure.position}
          value={patch.from}
          options={ui.measure.corner}
          onChange={(from) => edit({ from })}
        />
        {length("at", ui.measure.stays.at)}
      </Row>
      <Row>
        {length("level", ui.measure.stays.level)}
        {length("width", ui.measure.width)}
        {length("height", ui.measure.heightOf)}
      </Row>
    </ItemCard>
  );
}
