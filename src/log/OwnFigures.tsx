import { type FigureUnit, formatAmount } from "../../core/length/quantity.ts";
import type { LengthStyle } from "../../core/length/units.ts";
import { type OwnCode, type OwnFigure, settingsFrom } from "../../core/log/own-figures.ts";
import { editSettings } from "../../core/project/commands.ts";
import { fieldBed, type Job, jobOf } from "../../core/project/job.ts";
import type { Project } from "../../core/project/schema.ts";
import { useJobStyle } from "../fields/context.ts";
import { TableHead } from "../panel/TableHead.tsx";
import { dispatch } from "../state/job-store.ts";
import { ui } from "../words/ui.ts";
import { useOwnFigures } from "./useOwnFigures.ts";

/** Medians over the user's own jobs, each to be taken over with one click. */
export function OwnFigures({ project }: { project: Project }) {
  const figures = useOwnFigures();
  const head = ui.log.ownHead;
  return (
    <>
      <p className="max-w-prose text-sm opacity-85">{ui.log.ownIntro}</p>
      {figures === undefined && <p className="mt-2">{ui.log.ownWorking}</p>}
      {figures?.length === 0 && <p className="mt-2">{ui.log.ownEmpty}</p>}
      {figures && figures.length > 0 && (
        <div className="overflow-x-auto">
          <table className="mt-2 w-full bg-base-100 text-right">
            <TableHead
              names={[head.figure, head.yours, head.range, head.now, head.take]}
              quietLast
            />
            <tbody>
              {figures.map((figure) => (
                <OwnLine
                  key={`${figure.code}/${figure.trowel ?? ""}`}
                  project={project}
                  figure={figure}
                />
              ))}
            </tbody>
          </table>
        </div>
      )}
    </>
  );
}

function OwnLine({ project, figure }: { project: Project; figure: OwnFigure }) {
  const style = useJobStyle();
  const job = jobOf(project);
  const { code, trowel = "", value, least, most, jobs } = figure;
  const shown = (of: number) => ownShown(code, of, style);
  const patch = settingsFrom(figure, job);
  const name = ui.log.own[code];
  const taken = patch && isTaken(patch, job);
  const now = current(code, job);
  return (
    <tr className="border-b border-base-300/60" data-own={code}>
      <th scope="row" className="p-2 text-left font-semibold">
        {typeof name === "string" ? name : name(trowel)}
        <span className="block text-sm font-normal opacity-85">{ui.log.fromJobs(jobs)}</span>
      </th>
      <td className="p-2 text-lg font-bold" data-own-value={value}>
        {shown(value)}
      </td>
      <td className="p-2 text-sm">
        {shown(least)} – {shown(most)}
      </td>
      <td className="p-2">{now === undefined ? "" : shown(now)}</td>
      <td className="p-2">
        {!patch && <span className="text-sm opacity-80">{ui.log.otherTrowel}</span>}
        {patch && taken && <span className="text-sm">✓ {ui.log.taken}</span>}
        {patch && !taken && (
          <button
            type="button"
            className="btn btn-sm min-h-11"
            onClick={() => dispatch(editSettings(patch))}
          >
            {ui.log.take}
          </button>
        )}
      </td>
    </tr>
  );
}

function isTaken(patch: NonNullable<Project["settings"]>, { settings }: Pick<Job, "settings">) {
  const known = settings as unknown as Record<string, unknown>;
  return Object.entries(patch).every(([name, value]) => known[name] === value);
}

/** What the job reckons with now. */
function current(code: OwnCode, job: Job): number | undefined {
  const { settings } = job;
  if (code === "breakage") return settings.fullSpare;
  if (code !== "mortarKgPerM2") return settings[code];
  const bed = fieldBed(job);
  const { mortarRate, mortarWaste, mortarBagKg, areaPerBag } = settings;
  const combed = areaPerBag === undefined ? bed.bed * mortarRate : mortarBagKg / areaPerBag;
  return (combed + bed.backButter * mortarRate) * (1 + mortarWaste);
}

/** What each figure is told in: by the hour, by the area, a share, hours, times. */
const SHOWN: Record<OwnCode, [unit: FigureUnit, by: "hour" | "area" | ""]> = {
  mortarKgPerM2: ["kg", "area"],
  groutWaste: ["share", ""],
  setRate: ["m2", "hour"],
  spreadRate: ["m2", "hour"],
  washRate: ["m2", "hour"],
  boardRate: ["m2", "hour"],
  stripPace: ["m", "hour"],
  coatPace: ["m2", "hour"],
  setOutHours: ["min", ""],
  sealantPace: ["m", "hour"],
  sealerPace: ["m2", "hour"],
  breakage: ["share", ""],
  dryingFactor: ["count", ""],
};

function ownShown(code: OwnCode, value: number, style: LengthStyle): string {
  const [unit, by] = SHOWN[code];
  if (code === "setOutHours") return ui.set.hours(value * 60);
  if (code === "dryingFactor") return `× ${Math.round(value * 100) / 100}`;
  if (by === "area") {
    // By the area that the reader measures in.
    const area = style.unit === "in" ? 1 / SQUARE_FEET : 1;
    return ui.log.perArea(formatAmount(value * area, unit, style), ui.set.square[style.unit]);
  }
  const amount = formatAmount(value, unit, style);
  return by === "hour" ? ui.log.perHour(amount) : amount;
}

/** Square feet of a square metre. */
const SQUARE_FEET = 10.7639;
