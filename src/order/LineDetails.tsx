import { isFor, type PricedRow } from "../../core/cost/cost.ts";
import { fromShown, toShown, typedAs } from "../../core/length/quantity.ts";
import { editPrice, removePrice } from "../../core/project/business-commands.ts";
import { together } from "../../core/project/commands.ts";
import type { Price, Project } from "../../core/project/schema.ts";
import { words } from "../../core/words/spoken.ts";
import { useJobStyle } from "../fields/context.ts";
import { NoteField } from "../fields/NoteField.tsx";
import { NumberField } from "../fields/NumberField.tsx";
import { AddButton } from "../panel/AddButton.tsx";
import { RemoveButton, Row } from "../panel/PanelParts.tsx";
import { dispatch } from "../state/job-store.ts";
import { ui } from "../words/ui.ts";

interface DetailsProps {
  project: Project;
  row: PricedRow;
}

/** Where a line is bought, how long it takes, and the packs that it is sold in: the cheapest mix is taken. */
export function LineDetails({ project, row }: DetailsProps) {
  const own = (project.prices ?? []).filter((price) => isFor(price, row));
  const first = own[0];
  const place = first ?? { item: row.code, tile: row.of };
  const name = (key: string) => `${key}/${row.code}/${row.of ?? ""}`;
  const addPack = () =>
    dispatch(
      editPrice(
        { item: row.code, tile: row.of, packSize: row.packSize * (own.length + 1) },
        { price: first?.price ?? 0 },
      ),
    );
  return (
    <section className="max-w-xl py-1" aria-label={ui.order.moreOf(words.orderItems[row.code])}>
      <Row>
        <NoteField
          label={ui.order.shopName}
          name={name("shop")}
          value={first?.shop}
          onCommit={(shop) => dispatch(editPrice(place, { shop: shop || undefined }))}
        />
        <NumberField
          label={ui.order.leadDays}
          name={name("lead")}
          value={Math.max(0, ...own.map(({ leadDays = 0 }) => leadDays))}
          max={3650}
          onCommit={(leadDays) =>
            dispatch(
              together(
                "edit-price",
                (own.length > 0 ? own : [place]).map((price) =>
                  editPrice(price, { leadDays: leadDays > 0 ? leadDays : undefined }),
                ),
              ),
            )
          }
        />
      </Row>
      <p className="field-label">{ui.order.packSizes}</p>
      {own.map((price) => (
        <PackLine key={`${price.item}/${price.packSize ?? ""}`} row={row} price={price} />
      ))}
      <AddButton label={ui.order.addPack} onClick={addPack} />
    </section>
  );
}

function PackLine({ row, price }: { row: PricedRow; price: Price }) {
  const typed = typedAs(row.unit, useJobStyle());
  const size = price.packSize ?? row.packSize;
  const name = (key: string) => `pack/${row.code}/${row.of ?? ""}/${size}/${key}`;
  const shown = Math.round(toShown(size, typed) * 100) / 100;
  return (
    <Row>
      <NumberField
        label={ui.order.packSize}
        name={name("size")}
        value={shown}
        min={0.01}
        max={100_000}
        suffix={typed.unit}
        onCommit={(value) => dispatch(editPrice(price, { packSize: fromShown(value, typed) }))}
      />
      <NumberField
        label={ui.order.packPrice}
        name={name("price")}
        value={price.price ?? 0}
        onCommit={(value) => dispatch(editPrice(price, { price: value }))}
      />
      <RemoveButton of={`${shown} ${typed.unit}`} onClick={() => dispatch(removePrice(price))} />
    </Row>
  );
}
