import { type ChangeEvent, type FocusEvent, type KeyboardEvent, useId, useState } from "react";
import { readDraft, writeDraft } from "../storage/drafts.ts";
import { ui } from "../words/ui.ts";
import { Changed } from "./Changed.tsx";
import { useJobStyle } from "./context.ts";

/** What a text means: a value, or why it has none, in words. */
export type Read<T> = { ok: true; value: T } | { ok: false; problem: string };

interface TextInputProps<T> {
  label: string;
  /** Names the field among all fields of the job; a draft is kept under it. */
  name: string;
  /** The value as it is shown when nobody is typing. */
  shown: string;
  read: (text: string) => Read<T>;
  onCommit: (value: T) => void;
  onFocus?: (() => void) | undefined;
  /** An instrument's next reading goes here. */
  armed?: boolean;
  hideLabel?: boolean;
  placeholder?: string;
  suffix?: string | undefined;
  numeric?: boolean;
  /** Several lines: then only leaving the field counts, Enter makes a new line. */
  lines?: number;
}

/**
 * A field whose text counts on Enter or when it is left. A text that means nothing stays in the
 * field with its reason, survives a reload, and leaves the job's last good value in force.
 */
export function TextInput<T>(props: TextInputProps<T>) {
  const { label, shown, hideLabel, placeholder, suffix, numeric = true, lines } = props;
  const { text, problem, isChanged, type, forget, commit, keepMine } = useDraft(props);
  const id = useId();
  const onKeyDown = (event: KeyboardEvent<HTMLInputElement | HTMLTextAreaElement>) => {
    if (event.key === "Enter" && !lines) commit();
    if (event.key === "Escape" && text !== undefined) {
      event.stopPropagation();
      forget();
    }
  };

  const shared = {
    id,
    "data-field-name": props.name,
    className: `${lines ? "textarea textarea-sm" : "input input-sm"} w-full bg-base-100 ${suffix ? "pr-11" : "px-2"} ${problem ? "input-error border-2" : ""} ${props.armed ? "outline-3 outline-primary" : ""}`,
    value: text ?? shown,
    inputMode: numeric ? ("text" as const) : undefined,
    autoComplete: "off",
    spellCheck: false,
    placeholder,
    "aria-invalid": problem !== undefined,
    "aria-describedby": problem ? `${id}-problem` : undefined,
    onChange: (event: ChangeEvent<HTMLInputElement | HTMLTextAreaElement>) =>
      type(event.target.value),
    onFocus: (event: FocusEvent<HTMLInputElement | HTMLTextAreaElement>) => {
      if (!lines) event.target.select();
      props.onFocus?.();
    },
    onBlur: commit,
    onKeyDown,
  };

  return (
    <div className="min-w-0 flex-1">
      <label className={hideLabel ? "sr-only" : "field-label"} htmlFor={id}>
        {label}
      </label>
      <div className="relative">
        {lines ? <textarea rows={lines} {...shared} /> : <input {...shared} />}
        {suffix && (
          <span className="pointer-events-none absolute top-1/2 right-2 -translate-y-1/2 text-xs opacity-70">
            {suffix}
          </span>
        )}
      </div>
      {isChanged && <Changed theirs={shown} onMine={keepMine} onTheirs={forget} />}
      {problem && (
        <p id={`${id}-problem`} role="alert" className="mt-1 text-xs text-error">
          {problem} {ui.fields.kept}
        </p>
      )}
    </div>
  );
}

/** What is being typed into a field, kept until it counts, and what stands in the way of that. */
function useDraft<T>({ name, shown, read, onCommit }: TextInputProps<T>) {
  const { job } = useJobStyle();
  const draftKey = `${job}/${name}`;
  const [text, setText] = useState(() => readDraft(draftKey));
  // What stood here when the typing began: a reload in between leaves only what stands here now.
  const [before, setBefore] = useState(shown);
  const isChanged = text !== undefined && before !== shown && text.trim() !== shown;
  const [problem, setProblem] = useState(() => problemOf(text, read));

  const type = (next: string) => {
    if (text === undefined) setBefore(shown);
    setText(next);
    writeDraft(draftKey, next);
    // A reason that no longer holds goes at once; a new one waits until the field is left.
    if (problem && read(next).ok) setProblem(undefined);
  };
  const forget = () => {
    setText(undefined);
    setProblem(undefined);
    writeDraft(draftKey, undefined);
  };
  const commit = () => {
    if (text === undefined) return;
    if (text.trim() === shown) return forget();
    const result = read(text);
    if (!result.ok) return setProblem(result.problem);
    // Somebody else changed it meanwhile: both are shown until one is chosen.
    if (isChanged) return;
    forget();
    onCommit(result.value);
  };
  const keepMine = () => {
    setBefore(shown);
    const result = read(text ?? shown);
    if (!result.ok) return;
    forget();
    onCommit(result.value);
  };
  return { text, problem, isChanged, type, forget, commit, keepMine };
}

function problemOf<T>(text: string | undefined, read: (text: string) => Read<T>) {
  if (text === undefined) return undefined;
  const result = read(text);
  return result.ok ? undefined : result.problem;
}
