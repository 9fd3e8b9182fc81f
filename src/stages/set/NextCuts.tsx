import type { Plan } from "../../../core/plan.ts";
import { jobOf } from "../../../core/project/job.ts";
import type { Project } from "../../../core/project/schema.ts";
import type { Progress } from "../../../core/set/progress.ts";
import { CutTick } from "../../panel/CutTick.tsx";
import { nextCuts } from "../../panel/next-cuts.ts";
import { Section } from "../../panel/PanelParts.tsx";
import { ui } from "../../words/ui.ts";

interface NextCutsProps {
  project: Project;
  plan: Plan;
  progress: Progress;
}

/** The cuts of the rows that the next mix sets, each to be ticked. */
export function NextCuts({ project, plan, progress }: NextCutsProps) {
  if (progress.todo.length === 0) return null;
  const cuts = nextCuts(jobOf(project), plan, progress);
  return (
    <Section title={ui.set.cutFirst}>
      {cuts.length === 0 && <p className="text-sm">{ui.set.allCut}</p>}
      <ul className="flex flex-wrap gap-1">
        {cuts.map(({ wall, piece }) => (
          <li key={piece.id}>
            <CutTick project={project} wall={wall} piece={piece} />
          </li>
        ))}
      </ul>
      <p className="mt-1 text-xs opacity-80">{ui.set.cutFirstHint}</p>
      <p className="mt-2 text-sm">
        <strong>{ui.set.carry}:</strong> {ui.set.carried}
      </p>
    </Section>
  );
}
