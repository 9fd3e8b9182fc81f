import { Copy, Download, Pencil, Trash2 } from "lucide-react";
import { memo, useState } from "react";
import { renameJob } from "../../core/project/commands.ts";
import type { Project } from "../../core/project/schema.ts";
import { Link } from "../parts/Link.tsx";
import { addressOf } from "../state/address.ts";
import { goAllTheSame } from "../state/location.ts";
import type { JobRow } from "../storage/database.ts";
import { applyCommand } from "../storage/history.ts";
import { changeJob, duplicateJob, TAB_ID } from "../storage/jobs.ts";
import { exportJob } from "../storage/transfer.ts";
import { formatWhen, ui } from "../words/ui.ts";
import type { Attempt } from "./attempt.ts";
import { JobPicture } from "./JobPicture.tsx";
import { progressOf } from "./progress.ts";

interface JobItemProps {
  row: JobRow;
  onOpen: (id: string) => void;
  onDelete: (row: JobRow) => void;
  attempt: Attempt;
}

/** A job in the list, drawn anew only where it changed. */
export const JobItem = memo(function JobItem({ row, onOpen, onDelete, attempt }: JobItemProps) {
  const { project } = row;
  const { stage, next } = progressOf(project);
  const [renaming, setRenaming] = useState(false);
  const rename = async (name: string) => {
    setRenaming(false);
    if (name.trim() === "" || name === project.name) return;
    const command = renameJob(name.trim());
    await attempt(() => changeJob(row.id, (current) => applyCommand(current, command, TAB_ID)));
  };
  return (
    <li className="flex flex-wrap items-center gap-x-4 gap-y-1 border-b border-base-300 py-3">
      <JobPicture row={row} />
      <div className="mr-auto min-w-0 flex-1 basis-60">
        {renaming ? (
          <RenameField name={project.name} onDone={(name) => void rename(name)} />
        ) : (
          <Link
            dir="auto"
            className="name flex min-h-11 items-center text-lg font-semibold text-primary hover:underline"
            href={addressOf(row.id)}
            onGo={() => onOpen(row.id)}
          >
            {project.name}
          </Link>
        )}
        <p className="name text-sm opacity-80">
          {describeJob(project)} · {ui.jobs.changed(formatWhen(row.updatedAt))}
        </p>
        <p className="text-sm" data-progress={stage}>
          {ui.jobs.at(ui.stages[stage])} ·{" "}
          <Link
            className="font-semibold text-primary hover:underline max-md:inline-flex max-md:min-h-11 max-md:items-center"
            href={addressOf(row.id, next)}
            onGo={() => goAllTheSame(addressOf(row.id, next))}
          >
            {ui.jobs.next(ui.stages[next])}
          </Link>
        </p>
      </div>
      <div className="flex">
        <ItemButton label={ui.jobs.rename} of={project.name} onClick={() => setRenaming(true)}>
          <Pencil size={17} />
        </ItemButton>
        <ItemButton
          label={ui.jobs.duplicate}
          of={project.name}
          onClick={() => void attempt(() => duplicateJob(row.id, ui.jobs.copyOf(project.name)))}
        >
          <Copy size={17} />
        </ItemButton>
        <ItemButton
          label={ui.jobs.export}
          of={project.name}
          onClick={() => void exportJob(project)}
        >
          <Download size={17} />
        </ItemButton>
        <ItemButton label={ui.jobs.remove} of={project.name} onClick={() => onDelete(row)}>
          <Trash2 size={17} />
        </ItemButton>
      </div>
    </li>
  );
});

/** What a job is: its enclosure and its tile. */
export function describeJob({ enclosure, tiles }: Project): string {
  return `${ui.newJob.enclosures[enclosure.kind]} · ${tiles[0]?.name ?? ""}`;
}

function RenameField({ name, onDone }: { name: string; onDone: (name: string) => void }) {
  const [text, setText] = useState(name);
  return (
    <input
      // biome-ignore lint/a11y/noAutofocus: the user has just asked to type here
      autoFocus
      className="input w-72"
      aria-label={ui.jobs.nameLabel}
      value={text}
      maxLength={200}
      onChange={(event) => setText(event.target.value)}
      onFocus={(event) => event.target.select()}
      onBlur={() => onDone(text)}
      onKeyDown={(event) => {
        if (event.key === "Enter") onDone(text);
        if (event.key === "Escape") onDone(name);
      }}
    />
  );
}

interface ItemButtonProps {
  label: string;
  of: string;
  onClick: () => void;
  children: React.ReactNode;
}

export function ItemButton({ label, of, onClick, children }: ItemButtonProps) {
  return (
    <button
      type="button"
      className="btn btn-square btn-ghost"
      title={label}
      aria-label={`${label}: ${of}`}
      onClick={onClick}
    >
      {children}
    </button>
  );
}
