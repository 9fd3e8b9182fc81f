import { memo } from "react";
import type { Plan } from "../../core/plan.ts";
import { Link } from "../parts/Link.tsx";
import { addressOf } from "../state/address.ts";
import { isStage, PAGES, type Page, STAGES, show, useView } from "../state/view-store.ts";
import { ui } from "../words/ui.ts";
import { iconOf, stageOf } from "./stages.ts";

/** Where one can go in a job, in the order of the work. */
export const PLACES: readonly Page[] = [...STAGES, ...PAGES];

/** How many warnings wait to be settled on a page. */
export function warningsOn(plan: Plan, page: Page): number {
  const waiting = plan.warnings.filter(({ severity }) => severity !== "note");
  return waiting.filter(({ code }) => stageOf(code) === page).length;
}

interface StageNavProps {
  job: string;
  plan: Plan;
  /** A column with room for words, a narrow one, a bar at the foot, or a list to choose from. */
  look: Look;
  onGone?: () => void;
}

type Look = "column" | "rail" | "bar" | "list";

const NAV_LOOKS: Record<Look, string> = {
  column: "flex w-max min-w-32 shrink-0 flex-col overflow-y-auto border-r border-base-300 pt-3",
  rail: "condensed flex w-18 shrink-0 flex-col overflow-y-auto border-r border-base-300",
  bar: "condensed flex border-t border-base-300 bg-base-100",
  list: "grid grid-cols-2 gap-1 p-2",
};

/** The stages of the work and the pages beside them, with the number of warnings in each. */
export const StageNav = memo(function StageNav({ job, plan, look, onGone }: StageNavProps) {
  const page = useView((state) => state.page);
  return (
    <nav aria-label={ui.stageNav} className={`no-print ${NAV_LOOKS[look]}`}>
      {PLACES.map((name, k) => (
        <NavLink
          key={name}
          job={job}
          name={name}
          number={isStage(name) ? k + 1 : undefined}
          warnings={warningsOn(plan, name)}
          active={name === page}
          look={look}
          onGone={onGone}
        />
      ))}
    </nav>
  );
});

interface NavLinkProps {
  job: string;
  name: Page;
  /** The digit that goes there. */
  number: number | undefined;
  warnings: number;
  active: boolean;
  look: Look;
  onGone: (() => void) | undefined;
}

const UPRIGHT = "flex-col justify-center gap-0.5 text-xs";

/** The place of a link in each look, and how the page that is shown is marked there. */
const LINK_LOOKS: Record<Look, (active: boolean) => string> = {
  column: (active) =>
    `h-10 shrink-0 border-l-4 px-2.5 pointer-coarse:h-11 text-left ${active ? "border-primary bg-base-100" : "border-transparent hover:bg-base-100"}`,
  rail: (active) =>
    `min-h-12 shrink-0 border-l-4 ${UPRIGHT} ${active ? "border-primary bg-base-100" : "border-transparent"}`,
  bar: (active) =>
    `min-h-14 min-w-0 flex-1 border-t-3 ${UPRIGHT} ${active ? "border-primary" : "border-transparent"}`,
  list: (active) =>
    `min-h-13 rounded border px-3 text-lg ${active ? "border-primary" : "border-base-300"}`,
};

/** Drawn anew where it is left or arrived at: a change of stage leaves the other links alone. */
const NavLink = memo(function NavLink(props: NavLinkProps) {
  const { job, name, number, warnings, active, look, onGone } = props;
  const Icon = iconOf(name);
  const wide = look === "column" || look === "list";
  const apart = look === "column" && name === PAGES[0] ? "mt-3" : "";
  return (
    <Link
      href={addressOf(job, name)}
      aria-current={active ? "page" : undefined}
      onGo={() => {
        show(name);
        onGone?.();
      }}
      className={`relative flex cursor-pointer items-center gap-1.5 ${LINK_LOOKS[look](active)} ${active ? "font-semibold" : ""} ${apart}`}
    >
      <Icon
        size={wide ? 18 : 20}
        aria-hidden="true"
        className={`shrink-0 ${active ? "text-primary" : "opacity-70"}`}
      />
      <span className={wide ? "flex-1 whitespace-nowrap" : ""}>
        {ui.stages[name]}
        {look === "column" && number && <span className="sr-only"> ({number})</span>}
      </span>
      {warnings > 0 && (
        <span
          className={`text-sm font-bold text-error ${wide ? "" : "absolute top-1 right-1"}`}
          title={ui.setOut.watch}
        >
          {warnings}
        </span>
      )}
    </Link>
  );
});
