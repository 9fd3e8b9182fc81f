import { memo } from "react";
import { FLAG_SIDES, type FlagSide } from "../../core/cut/sides.ts";
import type { FigureUnit } from "../../core/figure.ts";
import { formatAmount } from "../../core/length/quantity.ts";
import type { Plan } from "../../core/plan.ts";
import type { WallPlan } from "../../core/wall-plan.ts";
import { useJobStyle } from "../fields/context.ts";
import { Length } from "../fields/Length.tsx";
import { useJob, usePassing } from "../state/job-store.ts";
import { openDialog, selectWall, useView } from "../state/view-store.ts";
import { ui } from "../words/en.ts";
import type { PassingWall } from "../workers/passing.ts";

const COLUMNS = Object.keys(ui.tallyColumns) as (keyof typeof ui.tallyColumns)[];

/** The wall tally: a row per wall, a column per figure that matters, each to be opened. */
export const Tally = memo(function Tally({ plan }: { plan: Plan }) {
  return (
    <section
      aria-label={ui.tally.title}
      className="no-print max-h-58 contain-content shrink-0 overflow-auto border-t border-base-300 bg-base-100"
    >
      <table className="w-full min-w-[860px] table-fixed border-collapse text-right">
        <caption className="sr-only">{ui.tally.title}</caption>
        <thead className="sticky top-0 bg-base-100 text-[13px]">
          <tr className="h-8 border-b border-base-300">
            <th scope="col" className="w-40 px-4 text-left font-semibold">
              {ui.tally.wall}
            </th>
            {FLAG_SIDES.map((side) => (
              <th key={side} scope="col" className="px-2 font-medium">
                {ui.tally[side]}
              </th>
            ))}
            {COLUMNS.map((code) => (
              <th key={code} scope="col" className="px-2 font-medium last:pr-4">
                {ui.tallyColumns[code]}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {plan.walls.map((wall) => (
            <WallRow key={wall.id} wall={wall} />
          ))}
          <JobRow plan={plan} />
        </tbody>
      </table>
    </section>
  );
});

const WallRow = memo(function WallRow({ wall }: { wall: WallPlan }) {
  const selected = useView((state) => state.wall === wall.id);
  const passing = usePassing(wall.id);
  return (
    <tr
      data-tally={wall.id}
      className={`h-8 border-b border-base-300/70 ${selected ? "bg-primary/10" : ""}`}
    >
      <th scope="row" className="px-3 text-left font-semibold">
        <button
          type="button"
          className="figure-button"
          aria-pressed={selected}
          onClick={() => selectWall(wall.id)}
        >
          {wall.name}
        </button>
      </th>
      {FLAG_SIDES.map((side) => (
        <td key={side} className="px-1">
          <FlagCell {...flagProps(wall, side, passing)} />
        </td>
      ))}
      {COLUMNS.map((code) => (
        <td key={code} className="px-1 last:pr-3">
          <FigureButton {...figureProps(wall, code, passing)} />
        </td>
      ))}
    </tr>
  );
});

/*
 * The cells take plain values, so that a drag redraws only the figures that changed with it.
 */

interface FigureProps {
  id: string;
  name: string;
  code: (typeof COLUMNS)[number];
  value: number;
  unit: FigureUnit;
}

function figureProps(
  { id, name, figures }: WallPlan,
  code: FigureProps["code"],
  passing: PassingWall | undefined,
): FigureProps {
  const { value, unit } = figures[code];
  return { id, name, code, value: passing?.values[code] ?? value, unit };
}

/** A figure of a wall; it opens to its sum. */
const FigureButton = memo(function FigureButton({ id, name, code, value, unit }: FigureProps) {
  const amount = formatAmount(value, unit, useJobStyle());
  return (
    <button
      type="button"
      data-figure={code}
      className="tally-figure figure-button"
      aria-label={`${amount}. ${ui.tally.openFigure(ui.tallyColumns[code], name)}`}
      onClick={() => openDialog({ kind: "figure", code, wall: id })}
    >
      {amount}
    </button>
  );
});

interface FlagProps {
  id: string;
  name: string;
  side: FlagSide;
  /** Undefined where the wall has no tile at that side. */
  size: number | undefined;
  cut: boolean;
  sliver: boolean;
}

function flagProps(
  { id, name, flags }: WallPlan,
  side: FlagSide,
  passing: PassingWall | undefined,
): FlagProps {
  const flag = (passing?.flags ?? flags).find((candidate) => candidate.side === side);
  return { id, name, side, size: flag?.size, cut: !!flag?.cut, sliver: !!flag?.sliver };
}

const FlagCell = memo(function FlagCell({ id, name, side, size, cut, sliver }: FlagProps) {
  if (size === undefined) return <span className="px-1 opacity-70">{ui.tally.none}</span>;
  return (
    <button
      type="button"
      data-side={side}
      className={`tally-figure figure-button ${sliver ? "font-bold text-error" : ""}`}
      title={ui.tally.openFlag(ui.sides[side], name)}
      onClick={() => openDialog({ kind: "flag", side, wall: id })}
    >
      {sliver && (
        <span role="img" aria-label={ui.flagRows.sliver}>
          !{" "}
        </span>
      )}
      {cut ? <Length mm={size} unit={false} /> : ui.cut.kinds.none}
    </button>
  );
});

function JobRow({ plan }: { plan: Plan }) {
  const style = useJobStyle();
  const totals = useTotals(plan);
  return (
    <tr data-tally="job" className="h-8 font-semibold">
      <th scope="row" className="px-4 text-left">
        {ui.tally.job}
      </th>
      <td colSpan={FLAG_SIDES.length} />
      {COLUMNS.map((code) => {
        const unit = plan.walls[0]?.figures[code].unit ?? "count";
        return (
          <td key={code} className="px-1 last:pr-3">
            <button
              type="button"
              className="tally-figure figure-button font-semibold"
              onClick={() => openDialog({ kind: "figure", code })}
            >
              {formatAmount(totals[code], unit, style)}
            </button>
          </td>
        );
      })}
    </tr>
  );
}

/** The job's totals, those of a drag included. */
function useTotals({ totals }: Plan): Plan["totals"] {
  return useJob(({ passing }) => passing?.totals) ?? totals;
}

/** The tally on a phone: one wall as a list, with the whole job beside it. */
export function WallList({ plan }: { plan: Plan }) {
  const style = useJobStyle();
  const selected = useView((state) => state.wall);
  const wall = plan.walls.find(({ id }) => id === selected) ?? plan.walls[0];
  const passing = usePassing(wall?.id ?? "");
  const totals = useTotals(plan);
  if (!wall) return null;
  return (
    <table className="w-full text-right" data-tally={wall.id}>
      <thead>
        <tr className="border-b border-base-300">
          <th aria-label={ui.tally.title} />
          <th scope="col" className="py-1 font-semibold">
            {wall.name}
          </th>
          <th scope="col" className="py-1 font-semibold">
            {ui.tally.job}
          </th>
        </tr>
      </thead>
      <tbody>
        {FLAG_SIDES.map((side) => (
          <tr key={side} className="border-b border-base-300/60">
            <th scope="row" className="text-left font-normal">
              {ui.tally[side]}
            </th>
            <td>
              <FlagCell {...flagProps(wall, side, passing)} />
            </td>
            <td />
          </tr>
        ))}
        {COLUMNS.map((code) => (
          <tr key={code} className="border-b border-base-300/60">
            <th scope="row" className="text-left font-normal">
              {ui.tallyColumns[code]}
            </th>
            <td>
              <FigureButton {...figureProps(wall, code, passing)} />
            </td>
            <td>{formatAmount(totals[code], wall.figures[code].unit, style)}</td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}
