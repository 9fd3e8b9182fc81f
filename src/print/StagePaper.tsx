import { type ComponentType, useLayoutEffect, useRef } from "react";
import { formatAmount } from "../../core/length/quantity.ts";
import type { Plan } from "../../core/plan.ts";
import type { Project } from "../../core/project/schema.ts";
import type { WallPlan } from "../../core/wall-plan.ts";
import { told } from "../../core/words/told.ts";
import { warningSentences } from "../../core/words/warnings.ts";
import type { StageMarks } from "../drawing/marks.ts";
import { SurroundPicture } from "../drawing/Surround.tsx";
import { JobLookContext, PLAIN_LOOK } from "../drawing/tile-look.ts";
import { useJobStyle } from "../fields/context.ts";
import type { PanelProps } from "../panel/PanelParts.tsx";
import { BoardPaper } from "../stages/board/BoardPaper.tsx";
import { CutPaper } from "../stages/cut/CutPaper.tsx";
import { GroutPaper } from "../stages/grout/GroutPaper.tsx";
import { HandOverPaper } from "../stages/hand-over/HandOverPaper.tsx";
import { MeasurePaper } from "../stages/measure/MeasurePaper.tsx";
import { PaperPart, PaperTable } from "../stages/PaperParts.tsx";
import { SetPaper } from "../stages/set/SetPaper.tsx";
import { SetOutPaper } from "../stages/set-out/SetOutPaper.tsx";
import { WaterproofPaper } from "../stages/waterproof/WaterproofPaper.tsx";
import type { Stage } from "../state/view-store.ts";
import { formatWhen, ui } from "../words/ui.ts";

/** What each stage has to say on paper. */
const PAPERS: Record<Stage, ComponentType<PanelProps>> = {
  measure: MeasurePaper,
  board: BoardPaper,
  waterproof: WaterproofPaper,
  "set-out": SetOutPaper,
  cut: CutPaper,
  set: SetPaper,
  grout: GroutPaper,
  "hand-over": HandOverPaper,
};

/** The picture of a wall on paper, px at 96 to the inch: as wide as A4 and Letter both allow. */
const PICTURE = { width: 680, height: 560 };

export interface StagePaperProps {
  project: Project;
  plan: Plan;
  stage: Stage;
  marks: StageMarks | undefined;
}

/** A stage as sheets of paper: each wall begins one, with its picture, its figures and its lists. */
export function StagePaper({ project, plan, stage, marks }: StagePaperProps) {
  const Paper = PAPERS[stage];
  const sheets = useRef<HTMLDivElement>(null);
  useLayoutEffect(() => {
    // What is folded away on the screen cannot be unfolded on paper.
    for (const folded of sheets.current?.querySelectorAll("details") ?? []) folded.open = true;
  }, []);
  return (
    <div ref={sheets} className="paper" data-paper={stage}>
      {plan.walls.map((wall) => {
        const stored = project.walls.find(({ id }) => id === wall.id);
        return (
          stored && (
            <article key={wall.id} className="paper-wall">
              <header>
                <h1>
                  {ui.stages[stage]} · {wall.name}
                </h1>
                <p>
                  <strong>{project.name}</strong> · {ui.paper.given(formatWhen(Date.now()))}
                </p>
              </header>
              {/* Black on white: a tile's own colour is for the screen. */}
              <JobLookContext value={PLAIN_LOOK}>
                <SurroundPicture
                  plan={plan}
                  area={PICTURE}
                  wall={wall.id}
                  stage={stage}
                  marks={marks}
                />
              </JobLookContext>
              <Paper project={project} plan={plan} wall={wall} stored={stored} />
              <WallFigures wall={wall} />
              <Watch project={project} plan={plan} wall={wall.id} />
              <footer>{ui.paper.caution}</footer>
            </article>
          )
        );
      })}
    </div>
  );
}

function WallFigures({ wall: { figures } }: { wall: WallPlan }) {
  const style = useJobStyle();
  return (
    <PaperPart title={ui.paper.figures}>
      <PaperTable
        head={[ui.figure.input, ui.figure.amount]}
        rows={Object.values(figures)
          .filter(({ value }) => value > 0)
          .map(({ code, value, unit }) => ({
            key: code,
            cells: [told.figures[code].name, formatAmount(value, unit, style)],
          }))}
      />
    </PaperPart>
  );
}

/** Warnings of the wall and of the job, each with what to do instead. */
function Watch({ project, plan, wall }: { project: Project; plan: Plan; wall: string }) {
  const here = plan.warnings.filter((warning) => (warning.wall ?? wall) === wall);
  if (here.length === 0) return null;
  return (
    <PaperPart title={ui.paper.watch}>
      <ul>
        {here.map((warning) => {
          const { message, remedy } = warningSentences(project, warning);
          return (
            <li key={`${warning.code}-${warning.side}-${warning.item}-${warning.piece}`}>
              {warning.severity !== "note" && "! "}
              {message} {remedy}
            </li>
          );
        })}
      </ul>
    </PaperPart>
  );
}
