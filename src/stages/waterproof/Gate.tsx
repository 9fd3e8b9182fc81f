import type { Plan } from "../../../core/plan.ts";
import { addItem, editItem, removeItem } from "../../../core/project/items.ts";
import type { Project } from "../../../core/project/schema.ts";
import { NoteField } from "../../fields/NoteField.tsx";
import { openChecks } from "../../panel/gate.ts";
import { Section, Tick, Verdict } from "../../panel/PanelParts.tsx";
import { dispatch } from "../../state/job-store.ts";
import { ui } from "../../words/ui.ts";

const place = { list: "gate" as const };

type Entry = NonNullable<NonNullable<Project["film"]>["gate"]>[number];

/** The gate before tile: every check is done or waived with a reason; some follow from the log. */
export function Gate({ project, plan }: { project: Project; plan: Plan }) {
  const entries = project.film?.gate ?? [];
  const automatic = plan.film.gate as Record<string, boolean>;
  const checks = Object.keys(ui.waterproof.gates);
  const open = openChecks(project, plan);
  return (
    <Section title={ui.waterproof.gate}>
      <ul>
        {checks.map((check) => (
          <GateLine
            key={check}
            check={check}
            entry={entries.find(({ id }) => id === check)}
            fromLog={check in automatic}
            told={automatic[check] ?? false}
          />
        ))}
      </ul>
      <div data-gate={open.length}>
        <Verdict good={open.length === 0}>
          {open.length === 0 ? ui.waterproof.through : ui.waterproof.open(open.length)}
        </Verdict>
      </div>
    </Section>
  );
}

interface GateLineProps {
  check: string;
  entry: Entry | undefined;
  fromLog: boolean;
  told: boolean;
}

function GateLine({ check, entry, fromLog, told }: GateLineProps) {
  const at = new Date().toISOString();
  const set = (state: Entry["state"] | undefined) => {
    if (!state) dispatch(removeItem(place, check));
    else if (entry) dispatch(editItem(place, check, { state, at }));
    else dispatch(addItem(place, { id: check, state, at }));
  };
  const waived = entry?.state === "waived";
  return (
    <li className="border-b border-base-300/60 py-0.5">
      <div className="flex items-center justify-between gap-2 text-sm">
        {fromLog ? (
          <span className={`py-1.5 ${told ? "text-success" : ""}`}>
            {told ? "✓ " : "○ "}
            {ui.waterproof.gates[check]} <span>({ui.waterproof.automatic})</span>
          </span>
        ) : (
          <Tick
            label={ui.waterproof.gates[check]}
            checked={entry?.state === "done"}
            onChange={(done) => set(done ? "done" : undefined)}
          />
        )}
        {!told && (
          <button
            type="button"
            aria-pressed={waived}
            aria-label={`${ui.waterproof.waive}: ${ui.waterproof.gates[check]}`}
            className={`btn btn-ghost btn-xs max-md:min-h-11 ${waived ? "btn-active" : ""}`}
            onClick={() => set(waived ? undefined : "waived")}
          >
            {waived ? ui.waterproof.waived : ui.waterproof.waive}
          </button>
        )}
      </div>
      {waived && (
        <NoteField
          label={ui.waterproof.reason}
          name={`gate/${check}/reason`}
          value={entry?.reason}
          onCommit={(reason) => dispatch(editItem(place, check, { reason }))}
        />
      )}
    </li>
  );
}
