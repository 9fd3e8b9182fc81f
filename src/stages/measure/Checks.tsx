import type { SurveyCheck } from "../../../core/cut/survey-checks.ts";
import { finerFor } from "../../../core/length/finer.ts";
import { formatLength } from "../../../core/length/format.ts";
import type { Plan } from "../../../core/plan.ts";
import { editSettings } from "../../../core/project/commands.ts";
import { jobOf } from "../../../core/project/job.ts";
import type { Project } from "../../../core/project/schema.ts";
import { warningSentences } from "../../../core/words/warnings.ts";
import { useJobStyle } from "../../fields/context.ts";
import { LengthField } from "../../fields/LengthField.tsx";
import { Row, Section, Verdict } from "../../panel/PanelParts.tsx";
import { dispatch } from "../../state/job-store.ts";
import { surveyCheckName } from "../../words/check-name.ts";
import { ui } from "../../words/ui.ts";
import { Decision } from "./Decision.tsx";

interface ChecksProps {
  project: Project;
  plan: Plan;
  wall: string;
}

/** Plumb, level, square, ceiling and niches off centre of a wall: each that fails is decided on. */
export function Checks({ project, plan, wall }: ChecksProps) {
  // The base is one for all walls; a corner belongs to both of its walls.
  const here = plan.checks.filter(
    ({ kind, wall: of, id }) =>
      kind === "level" || of === wall || (kind === "square" && id.split("/").includes(wall)),
  );
  const bad = here.filter(({ passes }) => !passes).length;
  return (
    <Section title={ui.measure.checks.title} open={bad > 0}>
      {bad > 0 && <p className="mb-1 text-xs opacity-80">{ui.measure.checks.hint}</p>}
      <ul data-checks={bad}>
        {here.map((check) => (
          <CheckItem key={check.id} project={project} check={check} />
        ))}
      </ul>
      <Limits project={project} />
    </Section>
  );
}

function CheckItem({ project, check }: { project: Project; check: SurveyCheck }) {
  const style = useJobStyle();
  const { id, size, passes, wall, warning } = check;
  const { message, remedy } = warningSentences(project, warning);
  return (
    <li className="mb-2" data-check={id}>
      <div className="flex items-baseline justify-between gap-2 text-sm">
        <span className="font-semibold">{surveyCheckName(project, id)}</span>
        <Verdict good={passes}>{formatLength(size, finerFor(size, style))}</Verdict>
      </div>
      {!passes && (
        <>
          <p className="mb-1 text-sm">
            {message} {remedy}
          </p>
          <Decision check={id} wall={wall} />
        </>
      )}
    </li>
  );
}

const LIMITS = ["plumbPerM", "ceilingFall"] as const;

function Limits({ project }: { project: Project }) {
  const { settings } = jobOf(project);
  return (
    <details>
      <summary className="cursor-pointer">{ui.measure.checks.limits}</summary>
      <Row>
        {LIMITS.map((name) => (
          <LengthField
            key={name}
            label={ui.measure.checks[name]}
            name={name}
            mm={settings[name]}
            rules={{ zero: true, atMost: 100 }}
            onCommit={(mm) => dispatch(editSettings({ [name]: mm }))}
          />
        ))}
      </Row>
    </details>
  );
}
