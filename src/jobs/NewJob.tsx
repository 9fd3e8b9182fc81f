import { type ReactNode, type SyntheticEvent, useEffect, useRef, useState } from "react";
import { lengthUnitName } from "../../core/length/format.ts";
import { wallNames } from "../../core/project/new-project.ts";
import { Choice } from "../fields/Choice.tsx";
import { addJob } from "../storage/jobs.ts";
import { ui } from "../words/ui.ts";
import { startSearch } from "../workers/searcher.ts";
import { AnswerField } from "./AnswerField.tsx";
import {
  type Choices,
  FIRST_CHOICES,
  firstUnit,
  readAnswers,
  type StartPattern,
  startText,
  type Texts,
} from "./answers.ts";
import { onBestLayout } from "./first-layout.ts";
import { PATTERNS } from "./patterns.ts";

interface NewJobProps {
  onCancel: () => void;
  onCreated: (id: string) => void;
}

/** A new job from four short answers. */
export function NewJob({ onCancel, onCreated }: NewJobProps) {
  const [choices, setChoices] = useState(() => ({
    ...FIRST_CHOICES,
    unit: firstUnit(navigator.language),
  }));
  const [texts, setTexts] = useState<Texts>({});
  const [problems, setProblems] = useState<Texts>({});
  const [searching, setSearching] = useState(false);
  const form = useRef<HTMLFormElement>(null);
  useEffect(() => {
    if (Object.keys(problems).length > 0) goToProblem(form.current);
  }, [problems]);
  const text = (name: string) => texts[name] ?? startText(choices, name);
  const submit = async (event: SyntheticEvent) => {
    event.preventDefault();
    const read = readAnswers(choices, text);
    setProblems("problems" in read ? read.problems : {});
    if ("problems" in read || searching) return;
    setSearching(true);
    try {
      onCreated(await addJob(await onBestLayout(read.project, startSearch)));
    } catch {
      setProblems({ store: ui.save.full });
    } finally {
      setSearching(false);
    }
  };
  const group: GroupProps = {
    choices,
    choose: (patch) => setChoices({ ...choices, ...patch }),
    field: (name, label, placeholder) => (
      <AnswerField
        key={name}
        name={name}
        label={label}
        text={text(name)}
        problem={problems[name]}
        {...(placeholder ? { placeholder } : { unit: lengthUnitName(choices.unit) })}
        onChange={(value) => setTexts({ ...texts, [name]: value })}
      />
    ),
  };
  return (
    <form
      ref={form}
      id="new-job"
      className="mb-6 border border-base-300 bg-base-100 p-4 md:p-6"
      onSubmit={(e) => void submit(e)}
      noValidate
    >
      <h2 className="text-lg font-semibold">{ui.newJob.title}</h2>
      {problems.store && (
        <p role="alert" className="my-2 border-l-4 border-error p-2">
          {problems.store}
        </p>
      )}
      <p className="mb-3 text-sm opacity-80">{ui.newJob.later}</p>
      <NameAndUnit {...group} />
      <Enclosure {...group} />
      <Walls {...group} />
      <Tile {...group} />
      <Pattern {...group} />
      <div className="flex gap-2">
        <button type="submit" className="btn btn-primary" aria-disabled={searching}>
          {searching ? ui.newJob.searching : ui.newJob.create}
        </button>
        <button type="button" className="btn btn-ghost" onClick={onCancel}>
          {ui.cancel}
        </button>
      </div>
    </form>
  );
}

/** To the first answer that was refused: it may be far above the button. */
function goToProblem(form: HTMLFormElement | null): void {
  const refused = form?.querySelector<HTMLElement>("[aria-invalid=true]");
  if (refused) refused.focus();
  else form?.querySelector("[role=alert]")?.scrollIntoView({ block: "center" });
}

interface GroupProps {
  choices: Choices;
  choose: (patch: Partial<Choices>) => void;
  /** A field for a text; a placeholder stands in one that is not a length. */
  field: (name: string, label: string, placeholder?: string) => ReactNode;
}

function NameAndUnit({ choices: { unit }, choose, field }: GroupProps) {
  return (
    <div className="mb-4 grid gap-3 md:grid-cols-3">
      <div className="md:col-span-2">
        {field("name", ui.newJob.name, ui.newJob.namePlaceholder)}
      </div>
      <Choice
        roomy
        label={ui.newJob.unit}
        value={unit}
        options={{ in: ui.units.in, mm: ui.units.mm }}
        onChange={(next) => choose({ unit: next })}
      />
    </div>
  );
}

function Enclosure({ choices: { kind, base }, choose }: GroupProps) {
  return (
    <fieldset className="mb-4 grid gap-3 md:grid-cols-2">
      <legend className="mb-1 font-semibold">{ui.newJob.enclosure}</legend>
      <Choice
        roomy
        label={ui.newJob.enclosure}
        hideLabel
        value={kind}
        options={ui.newJob.enclosures}
        onChange={(next) => choose({ kind: next })}
      />
      <Choice
        roomy
        label={ui.newJob.base}
        value={base}
        options={ui.newJob.bases}
        onChange={(next) => choose({ base: next })}
        hideLabel
      />
    </fieldset>
  );
}

function Walls({ choices: { kind }, field }: GroupProps) {
  const width = ui.inline(ui.newJob.width);
  return (
    <fieldset className="mb-4 grid grid-cols-2 gap-3 md:grid-cols-5">
      <legend className="mb-1 font-semibold">{ui.newJob.walls}</legend>
      {wallNames(kind).map((name, k) => field(`width${k}`, `${name}: ${width}`))}
      {field("height", ui.newJob.height)}
    </fieldset>
  );
}

function Tile({ field }: GroupProps) {
  return (
    <fieldset className="mb-4 grid grid-cols-2 gap-3 md:grid-cols-4">
      <legend className="mb-1 font-semibold">{ui.newJob.tile}</legend>
      {field("tile", ui.newJob.tileWidth)}
      {field("side", ui.newJob.tileHeight)}
      {field("thickness", ui.newJob.tileThickness)}
      {field("joint", ui.newJob.joint)}
      <p className="col-span-full -mt-1 text-xs opacity-80">{ui.newJob.actual}</p>
    </fieldset>
  );
}

function Pattern({ choices: { pattern, lay }, choose }: GroupProps) {
  return (
    <fieldset className="mb-5 grid grid-cols-2 gap-3">
      <legend className="mb-1 font-semibold">{ui.newJob.pattern}</legend>
      <Choice
        roomy
        label={ui.setOut.pattern}
        value={pattern}
        options={(Object.keys(PATTERNS) as StartPattern[]).map((key): [StartPattern, string] => [
          key,
          ui.patterns[key],
        ])}
        onChange={(next) => choose({ pattern: next })}
      />
      <Choice
        roomy
        label={ui.setOut.lay}
        value={lay}
        options={ui.lay}
        onChange={(next) => choose({ lay: next })}
      />
    </fieldset>
  );
}
