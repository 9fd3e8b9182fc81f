import { isFor } from "../../core/cost/cost.ts";
import { SAMPLE_PRICES } from "../../core/cost/sample-prices.ts";
import type { TaskKind } from "../../core/days/tasks.ts";
import type { Plan } from "../../core/plan.ts";
import { editLabour, editPrice } from "../../core/project/business-commands.ts";
import { together } from "../../core/project/commands.ts";
import type { Project } from "../../core/project/schema.ts";
import { NumberField } from "../fields/NumberField.tsx";
import { Fact, Row } from "../panel/PanelParts.tsx";
import { dispatch } from "../state/job-store.ts";
import { ui } from "../words/ui.ts";
import { formatMoney } from "./money.ts";

interface QuoteProps {
  project: Project;
  plan: Plan;
}

/** What the job costs: materials, hours × rate, markup and tax, each with its sum. */
export function QuoteFields({ project, plan }: QuoteProps) {
  const { cost, tasks } = plan;
  const { quote } = ui.order;
  const { rate = 0, markup = 0, tax = 0 } = project.labour ?? {};
  const percent = (share: number) => Math.round(share * 10_000) / 100;
  return (
    <section className="mt-6">
      <h2 className="mb-1 text-lg font-semibold">{quote.title}</h2>
      <Row>
        <NumberField
          label={quote.rate}
          name="labour/rate"
          value={rate}
          max={100_000}
          onCommit={(value) => dispatch(editLabour({ rate: value }))}
        />
        <NumberField
          label={quote.markup}
          name="labour/markup"
          value={percent(markup)}
          max={1000}
          suffix="%"
          onCommit={(value) => dispatch(editLabour({ markup: value / 100 }))}
        />
        <NumberField
          label={quote.tax}
          name="labour/tax"
          value={percent(tax)}
          max={500}
          suffix="%"
          onCommit={(value) => dispatch(editLabour({ tax: value / 100 }))}
        />
      </Row>
      <dl className="max-w-md" data-quote={cost.quote}>
        <Fact name={quote.materials}>{formatMoney(cost.materials)}</Fact>
        <Fact name={quote.labour(Math.round(cost.hours * 10) / 10)}>
          {formatMoney(cost.labour)}
        </Fact>
        <Fact name={quote.taxed}>{formatMoney(cost.tax)}</Fact>
        <Fact name={quote.sum}>
          <span className="text-lg">{formatMoney(cost.quote)}</span>
        </Fact>
      </dl>
      {cost.unpriced > 0 && (
        <p className="text-sm font-semibold" data-unpriced={cost.unpriced}>
          {quote.unpriced(cost.unpriced)}
        </p>
      )}
      <p className="text-sm opacity-90">{quote.formula}</p>
      <details className="mt-1 max-w-md">
        <summary className="cursor-pointer font-semibold">{quote.hours}</summary>
        <dl>
          {[...new Set(tasks.filter(({ minutes }) => minutes > 0).map(({ kind }) => kind))].map(
            (kind: TaskKind) => {
              const own = tasks.filter((task) => task.kind === kind);
              const minutes = own.reduce((sum, task) => sum + task.minutes, 0);
              return (
                <Fact key={kind} name={quote.tasks[kind]}>
                  {ui.set.hours(minutes)}
                </Fact>
              );
            },
          )}
        </dl>
        <p className="text-xs opacity-80">{quote.rates}</p>
      </details>
      <button
        type="button"
        className="btn btn-sm quiet-button no-print mt-2"
        onClick={() => fillIn(project, plan)}
      >
        {quote.fill}
      </button>
      <p className="mt-1 text-xs opacity-80">{quote.fillHint}</p>
    </section>
  );
}

/** Made-up prices for every line that has none. */
function fillIn(project: Project, plan: Plan): void {
  const missing = plan.order.filter((row) => {
    const own = project.prices?.find((price) => isFor(price, row));
    return own?.price === undefined && SAMPLE_PRICES[row.code] !== undefined;
  });
  const commands = missing.map((row) => {
    const known = project.prices?.find((price) => isFor(price, row));
    return editPrice(known ?? { item: row.code, tile: row.of }, { price: SAMPLE_PRICES[row.code] });
  });
  if (commands.length > 0) dispatch(together("edit-price", commands));
}
