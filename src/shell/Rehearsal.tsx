import { Activity, useEffect, useState } from "react";
import { createPortal } from "react-dom";
import { ErrorBoundary } from "react-error-boundary";
import type { Plan } from "../../core/plan.ts";
import type { Project } from "../../core/project/schema.ts";
import { SurroundPicture } from "../drawing/Surround.tsx";
import { Later } from "../parts/Later.tsx";
import { STAGES, type Stage } from "../state/view-store.ts";
import { STAGE_VIEWS } from "./stages.ts";

/** Of no matter: nobody sees it, px. */
const AREA = { width: 800, height: 500 };

/** How often it is asked whether a stage is through, ms. */
const ASKED = 250;

/** How many stages are through: once for all jobs that are opened. */
let through = 0;

interface RehearsalProps {
  project: Project;
  plan: Plan;
}

/**
 * Each stage drawn once beside the page, when nothing else is to do: what runs for the first time
 * takes three times as long, and on a slow device that would be when the stage is opened. Nothing
 * of it is ever on the page, and none of its effects run.
 */
export function Rehearsal(props: RehearsalProps) {
  const [at, setAt] = useState(through);
  const [besidePage] = useState(() => document.createElement("div"));
  const stage = STAGES[at];
  useEffect(() => {
    if (!stage) return;
    const timer = setInterval(() => {
      if (!besidePage.firstChild) return;
      through = at + 1;
      setAt(through);
    }, ASKED);
    return () => clearInterval(timer);
  }, [stage, at, besidePage]);
  if (!stage) return null;
  return createPortal(
    <ErrorBoundary key={stage} fallback={<br />}>
      <Activity mode="hidden">
        <StageAside {...props} stage={stage} />
      </Activity>
    </ErrorBoundary>,
    besidePage,
  );
}

function StageAside({ project, plan, stage }: RehearsalProps & { stage: Stage }) {
  const { panel, marks } = STAGE_VIEWS[stage];
  const [wall] = plan.walls;
  const stored = project.walls.find(({ id }) => id === wall?.id);
  if (!wall || !stored) return null;
  return (
    <>
      <SurroundPicture plan={plan} area={AREA} wall={wall.id} stage={stage} marks={marks} />
      <Later part={panel} props={{ project, plan, wall, stored }} />
    </>
  );
}
