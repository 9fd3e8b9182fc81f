import { Download, Upload } from "lucide-react";
import { type ChangeEvent, useRef, useState } from "react";
import { type ReadPrices, readPriceList } from "../../core/cost/price-list.ts";
import type { OrderItem } from "../../core/order/row.ts";
import type { Plan } from "../../core/plan.ts";
import { editPrice } from "../../core/project/business-commands.ts";
import { together } from "../../core/project/commands.ts";
import type { Price, Project } from "../../core/project/schema.ts";
import { isCalled } from "../../core/words/item-name.ts";
import { words } from "../../core/words/spoken.ts";
import { dispatch } from "../state/job-store.ts";
import { saveCsv } from "../storage/csv.ts";
import { fileName } from "../storage/download.ts";
import { ui } from "../words/ui.ts";

interface PriceFilesProps {
  project: Project;
  plan: Plan;
}

/** A price list is small; anything larger is another file, bytes. */
const LARGEST = 1024 * 1024;

/** Prices in from a CSV file, after a look at what will be taken; and out again. */
export function PriceFiles({ project, plan }: PriceFilesProps) {
  const input = useRef<HTMLInputElement>(null);
  const [read, setRead] = useState<ReadPrices>();
  const open = async (event: ChangeEvent<HTMLInputElement>) => {
    const file = event.target.files?.[0];
    event.target.value = "";
    if (!file) return;
    const { parse } = await import("papaparse");
    const text = file.size > LARGEST ? "" : await file.text();
    const { data } = parse<Record<string, string>>(text, {
      ...{ header: true, skipEmptyLines: "greedy" },
    });
    const tiles = new Map(project.tiles.map(({ id, name }) => [name.toLowerCase(), id]));
    setRead(readPriceList(data, ui.order.prices.headers, plan.order, tiles));
  };
  const take = (prices: Price[]) => {
    const commands = prices.map(({ item, tile, packSize, ...patch }) =>
      editPrice(
        { item, tile, packSize },
        patch as { price?: number; onHand?: number; leadDays?: number; shop?: string },
      ),
    );
    if (commands.length > 0) dispatch(together("edit-price", commands));
    setRead(undefined);
  };
  return (
    <section className="no-print mt-4">
      <input
        ref={input}
        type="file"
        accept=".csv,text/csv"
        className="sr-only"
        tabIndex={-1}
        aria-label={ui.order.prices.load}
        data-price-file
        onChange={(event) => void open(event)}
      />
      <div className="flex flex-wrap gap-2">
        <button
          type="button"
          className="btn btn-sm quiet-button"
          onClick={() => input.current?.click()}
        >
          <Upload size={16} aria-hidden="true" /> {ui.order.prices.load}
        </button>
        <button
          type="button"
          className="btn btn-sm quiet-button"
          onClick={() => saveCsv(`${fileName(project.name)}-prices`, priceRows(project, plan))}
        >
          <Download size={16} aria-hidden="true" /> {ui.order.prices.save}
        </button>
      </div>
      <p className="mt-1 text-xs opacity-80">{ui.order.prices.columns}</p>
      {read && <Preview read={read} onTake={() => take(read.prices)} />}
    </section>
  );
}

function Preview({ read, onTake }: { read: ReadPrices; onTake: () => void }) {
  const { prices, unknown, bad } = read;
  const nothing = prices.length + unknown.length + bad.length === 0;
  return (
    <div role="status" className="mt-2 border-l-3 border-primary pl-3" data-prices={prices.length}>
      {nothing && <p>{ui.order.prices.nothing}</p>}
      {prices.length > 0 && (
        <>
          <p>{ui.order.prices.found(prices.length)}</p>
          <p className="text-sm">
            {prices.map(({ item }) => words.orderItems[item as OrderItem] ?? item).join(", ")}
          </p>
        </>
      )}
      {unknown.length > 0 && <p>{ui.order.prices.unknown(unknown.join(", "))}</p>}
      {bad.length > 0 && <p>{ui.order.prices.bad(bad.join(", "))}</p>}
      {prices.length > 0 && (
        <button type="button" className="btn btn-primary mt-2" onClick={onTake}>
          {ui.order.prices.take}
        </button>
      )}
    </div>
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
