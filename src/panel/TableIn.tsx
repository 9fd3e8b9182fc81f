import { Upload } from "lucide-react";
import { type ChangeEvent, useRef, useState } from "react";
import { readCsv } from "../storage/csv.ts";
import { ui } from "../words/ui.ts";

interface TableInProps {
  label: string;
  /** What was read, told line by line, and how it is taken over; without that nothing can be. */
  read: (rows: Record<string, string>[]) => { told: string[]; take?: (() => void) | undefined };
}

/** Rows from a CSV file, after a look at what will be taken. */
export function TableIn({ label, read }: TableInProps) {
  const input = useRef<HTMLInputElement>(null);
  const [found, setFound] = useState<ReturnType<TableInProps["read"]>>();
  const open = async (event: ChangeEvent<HTMLInputElement>) => {
    const file = event.target.files?.[0];
    event.target.value = "";
    if (!file) return;
    const rows = await readCsv(file);
    setFound(rows ? read(rows) : { told: [ui.readings.tooLarge(file.name)] });
  };
  const take = () => {
    found?.take?.();
    setFound(undefined);
  };
  return (
    <>
      <input
        ref={input}
        type="file"
        accept=".csv,text/csv"
        className="sr-only"
        tabIndex={-1}
        aria-label={label}
        data-table-in
        onChange={(event) => void open(event)}
      />
      <button
        type="button"
        className="btn btn-sm quiet-button"
        onClick={() => input.current?.click()}
      >
        <Upload size={16} aria-hidden="true" /> {label}
      </button>
      {found && (
        <div role="status" className="w-full border-l-3 border-primary pl-3 text-sm">
          {found.told.map((line) => (
            <p key={line}>{line}</p>
          ))}
          {found.take && (
            <button type="button" className="btn btn-primary btn-sm mt-2" onClick={take}>
              {ui.order.prices.take}
            </button>
          )}
        </div>
      )}
    </>
  );
}
