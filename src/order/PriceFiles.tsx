import { readPriceList } from "../../core/cost/price-list.ts";
import type { OrderItem } from "../../core/order/row.ts";
import type { Plan } from "../../core/plan.ts";
import { editPrice } from "../../core/project/business-commands.ts";
import { together } from "../../core/project/commands.ts";
import type { Price, Project } from "../../core/project/schema.ts";
import { isCalled } from "../../core/words/item-name.ts";
import { words } from "../../core/words/spoken.ts";
import { TableButtons } from "../panel/TableButtons.tsx";
import { TableIn } from "../panel/TableIn.tsx";
import { dispatch } from "../state/job-store.ts";
import { fileName } from "../storage/download.ts";
import { ui } from "../words/ui.ts";

interface PriceFilesProps {
  project: Project;
  plan: Plan;
}

/** Prices in from a CSV file, after a look at what will be taken; and out again. */
export function PriceFiles({ project, plan }: PriceFilesProps) {
  return (
    <section className="no-print mt-4" aria-label={ui.order.prices.title}>
      <h2 className="section-title mb-1">{ui.order.prices.title}</h2>
      <div className="flex flex-wrap gap-2">
        <TableIn label={ui.order.prices.load} read={(rows) => readPrices(rows, project, plan)} />
        <TableButtons
          name={`${fileName(project.name)}-prices`}
          rows={() => priceRows(project, plan)}
        />
      </div>
      <p className="mt-1 text-xs opacity-80">{ui.order.prices.columns}</p>
    </section>
  );
}

/** What a price list says: what can be taken over, and what no line of the order is called. */
function readPrices(rows: Record<string, string>[], project: Project, plan: Plan) {
  const said = ui.order.prices;
  const tiles = new Map(project.tiles.map(({ id, name }) => [name.toLowerCase(), id]));
  const { prices, unknown, bad } = readPriceList(rows, said.headers, plan.order, tiles);
  const names = prices.map(({ item }) => words.orderItems[item as OrderItem] ?? item);
  return {
    told: [
      ...(prices.length + unknown.length + bad.length === 0 ? [said.nothing] : []),
      ...(prices.length > 0 ? [`${said.found(prices.length)} ${names.join(", ")}`] : []),
      ...(unknown.length > 0 ? [said.unknown(unknown.join(", "))] : []),
      ...(bad.length > 0 ? [said.bad(bad.join(", "))] : []),
    ],
    take:
      prices.length > 0 ? () => dispatch(together("edit-price", prices.map(edited))) : undefined,
  };
}

function edited({ item, tile, packSize, ...patch }: Price) {
  return editPrice(
    { item, tile, packSize },
    patch as { price?: number; onHand?: number; leadDays?: number; shop?: string },
  );
}

/** Every line of the order with its price, or none yet; packs in kg, L, m, ml or pieces. */
function priceRows(project: Project, plan: Plan): Record<string, string | number>[] {
  const { headers } = ui.order.prices;
  return plan.order.map((row) => {
    const price = project.prices?.find(({ item, packSize }) => {
      return isCalled(row.code, item) && (packSize === undefined || packSize === row.packSize);
    });
    return {
      [headers.item]: words.orderItems[row.code],
      [headers.tile]: project.tiles.find(({ id }) => id === row.of)?.name ?? "",
      [headers.pack]: row.packSize,
      [headers.price]: row.unitPrice ?? "",
      [headers.shop]: price?.shop ?? "",
      [headers.onHand]: row.onHand ?? "",
      [headers.leadDays]: row.leadDays ?? "",
    };
  });
}
