import { Check, Timer, Undo2 } from "lucide-react";
import type { Plan } from "../../../core/plan.ts";
import type { Project } from "../../../core/project/schema.ts";
import { type Progress, progressOf } from "../../../core/set/progress.ts";
import { Caution, type PanelProps, PanelTitle, Section } from "../../panel/PanelParts.tsx";
import { Link } from "../../parts/Link.tsx";
import { addressOf } from "../../state/address.ts";
import { show } from "../../state/view-store.ts";
import { setRow, takeRowBack } from "../../state/work.ts";
import { rowName } from "../../words/row-name.ts";
import { ui } from "../../words/ui.ts";
import { WarningList } from "../WarningList.tsx";
import { CorrectionFields } from "./CorrectionFields.tsx";
import { MortarFields } from "./MortarFields.tsx";
import { NextCuts } from "./NextCuts.tsx";
import { PaceFields } from "./PaceFields.tsx";
import { PulledTiles } from "./PulledTiles.tsx";
import { SessionFacts, SessionTable } from "./SessionFacts.tsx";
import { SupportFields } from "./SupportFields.tsx";

/** The days on the wall: what comes next, what this session takes, and how it is judged. */
export function SetPanel({ project, plan, wall, stored }: PanelProps) {
  const { rows, sessions } = plan.set;
  const progress = progressOf(rows, project.work);
  if (rows.length === 0) return <p>{ui.set.nothing}</p>;
  const session = sessions.find(({ n }) => n === progress.session);
  return (
    <>
      <PanelTitle>{session ? ui.set.title(session.n, sessions.length) : ui.set.allSet}</PanelTitle>
      <NextRow project={project} plan={plan} progress={progress} />
      {session && <SessionFacts project={project} plan={plan} session={session} />}
      <NextCuts project={project} plan={plan} progress={progress} />
      <CorrectionFields project={project} plan={plan} wall={wall} />
      <PulledTiles project={project} plan={plan} wall={wall} stored={stored} />
      <SupportFields project={project} wall={wall} />
      <MortarFields project={project} plan={plan} wall={wall} />
      <SessionTable project={project} plan={plan} />
      <PaceFields project={project} />
      <Section title={ui.set.watch} open={false}>
        <Lines of={ui.set.lessons} />
      </Section>
      <Section title={ui.set.endOfDay} open={false}>
        <Lines of={ui.set.endSteps} />
      </Section>
      <WarningList project={project} plan={plan} wall={wall.id} />
      <Caution>{ui.set.caution}</Caution>
    </>
  );
}

function Lines({ of }: { of: readonly string[] }) {
  return (
    <ul className="mt-1 grid list-disc gap-1 pl-5 text-sm">
      {of.map((line) => (
        <li key={line}>{line}</li>
      ))}
    </ul>
  );
}

interface NextRowProps {
  project: Project;
  plan: Plan;
  progress: Progress;
}

/** How far the work is, the row that comes next, and one thing to press. */
function NextRow({ project, plan, progress }: NextRowProps) {
  const { next, pieces, todo } = progress;
  const minutes = todo.reduce((sum, row) => sum + row.minutes, 0);
  const last = project.work?.rows?.at(-1);
  const before = plan.set.rows.find(({ id }) => id === last?.id);
  return (
    <div className="mt-1">
      <p className="text-sm" data-far={pieces.done}>
        {ui.set.far(pieces.done, pieces.all, ui.set.hours(minutes))}
      </p>
      {next && (
        <button
          type="button"
          className="btn btn-primary mt-2 h-auto min-h-12 w-full py-2 text-base"
          data-set-row={next.id}
          onClick={() => setRow(next.id)}
        >
          <Check aria-hidden="true" className="shrink-0" />
          <span className="name">{ui.set.setIt(rowName(project, next))}</span>
        </button>
      )}
      <div className="mt-1 flex flex-wrap gap-1">
        {before && (
          <button
            type="button"
            className="btn btn-sm h-auto min-h-9 py-1"
            onClick={() => takeRowBack(before.id)}
          >
            <Undo2 size={16} aria-hidden="true" className="shrink-0" />
            <span className="name">{ui.set.takeBack(rowName(project, before))}</span>
          </button>
        )}
        <Link href={addressOf(project.id, "now")} className="btn btn-sm" onGo={() => show("now")}>
          <Timer size={16} aria-hidden="true" /> {ui.set.now}
        </Link>
      </div>
      <Key />
    </div>
  );
}

/** What the drawing's tints and marks mean. */
function Key() {
  const { key } = ui.set;
  return (
    <ul className="mt-2 flex flex-wrap gap-x-3 gap-y-1 text-xs">
      {(["done", "next", "clip", "end"] as const).map((sign) => (
        <li key={sign} className="flex items-center gap-1">
          <svg width={18} height={14} aria-hidden="true">
            {sign === "done" && <rect width={18} height={14} fill="var(--film)" opacity={0.45} />}
            {sign === "next" && (
              <rect
                x={1}
                y={1}
                width={16}
                height={12}
                fill="var(--chalk)"
                fillOpacity={0.24}
                stroke="var(--chalk)"
                strokeWidth={2}
              />
            )}
            {sign === "clip" && <path d="M9 2V12" stroke="currentColor" strokeWidth={3} />}
            {sign === "end" && (
              <path d="M0 7H18" stroke="currentColor" strokeWidth={2.5} strokeDasharray="3 4" />
            )}
          </svg>
          {key[sign]}
        </li>
      ))}
    </ul>
  );
}
