import { Check, Hand, Undo2 } from "lucide-react";
import { useState } from "react";
import type { Plan } from "../../core/plan.ts";
import { jobOf } from "../../core/project/job.ts";
import type { Project } from "../../core/project/schema.ts";
import { leftOf } from "../../core/set/clocks.ts";
import { type Progress, progressOf } from "../../core/set/progress.ts";
import { Link } from "../parts/Link.tsx";
import { useWakeLock } from "../parts/useWakeLock.ts";
import { addressOf } from "../state/address.ts";
import { useNow } from "../state/clock.ts";
import { selectWall, show } from "../state/view-store.ts";
import { SUPPORT_STAYS_H, setRow, takeOut, takeRowBack } from "../state/work.ts";
import { rowName } from "../words/row-name.ts";
import { formatWhen, ui } from "../words/ui.ts";
import { GroutNow } from "./GroutNow.tsx";
import { MixClock, MixMore } from "./MixClock.tsx";
import { RowStrip } from "./RowStrip.tsx";

interface NowProps {
  project: Project;
  plan: Plan;
}

/** What is done now, for one hand in a wet glove: the running mix, the next row, one thing to press. */
export default function NowPage({ project, plan }: NowProps) {
  useWakeLock();
  const [stopped, setStopped] = useState(false);
  const progress = progressOf(plan.set.rows, project.work);
  const shown = { project, plan, progress };
  return (
    <div className="mx-auto grid max-w-xl gap-4 p-4 pb-10" data-now>
      <h1 className="sr-only">{ui.now.title}</h1>
      {stopped ? (
        <EndOfDay onGoOn={() => setStopped(false)} />
      ) : (
        <>
          {progress.next && <MixClock {...shown} />}
          {progress.next && <Setting {...shown} />}
          {progress.next && <MixMore {...shown} />}
          {progress.next && <Afterwards {...shown} onStop={() => setStopped(true)} />}
          {!progress.next && <UndoLast {...shown} />}
          {plan.grout.mixes.length > 0 && <GroutNow {...shown} />}
        </>
      )}
      <p className="border-l-3 border-warning pl-2 text-xs opacity-90">{ui.set.caution}</p>
    </div>
  );
}

interface SettingProps extends NowProps {
  progress: Progress;
}

/** The next row with its cuts, and the button that says that it is set. */
function Setting({ project, plan, progress }: SettingProps) {
  const { next, pieces } = progress;
  const wall = plan.walls.find(({ id }) => id === next?.wall);
  if (!next || !wall) return null;
  return (
    <section aria-label={ui.set.next}>
      <p className="flex justify-between gap-2 text-lg">
        <strong className="name">{rowName(project, next)}</strong>
        <span>{ui.set.hours(next.minutes)}</span>
      </p>
      <p className="text-sm opacity-80">
        {next.opening === undefined && `${ui.set.pieces(next.pieces, next.cuts)} · `}
        {ui.set.far(
          pieces.done,
          pieces.all,
          ui.set.hours(progress.todo.reduce((sum, row) => sum + row.minutes, 0)),
        )}
      </p>
      <RowStrip job={jobOf(project)} project={project} wall={wall} row={next} />
      <button
        type="button"
        className="btn btn-primary mt-3 h-20 w-full text-4xl font-bold"
        data-set-row={next.id}
        onClick={() => setRow(next.id)}
      >
        <Check size={36} aria-hidden="true" /> {ui.now.set}
      </button>
      <UndoLast project={project} plan={plan} progress={progress} />
      <Link
        href={addressOf(project.id, "set", { wall: wall.id })}
        className="btn quiet-button mt-2 h-16 w-full text-base leading-tight"
        onGo={() => {
          selectWall(wall.id);
          show("set");
        }}
      >
        <Hand size={20} aria-hidden="true" className="shrink-0" /> {ui.now.pull}
      </Link>
    </section>
  );
}

/** What is done while the row sets, and the end of the day. */
function Afterwards({ project, plan, progress, onStop }: SettingProps & { onStop: () => void }) {
  const now = useNow(30_000);
  const supports = (project.work?.supports ?? []).filter(({ out }) => out === undefined);
  const older = plan.set.rows.some((row) => row.session < progress.session);
  return (
    <section aria-label={ui.now.afterwards}>
      <h2 className="section-title">{ui.now.afterwards}</h2>
      <ul className="list-disc pl-5 text-base">
        <li>{ui.now.steps.scrape}</li>
        {older && plan.totals.clips > 0 && <li>{ui.now.steps.clips}</li>}
      </ul>
      {supports.map(({ id, kind, wall, at, hours = SUPPORT_STAYS_H }) => {
        const left = at === undefined ? 0 : leftOf(at, hours * 60, now);
        const name = project.walls.find((own) => own.id === wall)?.name ?? wall;
        return (
          <button
            key={id}
            type="button"
            className="btn quiet-button mt-2 h-16 w-full flex-col gap-0 text-base"
            data-support-out={id}
            onClick={() => takeOut(id)}
          >
            {ui.now.supportOut(ui.set.supportKinds[kind], name)}
            <span className="text-sm font-normal">
              {left > 0 ? ui.set.outFrom(formatWhen(now + left)) : ui.set.mayOut}
            </span>
          </button>
        );
      })}
      <button
        type="button"
        className="btn quiet-button mt-2 h-16 w-full text-base"
        onClick={onStop}
      >
        {ui.now.stop}
      </button>
    </section>
  );
}

/** A wrong tap is taken back with one of the same size. */
function UndoLast({ project, plan }: SettingProps) {
  const last = project.work?.rows?.at(-1);
  const row = plan.set.rows.find(({ id }) => id === last?.id);
  if (!row) return null;
  return (
    <button
      type="button"
      className="btn quiet-button mt-2 h-16 w-full text-base"
      data-undo-row={row.id}
      onClick={() => takeRowBack(row.id)}
    >
      <Undo2 size={20} aria-hidden="true" className="shrink-0" />
      <span className="name">{ui.now.undo(rowName(project, row))}</span>
    </button>
  );
}

/** What is not forgotten before one leaves the wall. */
function EndOfDay({ onGoOn }: { onGoOn: () => void }) {
  return (
    <section aria-label={ui.set.endOfDay} data-end-of-day>
      <h2 className="text-2xl font-bold">{ui.set.endOfDay}</h2>
      <ul className="mt-2 grid list-disc gap-2 pl-6 text-lg">
        {ui.set.endSteps.map((line) => (
          <li key={line}>{line}</li>
        ))}
      </ul>
      <button type="button" className="btn btn-primary mt-4 h-16 w-full text-xl" onClick={onGoOn}>
        {ui.now.goOn}
      </button>
    </section>
  );
}
