import { type SyntheticEvent, useState } from "react";
import type { LengthUnit } from "../../core/length/units.ts";
import { newProject, wallNames } from "../../core/project/new-project.ts";
import type { Project } from "../../core/project/schema.ts";
import { Choice } from "../fields/Choice.tsx";
import { readLength } from "../fields/LengthField.tsx";
import { addJob } from "../storage/jobs.ts";
import { ui } from "../words/en.ts";
import { PATTERNS, type PatternName } from "./patterns.ts";

interface NewJobProps {
  onCancel: () => void;
  onCreated: (id: string) => void;
}

/** Texts that a new job starts from in each unit: sizes that the setter most likely changes. */
const START: Record<LengthUnit, Record<string, string>> = {
  in: {
    width0: "36",
    width1: "60",
    width2: "36",
    width3: "60",
    height: "96",
    tile: "24",
    side: "12",
    thickness: "3/8",
    joint: "1/8",
  },
  mm: {
    width0: "900",
    width1: "1500",
    width2: "900",
    width3: "1500",
    height: "2400",
    tile: "600",
    side: "300",
    thickness: "9.5",
    joint: "3",
  },
};

/** The end of a knee wall is as wide as a stud and its board on both sides. */
const KNEE_WALL_END: Record<LengthUnit, string> = { in: "4 7/8", mm: "125" };

type Texts = Record<string, string>;

/** A new job from four short answers. */
export function NewJob({ onCancel, onCreated }: NewJobProps) {
  const [unit, setUnit] = useState<LengthUnit>("in");
  const [texts, setTexts] = useState<Texts>({});
  const [kind, setKind] = useState<Project["enclosure"]["kind"]>("alcove");
  const [base, setBase] = useState<Project["enclosure"]["base"]>("pan");
  const [pattern, setPattern] = useState<Exclude<PatternName, "other">>("third-stepped");
  const [lay, setLay] = useState<"lying" | "standing">("lying");
  const [problems, setProblems] = useState<Texts>({});
  const startText = (name: string) =>
    kind === "knee-wall" && name === "width3" ? KNEE_WALL_END[unit] : START[unit][name];
  const text = (name: string) => texts[name] ?? startText(name) ?? "";
  const names = wallNames(kind);

  const field = (name: string, label: string) => (
    <AnswerField
      key={name}
      name={name}
      label={label}
      text={text(name)}
      problem={problems[name]}
      unit={unit}
      onChange={(value) => setTexts({ ...texts, [name]: value })}
    />
  );

  const submit = async (event: SyntheticEvent) => {
    event.preventDefault();
    const read = readAnswers(names.length, text, unit);
    const missing: Texts = text("name").trim() === "" ? { name: ui.jobs.nameMissing } : {};
    const all = { ...read.problems, ...missing };
    setProblems(all);
    if (Object.keys(all).length > 0) return;
    const { lengths } = read;
    const mm = (name: string) => lengths[name] ?? 0;
    const project = newProject({
      id: crypto.randomUUID(),
      name: text("name").trim(),
      unit,
      enclosure: kind,
      base,
      walls: names.map((_, k) => ({ width: mm(`width${k}`), height: mm("height") })),
      tile: {
        name: `${text("tile")} × ${text("side")} ${unit}`,
        width: mm("tile"),
        height: mm("side"),
        thickness: mm("thickness"),
      },
      joint: mm("joint"),
      pattern: { ...PATTERNS[pattern], lay },
    });
    try {
      onCreated(await addJob(project));
    } catch {
      setProblems({ store: ui.save.full });
    }
  };

  return (
    <form
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
      <div className="mb-4 grid gap-3 md:grid-cols-3">
        <div className="md:col-span-2">
          <AnswerField
            name="name"
            label={ui.newJob.name}
            text={texts.name ?? ""}
            problem={problems.name}
            placeholder={ui.newJob.namePlaceholder}
            onChange={(value) => setTexts({ ...texts, name: value })}
          />
        </div>
        <Choice
          roomy
          label={ui.newJob.unit}
          value={unit}
          options={{ in: ui.units.in, mm: ui.units.mm }}
          onChange={setUnit}
        />
      </div>
      <fieldset className="mb-4 grid gap-3 md:grid-cols-2">
        <legend className="mb-1 font-semibold">{ui.newJob.enclosure}</legend>
        <Choice
          roomy
          label={ui.newJob.enclosure}
          hideLabel
          value={kind}
          options={ui.newJob.enclosures}
          onChange={setKind}
        />
        <Choice
          roomy
          label={ui.newJob.base}
          value={base}
          options={ui.newJob.bases}
          onChange={setBase}
          hideLabel
        />
      </fieldset>
      <fieldset className="mb-4 grid grid-cols-2 gap-3 md:grid-cols-5">
        <legend className="mb-1 font-semibold">{ui.newJob.walls}</legend>
        {names.map((name, k) => field(`width${k}`, `${name}: ${ui.newJob.width.toLowerCase()}`))}
        {field("height", ui.newJob.height)}
      </fieldset>
      <fieldset className="mb-4 grid grid-cols-2 gap-3 md:grid-cols-4">
        <legend className="mb-1 font-semibold">{ui.newJob.tile}</legend>
        {field("tile", ui.newJob.tileWidth)}
        {field("side", ui.newJob.tileHeight)}
        {field("thickness", ui.newJob.tileThickness)}
        {field("joint", ui.newJob.joint)}
        <p className="col-span-full -mt-1 text-xs opacity-80">{ui.newJob.actual}</p>
      </fieldset>
      <fieldset className="mb-5 grid grid-cols-2 gap-3">
        <legend className="mb-1 font-semibold">{ui.newJob.pattern}</legend>
        <Choice
          roomy
          label={ui.setOut.pattern}
          value={pattern}
          options={Object.keys(PATTERNS).map((key) => [
            key as Exclude<PatternName, "other">,
            ui.patterns[key as PatternName],
          ])}
          onChange={setPattern}
        />
        <Choice roomy label={ui.setOut.lay} value={lay} options={ui.lay} onChange={setLay} />
      </fieldset>
      <div className="flex gap-2">
        <button type="submit" className="btn btn-primary">
          {ui.newJob.create}
        </button>
        <button type="button" className="btn btn-ghost" onClick={onCancel}>
          {ui.cancel}
        </button>
      </div>
    </form>
  );
}

function readAnswers(walls: number, text: (name: string) => string, unit: LengthUnit) {
  const names = [
    ...Array.from({ length: walls }, (_, k) => `width${k}`),
    "height",
    "tile",
    "side",
    "thickness",
    "joint",
  ];
  const lengths: Record<string, number> = {};
  const problems: Texts = {};
  for (const name of names) {
    const style = { unit, mark: 16 } as const;
    const read = readLength(text(name), style, RULES[name] ?? {});
    if (read.ok) lengths[name] = read.value;
    else problems[name] = read.problem;
  }
  return { lengths, problems };
}

/** Limits of the project file for a tile; every other length is only more than 0. */
const RULES: Record<string, Parameters<typeof readLength>[2]> = {
  joint: { zero: true, atMost: 50 },
  tile: { above: 4.99, atMost: 5000 },
  side: { above: 4.99, atMost: 5000 },
  thickness: { atMost: 100 },
};

interface AnswerFieldProps {
  name: string;
  label: string;
  text: string;
  problem: string | undefined;
  unit?: string;
  placeholder?: string;
  onChange: (text: string) => void;
}

function AnswerField({
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
        {label} {unit && <span className="opacity-70">({unit})</span>}
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
