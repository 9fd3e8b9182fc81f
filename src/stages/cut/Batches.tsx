import { batchesOf, type Ticket } from "../../../core/cut/ticket.ts";
import { jobOf } from "../../../core/project/job.ts";
import type { Project } from "../../../core/project/schema.ts";
import type { WallPlan } from "../../../core/wall-plan.ts";
import { Length } from "../../fields/Length.tsx";
import { useView } from "../../state/view-store.ts";
import { ui } from "../../words/ui.ts";
import { Section } from "../PanelParts.tsx";

/** Whether a piece was ticked off as it is now; one that changed since is to be cut again. */
export function isDone(project: Project, { piece, key }: Ticket): boolean {
  return project.cutDone?.some(({ id, cut }) => id === piece.id && cut === key) ?? false;
}

/** Cuts that are alike, with how many of them are done. */
export function Batches({ project, wall }: { project: Project; wall: WallPlan }) {
  const batches = batchesOf(jobOf(project), wall);
  const done = batches.flatMap(({ tickets }) => tickets.filter((t) => isDone(project, t))).length;
  const all = batches.reduce((sum, { tickets }) => sum + tickets.length, 0);
  const alike = batches.filter(({ tickets }) => tickets.length > 1);
  if (all === 0) return null;
  return (
    <Section title={`${ui.cut.batches} · ${ui.cut.progress(done, all)}`}>
      <p className="text-xs opacity-80">{ui.cut.batchHint}</p>
      <ul data-batches={alike.length}>
        {alike.slice(0, 12).map(({ key, tickets }) => {
          const [first] = tickets as [Ticket];
          const next = tickets.find((ticket) => !isDone(project, ticket)) ?? first;
          const cut = tickets.filter((ticket) => isDone(project, ticket)).length;
          return (
            <li key={key}>
              <button
                type="button"
                className="figure-button flex w-full justify-between"
                onClick={() => useView.setState({ piece: next.piece.id })}
              >
                <span>
                  <strong>{ui.cut.batch(tickets.length)}</strong> {ui.cut.kinds[first.piece.kind]}{" "}
                  <Length mm={first.piece.width} unit={false} /> ×{" "}
                  <Length mm={first.piece.height} />
                </span>
                <span className={cut === tickets.length ? "text-success" : ""}>
                  {cut === tickets.length ? "✓" : `${cut}/${tickets.length}`}
                </span>
              </button>
            </li>
          );
        })}
      </ul>
    </Section>
  );
}
