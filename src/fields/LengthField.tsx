import { useRef } from "react";
import { finerFor } from "../../core/length/finer.ts";
import { formatBare, formatLength, lengthUnitName } from "../../core/length/format.ts";
import { parseLength } from "../../core/length/parse.ts";
import type { LengthStyle } from "../../core/length/units.ts";
import { words } from "../../core/words/spoken.ts";
import { armField, useDevice } from "../state/device-store.ts";
import { ui } from "../words/ui.ts";
import { useJobStyle } from "./context.ts";
import { type Read, TextInput } from "./TextInput.tsx";

/** What lengths a field takes; limits in mm. */
export interface LengthRules {
  /** The length must be more than this; default: more than 0. */
  above?: number;
  /** 0 or more is allowed. */
  zero?: boolean;
  signed?: boolean;
  atMost?: number;
}

interface LengthFieldProps {
  label: string;
  name: string;
  mm: number | undefined;
  onCommit: (mm: number) => void;
  /** Called when the field is emptied; without it an empty field is a mistake. */
  onClear?: () => void;
  rules?: LengthRules;
  hideLabel?: boolean;
  placeholder?: string;
  /** Leave the unit out where the field has no room for it. */
  bare?: boolean;
}

/** The longest length that a job can hold, mm. */
const LONGEST = 30_000;

/** What a stand-in measures for a field that holds nothing yet, mm. */
const PLAUSIBLE = 1200;

/** A field for a length in tape language, in the job's unit. */
export function LengthField({
  label,
  name,
  mm,
  onCommit,
  onClear,
  rules = {},
  bare = false,
  ...rest
}: LengthFieldProps) {
  const style = useJobStyle();
  const armed = useDevice((state) => state.armed?.name === name);
  const take = (reading: number) => {
    const problem = lengthProblem(reading, style, rules);
    if (!problem) onCommit(reading);
    return problem;
  };
  // The field may be drawn anew while it is armed: a reading must meet the job as it is then.
  const latest = useRef(take);
  latest.current = take;
  const arm = () =>
    armField({ name, label, near: mm ?? PLAUSIBLE, take: (reading) => latest.current(reading) });
  const shown = mm === undefined ? "" : formatBare(mm, finerFor(mm, style));
  return (
    <TextInput<number | undefined>
      {...rest}
      label={label}
      name={name}
      shown={shown}
      armed={armed}
      onFocus={arm}
      suffix={bare ? undefined : lengthUnitName(style.unit)}
      read={(text) => (onClear && text.trim() === "" ? cleared : readLength(text, style, rules))}
      onCommit={(value) => (value === undefined ? onClear?.() : onCommit(value))}
    />
  );
}

const cleared: Read<undefined> = { ok: true, value: undefined };

/** A text as a length under a field's rules, or the reason why not. */
export function readLength(text: string, style: LengthStyle, rules: LengthRules): Read<number> {
  const parsed = parseLength(text, style.unit);
  if (!parsed.ok) return { ok: false, problem: words.lengthProblem(parsed.problem) };
  const { mm } = parsed;
  const problem = lengthProblem(mm, style, rules);
  return problem ? { ok: false, problem } : { ok: true, value: mm };
}

/** Why a length is not one that the field takes, in words. */
function lengthProblem(
  mm: number,
  style: LengthStyle,
  { above = 0, zero = false, signed = false, atMost = LONGEST }: LengthRules,
): string | undefined {
  if (!signed && zero && mm < 0) return ui.fields.negative;
  if (!signed && !zero && mm <= above) return ui.fields.tooSmall(formatLength(above, style));
  if (Math.abs(mm) > atMost) return ui.fields.tooLarge(formatLength(atMost, style));
  return undefined;
}
