import { Check, Undo2 } from "lucide-react";
import type { GroutMix } from "../../core/grout/mixes.ts";
import type { Plan } from "../../core/plan.ts";
import { jobOf } from "../../core/project/job.ts";
import type { Mix, Project } from "../../core/project/schema.ts";
import { groutClock, hazyMixes, runningMix } from "../../core/set/clocks.ts";
import type { Progress } from "../../core/set/progress.ts";
import { useJobStyle } from "../fields/context.ts";
import { begunMix, FIRST_WATER, groutKey } from "../panel/grout-state.ts";
import { MixLot } from "../panel/MixLot.tsx";
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
  const hazy = hazyMixes(project.work?.mixes ?? []);
  if (progress.next && !running && hazy.length === 0) {
    return <p className="text-sm opacity-80">{ui.now.tileFirst}</p>;
  }
  return (
    <section aria-label={ui.now.grout}>
      <h2 className="section-title">{ui.now.grout}</h2>
      {running && <RunningGrout project={project} mix={running} />}
      {hazy.map((mix) => (
        <HazeButton key={mix.id} project={project} mix={mix} />
      ))}
      {next ? (
        <NextGrout project={project} next={next} first={!running} />
      ) : (
        !running && hazy.length === 0 && <p className="text-lg">{ui.now.allGrouted}</p>
      )}
    </section>
  );
}

/** A mix that is washed: its haze comes off after a while, when others are long begun. */
function HazeButton({ project, mix }: { project: Project; mix: Mix }) {
  const now = useNow(5000);
  const { left } = groutClock(mix, jobOf(project).settings.hazeMin, now);
  return (
    <div className="mt-2 flex gap-2" data-grout-step="haze">
      <button
        type="button"
        className="btn quiet-button h-16 flex-1 flex-col gap-0 text-base"
        data-grout-done="haze"
        onClick={() => stepMix(mix.id, "hazed")}
      >
        <span>
          {ui.now.groutDone.haze}: {mixName(project, mix)}
        </span>
        <span className={`text-sm ${left > 0 ? "font-normal" : "font-bold"}`}>
          {left > 0 ? `${clockText(left)} · ${ui.now.hazeIn}` : ui.now.hazeNow}
        </span>
      </button>
      <button
        type="button"
        className="btn btn-square quiet-button size-16"
        aria-label={`${ui.now.undo(ui.grout.states.washed)}: ${mixName(project, mix)}`}
        onClick={() => unstepMix(mix.id, "washed")}
      >
        <Undo2 size={20} aria-hidden="true" />
      </button>
    </div>
  );
}

function mixName(project: Project, { for: key }: Mix): string {
  const [wall = "", n = ""] = key.split("/");
  const name = project.walls.find(({ id }) => id === wall)?.name ?? wall;
  return ui.now.groutMix(name, Number(n));
}

/** What is noted when a step is done. */
const STEP_DONE: Record<"float" | "wash", MixStep> = { float: "floated", wash: "washed" };

function RunningGrout({ project, mix }: { project: Project; mix: Mix }) {
  const now = useNow(1000);
  const { step, left } = groutClock(mix, jobOf(project).settings.hazeMin, now);
  if (step !== "float" && step !== "wash") return null;
  const late = left <= 0;
  const gone = 1 - left / (mix.potLifeMin * 60_000);
  return (
    <div data-grout-step={step}>
      <Dial gone={Math.min(1, Math.max(0, gone))} alarm={late}>
        <span className="text-5xl leading-none font-bold md:text-6xl">{clockText(left)}</span>
        <span className="text-lg">{mixName(project, mix)}</span>
        <span className={late ? "font-semibold text-error" : ""}>
          {late ? ui.now.late(Math.floor(-left / 60_000)) : ui.now.washBy}
        </span>
      </Dial>
      <button
        type="button"
        className="btn btn-primary mt-3 h-20 w-full text-3xl font-bold"
        data-grout-done={step}
        onClick={() => stepMix(mix.id, STEP_DONE[step])}
      >
        <Check size={32} aria-hidden="true" /> {ui.now.groutDone[step]}
      </button>
      <button
        type="button"
        className="btn quiet-button mt-2 h-16 w-full text-base"
        onClick={() => (mix.floated ? unstepMix(mix.id, "floated") : takeMixBack(mix.id))}
      >
        <Undo2 size={20} aria-hidden="true" />{" "}
        {mix.floated ? ui.now.undo(ui.grout.states.floated) : ui.grout.notBegun}
      </button>
      <MixLot mix={mix} />
      {left > 0 && (
        <div className="mt-2 grid">
          <TellMe
            about={`wash/${mix.id}`}
            at={now + left / 2}
            title={ui.now.washTold(project.name)}
            text={mixName(project, mix)}
            label={ui.now.tellWash}
            large
          />
        </div>
      )}
    </div>
  );
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
  const { groutAdditive, groutWorkMin } = jobOf(project).settings;
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
        {ui.grout.waterHow(powderShown(waterL * FIRST_WATER, style.unit), water, groutAdditive)}{" "}
        {ui.grout.keepDry}
      </p>
    </>
  );
}
