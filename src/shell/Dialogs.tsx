import type { ReactNode } from "react";
import type { Plan } from "../../core/plan.ts";
import type { Project } from "../../core/project/schema.ts";
import { words } from "../../core/words/spoken.ts";
import { told } from "../../core/words/told.ts";
import { Later } from "../parts/Later.tsx";
import { Modal } from "../parts/Modal.tsx";
import { Part } from "../parts/part.ts";
import { DropTiles } from "../stages/cut/Drops.tsx";
import { TicketView } from "../stages/cut/TicketView.tsx";
import { GroutMixSheet } from "../stages/grout/GroutMixSheet.tsx";
import { ImportOutline } from "../stages/measure/ImportOutline.tsx";
import { ImportReadings } from "../stages/measure/ImportReadings.tsx";
import { MarkPhoto } from "../stages/measure/MarkPhoto.tsx";
import { SessionSheet } from "../stages/set/SessionSheet.tsx";
import { type Dialog, openDialog, useView } from "../state/view-store.ts";
import { FigureSheet, figureOf, JobFigureSheet } from "../tally/FigureSheet.tsx";
import { FlagSheet } from "../tally/FlagSheet.tsx";
import { ui } from "../words/ui.ts";
import { Guarded } from "./Guarded.tsx";
import { PhoneMenu } from "./Header.tsx";
import { Leave } from "./Leave.tsx";
import { Shortcuts } from "./Shortcuts.tsx";

/** Its charts need a library that nothing else does. */
const USED = new Part<{ project: Project; plan: Plan }>(
  async () => (await import("../used/UsedCharts.tsx")).default,
);

export interface DialogsProps {
  project: Project;
  plan: Plan;
  /** There is no store but this tab. */
  inTab: boolean;
}

/** Whatever is opened over the drawing, as a modal dialog that Escape closes. */
export function Dialogs({ project, plan, inTab }: DialogsProps) {
  const dialog = useView((state) => state.dialog);
  // The palette stands alone: its libraries are loaded with it.
  if (!dialog || dialog.kind === "palette") return null;
  if (dialog.kind === "leave") return <Leave project={project} to={dialog.to} />;
  if (dialog.kind === "ticket") {
    return <TicketView project={project} plan={plan} wallId={dialog.wall} />;
  }
  const content = contentOf(dialog, { project, plan, inTab });
  return (
    content && (
      <Modal {...content} onClose={() => openDialog(undefined)}>
        <Guarded key={dialog.kind} name={content.title} project={project}>
          {content.body}
        </Guarded>
      </Modal>
    )
  );
}

interface Content {
  title: string;
  body: ReactNode;
  /** With more room than for a column of figures. */
  wide?: boolean;
}

function contentOf(
  dialog: Exclude<Dialog, { kind: "palette" | "ticket" | "leave" }>,
  { project, plan, inTab }: DialogsProps,
): Content | undefined {
  switch (dialog.kind) {
    case "menu":
      return { title: ui.header.menu, body: <PhoneMenu project={project} inTab={inTab} /> };
    case "shortcuts":
      return { title: ui.shortcuts.title, body: <Shortcuts /> };
    case "used": {
      const body = <Later part={USED} props={{ project, plan }} />;
      return { title: ui.grout.charts.open, body, wide: true };
    }
    case "session": {
      const session = plan.set.sessions.find(({ n }) => n === dialog.n);
      if (!session) return undefined;
      const body = <SessionSheet project={project} plan={plan} session={session} />;
      return { title: ui.set.session(session.n), body, wide: true };
    }
    case "grout-mix": {
      const mix = plan.grout.mixes.find(({ wall, n }) => wall === dialog.wall && n === dialog.n);
      if (!mix) return undefined;
      const name = project.walls.find(({ id }) => id === mix.wall)?.name ?? mix.wall;
      const body = <GroutMixSheet project={project} mix={mix} />;
      return { title: ui.now.groutMix(name, mix.n), body };
    }
    case "drops":
      return { title: ui.cut.drops.show, body: <DropTiles plan={plan} />, wide: true };
    case "import-readings":
      return { title: ui.readings.title, body: <ImportReadings project={project} /> };
    case "import-outline": {
      const wall = project.walls.find(({ id }) => id === dialog.wall);
      if (!wall) return undefined;
      const title = `${ui.readings.outline.title} · ${wall.name}`;
      return { title, body: <ImportOutline wall={wall} /> };
    }
    case "wall-photo": {
      const wall = plan.walls.find(({ id }) => id === dialog.wall);
      if (!wall) return undefined;
      const title = `${ui.measure.photo.title} · ${wall.name}`;
      return { title, body: <MarkPhoto project={project} wall={wall} />, wide: true };
    }
    case "flag": {
      const wall = plan.walls.find(({ id }) => id === dialog.wall);
      if (!wall) return undefined;
      const title = `${wall.name} · ${ui.sides[dialog.side]}`;
      return { title, body: <FlagSheet plan={plan} wall={wall} side={dialog.side} /> };
    }
    case "figure": {
      const { code } = dialog;
      const title = told.figures[code].name;
      const wall = plan.walls.find(({ id }) => id === dialog.wall);
      const figure = wall && figureOf(plan, wall.id, code);
      if (!figure) return { title, body: <JobFigureSheet plan={plan} code={code} /> };
      return { title, body: <FigureSheet isOfWall figure={figure} of={wall.name} /> };
    }
    case "order-figure": {
      const row = plan.order.find(
        ({ code, of }) => code === dialog.item && (dialog.of === undefined || of === dialog.of),
      );
      if (!row) return undefined;
      const title = words.orderItems[row.code];
      return { title, body: <FigureSheet figure={row.figure} of={ui.tally.job} /> };
    }
    default:
      return dialog satisfies never;
  }
}
