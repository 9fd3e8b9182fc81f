import { memo, type ReactNode, useEffect, useMemo, useState } from "react";
import type { Plan } from "../../core/plan.ts";
import type { Project } from "../../core/project/schema.ts";
import { Surround } from "../drawing/Surround.tsx";
import { type JobLook, JobLookContext, lookOf } from "../drawing/tile-look.ts";
import { usePhone, useShape } from "../drawing/useMedia.ts";
import { JobStyleContext } from "../fields/context.ts";
import { FirstOfPanel } from "../panel/FirstOfPanel.tsx";
import { Later } from "../parts/Later.tsx";
import { StageOfWarning } from "../stages/stage-of-warning.ts";
import { openJob, useJob } from "../state/job-store.ts";
import { askBeforeLeaving } from "../state/location.ts";
import { isStage, openDialog, type Page, selectWall, useView } from "../state/view-store.ts";
import { Tally, WallList } from "../tally/Tally.tsx";
import type { LanguageCode } from "../words/language-code.ts";
import { ui } from "../words/ui.ts";
import { Guarded } from "./Guarded.tsx";
import { Header } from "./Header.tsx";
import { DIALOGS, loadAhead, PAGE_PARTS, PALETTE } from "./later-parts.ts";
import { Damaged, Missing, Notices } from "./Notices.tsx";
import { PhoneFoot } from "./PhoneFoot.tsx";
import { Rehearsal } from "./Rehearsal.tsx";
import { StageNav } from "./StageNav.tsx";
import { STAGE_VIEWS, stageOf } from "./stages.ts";
import { useAddress } from "./useAddress.ts";
import { usePaper } from "./usePaper.ts";
import { useShortcuts } from "./useShortcuts.ts";

interface JobViewProps {
  id: string;
  /** There is no store but this tab. */
  inTab: boolean;
  language: LanguageCode;
}

/** One open job: header, stages, drawing, panel and wall tally. */
export function JobView({ id, inTab, language }: JobViewProps) {
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
  // The job that was open before is still there until this one is.
  const project = useJob(({ row }) => (row?.id === id ? row.project : undefined));
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
  const look = useJobTileLook(project);
  if (damaged) return <Damaged damaged={damaged} />;
  if (missing) return <Missing />;
  if (!project || !plan || !look) return <p className="p-6">{ui.loading}</p>;
  return (
    <JobStyleContext value={style}>
      <StageOfWarning value={stageOf}>
        <JobLookContext value={look}>
          {/* In another language all of it is drawn anew; what is half typed is kept by its field. */}
          <Workbench key={language} project={project} plan={plan} inTab={inTab} />
        </JobLookContext>
      </StageOfWarning>
    </JobStyleContext>
  );
}

/** The looks of the tiles; the same object as long as they look the same. */
function useJobTileLook(project: Project | undefined): JobLook | undefined {
  const told = project && JSON.stringify(lookOf(project));
  return useMemo(() => (told ? (JSON.parse(told) as JobLook) : undefined), [told]);
}

interface WorkbenchProps {
  project: Project;
  plan: Plan;
  inTab: boolean;
}

function Workbench({ project, plan, inTab }: WorkbenchProps) {
  const page = useView((state) => state.page);
  const shape = useShape();
  const Paper = usePaper();
  useShortcuts();
  useAddress(project.id);
  useTitle(project, page);
  const [isAllHere, setAllHere] = useState(false);
  useEffect(() => loadAhead(() => setAllHere(true)), []);
  const panel = <GuardedPanel project={project} plan={plan} />;
  const nav = { job: project.id, plan };
  if (Paper && isStage(page)) {
    const { marks } = STAGE_VIEWS[page];
    return <Paper project={project} plan={plan} stage={page} marks={marks} />;
  }
  return (
    <div className="flex h-full flex-col overflow-hidden print:block print:h-auto print:overflow-visible">
      <SkipLink />
      <Header project={project} inTab={inTab} />
      <Notices />
      <div className={`flex min-h-0 flex-1 ${shape === "upright" ? "flex-col" : ""}`}>
        {shape === "wide" && <StageNav {...nav} look="column" />}
        {shape === "flat" && <StageNav {...nav} look="rail" />}
        {isStage(page) ? (
          <>
            <main id="main" tabIndex={-1} className="min-h-0 min-w-0 flex-1">
              <h1 className="sr-only">{ui.stages[page]}</h1>
              <Guarded name={ui.failed.drawing} project={project} retryOn={plan}>
                <Surround
                  project={project}
                  plan={plan}
                  stage={page}
                  marks={STAGE_VIEWS[page].marks}
                />
              </Guarded>
            </main>
            {shape === "wide" && <Aside place="w-74 border-l">{panel}</Aside>}
            {shape === "upright" && (
              <Aside place="h-2/5 border-t">
                <div className="columns-2 gap-8">{panel}</div>
              </Aside>
            )}
            {shape === "flat" && <FlatAside plan={plan} panel={panel} />}
          </>
        ) : (
          <main id="main" tabIndex={-1} className="relative min-h-0 flex-1 overflow-auto">
            <Guarded key={page} name={ui.stages[page]} project={project} retryOn={plan}>
              <Later key={page} part={PAGE_PARTS[page]} props={{ project, plan }} />
            </Guarded>
          </main>
        )}
      </div>
      {(shape === "wide" || shape === "upright") && isStage(page) && (
        <Guarded name={ui.failed.tally} project={project} retryOn={plan}>
          <Tally plan={plan} />
        </Guarded>
      )}
      {shape === "upright" && <StageNav {...nav} look="bar" />}
      {shape === "phone" && <PhoneFoot {...nav} panel={panel} />}
      <OpenDialog project={project} plan={plan} inTab={inTab} />
      {isAllHere && <Rehearsal project={project} plan={plan} />}
    </div>
  );
}

/** The first stop of the Tab key: past the header and the stages. */
function SkipLink() {
  return (
    <button
      type="button"
      className="skip-link"
      onClick={() => document.getElementById("main")?.focus()}
    >
      {ui.skip}
    </button>
  );
}

/** The title says where: the job, the stage, the wall. */
function useTitle(project: Project, page: Page): void {
  const wall = useView((state) => project.walls.find(({ id }) => id === state.wall)?.name);
  useEffect(() => {
    const where = isStage(page) && wall ? [ui.stages[page], wall] : [ui.stages[page]];
    document.title = [project.name, ...where, ui.product].join(" · ");
  }, [project.name, page, wall]);
}

/** What stands beside the drawing, or below it. */
function Aside({ place, children }: { place: string; children: ReactNode }) {
  return (
    <aside
      className={`contain-content shrink-0 overflow-y-auto border-base-300 bg-base-100 p-4 ${place}`}
    >
      {children}
    </aside>
  );
}

/** Where it is low: panel and tally in one column, or either where there is no width for it. */
function FlatAside({ plan, panel }: { plan: Plan; panel: ReactNode }) {
  const narrow = usePhone();
  const sheet = useView((state) => state.sheet);
  if (narrow && !sheet) return null;
  return (
    <Aside place="w-74 border-l">
      {(!narrow || sheet === "panel") && panel}
      {(!narrow || sheet === "tally") && (
        <section className="mt-4" aria-label={ui.tally.title}>
          <WallList plan={plan} />
        </section>
      )}
    </Aside>
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

/** What is opened over the drawing, loaded when the first of it is. */
function OpenDialog(props: WorkbenchProps) {
  const { project, plan } = props;
  const kind = useView((state) => state.dialog?.kind);
  if (!kind) return null;
  const isPalette = kind === "palette";
  return (
    <Guarded key={kind} name={ui.failed.dialog} project={project} retryOn={plan}>
      {isPalette && <Later part={PALETTE} waiting={<span />} props={{ project, plan }} />}
      {!isPalette && <Later part={DIALOGS} waiting={<span />} props={props} />}
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
  const { panel, perWall } = STAGE_VIEWS[page];
  const shown = { project, plan, wall, stored };
  return (
    <FirstOfPanel key={page}>
      <Later key={perWall ? wall.id : page} part={panel} props={shown} />
    </FirstOfPanel>
  );
});

interface PanelsProps {
  project: Project;
  plan: Plan;
}
