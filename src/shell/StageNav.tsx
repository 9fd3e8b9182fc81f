import {
  Camera,
  ClipboardList,
  Droplets,
  Hammer,
  type LucideIcon,
  Ruler,
  RulerDimensionLine,
  Scissors,
  SquareSplitHorizontal,
} from "lucide-react";
import { memo } from "react";
import type { Plan } from "../../core/plan.ts";
import type { WarningCode } from "../../core/warning.ts";
import { isStage, PAGES, type Page, STAGES, show, useView } from "../state/view-store.ts";
import { ui } from "../words/en.ts";

const ICONS: Record<Page, LucideIcon> = {
  measure: Ruler,
  board: Hammer,
  waterproof: Droplets,
  "set-out": SquareSplitHorizontal,
  cut: Scissors,
  order: ClipboardList,
  pole: RulerDimensionLine,
  record: Camera,
};

/** Which stage a warning belongs to; what is not named here belongs to the set-out. */
const STAGE_OF: Partial<Record<WarningCode, Page>> = {
  "level-line-assumed": "measure",
  "wall-assumed-square": "measure",
  "base-out-of-level": "measure",
  "lean-mismatch": "measure",
  "width-disagrees": "measure",
  "base-disagrees": "measure",
  "top-disagrees": "measure",
  "level-loop-open": "measure",
  "plan-loop-open": "measure",
  "diagonal-impossible": "measure",
  "corner-out-of-square": "measure",
  "not-flat": "measure",
  "niche-in-rated-wall": "measure",
  "niche-in-bearing-wall": "measure",
  "niche-in-outside-wall": "measure",
  "reading-far-from-corner": "measure",
  "base-above-top": "measure",
  "job-too-large": "measure",
  "no-field": "measure",
  "opening-leaves-wall": "measure",
  "openings-overlap": "measure",
  "fixture-not-clear": "measure",
  "fixture-outside": "measure",
  "plate-too-small": "measure",
  "moisture-sandwich": "board",
  "board-piece-too-large": "board",
  "drywall-in-wet": "board",
  "system-least-conservative": "board",
  "seams-only-needs-durable-board": "board",
  "foam-system-other-board": "board",
  "sheet-mortar-class": "board",
  "mastic-in-wet": "board",
  "board-thin": "board",
  "studs-too-far": "board",
  "seam-near-opening": "board",
  "opening-cuts-stud": "board",
  "niche-too-deep": "board",
  "valve-depth": "board",
  "blocking-outside": "board",
  "film-thin": "waterproof",
  "film-thin-place": "waterproof",
  "film-above-tile": "waterproof",
  "holes-open": "waterproof",
  "strip-below-saw": "cut",
  "cut-beyond-tools": "cut",
  "no-hole-saw": "cut",
  "marks-disagree": "cut",
  "thin-strip": "cut",
  "weak-tongue": "cut",
  "hole-near-edge": "cut",
};

/** The stage that a warning is settled in. */
export function stageOf(code: WarningCode): Page {
  return STAGE_OF[code] ?? "set-out";
}

/** The stages of the work and the order list, with the number of warnings in each. */
export const StageNav = memo(function StageNav({
  plan,
  phone = false,
}: {
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
      aria-label="Stages"
      className={
        phone
          ? "condensed flex"
          : "no-print flex w-32 shrink-0 flex-col overflow-y-auto border-r border-base-300 pt-3"
      }
    >
      {pages.map((name, k) => {
        const Icon = ICONS[name];
        const active = name === page;
        return (
          <button
            key={name}
            type="button"
            aria-current={active ? "page" : undefined}
            onClick={() => show(name)}
            className={`relative flex cursor-pointer items-center gap-1.5 ${
              phone
                ? `min-h-14 min-w-0 flex-1 flex-col justify-center gap-0.5 border-t-3 text-xs ${active ? "border-primary font-semibold" : "border-transparent"}`
                : `h-11 shrink-0 border-l-4 px-2.5 text-left ${active ? "border-primary bg-base-100 font-semibold" : "border-transparent hover:bg-base-100"} ${name === "order" ? "mt-3" : ""}`
            }`}
          >
            <Icon
              size={phone ? 20 : 18}
              aria-hidden="true"
              className={`shrink-0 ${active ? "text-primary" : "opacity-70"}`}
            />
            <span className={phone ? "" : "flex-1 whitespace-nowrap"}>
              {ui.stages[name]}
              {!phone && isStage(name) && <span className="sr-only"> ({k + 1})</span>}
            </span>
            {count(name) > 0 && (
              <span
                className={`text-sm font-bold text-error ${phone ? "absolute top-1 right-1" : ""}`}
                title={ui.setOut.watch}
              >
                {count(name)}
              </span>
            )}
          </button>
        );
      })}
    </nav>
  );
});
