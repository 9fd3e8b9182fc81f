import {
  ChevronLeft,
  Download,
  Ellipsis,
  Keyboard,
  Languages,
  Printer,
  Redo2,
  Search,
  SunMedium,
  Undo2,
} from "lucide-react";
import { memo, useState } from "react";
import { renameJob, setUnit } from "../../core/project/commands.ts";
import type { Project } from "../../core/project/schema.ts";
import { usePhone } from "../drawing/useMedia.ts";
import { Changed } from "../fields/Changed.tsx";
import { LanguageChoice } from "../parts/LanguageChoice.tsx";
import { dispatch, redo, retrySave, stepToUndo, undo, useJob } from "../state/job-store.ts";
import { openJobList } from "../state/location.ts";
import { openDialog } from "../state/view-store.ts";
import { exportJob } from "../storage/transfer.ts";
import { changeLanguage, LANGUAGES, spokenLanguage } from "../words/language.ts";
import { LANGUAGE_CODES } from "../words/language-code.ts";
import { ui } from "../words/ui.ts";
import { nextTheme } from "./theme.ts";
import { printShown } from "./usePaper.ts";

interface HeaderProps {
  project: Project;
  /** There is no store but this tab. */
  inTab: boolean;
}

/** The open job's name, whether it is saved, units, undo and redo. */
export const Header = memo(function Header({ project, inTab }: HeaderProps) {
  const phone = usePhone();
  return (
    <header className="no-print flex h-13 shrink-0 items-center gap-1 bg-neutral px-2 text-neutral-content md:gap-2 md:px-3">
      <button
        type="button"
        className="btn btn-ghost btn-sm px-1 text-inherit hover:text-base-content"
        title={ui.header.allJobs}
        onClick={openJobList}
      >
        <ChevronLeft size={20} aria-hidden="true" />
        <span className="sr-only">{ui.header.allJobs} </span>
        {!phone && (
          <span className="text-base font-extrabold tracking-wider uppercase">{ui.product}</span>
        )}
      </button>
      <JobName name={project.name} />
      {!phone && <SaveSign inTab={inTab} />}
      {!phone && <UnitSwitch unit={project.unit} mark={project.mark ?? 16} />}
      <UndoButtons />
      <HeaderButton label={ui.header.find} onClick={() => openDialog({ kind: "palette" })}>
        <Search size={18} />
      </HeaderButton>
      {phone ? (
        <HeaderButton label={ui.header.menu} onClick={() => openDialog({ kind: "menu" })}>
          <Ellipsis size={20} />
        </HeaderButton>
      ) : (
        <>
          <HeaderButton label={ui.jobs.export} onClick={() => void exportJob(project)}>
            <Download size={18} />
          </HeaderButton>
          <HeaderButton label={ui.header.theme} onClick={nextTheme}>
            <SunMedium size={18} />
          </HeaderButton>
          <LanguageButton />
          <HeaderButton
            label={ui.header.shortcuts}
            onClick={() => openDialog({ kind: "shortcuts" })}
          >
            <Keyboard size={18} />
          </HeaderButton>
        </>
      )}
    </header>
  );
});

/** Goes on to the next language, which it names in that language. */
function LanguageButton() {
  const at = LANGUAGE_CODES.indexOf(spokenLanguage());
  const next = LANGUAGE_CODES[(at + 1) % LANGUAGE_CODES.length] ?? "en";
  return (
    <HeaderButton
      label={LANGUAGES[next].name}
      onClick={() => void changeLanguage(next).catch(() => undefined)}
    >
      <Languages size={18} />
    </HeaderButton>
  );
}

/** On a phone: what the header has no room for. */
export function PhoneMenu({ project, inTab }: HeaderProps) {
  const rows = [
    { name: ui.jobs.export, Icon: Download, run: () => void exportJob(project) },
    { name: ui.header.theme, Icon: SunMedium, run: nextTheme },
    { name: ui.header.print, Icon: Printer, run: () => void printShown() },
  ];
  return (
    <div className="flex flex-col gap-3">
      <p className="name text-lg font-semibold">{project.name}</p>
      <SaveSign inTab={inTab} />
      <div className="rounded bg-neutral p-2 text-neutral-content">
        <UnitSwitch unit={project.unit} mark={project.mark ?? 16} />
      </div>
      {rows.map(({ name, Icon, run }) => (
        <button key={name} type="button" className="btn justify-start" onClick={run}>
          <Icon size={18} aria-hidden="true" /> {name}
        </button>
      ))}
      <LanguageChoice />
      <a className="link flex min-h-11 items-center" href="/about">
        {ui.header.about}
      </a>
    </div>
  );
}

function JobName({ name }: { name: string }) {
  // What is being typed stays, whatever another tab calls the job meanwhile.
  const [typed, setTyped] = useState<{ text: string; before: string }>();
  const isChanged = typed !== undefined && typed.before !== name;
  const take = () => {
    const text = typed?.text.trim() ?? "";
    setTyped(undefined);
    if (text !== "" && text !== name) dispatch(renameJob(text));
  };
  return (
    <div className="relative mr-auto min-w-0 flex-1">
      <input
        aria-label={ui.jobs.nameLabel}
        dir="auto"
        className="min-h-11 w-full min-w-0 text-ellipsis rounded border border-transparent bg-transparent px-2 py-1 font-semibold text-inherit hover:border-current/40 md:min-h-0"
        value={typed?.text ?? name}
        maxLength={200}
        onChange={({ target }) => setTyped({ text: target.value, before: typed?.before ?? name })}
        onBlur={() => !isChanged && take()}
        onKeyDown={(event) => {
          if (event.key === "Enter") event.currentTarget.blur();
          if (event.key === "Escape") setTyped(undefined);
        }}
      />
      {isChanged && (
        <div className="absolute top-full left-0 z-20 rounded border border-base-300 bg-base-100 p-2 text-base-content shadow-lg">
          <Changed theirs={name} onMine={take} onTheirs={() => setTyped(undefined)} />
        </div>
      )}
    </div>
  );
}

function SaveSign({ inTab }: { inTab: boolean }) {
  const save = useJob((state) => state.save);
  if (save !== "failed") {
    return (
      <span role="status" className="px-2 text-sm opacity-85">
        {inTab ? ui.save.tab : ui.save[save]}
      </span>
    );
  }
  return (
    <button type="button" className="btn btn-error btn-sm" onClick={retrySave}>
      {ui.save.failed} · {ui.save.retry}
    </button>
  );
}

const MARKS = [8, 16, 32] as const;

interface UnitSwitchProps {
  unit: Project["unit"];
  mark: NonNullable<Project["mark"]>;
}

function UnitSwitch({ unit, mark }: UnitSwitchProps) {
  return (
    <div className="flex items-center gap-1">
      <fieldset className="side-by-side">
        <legend className="sr-only">{ui.units.label}</legend>
        {(["in", "mm"] as const).map((name) => (
          <button
            key={name}
            type="button"
            aria-pressed={unit === name}
            className={`btn btn-sm ${unit === name ? "bg-base-100 text-base-content" : "btn-ghost border-current/50 text-inherit hover:text-base-content"}`}
            onClick={() => dispatch(setUnit(name))}
          >
            {ui.units[name]}
          </button>
        ))}
      </fieldset>
      {unit === "in" && (
        <select
          aria-label={ui.units.mark}
          title={ui.units.mark}
          className="select select-sm w-18 border-current/40 bg-neutral text-neutral-content"
          value={mark}
          onChange={(event) => {
            const chosen = MARKS.find((candidate) => candidate === Number(event.target.value));
            dispatch(setUnit("in", chosen));
          }}
        >
          {MARKS.map((candidate) => (
            <option key={candidate} value={candidate}>
              1/{candidate}
            </option>
          ))}
        </select>
      )}
    </div>
  );
}

function UndoButtons() {
  const row = useJob((state) => state.row);
  const past = stepToUndo(row);
  const future = row?.history[row.position];
  const label = (verb: string, name: keyof typeof ui.commands | undefined) =>
    // A step that a newer release stored may have a name that is not known here.
    name && ui.commands[name] ? `${verb}: ${ui.inline(ui.commands[name])}` : verb;
  return (
    <>
      <HeaderButton label={label(ui.undo, past?.name)} disabled={!past} onClick={undo}>
        <Undo2 size={18} />
      </HeaderButton>
      <HeaderButton label={label(ui.redo, future?.name)} disabled={!future} onClick={redo}>
        <Redo2 size={18} />
      </HeaderButton>
    </>
  );
}

interface HeaderButtonProps {
  label: string;
  onClick: () => void;
  disabled?: boolean;
  children: React.ReactNode;
}

function HeaderButton({ label, onClick, disabled = false, children }: HeaderButtonProps) {
  return (
    <button
      type="button"
      className="btn btn-square btn-ghost btn-sm text-inherit hover:text-base-content disabled:bg-transparent disabled:text-inherit disabled:opacity-40"
      aria-label={label}
      title={label}
      disabled={disabled}
      onClick={onClick}
    >
      {children}
    </button>
  );
}
