import { Droplet, Trash2, Undo2 } from "lucide-react";
import { useEffect, useRef } from "react";
import { formatAmount } from "../../core/length/quantity.ts";
import type { Plan } from "../../core/plan.ts";
import { jobOf } from "../../core/project/job.ts";
import type { Mix, Project } from "../../core/project/schema.ts";
import { type MortarClock, mortarClock, runningMix } from "../../core/set/clocks.ts";
import { leftInBucket, type Progress } from "../../core/set/progress.ts";
import { bucketReaches } from "../../core/set/sessions.ts";
import { useJobStyle } from "../fields/context.ts";
import { MixLot } from "../panel/MixLot.tsx";
import { nextMix } from "../panel/next-cuts.ts";
import { TellMe } from "../panel/TellMe.tsx";
import { beep } from "../parts/beep.ts";
import { clockText, useNow } from "../state/clock.ts";
import { beginMix, stepMix, takeMixBack, throwAway, unstepMix } from "../state/work.ts";
import { rowName } from "../words/row-name.ts";
import { ui } from "../words/ui.ts";
import { Dial } from "./Dial.tsx";

interface MixClockProps {
  project: Project;
  plan: Plan;
  progress: Progress;
}

/** The mix in the bucket by the clock; where none is, the one to be mixed next. */
export function MixClock(shown: MixClockProps) {
  const running = runningMix(shown.project.work?.mixes ?? [], "mortar");
  return (
    <section aria-label={ui.set.mortar}>
      {running ? (
        <Running {...shown} mix={running} />
      ) : (
        <>
          <MixButton {...shown} running={undefined} />
          <EmptiedButton project={shown.project} />
        </>
      )}
    </section>
  );
}

/** A bucket that was not empty after all. */
function EmptiedButton({ project }: { project: Project }) {
  const last = project.work?.mixes?.findLast(({ kind }) => kind === "mortar");
  if (!last?.emptied) return null;
  return (
    <button
      type="button"
      className="btn quiet-button mt-2 h-16 w-full text-base"
      data-undo-empty
      onClick={() => unstepMix(last.id, "emptied")}
    >
      <Undo2 size={20} aria-hidden="true" /> {ui.now.notEmpty}
    </button>
  );
}

/** What is asked of a running mix less often: what is left of it, to be told, and the mix after it. */
export function MixMore(shown: MixClockProps) {
  const now = useNow(5000);
  const { project } = shown;
  const running = runningMix(project.work?.mixes ?? [], "mortar");
  if (!running) return null;
  const clock = mortarClock(running, jobOf(project).settings, now);
  return (
    <section aria-label={ui.now.left}>
      <LeftInBucket {...shown} mix={running} clock={clock} />
      <MixLot mix={running} />
      <div className="mt-2 grid gap-2">
        {clock.phase !== "over" && (
          <TellMe
            about={`pot/${running.id}`}
            at={now + clock.useLeft - TOLD_BEFORE}
            title={ui.now.potTold(project.name)}
            text={ui.set.phases.last}
            label={ui.now.tellPot}
            large
          />
        )}
        <MixButton {...shown} running={running} />
        <button
          type="button"
          className="btn quiet-button h-16 text-base"
          onClick={() => takeMixBack(running.id)}
        >
          <Undo2 size={20} aria-hidden="true" /> {ui.grout.notBegun}
        </button>
      </div>
    </section>
  );
}

/** So long before a mix is too stiff somebody wants to be told, ms. */
const TOLD_BEFORE = 10 * 60_000;

interface RunningProps extends MixClockProps {
  mix: Mix;
}

function Running({ project, plan, mix }: RunningProps) {
  const now = useNow(1000);
  const { settings } = jobOf(project);
  const clock = mortarClock(mix, settings, now);
  const number =
    (project.work?.mixes ?? [])
      .filter(({ kind }) => kind === "mortar")
      .findIndex(({ id }) => id === mix.id) + 1;
  useChime(`${mix.id}/${clock.phase}`, clock.phase !== "slaking");
  useChime(`${mix.spread}/${(clock.openLeft ?? 1) > 0}`, (clock.openLeft ?? 1) <= 0);
  const over = clock.phase === "over";
  const slaking = clock.phase === "slaking";
  return (
    <>
      <Dial gone={clock.gone} alarm={over || clock.phase === "last"}>
        <span className="text-5xl leading-none md:text-6xl font-bold" data-pot-life={clock.phase}>
          {over ? "0:00" : clockText(slaking ? clock.slakeLeft : clock.useLeft)}
        </span>
        <span className="text-lg">
          {ui.now.mixNo(number)} · {ui.set.phases[clock.phase]}
        </span>
        {slaking && <span className="text-sm">{ui.now.mixAgain}</span>}
        {over && (
          <span className="font-semibold text-error">
            {ui.now.over(Math.floor(-clock.useLeft / 60_000))}
          </span>
        )}
      </Dial>
      <div className="mt-3 grid grid-cols-2 gap-2">
        <OpenTime mix={mix} clock={clock} />
        <button
          type="button"
          className="btn quiet-button h-16 text-base"
          onClick={() =>
            over
              ? throwAway(mix.id, leftInBucket(mix, plan.set.rows, project.work))
              : stepMix(mix.id, "emptied")
          }
        >
          <Trash2 size={20} aria-hidden="true" /> {over ? ui.now.thrownAway : ui.now.empty}
        </button>
      </div>
    </>
  );
}

/** Sounds when something comes to be, not when it is so already as the page opens. */
function useChime(about: string, sounds: boolean): void {
  const last = useRef(about);
  useEffect(() => {
    if (last.current !== about && sounds) beep();
    last.current = about;
  }, [about, sounds]);
}

/** The mortar that was spread last, and the button that says that it is spread anew. */
function OpenTime({ mix, clock }: { mix: Mix; clock: MortarClock }) {
  const { openLeft } = clock;
  const skinned = openLeft !== undefined && openLeft <= 0;
  return (
    <button
      type="button"
      className="btn quiet-button h-16 flex-col gap-0 text-base"
      data-open-time={openLeft === undefined ? "none" : skinned ? "over" : "running"}
      onClick={() => stepMix(mix.id, "spread")}
    >
      {openLeft === undefined ? (
        ui.now.spread
      ) : (
        <>
          <span className={`text-2xl font-bold ${skinned ? "text-error" : ""}`}>
            {skinned ? ui.now.skinned : clockText(openLeft)}
          </span>
          <span className="text-sm font-normal">
            {ui.now.open} · {ui.now.spread}
          </span>
        </>
      )}
    </button>
  );
}

/** What of the bucket is left, which rows it still sets, and whether the next wall may be begun. */
function LeftInBucket({
  project,
  plan,
  progress,
  mix,
  clock,
}: RunningProps & { clock: MortarClock }) {
  const style = useJobStyle();
  if (clock.phase === "over") return null;
  const leftKg = leftInBucket(mix, plan.set.rows, project.work);
  const bucket = { leftKg, leftMin: clock.useLeft / 60_000 };
  const { rows } = bucketReaches(jobOf(project), bucket, progress.todo, 0);
  const last = rows.at(-1);
  const walls = new Set(progress.todo.map(({ wall }) => wall));
  const nextWall = rows.some(({ wall }) => wall !== progress.next?.wall);
  return (
    <p className="text-base" data-left-kg={leftKg.toFixed(2)}>
      {ui.now.left}: <strong>{formatAmount(leftKg, "kg", style)}</strong>,{" "}
      {last
        ? ui.now.leftSets(
            rows.length === 1
              ? rowName(project, last)
              : `${rowName(project, rows[0] as typeof last)} – ${rowName(project, last)}`,
          )
        : ui.now.leftNothing}
      . {walls.size > 1 && ui.now.nextWall(nextWall)}
    </p>
  );
}

interface MixButtonProps extends MixClockProps {
  running: Mix | undefined;
}

/** Says that the next mix is mixed; its clock begins then. */
function MixButton({ project, plan, progress, running }: MixButtonProps) {
  const style = useJobStyle();
  const mix = nextMix(plan, progress);
  if (!mix) return null;
  const use = plan.set.mortars.find((own) => own.tile === mix.tile)?.for ?? mix.tile;
  const { potLifeMin } = jobOf(project).settings;
  const amounts = ui.set.mix(
    formatAmount(mix.powderKg, "kg", style),
    formatAmount(mix.waterL, "L", style),
  );
  return (
    <>
      <button
        type="button"
        className={`btn h-16 w-full text-lg ${running ? "quiet-button" : "btn-primary"}`}
        data-mix-now
        onClick={() =>
          beginMix(
            {
              ...{ for: use, kind: "mortar", potLifeMin },
              ...{ powderKg: mix.powderKg, waterL: mix.waterL },
            },
            running,
          )
        }
      >
        <Droplet size={20} aria-hidden="true" className="shrink-0" />
        {ui.now.mixNow(amounts)}
      </button>
      {!running && <p className="mt-1 text-xs opacity-80">{ui.now.mixHint}</p>}
    </>
  );
}
