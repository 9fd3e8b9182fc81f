import { memo, useEffect, useMemo } from "react";
import type { Plan } from "../../core/plan.ts";
import type { Project } from "../../core/project/schema.ts";
import { Surround } from "../drawing/Surround.tsx";
import { useLow, usePhone } from "../drawing/useMedia.ts";
import { JobStyleContext } from "../fields/context.ts";
import { StageOfWarning } from "../stages/WarningList.tsx";
import { openJob, useJob } from "../state/job-store.ts";
import { askBeforeLeaving } from "../state/location.ts";
import { isStage, openDialog, selectWall, useView } from "../state/view-store.ts";
import { Tally, WallList } from "../tally/Tally.tsx";
import { ui } from "../words/ui.ts";
import { Dialogs } from "./Dialogs.tsx";
import { Guarded } from "./Guarded.tsx";
import { Header } from "./Header.tsx";
import { Later } from "./Later.tsx";
import { Damaged, Missing, Notices } from "./Notices.tsx";
import { Sheet } from "./Sheet.tsx";
import { StageNav } from "./StageNav.tsx";
import { STAGE_VIEWS, stageOf } from "./stages.ts";
import { useAddress } from "./useAddress.ts";
import { useShortcuts } from "./useShortcuts.ts";

/** Pages beside the drawing, loaded where they are shown. */
const LOADED = {
  order: () => import("../order/OrderPage.tsx"),
  pole: () => import("../pole/PolePage.tsx"),
  record: () => import("../record/RecordPage.tsx"),
};

interface JobViewProps {
  id: string;
  /** There is no store but this tab. */
  inTab: boolean;
}

/** One open job: header, stages, drawing, panel and wall tally. */
export function JobView({ id, inTab }: JobViewProps) {
  useEffect(() => openJob(id), [id]);
  useEffect(() => {
    askBeforeLeaving((to) => {
      const asks = useJob.getState().save === "failed";
      if (asks) openDialog({ kind: "leave", to });
      return asks;
    });
    return () => askBeforeLeaving(() => false);
  }, []);
  const damaged = useJob((state) => state.damaged);
  const plan = useJob((state) => state.plan);
  // The job and its plan, not those of a drag: what follows the finger listens for itself.
  const project = useJob((state) => state.row?.project);
  const missing = useJob((state) => state.missing);
  useEffect(() => {
    const selected = useView.getState().wall;
    const known = project?.walls.some((wall) => wall.id === selected);
    // The widest wall is the one the eye goes to first.
    const widest = [...(project?.walls ?? [])].sort((a, b) => b.width.bottom - a.width.bottom)[0];
    if (!known && widest) selectWall(widest.id);
  }, [project]);
  const unit = project?.unit ?? "in";
  const mark = project?.mark ?? 16;
  // One object as long as nothing changes: every length on the page listens to it.
  const style = useMemo(() => ({ unit, mark, job: id }), [unit, mark, id]);
  if (damaged) return <Damaged damaged={damaged} />;
  if (missing) return <Missing />;
  if (!project || !plan) return <p className="p-6">{ui.loading}</p>;
  return (
    <JobStyleContext value={style}>
      <StageOfWarning value={stageOf}>
        <Workbench project={project} plan={plan} inTab={inTab} />
      </StageOfWarning>
    </JobStyleContext>
  );
}

interface WorkbenchProps {
  project: Project;
  plan: Plan;
  inTab: boolean;
}

function Workbench({ project, plan, inTab }: WorkbenchProps) {
  const page = useView((state) => state.page);
  const phone = usePhone();
  const low = useLow();
  useShortcuts();
  useAddress(project.id);
  const wall = useView((state) => project.walls.find(({ id }) => id === state.wall)?.name);
  useEffect(() => {
    const where = isStage(page) && wall ? [ui.stages[page], wall] : [ui.stages[page]];
    document.title = [project.name, ...where, ui.product].join(" · ");
  }, [project.name, page, wall]);
  return (
    <div className="flex h-full flex-col overflow-hidden print:block print:h-auto print:overflow-visible">
      <Header project={project} inTab={inTab} />
      <Notices />
      <div className="flex min-h-0 flex-1">
        {!phone && <StageNav job={project.id} plan={plan} />}
        {!isStage(page) ? (
          <main className="min-h-0 flex-1 overflow-auto">
            <Guarded key={page} name={ui.stages[page]} project={project} retryOn={plan}>
              <Later key={page} load={LOADED[page]} props={{ project, plan }} />
            </Guarded>
          </main>
        ) : (
          <>
            <main className="min-h-0 min-w-0 flex-1">
              <Guarded name={ui.failed.drawing} project={project} retryOn={plan}>
                <Surround project={project} plan={plan} marks={STAGE_VIEWS[page].marks} />
              </Guarded>
            </main>
            {!phone && (
              <aside className="w-74 contain-content overflow-y-auto border-l border-base-300 bg-base-100 p-4">
                <GuardedPanel project={project} plan={plan} />
                {low && (
                  <section className="mt-4" aria-label={ui.tally.title}>
                    <WallList plan={plan} />
                  </section>
                )}
              </aside>
            )}
          </>
        )}
      </div>
      {!phone && !low && isStage(page) && (
        <Guarded name={ui.failed.tally} project={project} retryOn={plan}>
          <Tally plan={plan} />
        </Guarded>
      )}
      {phone && <PhoneFoot project={project} plan={plan} />}
      <Dialogs project={project} plan={plan} />
    </div>
  );
}

function GuardedPanel({ project, plan }: PanelsProps) {
  const page = useView((state) => state.page);
  return (
    <Guarded key={page} name={ui.failed.panel} project={project} retryOn={plan}>
      <Panel project={project} plan={plan} />
    </Guarded>
  );
}

/** The panel of the stage, for the wall that is selected. */
const Panel = memo(function Panel({ project, plan }: { project: Project; plan: Plan }) {
  const page = useView((state) => state.page);
  const selected = useView((state) => state.wall);
  const wall = plan.walls.find(({ id }) => id === selected) ?? plan.walls[0];
  const stored = project.walls.find(({ id }) => id === wall?.id);
  if (!wall || !stored || !isStage(page)) return null;
  const { Panel: StagePanel, perWall } = STAGE_VIEWS[page];
  const shown = { project, plan, wall, stored };
  return <StagePanel key={perWall ? wall.id : page} {...shown} />;
});

interface PanelsProps {
  project: Project;
  plan: Plan;
}

/** On a phone: one of two sheets, under which the drawing makes room, and the stages as a bar. */
function PhoneFoot({ project, plan }: PanelsProps) {
  const page = useView((state) => state.page);
  const sheet = useView((state) => state.sheet);
  const toggle = (which: "panel" | "tally") =>
    useView.setState({ sheet: sheet === which ? undefined : which });
  return (
    <>
      {sheet === "panel" && isStage(page) && (
        <Sheet title={ui.drawing.panel} onClose={() => toggle("panel")}>
          <GuardedPanel project={project} plan={plan} />
        </Sheet>
      )}
      {sheet === "tally" && (
        <Sheet title={ui.tally.title} onClose={() => toggle("tally")}>
          <WallList plan={plan} />
        </Sheet>
      )}
      <div className="no-print border-t border-base-300 bg-base-100">
        {isStage(page) && (
          <div className="flex gap-2 px-2 pt-2">
            <button
              type="button"
              className="btn flex-1"
              aria-expanded={sheet === "panel"}
              onClick={() => toggle("panel")}
            >
              {ui.drawing.panel}
            </button>
            <button
              type="button"
              className="btn flex-1"
              aria-expanded={sheet === "tally"}
              onClick={() => toggle("tally")}
            >
              {ui.drawing.tally}
            </button>
          </div>
        )}
        <StageNav job={project.id} plan={plan} phone />
      </div>
    </>
  );
}
