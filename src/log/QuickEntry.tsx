import {
  Camera,
  Check,
  Clock,
  Hammer,
  type LucideIcon,
  Megaphone,
  PackageMinus,
  Pencil,
  Replace,
} from "lucide-react";
import { useState } from "react";
import type { PricedRow } from "../../core/cost/cost.ts";
import { addItem } from "../../core/project/items.ts";
import { LOG_KINDS, type LogKind } from "../../core/project/log-schema.ts";
import type { LogEntry, Project } from "../../core/project/schema.ts";
import { words } from "../../core/words/spoken.ts";
import { dispatch } from "../state/job-store.ts";
import { ui } from "../words/ui.ts";

const ICONS: Record<LogKind, LucideIcon> = {
  done: Check,
  hours: Clock,
  used: PackageMinus,
  broken: Hammer,
  change: Replace,
  told: Megaphone,
  behind: Camera,
  note: Pencil,
};

interface QuickProps {
  project: Project;
  order: PricedRow[];
  /** Shows the entry that was made. */
  onAdded: (id: string) => void;
}

type Fill = Omit<Partial<LogEntry>, "id" | "at" | "kind">;

/** What happened in two taps: what it was, then one of the words for it. */
export function QuickEntry({ project, order, onAdded }: QuickProps) {
  const [kind, setKind] = useState<LogKind>();
  const add = (fill: Fill) => {
    if (!kind) return;
    const id = crypto.randomUUID();
    const entry = { ...fill, id, at: new Date().toISOString(), kind };
    dispatch(addItem({ list: "log" }, entry));
    setKind(undefined);
    onAdded(id);
  };
  return (
    <section aria-label={ui.log.quick} className="no-print">
      <KindButtons kind={kind} onChoose={setKind} />
      {kind ? (
        <fieldset className="mt-2" data-log-words={kind}>
          <legend className="font-semibold">{ui.log.kindHints[kind]}</legend>
          <div className="mt-1 flex flex-wrap gap-1.5">
            {wordsFor(kind, project, order).map(({ label, fill }) => (
              <button
                key={label}
                type="button"
                className="btn quiet-button min-h-12 text-base font-medium"
                onClick={() => add(fill)}
              >
                {label}
              </button>
            ))}
          </div>
        </fieldset>
      ) : (
        <p className="mt-1 text-xs opacity-80">{ui.log.quickHint}</p>
      )}
    </section>
  );
}

interface KindButtonsProps {
  kind: LogKind | undefined;
  onChoose: (kind: LogKind | undefined) => void;
}

/** A large button for each kind of entry; pressed again it is let go. */
function KindButtons({ kind, onChoose }: KindButtonsProps) {
  return (
    <div className="grid grid-cols-4 gap-1.5 sm:grid-cols-8">
      {LOG_KINDS.map((own) => {
        const Icon = ICONS[own];
        return (
          <button
            key={own}
            type="button"
            data-log-kind={own}
            aria-pressed={own === kind}
            className={`btn h-16 flex-col gap-1 px-1 text-sm ${own === kind ? "btn-primary" : "quiet-button"}`}
            onClick={() => onChoose(own === kind ? undefined : own)}
          >
            <Icon size={20} aria-hidden="true" />
            {ui.log.kinds[own]}
          </button>
        );
      })}
    </div>
  );
}

interface QuickWord {
  label: string;
  fill: Fill;
}

function wordsFor(kind: LogKind, project: Project, order: PricedRow[]): QuickWord[] {
  const tasks = Object.entries(ui.order.quote.tasks).filter(([task]) => task !== "cure");
  switch (kind) {
    case "done":
      return tasks.map(([task, label]) => ({ label, fill: { task, words: label } }));
    case "hours":
      return tasks.map(([task, label]) => ({ label, fill: { task, minutes: 60 } }));
    case "used":
      return usedWords(project, order);
    case "broken":
      return project.tiles.map(({ id, name }) => ({ label: name, fill: { tile: id, count: 1 } }));
    case "change":
      return ui.log.reasons.map((label) => ({ label, fill: { words: label } }));
    case "told":
      return ui.log.people.map((label) => ({ label, fill: { who: label } }));
    case "behind":
      return project.walls.map(({ id, name }) => ({ label: name, fill: { wall: id } }));
    case "note":
      return [
        { label: ui.log.wholeJob, fill: {} },
        ...project.walls.map(({ id, name }) => ({ label: name, fill: { wall: id } })),
      ];
  }
}

/** Each line of the order once, a pack of it at first. */
function usedWords(project: Project, order: PricedRow[]): QuickWord[] {
  const seen = new Set<string>();
  return order.flatMap(({ code, of, packSize }): QuickWord[] => {
    const tile = project.tiles.find(({ id }) => id === of)?.name;
    const label = [words.orderItems[code], tile].filter(Boolean).join(" · ");
    if (seen.has(label)) return [];
    seen.add(label);
    const fill: Fill = { item: code, amount: packSize, ...(of === undefined ? {} : { tile: of }) };
    return [{ label, fill }];
  });
}
