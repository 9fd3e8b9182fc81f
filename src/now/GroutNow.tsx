import { Check, Undo2 } from "lucide-react";
import type { GroutMix } from "../../core/grout/mixes.ts";
import type { Plan } from "../../core/plan.ts";
import { jobOf } from "../../core/project/job.ts";
import type { Mix, Project } from "../../core/project/schema.ts";
import { type GroutStep, groutClock, runningMix } from "../../core/set/clocks.ts";
import type { Progress } from "../../core/set/progress.ts";
import { useJobStyle } from "../fields/context.ts";
import { begunMix, FIRST_WATER, groutKey } from "../panel/grout-state.ts";
import { TellMe } from "../panel/TellMe.tsx";
import { clockText, useNow } from "../state/clock.ts";
import { beginMix, type MixStep, stepMix, takeMixBack, unstepMix } from "../state/work.ts";
import { powderShown } from "../words/powder.ts";
import { ui } from "../words/ui.ts";
import { Dial } from "./Dial.tsx";

interface GroutNowProps {
  project: Project;
  plan: Plan;
  progress: Progress;
}

/** The mix of grout by the clock: float, wash, haze; or the one that comes next. */
export function GroutNow({ project, plan, progress }: GroutNowProps) {
  const running = runningMix(project.work?.mixes ?? [], "grout");
  const next = plan.grout.mixes.find((mix) => !begunMix(project.work, mix));
  if (progress.next && !running) {
    return <p className="text-sm opacity-80">{ui.now.tileFirst}</p>;
  }
  return (
    <section aria-label={ui.now.grout}>
      <h2 className="section-title">{ui.now.grout}</h2>
      {running && <RunningGrout project={project} mix={running} />}
      {next ? (
        <NextGrout project={project} next={next} first={!running} />
      ) : (
        !running && <p className="text-lg">{ui.now.allGrouted}</p>
      )}
    </section>
  );
}

/** What is noted when a step is done. */
const STEP_DONE: Record<Exclude<GroutStep, "done">, MixStep> = {
  float: "floated",
  wash: "washed",
  haze: "hazed",
};

function RunningGrout({ project, mix }: { project: Project; mix: Mix }) {
  const now = useNow(1000);
  const { hazeMin } = jobOf(project).settings;
  const { step, left } = groutClock(mix, hazeMin, now);
  if (step === "done") return null;
  const haze = step === "haze";
  const late = !haze && left <= 0;
  const whole = (haze ? hazeMin : mix.potLifeMin) * 60_000;
  const [wall = "", n = ""] = mix.for.split("/");
  const name = project.walls.find(({ id }) => id === wall)?.name ?? wall;
  const before = stepBefore(mix);
  return (
    <div data-grout-step={step}>
      <Dial gone={Math.min(1, Math.max(0, 1 - left / whole))} alarm={late}>
        <span className="text-5xl leading-none md:text-6xl font-bold">{clockText(left)}</span>
        <span className="text-lg">{ui.now.groutMix(name, Number(n))}</span>
        <span className={late ? "font-semibold text-error" : ""}>
          {haze
            ? left > 0
              ? ui.now.hazeIn
              : ui.now.hazeNow
            : late
              ? ui.now.late(Math.floor(-left / 60_000))
              : ui.now.washBy}
        </span>
      </Dial>
      <button
        type="button"
        className="btn btn-primary mt-3 h-24 w-full text-3xl font-bold"
        data-grout-done={step}
        onClick={() => stepMix(mix.id, STEP_DONE[step])}
      >
        <Check size={32} aria-hidden="true" /> {ui.now.groutDone[step]}
      </button>
      <div className="mt-2 flex flex-wrap gap-2">
        <button
          type="button"
          className="btn quiet-button h-16 flex-1 text-base"
          onClick={() => (before ? unstepMix(mix.id, before) : takeMixBack(mix.id))}
        >
          <Undo2 size={20} aria-hidden="true" />{" "}
          {before ? ui.now.undo(ui.grout.states[before]) : ui.grout.notBegun}
        </button>
      </div>
      {!haze && left > 0 && (
        <div className="mt-2">
          <TellMe
            about={`wash/${mix.id}`}
            at={now + left / 2}
            title={ui.now.washTold(project.name)}
            text={ui.now.groutMix(name, Number(n))}
            label={ui.now.tellWash}
            large
          />
        </div>
      )}
    </div>
  );
}

function stepBefore(mix: Mix): "floated" | "washed" | undefined {
  if (mix.washed) return "washed";
  return mix.floated ? "floated" : undefined;
}

interface NextGroutProps {
  project: Project;
  next: GroutMix;
  /** Nothing is running: it is the thing to do. */
  first: boolean;
}

function NextGrout({ project, next, first }: NextGroutProps) {
  const style = useJobStyle();
  const { wall, n, powderKg, waterL } = next;
  const name = project.walls.find(({ id }) => id === wall)?.name ?? wall;
  const water = powderShown(waterL, style.unit);
  const { groutWorkMin } = jobOf(project).settings;
  return (
    <>
      <button
        type="button"
        className={`btn mt-3 h-auto min-h-16 w-full py-2 text-lg ${first ? "btn-primary" : "quiet-button"}`}
        data-grout-now={`${wall}/${n}`}
        onClick={() =>
          beginMix(
            {
              ...{ for: groutKey(next), kind: "grout", powderKg, waterL },
              potLifeMin: groutWorkMin,
            },
            undefined,
          )
        }
      >
        <span className="name">
          {ui.now.groutMix(name, n)}:{" "}
          {ui.now.mixNow(ui.set.mix(powderShown(powderKg, style.unit), water))}
        </span>
      </button>
      <p className="mt-1 text-xs opacity-80">
        {ui.grout.waterHow(powderShown(waterL * FIRST_WATER, style.unit), water)} {ui.grout.keepDry}
      </p>
    </>
  );
}
