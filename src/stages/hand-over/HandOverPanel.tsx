import { careNotes } from "../../../core/hand-over/care.ts";
import { showerFrom } from "../../../core/hand-over/first-shower.ts";
import { type RecordPart, recordGaps } from "../../../core/hand-over/record-gaps.ts";
import type { Plan } from "../../../core/plan.ts";
import { editHandOver } from "../../../core/project/business-commands.ts";
import { jobOf } from "../../../core/project/job.ts";
import type { Project } from "../../../core/project/schema.ts";
import { NoteField } from "../../fields/NoteField.tsx";
import { openChecks } from "../../panel/gate.ts";
import {
  Caution,
  type PanelProps,
  PanelTitle,
  Row,
  Section,
  Tick,
  Verdict,
} from "../../panel/PanelParts.tsx";
import { ShowerWaits } from "../../panel/ShowerWaits.tsx";
import { Link } from "../../parts/Link.tsx";
import { addressOf } from "../../state/address.ts";
import { useNow } from "../../state/clock.ts";
import { dispatch } from "../../state/job-store.ts";
import { type Page, show } from "../../state/view-store.ts";
import { formatWhen, ui } from "../../words/ui.ts";
import { LeftOver } from "./LeftOver.tsx";
import { Signatures } from "./Signatures.tsx";
import { SnagList } from "./SnagList.tsx";

/** When the shower may run, what is still to be mended, and whether the work can be proved. */
export function HandOverPanel({ project, plan, wall }: PanelProps) {
  return (
    <>
      <PanelTitle>{ui.handOver.title(wall.name)}</PanelTitle>
      <Shower project={project} plan={plan} />
      <SnagList project={project} plan={plan} wall={wall} />
      <RecordState project={project} plan={plan} />
      <LeftOver project={project} />
      <Care project={project} plan={plan} />
      <Warranty project={project} />
      <Signatures project={project} />
      <Caution>{ui.handOver.caution}</Caution>
    </>
  );
}

const MINUTE = 60_000;

/** The hour at which the family may shower, with what it waits for. */
function Shower({ project, plan }: Pick<PanelProps, "project" | "plan">) {
  const now = useNow(30_000);
  const { afterH, because } = plan.shower;
  const from = showerFrom(plan.shower, plan.grout.mixes.length, project.work);
  return (
    <Section title={ui.handOver.shower}>
      <p className="text-xl font-bold" data-shower={afterH}>
        {from === undefined
          ? ui.handOver.after(afterH)
          : from <= now
            ? ui.handOver.now
            : ui.handOver.from(formatWhen(from))}
      </p>
      <p className="text-sm">
        {from === undefined
          ? ui.handOver.notWashed
          : from > now && ui.handOver.left(ui.set.hours((from - now) / MINUTE))}
      </p>
      <ShowerWaits because={because} />
    </Section>
  );
}

/** Where what is missing is noted; the others are noted in this panel. */
const NOTED_ON: Partial<Record<RecordPart, Page>> = {
  gate: "waterproof",
  set: "now",
  grout: "now",
  coverage: "set",
  behind: "log",
  lots: "log",
};

function RecordState({ project, plan }: { project: Project; plan: Plan }) {
  const gaps = recordGaps(project, {
    gateOpen: plan.film.walls.some(({ regions }) => regions.length > 0)
      ? openChecks(project, plan).length
      : 0,
    rows: plan.set.rows.length,
    mixes: plan.grout.mixes.length,
  });
  return (
    <Section title={ui.handOver.record}>
      <div data-record-gaps={gaps.length}>
        <Verdict good={gaps.length === 0}>
          {gaps.length === 0 ? ui.handOver.complete : ui.handOver.missing(gaps.length)}
        </Verdict>
      </div>
      <ul>
        {gaps.map(({ part, missing }) => {
          const page = NOTED_ON[part];
          return (
            <li
              key={part}
              className="grid grid-cols-[1fr_auto] items-center gap-x-2 border-b border-base-300 py-1"
              data-gap={part}
            >
              <span>{ui.handOver.parts[part](missing)}</span>
              {page && (
                <Link
                  href={addressOf(project.id, page)}
                  className="btn btn-ghost btn-sm justify-end px-0 text-primary max-md:min-h-11"
                  onGo={() => show(page)}
                >
                  {ui.handOver.goTo(ui.stages[page])}
                </Link>
              )}
            </li>
          );
        })}
      </ul>
    </Section>
  );
}

function Care({ project, plan }: { project: Project; plan: Plan }) {
  const notes = careNotes(jobOf(project), { sealerL: plan.grout.sealer.value });
  return (
    <Section title={ui.handOver.care} open={false}>
      <ul className="mt-1 grid list-disc gap-1 pl-5 text-sm">
        {notes.map((note) => (
          <li key={note} data-care={note}>
            {ui.handOver.careNotes[note]}
          </li>
        ))}
      </ul>
      <Tick
        label={ui.handOver.careTold}
        checked={project.handOver?.careTold ?? false}
        onChange={(careTold) => dispatch(editHandOver({ careTold }))}
      />
    </Section>
  );
}

function Warranty({ project }: { project: Project }) {
  const { warranty = {} } = project.handOver ?? {};
  const edit = (patch: Partial<typeof warranty>) =>
    dispatch(editHandOver({ warranty: { ...warranty, ...patch } }));
  return (
    <Section title={ui.handOver.warranty} open={false}>
      <Row>
        <label className="min-w-0 flex-1">
          <span className="field-label">{ui.handOver.until}</span>
          <input
            type="date"
            className="input input-sm w-full bg-base-100"
            name="warranty/until"
            value={warranty.until?.slice(0, 10) ?? ""}
            onChange={({ target: { value } }) => edit({ until: value })}
          />
        </label>
        <NoteField
          label={ui.handOver.by}
          name="warranty/by"
          value={warranty.by}
          onCommit={(by) => by && edit({ by })}
        />
      </Row>
      <NoteField
        label={ui.handOver.warrantyWords}
        name="warranty/words"
        value={warranty.words}
        onCommit={(words) => edit({ words })}
      />
    </Section>
  );
}
