import { fieldTile } from "../../../core/project/defaults.ts";
import { addItem, editItem, removeItem } from "../../../core/project/items.ts";
import { jobOf } from "../../../core/project/job.ts";
import type { ItemOf } from "../../../core/project/lists.ts";
import type { Project } from "../../../core/project/schema.ts";
import { NoteField } from "../../fields/NoteField.tsx";
import { AddButton } from "../../panel/AddButton.tsx";
import { ItemCard, Row, Section } from "../../panel/PanelParts.tsx";
import { dispatch } from "../../state/job-store.ts";
import { ui } from "../../words/ui.ts";

const list = { list: "left" as const };

/** Tile and grout that stay with the house, with their lots. */
export function LeftOver({ project }: { project: Project }) {
  const left = project.handOver?.left ?? [];
  const { atticStock } = jobOf(project).settings;
  const tile = fieldTile(project);
  const lot = project.delivery?.find((own) => own.tile === tile.id)?.lot;
  const add = (fill: Pick<ItemOf<"left">, "what" | "amount" | "lot">) =>
    dispatch(addItem(list, { ...fill, id: crypto.randomUUID() }));
  return (
    <Section title={ui.handOver.leftOver} open={left.length > 0}>
      {left.map((own) => (
        <LeftCard key={own.id} own={own} />
      ))}
      {left.length === 0 && atticStock > 0 && (
        <AddButton
          label={ui.handOver.addAttic(`${atticStock} × ${tile.name}`)}
          onClick={() =>
            add({ what: tile.name, amount: String(atticStock), ...(lot ? { lot } : {}) })
          }
        />
      )}
      <AddButton label={ui.handOver.addLeft} onClick={() => add({ what: ui.handOver.leftOver })} />
    </Section>
  );
}

function LeftCard({ own }: { own: ItemOf<"left"> }) {
  const { id, what, amount, lot, where } = own;
  const edit = (patch: Partial<typeof own>) => dispatch(editItem(list, id, patch));
  const name = (key: string) => `left/${id}/${key}`;
  return (
    <ItemCard title={what} onRemove={() => dispatch(removeItem(list, id))}>
      <Row>
        <NoteField
          label={ui.handOver.leftWhat}
          name={name("what")}
          value={what}
          onCommit={(text) => text && edit({ what: text })}
        />
        <NoteField
          label={ui.handOver.leftAmount}
          name={name("amount")}
          value={amount}
          onCommit={(text) => edit({ amount: text })}
        />
      </Row>
      <Row>
        <NoteField
          label={ui.handOver.lot}
          name={name("lot")}
          value={lot}
          onCommit={(text) => edit({ lot: text })}
        />
        <NoteField
          label={ui.handOver.where}
          name={name("where")}
          value={where}
          onCommit={(text) => edit({ where: text })}
        />
      </Row>
    </ItemCard>
  );
}
