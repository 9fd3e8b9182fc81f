import type { Figure, FigureCode, Term, WallFigureCode } from "../../core/figure.ts";
import { formatAmount, fromShown, toShown, typedAs } from "../../core/length/quantity.ts";
import type { Plan } from "../../core/plan.ts";
import { editSetting } from "../../core/project/commands.ts";
import type { SettingName } from "../../core/project/defaults.ts";
import { told } from "../../core/words/told.ts";
import { useJobStyle } from "../fields/context.ts";
import { LengthField } from "../fields/LengthField.tsx";
import { NumberField } from "../fields/NumberField.tsx";
import { dispatch } from "../state/job-store.ts";
import { openDialog } from "../state/view-store.ts";
import { ui } from "../words/ui.ts";

/** Terms listed at most; a mosaic wall has hundreds of facing lengths. */
const MOST_TERMS = 14;

interface FigureSheetProps {
  figure: Figure;
  of: string;
  /** A figure of one wall leads on to all walls. */
  isOfWall?: boolean;
}

/** A figure opened to its sum: formula, inputs, the defaults it rests on, and where they come from. */
export function FigureSheet({ figure, of, isOfWall = false }: FigureSheetProps) {
  const style = useJobStyle();
  const { formula, source } = told.figures[figure.code];
  const shown = figure.terms.slice(0, MOST_TERMS);
  const more = figure.terms.length - shown.length;
  const related = ui.figure.related[figure.code as WallFigureCode];
  return (
    <div data-figure-sheet={figure.code}>
      <p className="text-sm opacity-85">{of}</p>
      <p className="my-1 text-3xl font-bold">{formatAmount(figure.value, figure.unit, style)}</p>
      <p className="mb-3 text-sm">= {formula}</p>
      <table className="w-full text-left">
        <thead className="text-[0.8125rem]">
          <tr className="border-b border-base-300">
            <th className="py-1 font-medium">{ui.figure.input}</th>
            <th className="py-1 text-right font-medium">{ui.figure.amount}</th>
          </tr>
        </thead>
        <tbody>
          {shown.map((term) => (
            <TermRow key={`${term.code}-${term.of ?? ""}-${term.value}`} term={term} />
          ))}
        </tbody>
      </table>
      {more > 0 && <p className="mt-1 text-sm">{ui.figure.more(more)}</p>}
      <p className="mt-3 text-sm opacity-85">{source}</p>
      {figure.terms.some(({ setting }) => setting) && (
        <p className="text-sm opacity-85">{ui.figure.rests}</p>
      )}
      {related && (
        <RelatedLink code={related} label={`${ui.figure.also}: ${told.figures[related].name}`} />
      )}
      {isOfWall && <RelatedLink code={figure.code} label={ui.figure.allWalls} />}
    </div>
  );
}

function RelatedLink({ code, label }: { code: FigureCode; label: string }) {
  return (
    <button
      type="button"
      className="btn btn-sm mt-3 mr-2"
      onClick={() => openDialog({ kind: "figure", code })}
    >
      {label}
    </button>
  );
}

function TermRow({ term }: { term: Term }) {
  const style = useJobStyle();
  const amount = formatAmount(term.value, term.unit, style);
  const name = told.termName(term);
  return (
    <tr className="border-b border-base-300/60 align-middle">
      <td className="py-1 pr-3">
        {name}
        {term.setting && <LongUnit term={term} />}
        {term.setting && (
          <span className="ml-2 text-xs opacity-80">
            {term.isDefault ? ui.figure.default : ui.figure.yours}
          </span>
        )}
      </td>
      <td className="py-1 text-right">
        {term.setting ? (
          <SettingField term={term} name={name} />
        ) : (
          <>
            {term.count !== undefined && `${term.count} × `}
            {amount}
          </>
        )}
      </td>
    </tr>
  );
}

function LongUnit({ term }: { term: Term }) {
  const { unit } = typedAs(term.unit, useJobStyle());
  if (term.unit === "mm" || isShort(unit)) return null;
  return <span className="text-sm opacity-85">, {unit}</span>;
}

/** A default can be replaced right where it is seen, typed in the unit that it is shown in. */
function SettingField({ term, name }: { term: Term; name: string }) {
  const { setting, isDefault } = term;
  if (!setting) return null;
  return (
    <span className="flex items-center justify-end gap-1">
      <span className="w-30">
        <SettingInput term={term} setting={setting} name={name} />
      </span>
      {!isDefault && (
        <button
          type="button"
          className="btn btn-ghost btn-xs"
          onClick={() => dispatch(editSetting(setting, undefined))}
        >
          {ui.figure.reset}
        </button>
      )}
    </span>
  );
}

/** Settings that may be nothing at all. */
const MAY_BE_ZERO: SettingName[] = ["atticStock", "stripWidth"];

/** A unit that has room in its field; longer ones stand beside the name. */
function isShort(unit: string): boolean {
  return unit.length <= 5;
}

interface SettingInputProps {
  term: Term;
  setting: SettingName;
  name: string;
}

function SettingInput({ term: { value, unit }, setting, name }: SettingInputProps) {
  const style = useJobStyle();
  const field = { hideLabel: true, label: name, name: `setting/${setting}` };
  const mayBeZero = unit === "share" || MAY_BE_ZERO.includes(setting);
  const commit = (next: number) => dispatch(editSetting(setting, next));
  if (unit === "mm") {
    return <LengthField {...field} mm={value} rules={{ zero: mayBeZero }} onCommit={commit} />;
  }
  const typed = typedAs(unit, style);
  const most = unit === "share" ? 5 : setting === "coats" || setting === "coatWft" ? 10 : 1000;
  return (
    <NumberField
      {...field}
      value={toShown(value, typed)}
      min={mayBeZero ? 0 : 0.01 * typed.factor}
      max={most * typed.factor}
      integer={unit === "count"}
      {...(isShort(typed.unit) ? { suffix: typed.unit } : {})}
      onCommit={(next) => commit(fromShown(next, typed))}
    />
  );
}

/** A figure of a wall, whichever stage gives it; undefined when it is one of the job alone. */
export function figureOf(plan: Plan, wall: string, code: FigureCode): Figure | undefined {
  const sources = [plan.walls, plan.board.walls, plan.film.walls];
  for (const walls of sources) {
    const figures = walls.find(({ id }) => id === wall)?.figures;
    const figure = (figures as Partial<Record<FigureCode, Figure>> | undefined)?.[code];
    if (figure) return figure;
  }
  return undefined;
}

/** A figure of the whole job: the walls it adds up from. */
export function JobFigureSheet({ plan, code }: { plan: Plan; code: FigureCode }) {
  const style = useJobStyle();
  const rows = plan.walls.flatMap(({ id, name }) => {
    const figure = figureOf(plan, id, code);
    return figure ? [{ id, name, figure }] : [];
  });
  const unit = rows[0]?.figure.unit ?? "count";
  const total = rows.reduce((sum, { figure }) => sum + figure.value, 0);
  return (
    <div data-figure-sheet={code}>
      <p className="my-1 text-3xl font-bold">{formatAmount(total, unit, style)}</p>
      <p className="mb-3 text-sm">= {told.figures[code].formula}</p>
      <table className="w-full text-left">
        <tbody>
          {rows.map(({ id, name, figure }) => (
            <tr key={id} className="border-b border-base-300/60">
              <td className="py-1">
                <button
                  type="button"
                  className="figure-button"
                  onClick={() => openDialog({ kind: "figure", code, wall: id })}
                >
                  {name}
                </button>
              </td>
              <td className="py-1 text-right">{formatAmount(figure.value, unit, style)}</td>
            </tr>
          ))}
        </tbody>
      </table>
      <p className="mt-3 text-sm opacity-85">{told.figures[code].source}</p>
    </div>
  );
}
