import { memo } from "react";
import type { Plan } from "../../core/plan.ts";
import { Link } from "../parts/Link.tsx";
import { addressOf } from "../state/address.ts";
import { isStage, PAGES, type Page, STAGES, show, useView } from "../state/view-store.ts";
import { ui } from "../words/ui.ts";
import { iconOf, stageOf } from "./stages.ts";

/** The stages of the work and the order list, with the number of warnings in each. */
export const StageNav = memo(function StageNav({
  job,
  plan,
  phone = false,
}: {
  job: string;
  plan: Plan;
  phone?: boolean;
}) {
  const page = useView((state) => state.page);
  const count = (of: Page) =>
    plan.warnings.filter(({ code, severity }) => severity !== "note" && stageOf(code) === of)
      .length;
  const pages: Page[] = [...STAGES, ...PAGES];
  return (
    <nav
      aria-label={ui.stageNav}
      className={
        phone
          ? "condensed flex"
          : "no-print flex w-32 shrink-0 flex-col overflow-y-auto border-r border-base-300 pt-3"
      }
    >
      {pages.map((name, k) => (
        <NavButton
          key={name}
          name={name}
          number={isStage(name) ? k + 1 : undefined}
          warnings={count(name)}
          active={name === page}
          phone={phone}
          job={job}
        />
      ))}
    </nav>
  );
});

interface NavButtonProps {
  name: Page;
  /** The digit that goes there. */
  number: number | undefined;
  warnings: number;
  active: boolean;
  phone: boolean;
  job: string;
}

function NavButton({ name, number, warnings, active, phone, job }: NavButtonProps) {
  const Icon = iconOf(name);
  const place = phone
    ? `min-h-14 min-w-0 flex-1 flex-col justify-center gap-0.5 border-t-3 text-xs ${active ? "border-primary font-semibold" : "border-transparent"}`
    : `h-11 shrink-0 border-l-4 px-2.5 text-left ${active ? "border-primary bg-base-100 font-semibold" : "border-transparent hover:bg-base-100"} ${name === "order" ? "mt-3" : ""}`;
  return (
    <Link
      href={addressOf(job, name)}
      aria-current={active ? "page" : undefined}
      onGo={() => show(name)}
      className={`relative flex cursor-pointer items-center gap-1.5 ${place}`}
    >
      <Icon
        size={phone ? 20 : 18}
        aria-hidden="true"
        className={`shrink-0 ${active ? "text-primary" : "opacity-70"}`}
      />
      <span className={phone ? "" : "flex-1 whitespace-nowrap"}>
        {ui.stages[name]}
        {!phone && number && <span className="sr-only"> ({number})</span>}
      </span>
      {warnings > 0 && (
        <span
          className={`text-sm font-bold text-error ${phone ? "absolute top-1 right-1" : ""}`}
          title={ui.setOut.watch}
        >
          {warnings}
        </span>
      )}
    </Link>
  );
}
