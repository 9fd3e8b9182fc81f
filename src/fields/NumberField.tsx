import { plain } from "../../core/length/numbers.ts";
import { ui } from "../words/ui.ts";
import { type Read, TextInput } from "./TextInput.tsx";

interface NumberFieldProps {
  label: string;
  name: string;
  value: number;
  onCommit: (value: number) => void;
  min?: number;
  max?: number;
  integer?: boolean;
  suffix?: string;
  hideLabel?: boolean;
}

/** A field for a plain number within limits. */
export function NumberField({
  value,
  onCommit,
  min = 0,
  max = 1e6,
  integer,
  ...rest
}: NumberFieldProps) {
  return (
    <TextInput
      {...rest}
      shown={plain(value, 4)}
      read={(text) => readNumber(text, min, max, integer ?? false)}
      onCommit={onCommit}
    />
  );
}

function readNumber(text: string, min: number, max: number, integer: boolean): Read<number> {
  const value = Number(text.trim().replace(",", "."));
  if (text.trim() === "" || !Number.isFinite(value) || (integer && !Number.isInteger(value))) {
    return { ok: false, problem: ui.fields.notNumber };
  }
  if (value < min) return { ok: false, problem: ui.fields.tooSmall(plain(min, 4)) };
  if (value > max) return { ok: false, problem: ui.fields.tooLarge(plain(max, 4)) };
  return { ok: true, value };
}
