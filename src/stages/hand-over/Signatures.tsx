import { type PointerEvent, useId, useState } from "react";
import { addItem, removeItem } from "../../../core/project/items.ts";
import type { Project, Signature } from "../../../core/project/schema.ts";
import { RemoveButton, Section } from "../../panel/PanelParts.tsx";
import { dispatch } from "../../state/job-store.ts";
import { formatWhen, ui } from "../../words/ui.ts";

const list = { list: "signatures" as const };

const ROLES = ["setter", "owner"] as const;

/** Both sign: drawn with a finger or a pen, or with the name alone. */
export function Signatures({ project }: { project: Project }) {
  const signed = project.handOver?.signatures ?? [];
  return (
    <Section title={ui.handOver.signatures} open={signed.length > 0}>
      {signed.map((own) => (
        <Signed key={own.id} own={own} />
      ))}
      {ROLES.filter((role) => !signed.some((own) => own.role === role)).map((role) => (
        <Pad key={role} role={role} />
      ))}
    </Section>
  );
}

/** The pad, and a signature on it, in parts of a thousand of its width. */
const PAD = { width: 1000, height: 330 };

type Stroke = Signature["strokes"][number];

function pathOf(stroke: Stroke): string {
  return stroke
    .map(([x, y], k) => `${k === 0 ? "M" : "L"}${x * PAD.width} ${y * PAD.height}`)
    .join("");
}

function Strokes({ strokes }: Pick<Signature, "strokes">) {
  return strokes.map((stroke) => (
    <path
      key={pathOf(stroke)}
      d={pathOf(stroke)}
      fill="none"
      stroke="var(--color-base-content)"
      strokeWidth={7}
      strokeLinecap="round"
      strokeLinejoin="round"
    />
  ));
}

/** A signature as it was drawn. */
export function SignatureDrawing({ strokes }: Pick<Signature, "strokes">) {
  return (
    <svg viewBox={`0 0 ${PAD.width} ${PAD.height}`} className="h-20" aria-hidden="true">
      <Strokes strokes={strokes} />
    </svg>
  );
}

function Signed({ own }: { own: Signature }) {
  const { id, role, name, at, strokes } = own;
  const label = ui.handOver.signed(ui.handOver.roles[role], name);
  return (
    <div
      className="mt-2 flex items-start justify-between border-b border-base-300"
      data-signed={role}
    >
      <div>
        <p className="font-semibold">{label}</p>
        {strokes.length > 0 && <SignatureDrawing strokes={strokes} />}
        <p className="text-xs opacity-80">{ui.handOver.signedAt(formatWhen(Date.parse(at)))}</p>
      </div>
      <RemoveButton of={label} onClick={() => dispatch(removeItem(list, id))} />
    </div>
  );
}

function Pad({ role }: { role: Signature["role"] }) {
  const [name, setName] = useState("");
  const [strokes, setStrokes] = useState<Stroke[]>([]);
  const id = useId();
  const sign = () => {
    const at = new Date().toISOString();
    dispatch(addItem(list, { id: crypto.randomUUID(), role, name: name.trim(), at, strokes }));
  };
  return (
    <fieldset className="mt-3" data-sign={role}>
      <legend className="font-semibold">{ui.handOver.roles[role]}</legend>
      <label className="field-label" htmlFor={id}>
        {ui.handOver.name}
      </label>
      <input
        id={id}
        name={`sign/${role}`}
        className="input w-full bg-base-100"
        value={name}
        maxLength={200}
        autoComplete="off"
        onChange={(event) => setName(event.target.value)}
      />
      <DrawHere strokes={strokes} onChange={setStrokes} />
      <div className="mt-1 flex gap-2">
        <button
          type="button"
          className="btn btn-primary min-h-12 flex-1"
          disabled={name.trim() === ""}
          onClick={sign}
        >
          {strokes.length > 0 ? ui.handOver.sign : ui.handOver.signPlain}
        </button>
        {strokes.length > 0 && (
          <button type="button" className="btn min-h-12" onClick={() => setStrokes([])}>
            {ui.handOver.clear}
          </button>
        )}
      </div>
    </fieldset>
  );
}

/** The longest stroke that is kept, and the most strokes: what the job's file may hold. */
const MOST = { points: 2000, strokes: 200 };

interface DrawHereProps {
  strokes: Stroke[];
  onChange: (strokes: Stroke[]) => void;
}

function DrawHere({ strokes, onChange }: DrawHereProps) {
  const at = (event: PointerEvent<SVGSVGElement>): Stroke[number] => {
    const { left, top, width, height } = event.currentTarget.getBoundingClientRect();
    const share = (value: number) => Math.min(1, Math.max(0, Math.round(value * 1000) / 1000));
    return [share((event.clientX - left) / width), share((event.clientY - top) / height)];
  };
  const begin = (event: PointerEvent<SVGSVGElement>) => {
    if (strokes.length >= MOST.strokes) return;
    event.currentTarget.setPointerCapture(event.pointerId);
    onChange([...strokes, [at(event)]]);
  };
  const go = (event: PointerEvent<SVGSVGElement>) => {
    const last = strokes.at(-1);
    if (!last || !event.currentTarget.hasPointerCapture(event.pointerId)) return;
    if (last.length < MOST.points) onChange([...strokes.slice(0, -1), [...last, at(event)]]);
  };
  return (
    <svg
      viewBox={`0 0 ${PAD.width} ${PAD.height}`}
      className="mt-1 block w-full touch-none border border-base-content bg-base-100"
      role="img"
      aria-label={ui.handOver.draw}
      onPointerDown={begin}
      onPointerMove={go}
    >
      {strokes.length === 0 && (
        <text x={500} y={180} textAnchor="middle" fontSize={46} fill="currentColor" opacity={0.75}>
          {ui.handOver.draw}
        </text>
      )}
      <Strokes strokes={strokes} />
    </svg>
  );
}
