import { Check, Copy, Download } from "lucide-react";
import { useState } from "react";
import { copyTable } from "../storage/copy-table.ts";
import { saveCsv } from "../storage/csv.ts";
import { ui } from "../words/ui.ts";

interface TableButtonsProps {
  /** The file's name without its ending. */
  name: string;
  rows: () => Record<string, string | number>[];
}

/** A table out of the application: as a CSV file, or copied so that it pastes as a table. */
export function TableButtons({ name, rows }: TableButtonsProps) {
  const [state, setState] = useState<"ready" | "copied" | "failed">("ready");
  const copy = () =>
    copyTable(rows()).then(
      () => setState("copied"),
      () => setState("failed"),
    );
  return (
    <>
      <button
        type="button"
        className="btn btn-sm quiet-button"
        onClick={() => saveCsv(name, rows())}
      >
        <Download size={16} aria-hidden="true" /> {ui.cut.csv}
      </button>
      <button type="button" className="btn btn-sm quiet-button" onClick={() => void copy()}>
        {state === "copied" ? (
          <Check size={16} aria-hidden="true" />
        ) : (
          <Copy size={16} aria-hidden="true" />
        )}
        {state === "copied" ? ui.documents.copied : ui.documents.copy}
      </button>
      {state === "failed" && (
        <span role="alert" className="text-sm">
          {ui.documents.notCopied}
        </span>
      )}
    </>
  );
}
