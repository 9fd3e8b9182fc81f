import type { PricedRow } from "../../core/cost/cost.ts";
import { isFor } from "../../core/cost/cost.ts";
import { formatAmount } from "../../core/length/quantity.ts";
import type { Plan } from "../../core/plan.ts";
import { tickBought } from "../../core/project/business-commands.ts";
import { together } from "../../core/project/commands.ts";
import type { Project } from "../../core/project/schema.ts";
import { words } from "../../core/words/spoken.ts";
import { useJobStyle } from "../fields/context.ts";
import { dispatch } from "../state/job-store.ts";
import { ui } from "../words/ui.ts";
import { kitOf } from "./kit-of.ts";

/** What a line is ticked off under. */
function lineKey({ code, of = "", packSize }: PricedRow): string {
  return `${code}/${of}/${packSize}`;
}

interface ShopLine {
  key: string;
  name: string;
  hint: string;
  shop: string;
}

/** What is still to be bought, by shop, ticked off in the aisle. */
export function ShopList({ project, plan }: { project: Project; plan: Plan }) {
  const lines = useLines(project, plan);
  const bought = new Set(project.bought);
  const shops = [...new Set(lines.map(({ shop }) => shop))].sort(
    // What no shop is known of comes last.
    (p, q) => Number(p === "") - Number(q === "") || p.localeCompare(q),
  );
  const done = lines.filter(({ key }) => bought.has(key)).length;
  return (
    <section data-shop-list={lines.length - done}>
      <p className="no-print max-w-prose text-sm">{ui.order.shop.intro}</p>
      <p className="mt-2 text-lg font-bold">
        {done === lines.length ? ui.order.shop.all : ui.order.shop.done(done, lines.length)}
      </p>
      {shops.map((shop) => (
        <div key={shop}>
          <h2 className="section-title mt-4">{shop || ui.order.shop.none}</h2>
          <ul>
            {lines
              .filter((line) => line.shop === shop)
              .map((line) => (
                <ShopItem key={line.key} line={line} bought={bought.has(line.key)} />
              ))}
          </ul>
        </div>
      ))}
      {done > 0 && (
        <button
          type="button"
          className="btn quiet-button no-print mt-4 min-h-11"
          onClick={() =>
            dispatch(
              together(
                "tick-bought",
                [...bought].map((key) => tickBought(key, false)),
              ),
            )
          }
        >
          {ui.order.shop.again}
        </button>
      )}
    </section>
  );
}

function ShopItem({ line, bought }: { line: ShopLine; bought: boolean }) {
  return (
    <li className="border-b border-base-300">
      <label className="flex min-h-14 cursor-pointer items-center gap-3" data-shop-item={line.key}>
        <input
          type="checkbox"
          className="size-7 shrink-0 accent-primary"
          checked={bought}
          onChange={({ target }) => dispatch(tickBought(line.key, target.checked))}
        />
        <span className={`flex-1 ${bought ? "line-through opacity-70" : ""}`}>
          <strong>{line.name}</strong>
          <span className="block text-sm">{line.hint}</span>
        </span>
      </label>
    </li>
  );
}

/** Lines of the order with something to buy, and tools that are not at hand. */
function useLines(project: Project, plan: Plan): ShopLine[] {
  const style = useJobStyle();
  const materials = plan.order
    .filter(({ packs }) => packs > 0)
    .map((row): ShopLine => {
      const tile = project.tiles.find(({ id }) => id === row.of)?.name;
      const shop = project.prices?.find((price) => price.shop && isFor(price, row))?.shop ?? "";
      return {
        key: lineKey(row),
        name: [words.orderItems[row.code], tile].filter(Boolean).join(" · "),
        hint: ui.order.shop.packs(row.packs, formatAmount(row.packSize, row.unit, style)),
        shop,
      };
    });
  const tools = kitOf(project, plan)
    .filter(({ id }) => !project.kit?.find((own) => own.id === id)?.have)
    .map(({ id, count }): ShopLine => {
      const name = ui.order.kit.names[id];
      return { key: `kit/${id}`, name, hint: `${count} ×`, shop: "" };
    });
  return [...materials, ...tools];
}
