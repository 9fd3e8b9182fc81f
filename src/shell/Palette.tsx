import { Command } from "cmdk";
import { useLiveQuery } from "dexie-react-hooks";
import { useMemo, useState } from "react";
import type { Plan } from "../../core/plan.ts";
import type { Project } from "../../core/project/schema.ts";
import { useJobStyle } from "../fields/context.ts";
import { Modal } from "../parts/Modal.tsx";
import { openDialog } from "../state/view-store.ts";
import { database } from "../storage/database.ts";
import { readRow } from "../storage/rows.ts";
import { ui } from "../words/ui.ts";
import { allEntries, type Entry, findEntries } from "./palette-entries.ts";

/** So many are shown; who looks for another types on. */
const MOST_SHOWN = 60;

interface PaletteProps {
  project: Project;
  plan: Plan;
}

/** Everything of the job by its name: type a part of it, arrows choose, Enter does it. */
export default function Palette({ project, plan }: PaletteProps) {
  const [text, setText] = useState("");
  const style = useJobStyle();
  const rows = useLiveQuery(() => database.jobs.toArray());
  const entries = useMemo(
    () => allEntries({ project, plan, style, jobs: namesOf(rows ?? []) }),
    [project, plan, style, rows],
  );
  const found = useMemo(() => findEntries(entries, text), [entries, text]);
  const shown = found.slice(0, MOST_SHOWN);
  const groups = [...new Set(shown.map(({ group }) => group))];
  const choose = ({ run }: Entry) => {
    openDialog(undefined);
    run();
  };
  return (
    <Modal title={ui.header.find} onClose={() => openDialog(undefined)}>
      <Command label={ui.header.find} shouldFilter={false} loop>
        <Command.Input
          data-autofocus
          className="input mb-2 w-full"
          aria-label={ui.palette.placeholder}
          placeholder={ui.palette.placeholder}
          value={text}
          onValueChange={setText}
        />
        <Command.List className="max-h-[60dvh] overflow-auto">
          <Command.Empty>{ui.palette.nothing}</Command.Empty>
          {groups.map((group) => (
            <Command.Group key={group} heading={ui.palette.groups[group]} className="palette-group">
              {shown
                .filter((entry) => entry.group === group)
                .map((entry) => (
                  <Command.Item
                    key={entry.id}
                    value={entry.id}
                    className="palette-entry"
                    onSelect={() => choose(entry)}
                  >
                    <span className="name">{entry.name}</span>
                    <span className="text-sm opacity-75">{entry.hint}</span>
                  </Command.Item>
                ))}
            </Command.Group>
          ))}
        </Command.List>
      </Command>
      {found.length > shown.length && (
        <p className="mt-2 text-sm">{ui.palette.more(found.length - shown.length)}</p>
      )}
    </Modal>
  );
}

function namesOf(rows: unknown[]): { id: string; name: string }[] {
  return rows.flatMap((stored) => {
    const read = readRow(stored);
    if (!read.ok || read.row.deletedAt !== undefined) return [];
    return [{ id: read.row.id, name: read.row.project.name }];
  });
}
