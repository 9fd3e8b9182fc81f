import { Printer } from "lucide-react";
import { formatBare, formatLength } from "../../core/length/format.ts";
import { formatAmount } from "../../core/length/quantity.ts";
import type { Plan } from "../../core/plan.ts";
import { editLabour, editQuote } from "../../core/project/business-commands.ts";
import { fieldTile } from "../../core/project/defaults.ts";
import type { Project } from "../../core/project/schema.ts";
import { useJobStyle } from "../fields/context.ts";
import { NoteField } from "../fields/NoteField.tsx";
import { NumberField } from "../fields/NumberField.tsx";
import { TextInput } from "../fields/TextInput.tsx";
import { Row, Tick } from "../panel/PanelParts.tsx";
import { dispatch } from "../state/job-store.ts";
import { formatWhen, readerLocale, ui } from "../words/ui.ts";
import { formatMoney } from "./money.ts";

interface QuoteProps {
  project: Project;
  plan: Plan;
}

/** The quote as a page for the client, and own cost against a price that was agreed. */
export function ClientQuote({ project, plan }: QuoteProps) {
  const { quote = {} } = project;
  return (
    <>
      <div className="no-print mb-4 grid max-w-xl gap-2">
        <NoteField
          label={ui.order.offer.client}
          name="quote/client"
          value={quote.client}
          onCommit={(client) => dispatch(editQuote({ client }))}
        />
        <TextInput
          lines={3}
          label={ui.order.offer.words}
          name="quote/words"
          shown={quote.words ?? ""}
          numeric={false}
          read={(text) => ({ ok: true, value: text.trim().slice(0, 2000) })}
          onCommit={(words) => dispatch(editQuote({ words }))}
        />
        <Row>
          <label className="min-w-0 flex-1">
            <span className="field-label">{ui.order.offer.until}</span>
            <input
              type="date"
              className="input input-sm w-full bg-base-100"
              name="quote/until"
              value={quote.until ?? ""}
              onChange={({ target }) => dispatch(editQuote({ until: target.value || undefined }))}
            />
          </label>
          <NumberField
            label={ui.order.offer.quoted}
            name="labour/quoted"
            value={project.labour?.quoted ?? 0}
            max={10_000_000}
            onCommit={(quoted) => dispatch(editLabour({ quoted: quoted > 0 ? quoted : undefined }))}
          />
        </Row>
        <Tick
          label={ui.order.offer.lines}
          checked={quote.lines ?? true}
          onChange={(lines) => dispatch(editQuote({ lines }))}
        />
        <Margin project={project} plan={plan} />
        <button type="button" className="btn mt-2" onClick={() => print()}>
          <Printer size={17} aria-hidden="true" /> {ui.order.offer.print}
        </button>
      </div>
      <Sheet project={project} plan={plan} />
    </>
  );
}

/** What an agreed price leaves over own cost: materials and labour without markup, before tax. */
function Margin({ project, plan }: QuoteProps) {
  const { quoted, tax = 0 } = project.labour ?? {};
  if (!quoted) return null;
  const net = quoted / (1 + tax);
  const left = net - plan.cost.materials - plan.cost.labour;
  return (
    <p className={left < 0 ? "font-semibold text-error" : "font-semibold"} data-margin={left}>
      {left < 0
        ? `! ${ui.order.offer.loss(formatMoney(-left))}`
        : ui.order.offer.margin(formatMoney(left), Math.round((left / net) * 100))}
    </p>
  );
}

function Sheet({ project, plan }: QuoteProps) {
  const style = useJobStyle();
  const { offer } = ui.order;
  const { quote = {}, labour = {} } = project;
  const { cost, totals } = plan;
  const materials = cost.materials * (1 + (labour.markup ?? 0));
  const sum = labour.quoted ?? cost.quote;
  const tax = labour.quoted ? sum - sum / (1 + (labour.tax ?? 0)) : cost.tax;
  const tile = fieldTile(project);
  const lines = (quote.lines ?? true) && !labour.quoted;
  return (
    <article
      className="border border-base-300 bg-base-100 p-6 print:border-0 print:p-0"
      data-offer={sum}
    >
      <h2 className="text-2xl font-bold">{offer.title}</h2>
      <p className="name font-semibold">{project.name}</p>
      {project.place && <p>{project.place}</p>}
      {quote.client && (
        <p>
          {offer.client}: {quote.client}
        </p>
      )}
      <p className="text-sm">{offer.given(formatWhen(Date.now()))}</p>
      <p className="mt-4 font-semibold">
        {offer.scope(
          formatAmount(totals.fieldAreaM2, "m2", style),
          `${tile.name}, ${formatBare(tile.width, style)} × ${formatLength(tile.height, style)}`,
        )}
      </p>
      <p>
        {offer.walls}: {plan.walls.map(({ name }) => name).join(", ")}
      </p>
      {quote.words && <p className="mt-2 whitespace-pre-line">{quote.words}</p>}
      <table className="mt-4 w-full max-w-md text-right">
        <tbody>
          {lines && <Money name={offer.materials} amount={materials} />}
          {lines && <Money name={offer.labour} amount={cost.labour} />}
          <Money name={offer.tax} amount={tax} />
          <Money strong name={offer.sum} amount={sum} />
        </tbody>
      </table>
      {quote.until && (
        <p className="mt-3">
          {offer.holds(
            new Date(`${quote.until}T12:00:00`).toLocaleDateString(readerLocale(), {
              dateStyle: "long",
            }),
          )}
        </p>
      )}
      <p className="mt-3 text-sm">{offer.notIn}</p>
      <p className="mt-10 w-64 border-t border-base-content pt-1 text-sm">{offer.sign}</p>
    </article>
  );
}

interface MoneyProps {
  name: string;
  amount: number;
  strong?: boolean;
}

function Money({ name, amount, strong = false }: MoneyProps) {
  return (
    <tr className={strong ? "border-t-2 border-base-content text-xl font-bold" : ""}>
      <th scope="row" className="py-1 text-left font-[inherit]">
        {name}
      </th>
      <td>{formatMoney(amount)}</td>
    </tr>
  );
}
