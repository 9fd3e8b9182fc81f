import type { Project } from "../../../core/project/schema.ts";
import { setReady } from "../../../core/project/work-commands.ts";
import { Section, Tick, Verdict } from "../../panel/PanelParts.tsx";
import { dispatch } from "../../state/job-store.ts";
import { ui } from "../../words/ui.ts";

/** What has to be done before the first joint is filled. */
export function GroutGate({ project }: { project: Project }) {
  const ready = project.work?.ready ?? [];
  const open = Object.keys(ui.grout.gates).filter((item) => !ready.includes(item));
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
      <Verdict good={open.length === 0}>
        {open.length === 0 ? ui.grout.through : ui.grout.open(open.length)}
      </Verdict>
    </Section>
  );
}
