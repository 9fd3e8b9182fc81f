interface AnswerFieldProps {
  name: string;
  label: string;
  text: string;
  problem: string | undefined;
  unit?: string;
  placeholder?: string;
  onChange: (text: string) => void;
}

/** A labelled field for one answer, and what is wrong with it. */
export function AnswerField({
  name,
  label,
  text,
  problem,
  unit,
  placeholder,
  onChange,
}: AnswerFieldProps) {
  const id = `new-${name}`;
  return (
    <div>
      <label className="field-label" htmlFor={id}>
        {label} {unit && <span className="opacity-85">({unit})</span>}
      </label>
      <input
        id={id}
        className={`input w-full ${problem ? "input-error border-2" : ""}`}
        value={text}
        maxLength={200}
        autoComplete="off"
        placeholder={placeholder}
        aria-invalid={problem !== undefined}
        aria-describedby={problem ? `${id}-problem` : undefined}
        onChange={(event) => onChange(event.target.value)}
      />
      {problem && (
        <p id={`${id}-problem`} role="alert" className="mt-1 text-xs text-error">
          {problem}
        </p>
      )}
    </div>
  );
}
