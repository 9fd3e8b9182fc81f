import { useState } from "react";
import { formatJoint, formatLength } from "../../core/length/format.ts";
import { formatAmount } from "../../core/length/quantity.ts";
import type { LengthStyle } from "../../core/length/units.ts";
import type { OptionFigures } from "../../core/options/option-figures.ts";
import type { Plan } from "../../core/plan.ts";
import { editVersion, takeVersion } from "../../core/project/business-commands.ts";
import { fieldTile } from "../../core/project/defaults.ts";
import { jobOf } from "../../core/project/job.ts";
import type { Project } from "../../core/project/schema.ts";
import { useJobStyle } from "../fields/context.ts";
import { NoteField } from "../fields/NoteField.tsx";
import { NumberField } from "../fields/NumberField.tsx";
import { patternName } from "../jobs/patterns.ts";
import { formatMoney } from "../order/money.ts";
import { Row } from "../panel/PanelParts.tsx";
import { LayoutThumb } from "../parts/LayoutThumb.tsx";
import { Link } from "../parts/Link.tsx";
import { addressOf } from "../state/address.ts";
import { dispatch } from "../state/job-store.ts";
import { goAllTheSame } from "../state/location.ts";
import { differences } from "../storage/copies.ts";
import { addJob, deleteJob } from "../storage/jobs.ts";
import { ui } from "../words/ui.ts";
import { type Planned, rootOf, usePlanned, useVersions } from "./useVersions.ts";

interface OptionsProps {
  project: Project;
  plan: Plan;
}

/** More versions than this are no choice any more. */
const MOST = 4;

/** Versions of the job side by side: what each comes to, what differs, and taking one over. */
export default function OptionsPage({ project }: OptionsProps) {
  const versions = useVersions(project);
  const planned = usePlanned(versions);
  const [taken, setTaken] = useState(false);
  const base = versions[0] ?? project;
  const add = (kit: boolean) => {
    const name = kit ? ui.options.kitName : ui.options.newName(versions.length);
    void addJob(versionOf(project, name, kit));
  };
  return (
    <div className="mx-auto max-w-6xl p-4 md:p-8" data-options={versions.length}>
      <h1 className="name text-2xl font-bold">
        {ui.options.title} · {base.name}
      </h1>
      <p className="max-w-prose text-sm opacity-85">{ui.options.intro}</p>
      {versions.length < MOST ? (
        <div className="mt-2 flex flex-wrap gap-2">
          <button type="button" className="btn quiet-button min-h-11" onClick={() => add(false)}>
            {ui.options.add}
          </button>
          <button type="button" className="btn quiet-button min-h-11" onClick={() => add(true)}>
            {ui.options.addKit}
          </button>
        </div>
      ) : (
        <p className="mt-2 text-sm">{ui.options.most(MOST)}</p>
      )}
      {taken && (
        <p role="status" className="mt-2 font-semibold text-success">
          ✓ {ui.options.taken}
        </p>
      )}
      <div className="mt-3 overflow-x-auto">
        <table className="w-full bg-base-100 text-left">
          <thead>
            <tr className="align-top">
              <td className="w-44 p-2" />
              {versions.map((version) => (
                <th key={version.id} scope="col" className="min-w-52 p-2 font-normal">
                  <VersionHead
                    version={version}
                    open={version.id === project.id}
                    planned={planned.get(version.id)}
                    onTake={() => {
                      dispatch(takeVersion(version));
                      setTaken(true);
                    }}
                  />
                </th>
              ))}
            </tr>
          </thead>
          <Figures versions={versions} planned={planned} base={base} />
        </table>
      </div>
    </div>
  );
}

/** The job as another version of itself: measured and decided alike, nothing of it done yet. */
function versionOf(project: Project, name: string, kit: boolean): Project {
  const { work: _, log: _1, handOver: _2, asSet: _3, cutDone: _4, bought: _5, ...kept } = project;
  return {
    ...(kept as Project),
    id: crypto.randomUUID(),
    name: `${project.name} · ${name}`.slice(0, 200),
    variant: { of: rootOf(project), name, ...(kit ? { kit: { price: 0, hours: 8 } } : {}) },
  };
}

interface HeadProps {
  version: Project;
  /** It is the job that is open here. */
  open: boolean;
  planned: Planned;
  onTake: () => void;
}

function VersionHead({ version, open, planned, onTake }: HeadProps) {
  const { id, variant } = version;
  const name = variant?.name ?? ui.options.own;
  return (
    <div data-version={name}>
      <p className="text-lg font-bold">{name}</p>
      <div className="mb-2 flex h-28 items-center overflow-hidden">
        {planned === undefined && ui.options.working}
        {planned === null && ui.options.failed}
        {planned && !variant?.kit && (
          <LayoutThumb walls={planned.picture} label={ui.jobs.picture(version.name)} />
        )}
      </div>
      {open && variant && <VersionFields variant={variant} />}
      {!open && (
        <div className="flex flex-wrap gap-1">
          <Link
            href={addressOf(id, "options")}
            className="btn btn-sm quiet-button"
            onGo={() => goAllTheSame(addressOf(id, "options"))}
          >
            {ui.options.open}
          </Link>
          {!variant?.kit && (
            <button type="button" className="btn btn-sm quiet-button" onClick={onTake}>
              {ui.options.take}
            </button>
          )}
          {variant && (
            <button
              type="button"
              className="btn btn-sm quiet-button"
              onClick={() => void deleteJob(id)}
            >
              {ui.options.remove}
            </button>
          )}
        </div>
      )}
    </div>
  );
}

function VersionFields({ variant }: { variant: NonNullable<Project["variant"]> }) {
  const { name, kit } = variant;
  return (
    <div className="text-base font-normal">
      <NoteField
        label={ui.options.name}
        name="variant/name"
        value={name}
        onCommit={(text) => text && dispatch(editVersion({ name: text }))}
      />
      {kit && (
        <>
          <Row>
            <NumberField
              label={ui.options.kitPrice}
              name="variant/price"
              value={kit.price}
              max={10_000_000}
              onCommit={(price) => dispatch(editVersion({ kit: { ...kit, price } }))}
            />
            <NumberField
              label={ui.options.kitHours}
              name="variant/hours"
              value={kit.hours ?? 0}
              max={10_000}
              onCommit={(hours) => dispatch(editVersion({ kit: { ...kit, hours } }))}
            />
          </Row>
          <p className="text-xs opacity-80">{ui.options.kitHint}</p>
        </>
      )}
    </div>
  );
}

interface FiguresProps {
  versions: Project[];
  planned: Map<string, Planned>;
  base: Project;
}

type RowName = Exclude<keyof typeof ui.options.rows, "differs">;

/** Rows of which less is better, and what of the figures each is. */
const LESS: Record<RowName, (figures: OptionFigures) => number | undefined> = {
  quote: ({ quote }) => quote || undefined,
  cost: ({ cost }) => cost || undefined,
  hours: ({ hours }) => hours,
  days: ({ calendarDays }) => calendarDays,
  cuts: ({ tilesCut }) => tilesCut,
  // A larger smallest cut is better.
  smallest: ({ smallestCut }) => (smallestCut === undefined ? undefined : -smallestCut),
  waste: ({ kit, waste }) => (kit ? undefined : waste),
  weight: ({ massKgPerM2 }) => massKgPerM2 || undefined,
  risk: ({ kit, stops, warnings }) => (kit ? undefined : stops * 1000 + warnings),
};

function Figures({ versions, planned, base }: FiguresProps) {
  const style = useJobStyle();
  return (
    <tbody>
      {(Object.keys(LESS) as RowName[]).map((row) => {
        const values = versions.map(({ id }) => {
          const own = planned.get(id);
          return own ? LESS[row](own.figures) : undefined;
        });
        const known = values.filter((value) => value !== undefined);
        const least = Math.min(...known);
        const differ = known.some((value) => value !== least);
        return (
          <tr key={row} className="border-t border-base-300/60" data-option-row={row}>
            <th scope="row" className="p-2 font-medium">
              <span className="block min-w-28">{ui.options.rows[row]}</span>
            </th>
            {versions.map(({ id }, k) => {
              const own = planned.get(id);
              const best = differ && values[k] === least;
              return (
                <td key={id} className={`p-2 ${best ? "font-bold" : ""}`}>
                  {own && shown(row, own.figures, style)}
                  {best && <span className="text-success"> ✓ {ui.options.best}</span>}
                </td>
              );
            })}
          </tr>
        );
      })}
      <tr className="border-t border-base-300/60 align-top" data-option-row="differs">
        <th scope="row" className="p-2 font-medium">
          <span className="block min-w-28">{ui.options.rows.differs}</span>
        </th>
        {versions.map((version) => (
          <td key={version.id} className="p-2 text-sm">
            {version.id === base.id ? "" : differsIn(base, version, style)}
          </td>
        ))}
      </tr>
    </tbody>
  );
}

/** What only the maker of a kit can say of it. */
const OF_TILE: RowName[] = ["smallest", "waste", "weight", "risk"];

function shown(row: RowName, figures: OptionFigures, style: LengthStyle): string {
  if (figures.kit && OF_TILE.includes(row)) return ui.options.makerSays;
  switch (row) {
    case "quote":
      return figures.quote > 0 ? formatMoney(figures.quote) : ui.options.noPrices;
    case "cost":
      return figures.cost > 0 ? formatMoney(figures.cost) : ui.options.noPrices;
    case "hours":
      return ui.set.hours(figures.hours * 60);
    case "days":
      return figures.calendarDays === undefined
        ? ui.options.noDates
        : ui.days.daysOf(Math.ceil(figures.calendarDays));
    case "cuts":
      return String(figures.tilesCut);
    case "smallest":
      return figures.smallestCut === undefined ? "" : formatLength(figures.smallestCut, style);
    case "waste":
      return formatAmount(figures.waste, "share", style);
    case "weight": {
      if (figures.massKgPerM2 === 0) return "";
      const area = style.unit === "in" ? SQUARE_FEET : 1;
      return ui.options.perArea(
        formatAmount(figures.massKgPerM2 / area, "kg", style),
        ui.set.square[style.unit],
      );
    }
    case "risk":
      return ui.options.risk(figures.stops, figures.warnings);
  }
}

/** Square feet of a square metre. */
const SQUARE_FEET = 10.7639;

/** Parts that every version has of its own. */
const ALWAYS = ["name", "variant"];
/** Parts that are told in words of their own. */
const TOLD = ["field", "tiles", "build"];

/** What a version has otherwise than the job that it hangs on, in words. */
function differsIn(base: Project, version: Project, style: LengthStyle): string {
  const { differs } = ui.options;
  if (version.variant?.kit) return differs.kit();
  const parts = differences(base, version).filter(
    (part) => !ALWAYS.includes(part) && (version[part] !== undefined || TOLD.includes(part)),
  );
  const words: string[] = [];
  const tile = fieldTile(version);
  if (tile.name !== fieldTile(base).name) words.push(differs.tile(tile.name));
  const bond = ui.patterns[patternName(version.field)];
  if (bond !== ui.patterns[patternName(base.field)]) words.push(differs.bond(ui.inline(bond)));
  if (version.field.joint !== base.field.joint) {
    words.push(differs.joint(formatJoint(version.field.joint, style)));
  }
  const system = jobOf(version).build.system;
  if (system !== jobOf(base).build.system) {
    words.push(differs.system(ui.inline(ui.board.systems[system])));
  }
  const names = ui.backup.parts as Record<string, string>;
  for (const part of parts) {
    if (!TOLD.includes(part) || words.length === 0) words.push(names[part] ?? part);
  }
  return words.length > 0 ? [...new Set(words)].join("; ") : ui.options.nothingDiffers;
}
