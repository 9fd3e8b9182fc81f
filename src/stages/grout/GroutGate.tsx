import { groutFrom, groutWaitH } from "../../../core/grout/ready.ts";
import { jobOf } from "../../../core/project/job.ts";
import type { Project } from "../../../core/project/schema.ts";
import { setReady } from "../../../core/project/work-commands.ts";
import { Section, Tick, Verdict } from "../../panel/PanelParts.tsx";
import { useNow } from "../../state/clock.ts";
import { dispatch } from "../../state/job-store.ts";
import { formatWhen, ui } from "../../words/ui.ts";

/** What has to be done before the first joint is filled. */
export function GroutGate({ project }: { project: Project }) {
  const now = useNow(60_000);
  const ready = project.work?.ready ?? [];
  const open = Object.keys(ui.grout.gates).filter((item) => !ready.includes(item));
  const from = groutFrom(jobOf(project), project.work);
  const late = from === undefined || from <= now;
  return (
    <Section title={ui.grout.gate} open={open.length > 0}>
      {Object.entries(ui.grout.gates).map(([item, text]) => (
        <Tick
          key={item}
          label={text}
          checked={ready.includes(item)}
          onChange={(done) => dispatch(setReady(item, done))}
        />
      ))}
      {from !== undefined && (
        <p className={`text-sm ${late ? "" : "font-semibold"}`} data-grout-from={from}>
          {ui.grout.from(formatWhen(from), groutWaitH(jobOf(project)))}
        </p>
      )}
      <Verdict good={open.length === 0}>
        {open.length === 0 ? ui.grout.through : ui.grout.open(open.length)}
      </Verdict>
    </Section>
  );
}
