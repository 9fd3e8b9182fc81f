import { isFor, type PricedRow } from "../../core/cost/cost.ts";
import { fromShown, toShown, typedAs } from "../../core/length/quantity.ts";
import { editPrice, type PricePlace } from "../../core/project/business-commands.ts";
import type { Price, Project } from "../../core/project/schema.ts";
import { words } from "../../core/words/spoken.ts";
import { useJobStyle } from "../fields/context.ts";
import { NumberField } from "../fields/NumberField.tsx";
import { dispatch } from "../state/job-store.ts";
import { ui } from "../words/ui.ts";

interface PriceFieldProps {
  project: Project;
  row: PricedRow;
  of: "price" | "onHand";
}

/** The price of a pack, or what of the item is on hand; 0 forgets it. */
export function PriceField({ project, row, of }: PriceFieldProps) {
  const typed = typedAs(row.unit, useJobStyle());
  const entry = entryOf(project, row);
  const place: PricePlace = entry ?? { item: row.code, tile: row.of };
  const stored = entry?.[of];
  const price = of === "price";
  const shown = stored === undefined ? 0 : price ? stored : toShown(stored, typed);
  return (
    <span className="ml-auto block w-22">
      <NumberField
        hideLabel
        label={`${words.orderItems[row.code]}: ${price ? ui.order.price : ui.order.onHand}`}
        name={`${of}/${row.code}/${row.of ?? ""}/${row.packSize}`}
        value={Math.round(shown * 100) / 100}
        max={price ? 1_000_000 : 100_000}
        onCommit={(value) => {
          const next = price ? value : fromShown(value, typed);
          dispatch(editPrice(place, { [of]: value > 0 ? next : undefined }));
        }}
      />
    </span>
  );
}

/** The entry of the price list that a line rests on: of several sizes the one with its pack. */
function entryOf({ prices = [] }: Project, row: PricedRow): Price | undefined {
  const own = prices.filter((price) => isFor(price, row));
  return own.find(({ packSize }) => packSize === row.packSize) ?? own[0];
}
