import type { ReactNode } from "react";
import type { Plan } from "../../core/plan.ts";
import type { Project, Wall } from "../../core/project/schema.ts";
import type { WallPlan } from "../../core/wall-plan.ts";

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
  if (open === undefined) {
    return (
      <section className="mt-4">
        <h3 className="section-title">{title}</h3>
        {children}
      </section>
    );
  }
  return (
    <details className="mt-4" open={open}>
      <summary className="section-title cursor-pointer">{title}</summary>
      {children}
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
      <dt>{name}</dt>
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
