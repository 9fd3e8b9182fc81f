import { ArrowRight, ChevronUp } from "lucide-react";
import { type ReactNode, useEffect, useState } from "react";
import type { Plan } from "../../core/plan.ts";
import { SheetButtons } from "../drawing/SheetButtons.tsx";
import { Link } from "../parts/Link.tsx";
import { addressOf } from "../state/address.ts";
import { isStage, show, toggleSheet, useView } from "../state/view-store.ts";
import { WallList } from "../tally/Tally.tsx";
import { ui } from "../words/ui.ts";
import { Sheet } from "./Sheet.tsx";
import { PLACES, StageNav, warningsOn } from "./StageNav.tsx";
import { iconOf } from "./stages.ts";

interface PhoneFootProps {
  job: string;
  plan: Plan;
  /** The panel of the stage. */
  panel: ReactNode;
}

/**
 * The foot of a phone: where one is, which opens all places; what the stage has beside its drawing;
 * and what comes next.
 */
export function PhoneFoot({ job, plan, panel }: PhoneFootProps) {
  const page = useView((state) => state.page);
  const sheet = useView((state) => state.sheet);
  return (
    <>
      {sheet === "panel" && isStage(page) && (
        <Sheet title={ui.drawing.panel} onClose={() => toggleSheet("panel")}>
          {panel}
        </Sheet>
      )}
      {sheet === "tally" && (
        <Sheet title={ui.tally.title} onClose={() => toggleSheet("tally")}>
          <WallList plan={plan} />
        </Sheet>
      )}
      <PhoneNav job={job} plan={plan} />
    </>
  );
}

function PhoneNav({ job, plan }: Omit<PhoneFootProps, "panel">) {
  const page = useView((state) => state.page);
  const [open, setOpen] = useState(false);
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => event.key === "Escape" && setOpen(false);
    addEventListener("keydown", onKey);
    return () => removeEventListener("keydown", onKey);
  }, []);
  const Icon = iconOf(page);
  const warnings = warningsOn(plan, page);
  const next = PLACES[PLACES.indexOf(page) + 1];
  return (
    <nav
      aria-label={ui.allPlaces}
      className="no-print relative border-t border-base-300 bg-base-100"
    >
      {open && (
        <div className="absolute inset-x-0 bottom-full z-10 border-t-2 border-neutral bg-base-100">
          <StageNav job={job} plan={plan} look="list" onGone={() => setOpen(false)} />
        </div>
      )}
      <div className="condensed flex">
        <button
          type="button"
          className="foot-button border-primary font-semibold"
          aria-expanded={open}
          onClick={() => setOpen(!open)}
        >
          <span className="sr-only">{ui.allPlaces}: </span>
          <span className="flex items-center">
            <Icon size={20} aria-hidden="true" className="text-primary" />
            <ChevronUp size={16} aria-hidden="true" />
            {warnings > 0 && <b className="text-sm text-error">{warnings}</b>}
          </span>
          {ui.stages[page]}
        </button>
        {isStage(page) && <SheetButtons />}
        {next && <NextPlace job={job} next={next} />}
      </div>
    </nav>
  );
}

/** The link to what comes next. */
function NextPlace({ job, next }: { job: string; next: (typeof PLACES)[number] }) {
  return (
    <Link
      href={addressOf(job, next)}
      className="foot-button"
      aria-label={`${ui.next}: ${ui.stages[next]}`}
      onGo={() => show(next)}
    >
      <ArrowRight size={20} aria-hidden="true" />
      {ui.stages[next]}
    </Link>
  );
}
