import { addItem, editItem, removeItem } from "../../../core/project/items.ts";
import type { ItemOf } from "../../../core/project/lists.ts";
import type { Project, Wall } from "../../../core/project/schema.ts";
import { Choice } from "../../fields/Choice.tsx";
import { LengthField } from "../../fields/LengthField.tsx";
import { NoteField } from "../../fields/NoteField.tsx";
import { AddButton } from "../../panel/AddButton.tsx";
import { ItemCard, Row, Section } from "../../panel/PanelParts.tsx";
import { dispatch } from "../../state/job-store.ts";
import { ui } from "../../words/ui.ts";

type Block = ItemOf<"blocking">;

const place = { list: "blocking" as const };

/** Blocking behind a wall: what for, where, how high. */
export function BlockingFields({ project, wall }: { project: Project; wall: Wall }) {
  const blocks = (project.build?.blocking ?? []).filter((block) => block.wall === wall.id);
  const add = () =>
    dispatch(
      addItem(place, {
        id: crypto.randomUUID(),
        wall: wall.id,
        name: ui.board.blockings.grab ?? "",
        from: "left",
        at: Math.round(wall.width.bottom / 2),
        level: -200,
        width: Math.min(610, wall.width.bottom),
        height: 140,
      }),
    );
  return (
    <Section title={ui.board.blocking} open={blocks.length > 0}>
      {blocks.map((block) => (
        <BlockCard key={block.id} block={block} />
      ))}
      <AddButton label={ui.board.addBlocking} onClick={add} />
    </Section>
  );
}

function BlockCard({ block }: { block: Block }) {
  const { id, name, from } = block;
  const edit = (patch: Partial<Block>) => dispatch(editItem(place, id, patch));
  const length = (key: "at" | "level" | "width" | "height", label: string) => (
    <LengthField
      bare
      label={label}
      name={`blocking/${id}/${key}`}
      mm={block[key]}
      rules={{ signed: key === "level", zero: key === "at" }}
      onCommit={(mm) => edit({ [key]: mm })}
    />
  );
  return (
    <ItemCard title={name} onRemove={() => dispatch(removeItem(place, id))}>
      <Row>
        <NoteField
          label={ui.board.what}
          name={`blocking/${id}/name`}
          value={name}
          onCommit={(text) => edit({ name: text || name })}
        />
        <Choice
          label={ui.measure.position}
          value={from}
          options={ui.measure.corner}
          onChange={(next) => edit({ from: next })}
        />
      </Row>
      <Row>
        {length("at", ui.measure.at)}
        {length("level", ui.measure.levelOf)}
      </Row>
      <Row>
        {length("width", ui.measure.width)}
        {length("height", ui.measure.heightOf)}
      </Row>
    </ItemCard>
  );
}
