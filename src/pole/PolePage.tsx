import { Printer } from "lucide-react";
import { useState } from "react";
import { formatLength } from "../../core/length/format.ts";
import type { Plan } from "../../core/plan.ts";
import {
  type CoveredMark,
  columnMarks,
  courseMarks,
  coveredMarks,
  type PoleMark,
} from "../../core/pole/story-pole.ts";
import { fieldTile } from "../../core/project/defaults.ts";
import type { Project } from "../../core/project/schema.ts";
import { useJobStyle } from "../fields/context.ts";
import { Length } from "../fields/Length.tsx";
import { Segments } from "../panel/PanelParts.tsx";
import { useView } from "../state/view-store.ts";
import { markName } from "../words/mark-name.ts";
import { ui } from "../words/ui.ts";
import { PoleStrips } from "./PoleStrips.tsx";

/** The story pole of a wall, for courses or columns: its marks, and strips to print at true size. */
export default function PolePage({ project, plan }: { project: Project; plan: Plan }) {
  const chosen = useView((state) => state.wall);
  const [of, setOf] = useState<"courses" | "columns">("courses");
  const [datum, setDatum] = useState<Datum>("level");
  const wall = plan.walls.find(({ id }) => id === chosen) ?? plan.walls[0];
  const style = useJobStyle();
  if (!wall) return null;
  const studs = plan.board.walls.find(({ id }) => id === wall.id)?.studs;
  const { sheet } = fieldTile(project);
  const marks = of === "courses" ? courseMarks(plan, wall, sheet) : columnMarks(wall, sheet);
  const zero = of === "courses" ? datums(plan)[datum] : wall.centre.x;
  return (
    <div className="mx-auto max-w-4xl p-4 md:p-8 print:max-w-none print:p-0">
      <div className="no-print mb-2 flex flex-wrap items-center gap-2">
        <h1 className="mr-auto text-2xl font-bold">
          {ui.pole.title} · {wall.name}
        </h1>
        <button type="button" className="btn btn-primary" onClick={() => print()}>
          <Printer size={17} /> {ui.pole.print}
        </button>
      </div>
      <div className="no-print">
        <p className="max-w-prose text-sm">{ui.pole.intro}</p>
        <Segments label={ui.pole.of} value={of} options={ui.pole.kinds} onChange={setOf} />
        <Segments
          label={ui.pole.wall}
          value={wall.id}
          options={Object.fromEntries(plan.walls.map(({ id, name }) => [id, name]))}
          onChange={(id) => useView.setState({ wall: id })}
        />
        {of === "courses" && (
          <Segments
            label={ui.pole.datum}
            value={datum}
            options={ui.pole.datums}
            onChange={setDatum}
          />
        )}
        <div className="mt-4 grid gap-8 md:grid-cols-2">
          <MarkTable
            marks={marks}
            zero={zero}
            from={of === "courses" ? ui.pole.datums[datum] : ui.pole.centre}
          />
          {studs && (
            <div>
              <h2 className="section-title">{ui.pole.covered}</h2>
              <p className="mb-1 text-sm">{ui.pole.coveredHint}</p>
              <ul data-covered="">
                {groupCovered(coveredMarks(plan, wall, studs)).map((group) => (
                  <li key={group[0].code} className="border-b border-base-300/60 py-1">
                    {coveredWords(group, plan, (mm) => formatLength(mm, style))}
                  </li>
                ))}
              </ul>
            </div>
          )}
        </div>
      </div>
      <PoleStrips
        marks={marks}
        zero={zero}
        upright={of === "courses"}
        title={`${wall.name} · ${ui.pole.kinds[of]}`}
      />
    </div>
  );
}

type Datum = "level" | "first" | "low";

function datums(plan: Plan): Record<Datum, number> {
  return { level: plan.levelY, first: plan.first.y, low: 0 };
}

type Covered = [CoveredMark, ...CoveredMark[]];

/** Marks of one kind together: studs are one line. */
function groupCovered(marks: CoveredMark[]): Covered[] {
  const groups: Covered[] = [];
  for (const mark of marks) {
    const last = groups[groups.length - 1];
    if (last?.[0].code === mark.code) last.push(mark);
    else groups.push([mark]);
  }
  return groups;
}

function coveredWords(group: Covered, plan: Plan, length: (mm: number) => string): string {
  const [{ code, carryTo }] = group;
  const level = code === "level" || code === "first-course";
  const at = group.map((mark) => length(level ? Math.abs(mark.at - plan.levelY) : mark.at));
  return `${ui.pole.lines[code](at.join(", "))}: ${ui.pole.carry[carryTo]}`;
}

function MarkTable({ marks, zero, from }: { marks: PoleMark[]; zero: number; from: string }) {
  const shown = [...marks].reverse();
  return (
    <table className="w-full self-start" data-pole-marks={marks.length}>
      <thead className="text-[0.8125rem]">
        <tr className="border-b-2 border-base-300">
          <th className="py-1 text-left font-medium">{ui.pole.mark}</th>
          <th className="py-1 text-right font-medium">{ui.pole.from(ui.inline(from))}</th>
        </tr>
      </thead>
      <tbody>
        {shown.map((mark) => (
          <tr
            key={`${mark.code}/${mark.at}/${mark.of ?? ""}`}
            className="border-b border-base-300/60"
          >
            <th scope="row" className="py-1 text-left font-normal">
              {markName(mark)}
            </th>
            <td className="py-1 text-right font-semibold">
              {mark.at > zero + 1e-9 ? "+" : ""}
              <Length mm={mark.at - zero} />
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}
