import { useId } from "react";

interface ChoiceProps<T extends string> {
  label: string;
  value: T;
  options: Record<T, string> | [T, string][];
  onChange: (value: T) => void;
  hideLabel?: boolean;
  /** As high as a full-size input beside it. */
  roomy?: boolean;
}

/** One of a few named choices. */
export function Choice<T extends string>({
  label,
  value,
  options,
  onChange,
  hideLabel,
  roomy = false,
}: ChoiceProps<T>) {
  const id = useId();
  const entries = Array.isArray(options) ? options : (Object.entries(options) as [T, string][]);
  return (
    <div className="min-w-0 flex-1">
      <label className={hideLabel ? "sr-only" : "field-label"} htmlFor={id}>
        {label}
      </label>
      <select
        id={id}
        className={`select w-full bg-base-100 ${roomy ? "" : "select-sm"}`}
        value={value}
        onChange={(event) => onChange(event.target.value as T)}
      >
        {entries.map(([key, text]) => (
          <option key={key} value={key}>
            {text}
          </option>
        ))}
      </select>
    </div>
  );
}
