import { SlidersHorizontal, Table2 } from "lucide-react";
import { toggleSheet, useView } from "../state/view-store.ts";
import { ui } from "../words/ui.ts";

const SHEETS = [
  { sheet: "panel", Icon: SlidersHorizontal },
  { sheet: "tally", Icon: Table2 },
] as const;

/** Where there is no room for them beside the drawing: the panel and the tally, one at a time. */
export function SheetButtons() {
  const shown = useView((state) => state.sheet);
  return SHEETS.map(({ sheet, Icon }) => (
    <button
      key={sheet}
      type="button"
      className={`foot-button ${shown === sheet ? "border-primary font-semibold" : ""}`}
      aria-expanded={shown === sheet}
      onClick={() => toggleSheet(sheet)}
    >
      <Icon size={20} aria-hidden="true" />
      {ui.drawing[sheet]}
    </button>
  ));
}
