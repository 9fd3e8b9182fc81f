import { lazy, memo, Suspense, useEffect, useMemo } from "react";
import type { Plan } from "../../core/plan.ts";
import type { Project } from "../../core/project/schema.ts";
import { Surround } from "../drawing/Surround.tsx";
import { useLow, usePhone } from "../drawing/useMedia.ts";
import { JobStyleContext } from "../fields/context.ts";
import { BuildPanel } from "../stages/build/BuildPanel.tsx";
import { CutPanel } from "../stages/cut/CutPanel.tsx";
import { MeasurePanel } from "../stages/measure/MeasurePanel.tsx";
import { ComparePanel } from "../stages/set-out/ComparePanel.tsx";
import { SetOutPanel } from "../stages/set-out/SetOutPanel.tsx";
import { WaterproofPanel } from "../stages/waterproof/WaterproofPanel.tsx";
import { openJob, useJob } from "../state/job-store.ts";
import { isStage, selectWall, useView } from "../state/view-store.ts";
import { Tally, WallList } from "../tally/Tally.tsx";
import { ui } from "../words/en.ts";
import { Dialogs } from "./Dialogs.tsx";
import { Header } from "./Header.tsx";
import { Missing, Notices } from "./Notices.tsx";
import { Sheet } from "./Sheet.tsx";
import { StageNav } from "./StageNav.tsx";
import { useShortcuts } from "./useShortcuts.ts";

const OrderPage = lazy(() => import("../order/OrderPage.tsx"));
const PolePage = lazy(() => import("../pole/PolePage.tsx"));
const RecordPage = lazy(() => import("../record/RecordPage.tsx"));

/** One open job: header, stages, drawing, panel and wall tally. */
export function JobView({ id }: { id: string }) {
  useEffect(() => openJob(id), [id]);
  const plan = useJob((state) => state.plan);
  // The job and its plan, not those of a drag: what follows the finger listens for itself.
  const project = useJob((state) => state.row?.project);
  const missing = useJob((state) => state.missing);
  const selected = useView((state) => state.wall);
  useEffect(() => {
    const known = project?.walls.some((wall) => wall.id === selected);
    // The widest wall is the one the eye goes to first.
    const widest = [...(project?.walls ?? [])].sort((a, b) => b.width.bottom - a.width.bottom)[0];
    if (!known && widest) selectWall(widest.id);
  }, [project, selected]);
  useEffect(() => {
    if (project) document.title = `${project.name} · ${ui.product}`;
    return () => {
      document.title = ui.product;
    };
  }, [project]);
  const unit = project?.unit ?? "in";
  const mark = project?.mark ?? 16;
  // One object as long as nothing changes: every length on the page listens to it.
  const style = useMemo(() => ({ unit, mark, job: id }), [unit, mark, id]);
  if (missing) return <Missing />;
  if (!project || !plan) return <p className="p-6">{ui.loading}</p>;
  return (
    <JobStyleContext value={style}>
      <Workbench project={project} plan={plan} />
    </JobStyleContext>
  );
}

function Workbench({ project, plan }: { project: Project; plan: Plan }) {
  const page = useView((state) => state.page);
  const phone = usePhone();
  const low = useLow();
  useShortcuts();
  return (
    <div className="flex h-dvh flex-col overflow-hidden print:block print:h-auto print:overflow-visible">
      <Header project={project} />
      <Notices />
      <div className="flex min-h-0 flex-1">
        {!phone && <StageNav plan={plan} />}
        {!isStage(page) ? (
          <main className="min-h-0 flex-1 overflow-auto">
            <Suspense fallback={<p className="p-6">{ui.loading}</p>}>
              {page === "order" && <OrderPage project={project} plan={plan} />}
              {page === "pole" && <PolePage project={project} plan={plan} />}
              {page === "record" && <RecordPage project={project} plan={plan} />}
            </Suspense>
          </main>
        ) : (
          <>
            <main className="min-h-0 min-w-0 flex-1">
              <Surround project={project} plan={plan} />
            </main>
            {!phone && (
              <aside className="w-74 contain-content overflow-y-auto border-l border-base-300 bg-base-100 p-4">
                <Panel project={project} plan={plan} />
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
      {!phone && !low && isStage(page) && <Tally plan={plan} />}
      {phone && <PhoneFoot project={project} plan={plan} />}
      <Dialogs project={project} plan={plan} />
    </div>
  );
}

/** The panel of the stage, for the wall that is selected. */
const Panel = memo(function Panel({ project, plan }: { project: Project; plan: Plan }) {
  const page = useView((state) => state.page);
  const selected = useView((state) => state.wall);
  const comparing = useView((state) => state.comparing);
  const wall = plan.walls.find(({ id }) => id === selected) ?? plan.walls[0];
  const stored = project.walls.find(({ id }) => id === wall?.id);
  if (!wall || !stored) return null;
  switch (page) {
    case "measure":
      return (
        <MeasurePanel key={wall.id} project={project} plan={plan} wall={wall} stored={stored} />
      );
    case "build":
      return <BuildPanel key={wall.id} project={project} plan={plan} wall={wall} stored={stored} />;
    case "waterproof":
      return (
        <WaterproofPanel key={wall.id} project={project} plan={plan} wall={wall} stored={stored} />
      );
    case "set-out":
      if (comparing) return <ComparePanel project={project} />;
      return (
        <SetOutPanel key={wall.id} project={project} plan={plan} wall={wall} stored={stored} />
      );
    case "cut":
      return <CutPanel project={project} plan={plan} wall={wall} />;
    case "order":
    case "pole":
    case "record":
      return null;
    default:
      return page satisfies never;
  }
});

interface PhoneFootProps {
  project: Project;
  plan: Plan;
}

/** On a phone: one of two sheets, under which the drawing makes room, and the stages as a bar. */
function PhoneFoot({ project, plan }: PhoneFootProps) {
  const page = useView((state) => state.page);
  const sheet = useView((state) => state.sheet);
  const toggle = (which: "panel" | "tally") =>
    useView.setState({ sheet: sheet === which ? undefined : which });
  return (
    <>
      {sheet === "panel" && isStage(page) && (
        <Sheet title={ui.drawing.panel} onClose={() => toggle("panel")}>
          <Panel project={project} plan={plan} />
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
        <StageNav plan={plan} phone />
      </div>
    </>
  );
}
