import { CartesianGrid, ResponsiveContainer, Scatter, ScatterChart, XAxis, YAxis } from "recharts";
import { formatLength } from "../../../core/length/format.ts";
import { plain } from "../../../core/length/numbers.ts";
import { useJobStyle } from "../../fields/context.ts";
import { Section } from "../../panel/PanelParts.tsx";
import { ui } from "../../words/ui.ts";
import type { FoundLayout } from "../../workers/search.worker.ts";

const AXIS = { stroke: "var(--color-base-content)", fontSize: "0.8125rem" };
const HEIGHT = 200;

/** Tile bought that is not on the wall against the smallest cut, a point for each layout that was found. */
export default function CompareChart({ found }: { found: FoundLayout[] }) {
  const style = useJobStyle();
  const points = found.map(({ smallest, waste }) => ({ smallest, waste: waste * 100 }));
  return (
    <Section title={ui.compare.chart.title}>
      <div aria-hidden="true" data-compare-chart={points.length}>
        <ResponsiveContainer width="100%" height={HEIGHT}>
          <ScatterChart margin={{ left: -12, right: 12, top: 8, bottom: 4 }}>
            <CartesianGrid stroke="var(--color-base-300)" />
            <XAxis
              type="number"
              dataKey="smallest"
              domain={["dataMin", "dataMax"]}
              tickCount={4}
              tickFormatter={(mm: number) => formatLength(mm, style)}
              {...AXIS}
            />
            <YAxis
              type="number"
              dataKey="waste"
              unit=" %"
              tickCount={4}
              tickFormatter={(share: number) => plain(share, 1)}
              domain={[(least: number) => Math.max(0, least - 1), "dataMax + 1"]}
              {...AXIS}
            />
            <Scatter isAnimationActive={false} data={points} fill="var(--chalk)" />
          </ScatterChart>
        </ResponsiveContainer>
      </div>
      <p className="text-xs opacity-80">{ui.compare.chart.hint}</p>
    </Section>
  );
}
