import { useId } from "react";
import { ui } from "../words/ui.ts";

interface ColourFieldProps {
  label: string;
  colour: string | undefined;
  /** Undefined: the drawing's own again. */
  onCommit: (colour: string | undefined) => void;
}

/** What the picker begins with where there is no colour yet. */
const START = "#e9e5db";

/** A colour to be drawn with, or none of its own. */
export function ColourField({ label, colour, onCommit }: ColourFieldProps) {
  const id = useId();
  return (
    <div className="min-w-0 flex-1">
      <label className="field-label" htmlFor={id}>
        {label}
      </label>
      <div className="flex items-center gap-1">
        <input
          id={id}
          type="color"
          className="h-8 w-full min-w-9 cursor-pointer border border-base-content/60 bg-base-100 max-md:h-11 pointer-coarse:h-11"
          value={colour ?? START}
          onChange={(event) => onCommit(event.target.value)}
        />
        {colour && (
          <button
            type="button"
            className="btn btn-square btn-ghost btn-sm"
            aria-label={`${ui.fields.noColour}: ${label}`}
            onClick={() => onCommit(undefined)}
          >
            ×
          </button>
        )}
      </div>
    </div>
  );
}
