import { ChevronDown, ChevronUp } from "lucide-react";
import { memo, useRef } from "react";
import { FLAG_SIDES, type FlagSide } from "../../core/cut/sides.ts";
import type { FigureUnit } from "../../core/length/quantity.ts";
import { formatAmount } from "../../core/length/quantity.ts";
import type { Plan } from "../../core/plan.ts";
import type { WallPlan } from "../../core/wall-plan.ts";
import { FlagText } from "../drawing/Flags.tsx";
import { useJobStyle } from "../fields/context.ts";
import { useOneStop } from "../parts/useOneStop.ts";
import { type Follow, setText, useFlagMark, useFollower } from "../state/passing.ts";
import { openDialog, selectWall, toggleTally, useView } from "../state/view-store.ts";
import { ui } from "../words/ui.ts";

const COLUMNS = Object.keys(ui.tallyColumns) as (keyof typeof ui.tallyColumns)[];

/** The wall tally: a row per wall, a column per figure that matters, each to be opened. */
export const Tally = memo(function Tally({ plan }: { plan: Plan }) {
  const open = useView((state) => state.tallyOpen);
  const Sign = open ? ChevronDown : ChevronUp;
  return (
    <section
      aria-label={ui.tally.title}
      className="no-print relative max-h-58 contain-content shrink-0 overflow-auto border-t border-base-300 bg-base-100"
    >
      <button
        type="button"
        className="btn btn-ghost btn-sm absolute top-1 right-1 z-1 bg-base-100 text-primary"
        aria-expanded={open}
        onClick={toggleTally}
      >
        {open ? ui.tally.oneLine : ui.tally.allWalls} <Sign size={16} aria-hidden="true" />
      </button>
      <table
        {...useOneStop()}
        className={`tally-table text-right ${open ? "min-w-[860px]" : "tally-line"}`}
      >
        <caption className="sr-only">{ui.tally.title}</caption>
        <thead className="sticky top-0 bg-base-100 text-sm">
          <tr className="border-b border-base-300 pr-28">
            <th scope="col" className="px-4 text-left font-semibold">
              {ui.tally.wall}
            </th>
            {FLAG_SIDES.map((side) => (
              <th key={side} scope="col" className="pr-2 font-medium">
                {ui.tally[side]}
              </th>
            ))}
            {COLUMNS.map((code) => (
              <th key={code} scope="col" className="pr-2 font-medium last:pr-4">
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
  return (
    <tr
      data-tally={wall.id}
      className={`border-b border-base-300/70 pr-28 ${selected ? "tally-chosen" : ""}`}
    >
      <th scope="row" className="px-3 text-left font-semibold">
        <button
          type="button"
          tabIndex={-1}
          className="figure-button block w-full truncate text-left"
          title={wall.name}
          aria-pressed={selected}
          onClick={() => selectWall(wall.id)}
        >
          {wall.name}
        </button>
      </th>
      {FLAG_SIDES.map((side) => (
        <td key={side} className="tally-side px-1">
          <FlagCell wall={wall} side={side} />
        </td>
      ))}
      {COLUMNS.map((code) => (
        <td key={code} className="px-1 last:pr-3" data-label={ui.tallyColumns[code]}>
          <FigureButton wall={wall} code={code} />
        </td>
      ))}
    </tr>
  );
});

type Column = (typeof COLUMNS)[number];

/** A figure of a wall; it opens to its sum. */
const FigureButton = memo(function FigureButton({ wall, code }: { wall: WallPlan; code: Column }) {
  const { id, name, figures } = wall;
  return (
    <button
      type="button"
      tabIndex={-1}
      data-figure={code}
      className="tally-figure figure-button"
      title={ui.tally.openFigure(ui.tallyColumns[code], name)}
      onClick={() => openDialog({ kind: "figure", code, wall: id })}
    >
      <Amount {...figures[code]} follow={({ walls }) => walls[id]?.values[code]} />
    </button>
  );
});

const FlagCell = memo(function FlagCell({ wall, side }: { wall: WallPlan; side: FlagSide }) {
  const mark = useFlagMark(wall, side);
  if (mark === "none") return <span className="px-1 opacity-70">{ui.tally.none}</span>;
  return (
    <button
      type="button"
      tabIndex={-1}
      data-side={side}
      className={`tally-figure figure-button ${mark === "sliver" ? "font-bold text-error" : ""}`}
      title={ui.tally.openFlag(ui.sides[side], wall.name)}
      onClick={() => openDialog({ kind: "flag", side, wall: wall.id })}
    >
      <FlagText wall={wall} side={side} mark={mark} />
    </button>
  );
});

function JobRow({ plan }: { plan: Plan }) {
  return (
    <tr data-tally="job" className="pr-28 font-semibold">
      <th scope="row" className="px-4 text-left">
        {ui.tally.job}
      </th>
      <td colSpan={FLAG_SIDES.length} className="col-span-4" />
      {COLUMNS.map((code) => (
        <td key={code} className="px-1 last:pr-3">
          <button
            type="button"
            tabIndex={-1}
            className="tally-figure figure-button font-semibold"
            onClick={() => openDialog({ kind: "figure", code })}
          >
            <Total plan={plan} code={code} />
          </button>
        </td>
      ))}
    </tr>
  );
}

/** A figure of the whole job, that of a drag included. */
function Total({ plan, code }: { plan: Plan; code: Column }) {
  const unit = plan.walls[0]?.figures[code].unit ?? "count";
  return <Amount value={plan.totals[code]} unit={unit} follow={({ totals }) => totals[code]} />;
}

interface AmountProps {
  value: number;
  unit: FigureUnit;
  follow: Follow<number>;
}

/** An amount with its unit that follows a dragging finger. */
function Amount({ value, unit, follow }: AmountProps) {
  const style = useJobStyle();
  const text = useRef<HTMLSpanElement>(null);
  useFollower(follow, value, (now) => setText(text.current, formatAmount(now, unit, style)));
  return <span ref={text}>{formatAmount(value, unit, style)}</span>;
}

/** The tally on a phone: one wall as a list, with the whole job beside it. */
export function WallList({ plan }: { plan: Plan }) {
  const selected = useView((state) => state.wall);
  const wall = plan.walls.find(({ id }) => id === selected) ?? plan.walls[0];
  if (!wall) return null;
  return (
    <table className="w-full text-right" data-tally={wall.id}>
      <thead>
        <tr className="border-b border-base-300">
          <th>
            <span className="sr-only">{ui.tally.title}</span>
          </th>
          <th scope="col" className="name py-1 font-semibold">
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
              <FlagCell wall={wall} side={side} />
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
              <FigureButton wall={wall} code={code} />
            </td>
            <td>
              <Total plan={plan} code={code} />
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}
