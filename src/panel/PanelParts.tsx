import { X } from "lucide-react";
import type { ReactNode } from "react";
import type { Figure, FigureCode } from "../../core/figure.ts";
import { formatAmount } from "../../core/length/quantity.ts";
import type { Plan } from "../../core/plan.ts";
import type { Project, Wall } from "../../core/project/schema.ts";
import type { WallPlan } from "../../core/wall-plan.ts";
import { told } from "../../core/words/told.ts";
import { useJobStyle } from "../fields/context.ts";
import { openDialog } from "../state/view-store.ts";
import { ui } from "../words/ui.ts";
import { useFilled } from "./FirstOfPanel.tsx";

/** What the panel of a stage works on: the job, its plan, and the selected wall in both. */
export interface PanelProps {
  project: Project;
  plan: Plan;
  wall: WallPlan;
  stored: Wall;
}

/** A titled group of a panel. */
export function Section({
  title,
  children,
  open,
}: {
  title: string;
  children: ReactNode;
  open?: boolean;
}) {
  const filled = useFilled();
  if (open === undefined) {
    return (
      <section className="mt-4">
        <h3 className="section-title">{title}</h3>
        {filled && children}
      </section>
    );
  }
  return (
    <details className="mt-4" open={open}>
      <summary className="section-title cursor-pointer">{title}</summary>
      {filled && children}
    </details>
  );
}

/** Fields side by side. */
export function Row({ children }: { children: ReactNode }) {
  return <div className="mb-2 flex items-end gap-2">{children}</div>;
}

/** A derived value with its name. */
export function Fact({ name, children }: { name: string; children: ReactNode }) {
  return (
    <div className="flex items-baseline justify-between gap-3 py-0.5">
      <dt className="name">{name}</dt>
      <dd className="text-right font-semibold">{children}</dd>
    </div>
  );
}

/** A caution that stands where the work can hurt someone: short, not nagging. */
export function Caution({ children }: { children: ReactNode }) {
  return <p className="mt-5 border-l-3 border-warning pl-2 text-xs opacity-90">{children}</p>;
}

/** The panel's title, with the wall it is about. */
export function PanelTitle({ children }: { children: ReactNode }) {
  return <h2 className="text-lg leading-tight font-bold">{children}</h2>;
}

interface CardProps {
  title: string;
  onRemove?: () => void;
  children: ReactNode;
}

/** One entry of a list with its fields, and the button that takes it away. */
export function ItemCard({ title, onRemove, children }: CardProps) {
  return (
    <fieldset className="mb-3 border-l-3 border-base-300 pl-2">
      <legend className="sr-only">{title}</legend>
      <div className="flex items-center justify-between">
        <span className="font-semibold">{title}</span>
        {onRemove && <RemoveButton of={title} onClick={onRemove} />}
      </div>
      {children}
    </fieldset>
  );
}

/** Takes an entry out of its list. */
export function RemoveButton({ of, onClick }: { of: string; onClick: () => void }) {
  return (
    <button
      type="button"
      className="btn btn-square btn-ghost btn-sm"
      aria-label={`${ui.remove}: ${of}`}
      onClick={onClick}
    >
      <X size={16} />
    </button>
  );
}

/** A box to tick with its words. */
export function Tick({
  label,
  checked,
  onChange,
}: {
  label: ReactNode;
  checked: boolean;
  onChange: (checked: boolean) => void;
}) {
  return (
    <label className="flex min-h-9 cursor-pointer items-center gap-2 max-md:min-h-11">
      <input
        type="checkbox"
        className="size-5 shrink-0 accent-primary"
        checked={checked}
        onChange={(event) => onChange(event.target.checked)}
      />
      <span>{label}</span>
    </label>
  );
}

/** Something that was judged: a sign and words, never colour alone. */
export function Verdict({ good, children }: { good: boolean; children: ReactNode }) {
  return (
    <p className={`text-sm ${good ? "text-success" : "font-semibold text-error"}`}>
      {good ? "✓ " : "! "}
      {children}
    </p>
  );
}

interface SegmentsProps<T extends string> {
  label: string;
  value: T;
  options: Record<T, string>;
  onChange: (value: T) => void;
}

/** A few views to choose from, side by side. */
export function Segments<T extends string>({ label, value, options, onChange }: SegmentsProps<T>) {
  return (
    <fieldset className="mt-3 flex gap-1">
      <legend className="sr-only">{label}</legend>
      {(Object.entries(options) as [T, string][]).map(([key, text]) => (
        <button
          key={key}
          type="button"
          aria-pressed={key === value}
          className={`btn btn-sm flex-1 px-1 ${key === value ? "btn-primary" : ""}`}
          onClick={() => onChange(key)}
        >
          {text}
        </button>
      ))}
    </fieldset>
  );
}

interface FigureFactsProps<C extends FigureCode> {
  wall: string;
  figures: Record<C, Figure>;
  codes: C[];
}

/** Figures of a wall as a list; each opens to its sum. Those that are 0 are left out. */
export function FigureFacts<C extends FigureCode>({ wall, figures, codes }: FigureFactsProps<C>) {
  const style = useJobStyle();
  return (
    <dl>
      {codes
        .filter((code) => figures[code].value > 0)
        .map((code) => (
          <Fact key={code} name={told.figures[code].name}>
            <button
              type="button"
              className="figure-button font-semibold"
              data-figure={code}
              onClick={() => openDialog({ kind: "figure", code, wall })}
            >
              {formatAmount(figures[code].value, figures[code].unit, style)}
            </button>
          </Fact>
        ))}
    </dl>
  );
}
