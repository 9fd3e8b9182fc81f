import { fromShown, shownAmount, toShown, typedAs } from "../../core/length/quantity.ts";
import type { OrderRow } from "../../core/order/row.ts";
import type { Patch } from "../../core/project/commands.ts";
import { editItem, removeItem } from "../../core/project/items.ts";
import type { LogEntry, Project } from "../../core/project/schema.ts";
import { Choice } from "../fields/Choice.tsx";
import { useJobStyle } from "../fields/context.ts";
import { LengthField } from "../fields/LengthField.tsx";
import { NoteField } from "../fields/NoteField.tsx";
import { NumberField } from "../fields/NumberField.tsx";
import { TextInput } from "../fields/TextInput.tsx";
import { Row } from "../panel/PanelParts.tsx";
import { Photos } from "../panel/Photos.tsx";
import { dispatch } from "../state/job-store.ts";
import { ui } from "../words/ui.ts";
import { orderLine } from "./line-text.ts";

const list = { list: "log" as const };

interface EntryProps {
  project: Project;
  order: OrderRow[];
  entry: LogEntry;
}

/** An entry of the log with all of its fields. */
export function EntryFields({ project, order, entry }: EntryProps) {
  const { id, kind, wall, photos = [] } = entry;
  const edit = (patch: Patch<LogEntry>) => dispatch(editItem(list, id, patch));
  const name = (key: string) => `log/${id}/${key}`;
  const label = ui.log.entry(ui.log.kinds[kind]);
  return (
    <fieldset className="mt-1 mb-3 border-l-3 border-primary pl-3" data-log-entry={kind}>
      <legend className="sr-only">{label}</legend>
      <Particulars project={project} order={order} entry={entry} edit={edit} name={name} />
      <TextInput
        lines={2}
        label={ui.log.words}
        name={name("words")}
        shown={entry.words ?? ""}
        numeric={false}
        read={(text) => ({ ok: true, value: text.trim().slice(0, 4000) })}
        onCommit={(text) => edit({ words: text || undefined })}
      />
      <div className="mt-2 grid gap-x-2 sm:grid-cols-2">
        <Row>
          <Choice
            label={ui.log.wall}
            value={wall ?? ""}
            options={[
              ["", ui.log.wholeJob],
              ...project.walls.map((own): [string, string] => [own.id, own.name]),
            ]}
            onChange={(next) =>
              edit(next === "" ? { wall: undefined, x: undefined } : { wall: next })
            }
          />
          <NoteField
            label={kind === "told" ? ui.log.who.told : ui.log.who.other}
            name={name("who")}
            value={entry.who}
            onCommit={(who) => edit({ who: who || undefined })}
          />
        </Row>
        <When at={entry.at} onChange={(at) => edit({ at })} />
      </div>
      {wall !== undefined && <Place entry={entry} edit={edit} name={name} />}
      <Photos of={label} ids={photos} onChange={(next) => edit({ photos: next })} />
      <button
        type="button"
        className="btn btn-ghost btn-sm mt-1 ml-2 px-1"
        onClick={() => dispatch(removeItem(list, id))}
      >
        {ui.remove}
      </button>
    </fieldset>
  );
}

interface PartProps {
  entry: LogEntry;
  edit: (patch: Patch<LogEntry>) => void;
  name: (key: string) => string;
}

/** What only entries of its kind have. */
function Particulars({ project, order, entry, edit, name }: EntryProps & PartProps) {
  const { kind } = entry;
  const tiles = project.tiles.map((tile): [string, string] => [tile.id, tile.name]);
  if (kind === "hours") {
    const tasks = Object.entries(ui.order.quote.tasks).filter(([task]) => task !== "cure");
    return (
      <Row>
        <Choice
          label={ui.log.task}
          value={entry.task ?? ""}
          options={tasks}
          onChange={(task) => edit({ task })}
        />
        <NumberField
          integer
          label={ui.log.minutes}
          name={name("minutes")}
          value={entry.minutes ?? 0}
          max={10_000}
          onCommit={(minutes) => edit({ minutes })}
        />
      </Row>
    );
  }
  if (kind === "broken") {
    return (
      <Row>
        <Choice
          label={ui.log.tile}
          value={entry.tile ?? ""}
          options={tiles}
          onChange={(tile) => edit({ tile })}
        />
        <NumberField
          integer
          label={ui.log.count}
          name={name("count")}
          value={entry.count ?? 1}
          max={100_000}
          onCommit={(count) => edit({ count })}
        />
      </Row>
    );
  }
  if (kind === "used") {
    return (
      <Row>
        <Amount order={order} entry={entry} edit={edit} name={name} />
        <NoteField
          label={ui.log.lot}
          name={name("lot")}
          value={entry.lot}
          onCommit={(lot) => edit({ lot: lot || undefined })}
        />
      </Row>
    );
  }
  return null;
}

function Amount({ order, entry, edit, name }: PartProps & { order: OrderRow[] }) {
  const style = useJobStyle();
  const unit = orderLine(order, entry)?.unit ?? "count";
  const typed = typedAs(unit, style);
  const { decimals } = shownAmount(1, unit, style);
  return (
    <NumberField
      label={ui.log.amount}
      name={name("amount")}
      value={Number(toShown(entry.amount ?? 0, typed).toFixed(Math.max(2, decimals)))}
      suffix={typed.unit}
      onCommit={(shown) => edit({ amount: fromShown(shown, typed) })}
    />
  );
}

/** Where it was on the wall, and how much of it a photo of what lies behind shows. */
function Place({ entry, edit, name }: PartProps) {
  return (
    <Row>
      <LengthField
        label={ui.log.x}
        name={name("x")}
        mm={entry.x}
        rules={{ signed: true }}
        onClear={() => edit({ x: undefined, level: undefined })}
        onCommit={(x) => edit({ x, level: entry.level ?? 0 })}
      />
      <LengthField
        label={ui.log.level}
        name={name("level")}
        mm={entry.level}
        rules={{ signed: true }}
        onCommit={(level) => edit({ level })}
      />
      {entry.kind === "behind" && (
        <LengthField
          label={ui.log.width}
          name={name("width")}
          mm={entry.width}
          onClear={() => edit({ width: undefined })}
          onCommit={(width) => edit({ width })}
        />
      )}
    </Row>
  );
}

/** The moment by the clocks of this device. */
function When({ at, onChange }: { at: string; onChange: (at: string) => void }) {
  return (
    <label className="min-w-0">
      <span className="field-label">{ui.log.when}</span>
      <input
        type="datetime-local"
        className="input input-sm w-full bg-base-100"
        value={localTime(at)}
        onChange={({ target: { value } }) => {
          const moment = new Date(value);
          if (Number.isFinite(moment.getTime())) onChange(moment.toISOString());
        }}
      />
    </label>
  );
}

function localTime(at: string): string {
  const moment = new Date(at);
  if (!Number.isFinite(moment.getTime())) return "";
  const local = new Date(moment.getTime() - moment.getTimezoneOffset() * 60_000);
  return local.toISOString().slice(0, 16);
}
