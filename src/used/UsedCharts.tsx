import {
  Bar,
  BarChart,
  CartesianGrid,
  Legend,
  ReferenceLine,
  ResponsiveContainer,
  XAxis,
  YAxis,
} from "recharts";
import { shownAmount } from "../../core/length/quantity.ts";
import type { Plan } from "../../core/plan.ts";
import { jobOf } from "../../core/project/job.ts";
import type { Project } from "../../core/project/schema.ts";
import { groutUsed, mortarUsed, type UsedOnWall } from "../../core/set/used.ts";
import { useJobStyle } from "../fields/context.ts";
import { formatTime, formatWhen, ui } from "../words/ui.ts";

interface UsedProps {
  project: Project;
  plan: Plan;
}

/** What was used against what was planned, coverage by place, and the day's mixes by the clock. */
export default function UsedCharts({ project, plan }: UsedProps) {
  const { work } = project;
  const mortar = mortarUsed(
    plan.set.rows,
    work,
    plan.walls.map(({ id, figures }) => ({ id, mortarKg: figures.mortarKg.value })),
  );
  const grout = groutUsed(
    work,
    plan.walls.map(({ id, figures }) => ({ id, groutKg: figures.groutKg.value })),
  );
  const { charts } = ui.grout;
  const nothing = (work?.mixes ?? []).length + (work?.coverage ?? []).length === 0;
  return (
    <div className="grid gap-6" data-used-charts>
      {nothing && <p>{charts.nothing}</p>}
      <UsedChart title={charts.mortar} used={mortar} project={project} />
      <UsedChart title={charts.grout} used={grout} project={project} />
      <CoverageChart project={project} />
      <DayChart project={project} />
    </div>
  );
}

const AXIS = { stroke: "var(--color-base-content)", fontSize: "0.875rem" };
const CHART_HEIGHT = 190;

interface UsedChartProps {
  title: string;
  used: UsedOnWall[];
  project: Project;
}

function UsedChart({ title, used, project }: UsedChartProps) {
  const style = useJobStyle();
  const { charts } = ui.grout;
  const { unit } = shownAmount(0, "kg", style);
  const shown = (kg: number) => Math.round(shownAmount(kg, "kg", style).value * 100) / 100;
  const rows = used.map(({ wall, plannedKg, usedKg }) => ({
    wall: project.walls.find(({ id }) => id === wall)?.name ?? wall,
    planned: shown(plannedKg),
    used: shown(usedKg),
  }));
  return (
    <section aria-label={title}>
      <h3 className="section-title">{title}</h3>
      <div className="grid items-center gap-4 md:grid-cols-2">
        <div aria-hidden="true">
          <ResponsiveContainer width="100%" height={CHART_HEIGHT}>
            <BarChart data={rows} margin={{ left: -10, right: 8, top: 8 }}>
              <CartesianGrid vertical={false} stroke="var(--color-base-300)" />
              <XAxis dataKey="wall" {...AXIS} />
              <YAxis unit={` ${unit}`} width={70} {...AXIS} />
              <Legend
                formatter={(name: string) => <span className="text-base-content">{name}</span>}
              />
              <Bar
                isAnimationActive={false}
                dataKey="planned"
                name={charts.planned}
                fill="var(--color-base-300)"
                stroke="var(--color-base-content)"
              />
              <Bar
                isAnimationActive={false}
                dataKey="used"
                name={charts.used}
                fill="var(--chalk)"
              />
            </BarChart>
          </ResponsiveContainer>
        </div>
        <table className="w-full text-right">
          <thead>
            <tr className="border-b border-base-300">
              <th scope="col" className="text-left">
                {charts.wall}
              </th>
              <th scope="col">{charts.planned}</th>
              <th scope="col">{charts.used}</th>
            </tr>
          </thead>
          <tbody>
            {rows.map(({ wall, planned, used: own }) => (
              <tr key={wall} className="border-b border-base-300/60">
                <th scope="row" className="text-left font-normal">
                  {wall}
                </th>
                <td>
                  {planned} {unit}
                </td>
                <td>
                  {own} {unit}
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      </div>
    </section>
  );
}

/** Shares that are wanted where it gets wet and where it does not, per cent. */
const WANTED = { wet: 95, dry: 80 };

function CoverageChart({ project }: { project: Project }) {
  const checks = project.work?.coverage ?? [];
  if (checks.length === 0) return null;
  const job = jobOf(project);
  const { charts } = ui.grout;
  const rows = checks.map(({ wall, share }, k) => {
    const of = job.walls.find(({ id }) => id === wall);
    return {
      place: `${of?.id ?? wall} ${k + 1}`,
      share: Math.round(share * 100),
      wanted: of?.exposure === "dry" ? WANTED.dry : WANTED.wet,
    };
  });
  return (
    <section aria-label={charts.coverage}>
      <h3 className="section-title">{charts.coverage}</h3>
      <div className="grid items-center gap-4 md:grid-cols-2">
        <div aria-hidden="true">
          <ResponsiveContainer width="100%" height={CHART_HEIGHT}>
            <BarChart data={rows} margin={{ left: -10, right: 8, top: 8 }}>
              <XAxis dataKey="place" {...AXIS} />
              <YAxis domain={[0, 100]} unit=" %" width={60} {...AXIS} />
              <ReferenceLine y={WANTED.wet} stroke="var(--crayon)" strokeWidth={2} />
              <Bar isAnimationActive={false} dataKey="share" maxBarSize={44} fill="var(--film)" />
            </BarChart>
          </ResponsiveContainer>
        </div>
        <table className="w-full text-right">
          <tbody>
            {rows.map(({ place, share, wanted }) => (
              <tr key={place} className="border-b border-base-300/60">
                <th scope="row" className="text-left font-normal">
                  {place}
                </th>
                <td className={share < wanted ? "font-bold text-error" : ""}>{share} %</td>
                <td>
                  {charts.wanted} {wanted} %
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      </div>
    </section>
  );
}

const HOUR = 3_600_000;

/** The mixes of the last day with any as bars from when they were mixed to when they were empty or over. */
function DayChart({ project }: { project: Project }) {
  const { charts } = ui.grout;
  const mixes = (project.work?.mixes ?? [])
    .map((mix) => {
      const from = Date.parse(mix.at);
      const over = from + mix.potLifeMin * 60_000;
      const to = Math.max(from, Date.parse(mix.emptied ?? mix.washed ?? "") || over);
      return { mix, from, to };
    })
    .sort((p, q) => p.from - q.from);
  const last = mixes.at(-1);
  if (!last) return null;
  const day = mixes.filter(({ from }) => last.from - from < 24 * HOUR);
  const [first] = day as [(typeof day)[number]];
  const rows = day.map(({ mix, from, to }, k) => ({
    name: `${mix.kind === "mortar" ? ui.now.mixNo(k + 1) : `${ui.now.grout} ${mix.for}`}`,
    before: (from - first.from) / HOUR,
    lasts: (to - from) / HOUR,
    from,
    to,
  }));
  return (
    <section aria-label={charts.day}>
      <h3 className="section-title">
        {charts.day} · {formatWhen(first.from)}
      </h3>
      <div className="grid items-center gap-4 md:grid-cols-2">
        <div aria-hidden="true">
          <ResponsiveContainer width="100%" height={Math.max(110, 34 * rows.length + 40)}>
            <BarChart layout="vertical" data={rows} margin={{ left: 0, right: 16, top: 8 }}>
              <XAxis
                type="number"
                tickFormatter={(hours: number) => formatTime(first.from + hours * HOUR)}
                {...AXIS}
              />
              <YAxis type="category" dataKey="name" width={90} {...AXIS} />
              <Bar isAnimationActive={false} dataKey="before" stackId="day" fill="transparent" />
              <Bar isAnimationActive={false} dataKey="lasts" stackId="day" fill="var(--chalk)" />
            </BarChart>
          </ResponsiveContainer>
        </div>
        <table className="w-full text-right">
          <tbody>
            {rows.map(({ name, from, to }) => (
              <tr key={`${name}-${from}`} className="border-b border-base-300/60">
                <th scope="row" className="text-left font-normal">
                  {name}
                </th>
                <td>{formatTime(from)}</td>
                <td>{formatTime(to)}</td>
              </tr>
            ))}
          </tbody>
        </table>
      </div>
    </section>
  );
}
