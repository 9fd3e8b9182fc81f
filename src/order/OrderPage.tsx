import { Printer } from "lucide-react";
import { useState } from "react";
import type { PricedRow } from "../../core/cost/cost.ts";
import { formatAmount, shownAmount } from "../../core/length/quantity.ts";
import type { OrderItem, OrderRow } from "../../core/order/row.ts";
import { orderBy } from "../../core/order/tool-kit.ts";
import type { Plan } from "../../core/plan.ts";
import type { Command } from "../../core/project/command.ts";
import { editSettings } from "../../core/project/commands.ts";
import type { SettingName } from "../../core/project/defaults.ts";
import type { Project } from "../../core/project/schema.ts";
import { editTileOf } from "../../core/project/tile-commands.ts";
import { words } from "../../core/words/spoken.ts";
import { useJobStyle } from "../fields/context.ts";
import { NumberField } from "../fields/NumberField.tsx";
import { Segments } from "../panel/PanelParts.tsx";
import { TableButtons } from "../panel/TableButtons.tsx";
import { Later } from "../parts/Later.tsx";
import { Part } from "../parts/part.ts";
import { dispatch } from "../state/job-store.ts";
import { openDialog } from "../state/view-store.ts";
import { fileName } from "../storage/download.ts";
import { formatWhen, readerLocale, ui } from "../words/ui.ts";
import { ClientQuote } from "./ClientQuote.tsx";
import { LineDetails } from "./LineDetails.tsx";
import { formatMoney } from "./money.ts";
import { OnHand } from "./OnHand.tsx";
import { PriceField } from "./PriceField.tsx";
import { PriceFiles } from "./PriceFiles.tsx";
import { QuoteFields } from "./QuoteFields.tsx";
import { ShopList } from "./ShopList.tsx";
import { ToolList } from "./ToolList.tsx";

/** Its charts are loaded when it is looked at. */
const COST_CHART = new Part<OrderProps>(async () => (await import("./CostChart.tsx")).default);

interface OrderProps {
  project: Project;
  plan: Plan;
}

type View = keyof typeof ui.order.views;

/** Everything to buy: as a list with its sums, in the shop, tools, a quote, and what it costs by part. */
export default function OrderPage({ project, plan }: OrderProps) {
  const [view, setView] = useState<View>("list");
  return (
    <div className="mx-auto max-w-5xl p-4 md:p-8 print:p-0">
      <h1 className="name text-2xl font-bold">
        {ui.order.title} · {project.name}
      </h1>
      <div className="no-print mb-4">
        <Segments label={ui.order.title} value={view} options={ui.order.views} onChange={setView} />
      </div>
      {view === "list" && <OrderList project={project} plan={plan} />}
      {view === "shop" && <ShopList project={project} plan={plan} />}
      {view === "tools" && <ToolList project={project} plan={plan} />}
      {view === "quote" && <ClientQuote project={project} plan={plan} />}
      {view === "cost" && <Later part={COST_CHART} props={{ project, plan }} />}
    </div>
  );
}

/** The order as a table, with prices, the quote's sum and what is on hand. */
function OrderList({ project, plan }: OrderProps) {
  const style = useJobStyle();
  // Without prices their columns have nothing to say on paper.
  const unpriced = plan.order.some(({ cost }) => cost !== undefined) ? "" : "print:hidden";
  const rows = () =>
    plan.order.map(({ code, quantity, unit, packSize, packs, unitPrice, cost }) => ({
      [ui.order.item]: words.orderItems[code],
      [ui.order.quantity]: formatAmount(quantity, unit, style),
      [ui.order.pack]: formatAmount(packSize, unit, style),
      [ui.order.packs]: packs,
      [ui.order.price]: unitPrice ?? "",
      [ui.order.cost]: cost ?? "",
    }));
  return (
    <>
      <div className="no-print mb-2 flex flex-wrap justify-end gap-2">
        <TableButtons name={`${fileName(project.name)}-order`} rows={rows} />
        <button type="button" className="btn btn-sm quiet-button" onClick={() => print()}>
          <Printer size={16} aria-hidden="true" /> {ui.order.print}
        </button>
      </div>
      <p className="print-only mb-2 hidden text-sm">{ui.paper.given(formatWhen(Date.now()))}</p>
      <div className="overflow-x-auto">
        <table className="order-table w-full border-collapse bg-base-100">
          <thead className="text-[0.8125rem]">
            <tr className="border-b-2 border-base-300">
              <th className="p-2 text-left font-medium">{ui.order.item}</th>
              <th className="p-2 text-right font-medium">{ui.order.quantity}</th>
              <th className={`p-2 text-right font-medium ${unpriced}`}>{ui.order.onHand}</th>
              <th className="p-2 text-right font-medium">{ui.order.pack}</th>
              <th className={`p-2 text-right font-medium ${unpriced}`}>{ui.order.price}</th>
              <th className="p-2 text-right font-medium">{ui.order.packs}</th>
              <th className={`p-2 text-right font-medium ${unpriced}`}>{ui.order.cost}</th>
            </tr>
          </thead>
          <tbody>
            {plan.order.map((row) => (
              <OrderLine
                key={`${row.code}/${row.of ?? ""}/${row.packSize}`}
                row={row}
                project={project}
                unpriced={unpriced}
              />
            ))}
          </tbody>
        </table>
      </div>
      <PriceFiles project={project} plan={plan} />
      <QuoteFields project={project} plan={plan} />
      <OnHand project={project} plan={plan} />
      <p className="mt-4 max-w-prose text-sm">{ui.order.lot}</p>
      <p className="mt-1 max-w-prose text-sm">{ui.order.caution}</p>
    </>
  );
}

interface OrderLineProps {
  row: PricedRow;
  project: Project;
  /** Hides what concerns prices on paper. */
  unpriced: string;
}

function OrderLine({ row, project, unpriced }: OrderLineProps) {
  const style = useJobStyle();
  const [open, setOpen] = useState(false);
  const tile = project.tiles.find(({ id }) => id === row.of);
  const name = words.orderItems[row.code];
  return (
    <>
      <tr className="border-b border-base-300" data-order={row.code}>
        <th scope="row" className="p-2 text-left font-semibold">
          {name}
          {tile && <span className="block text-sm font-normal opacity-85">{tile?.name}</span>}
          <span className="block text-sm font-normal">
            <button
              type="button"
              className="no-print cursor-pointer text-primary underline max-md:min-h-11"
              aria-expanded={open}
              aria-label={ui.order.moreOf(name)}
              onClick={() => setOpen(!open)}
            >
              {ui.order.more}
            </button>{" "}
            <OrderBy project={project} row={row} />
          </span>
        </th>
        <td data-label={ui.order.quantity} className="p-2 text-right whitespace-nowrap">
          <button
            type="button"
            className="figure-button"
            title={ui.order.how}
            onClick={() => openDialog({ kind: "order-figure", item: row.code, of: row.of })}
          >
            {formatAmount(row.quantity, row.unit, style)}
          </button>
        </td>
        <td data-label={ui.order.onHand} className={`p-2 ${unpriced}`}>
          <PriceField project={project} row={row} of="onHand" />
        </td>
        <td data-label={ui.order.pack} className="p-2">
          <span className="ml-auto block w-24 md:w-40 max-w-full">
            {row.code in PACK_SETTINGS || row.code.endsWith("Tile") ? (
              <PackField row={row} />
            ) : (
              <span className="block text-right text-sm opacity-85">{ui.order.single}</span>
            )}
          </span>
        </td>
        <td data-label={ui.order.price} className={`p-2 ${unpriced}`}>
          <PriceField project={project} row={row} of="price" />
        </td>
        <td
          data-label={ui.order.packs}
          className="p-2 text-right text-lg font-bold"
          data-packs={row.packs}
        >
          {row.packs}
        </td>
        <td
          data-label={row.cost === undefined ? "" : ui.order.cost}
          className={`p-2 text-right whitespace-nowrap ${unpriced}`}
          data-cost={row.cost}
        >
          {row.cost === undefined ? "" : formatMoney(row.cost)}
        </td>
      </tr>
      {open && (
        <tr className="no-print border-b border-base-300">
          <td colSpan={7} className="order-more p-2">
            <LineDetails project={project} row={row} />
          </td>
        </tr>
      )}
    </>
  );
}

/** By when something that takes its time is ordered, where the first day is known. */
function OrderBy({ project, row }: { project: Project; row: PricedRow }) {
  const day = orderBy(project.days?.start, row.leadDays);
  if (day === undefined) return null;
  const shown = new Date(`${day}T12:00:00`).toLocaleDateString(readerLocale());
  const late = Date.parse(`${day}T23:59:59`) < Date.now();
  return (
    <span className={late ? "font-semibold text-error" : ""} data-order-by={day}>
      {late ? ui.order.late(shown) : ui.order.orderBy(shown)}
    </span>
  );
}

/** The pack as it is sold, typed in the reader's unit. */
function PackField({ row: { code, of, packSize, unit } }: { row: OrderRow }) {
  const style = useJobStyle();
  const shown = shownAmount(packSize, unit, style);
  const factor = shown.value / packSize;
  return (
    <NumberField
      hideLabel
      label={`${words.orderItems[code]}: ${ui.order.pack}`}
      name={`pack/${code}${of ?? ""}`}
      value={Math.round(shown.value * 100) / 100}
      min={unit === "count" ? 1 : 0.01}
      max={10_000}
      integer={unit === "count"}
      suffix={ui.order.packUnit[code] ?? shown.unit}
      onCommit={(value) => {
        const command = packCommand(code, of, value / factor);
        if (command) dispatch(command);
      }}
    />
  );
}

/** The setting that each item's pack is kept in; items sold by the piece have none. */
const PACK_SETTINGS: Partial<Record<OrderItem, SettingName>> = {
  membrane: "membranePackL",
  clips: "clipBag",
  mortar: "mortarBagKg",
  jointMortar: "mortarBagKg",
  grout: "groutBagKg",
  sealant: "sealantCartridgeMl",
  hiddenBead: "sealantCartridgeMl",
  boardBead: "sealantCartridgeMl",
  maskTape: "maskRollM",
  skimCoat: "mortarBagKg",
  seamSealant: "sealantCartridgeMl",
  fasteners: "fastenerPack",
  washers: "fastenerPack",
  tape: "tapeRollM",
  band: "bandLengthM",
  spacers: "spacerBag",
  wedges: "wedgeBag",
  sealer: "sealerBottleL",
  groutAdditive: "groutAdditiveL",
  adhesive: "mortarBagKg",
};

function packCommand(code: OrderItem, tile: string | undefined, size: number): Command | undefined {
  if (tile) return editTileOf(tile, { perBox: size });
  const name = PACK_SETTINGS[code];
  return name && editSettings({ [name]: size });
}
