import { Bar, BarChart, CartesianGrid, ResponsiveContainer, XAxis, YAxis } from "recharts";
import { costByPart } from "../../core/cost/by-part.ts";
import type { Plan } from "../../core/plan.ts";
import { ui } from "../words/ui.ts";
import { formatMoney } from "./money.ts";

const AXIS = { stroke: "var(--color-base-content)", fontSize: "0.875rem" };
const ROW_HEIGHT = 44;
const NAME_WIDTH = 170;

/** What each part of the job costs, as bars with the table beside. */
export default function CostChart({ plan }: { plan: Plan }) {
  const parts = costByPart(plan.order, plan.cost);
  const sum = parts.reduce((all, { cost }) => all + cost, 0);
  if (parts.length === 0) return <p>{ui.order.chart.none}</p>;
  const rows = parts.map(({ part, cost }) => ({ name: ui.order.chart.groups[part], cost }));
  return (
    <section aria-label={ui.order.chart.cost} data-cost-chart={parts.length}>
      <h2 className="text-lg font-semibold">{ui.order.chart.cost}</h2>
      <div className="grid items-center gap-4 md:grid-cols-2">
        <div aria-hidden="true">
          <ResponsiveContainer width="100%" height={rows.length * ROW_HEIGHT + 40}>
            <BarChart data={rows} layout="vertical" margin={{ left: 0, right: 12, top: 8 }}>
              <CartesianGrid horizontal={false} stroke="var(--color-base-300)" />
              <XAxis type="number" {...AXIS} />
              <YAxis type="category" dataKey="name" width={NAME_WIDTH} {...AXIS} />
              <Bar isAnimationActive={false} dataKey="cost" fill="var(--chalk)" />
            </BarChart>
          </ResponsiveContainer>
        </div>
        <table className="w-full text-right">
          <thead>
            <tr className="border-b border-base-300">
              <th scope="col" className="text-left">
                {ui.order.chart.part}
              </th>
              <th scope="col">{ui.order.cost}</th>
              <th scope="col">{ui.order.chart.share}</th>
            </tr>
          </thead>
          <tbody>
            {rows.map(({ name, cost }) => (
              <tr key={name} className="border-b border-base-300/60">
                <th scope="row" className="py-1 text-left font-normal">
                  {name}
                </th>
                <td>{formatMoney(cost)}</td>
                <td>{Math.round((cost / sum) * 100)} %</td>
              </tr>
            ))}
          </tbody>
        </table>
      </div>
    </section>
  );
}
