import type { Patch } from "../../core/project/commands.ts";
import { editItem, removeItem } from "../../core/project/items.ts";
import type { Project } from "../../core/project/schema.ts";
import { Choice } from "../fields/Choice.tsx";
import { LengthField } from "../fields/LengthField.tsx";
import { NoteField } from "../fields/NoteField.tsx";
import { TextInput } from "../fields/TextInput.tsx";
import { RemoveButton, Row } from "../panel/PanelParts.tsx";
import { Photos } from "../panel/Photos.tsx";
import { dispatch } from "../state/job-store.ts";
import { ui } from "../words/ui.ts";

interface EntryCardProps {
  number: number;
  entry: NonNullable<Project["record"]>[number];
  walls: Project["walls"];
  marked: boolean;
  onMark: () => void;
}

const place = { list: "record" as const };

/** One thing that was found: what, where, who was told, with its photos. */
export function EntryCard({ number, entry, walls, marked, onMark }: EntryCardProps) {
  const { id, wall, words, toldWho, toldWhen, photos } = entry;
  const edit = (patch: Patch<typeof entry>) => dispatch(editItem(place, id, patch));
  const name = (key: string) => `record/${id}/${key}`;
  return (
    <li
      className={`my-4 border-l-4 pl-3 ${marked ? "border-primary" : "border-base-300"}`}
      onFocus={onMark}
      data-record={number}
    >
      <div className="flex items-center justify-between">
        <h2 className="font-semibold">{ui.record.entry(number)}</h2>
        <span className="no-print">
          <RemoveButton
            of={ui.record.entry(number)}
            onClick={() => dispatch(removeItem(place, id))}
          />
        </span>
      </div>
      <TextInput
        lines={2}
        label={ui.record.words}
        name={name("words")}
        shown={words}
        numeric={false}
        read={(text) => ({ ok: true, value: text.trim().slice(0, 4000) })}
        onCommit={(text) => edit({ words: text })}
      />
      <div className="mt-2 grid gap-x-2 md:grid-cols-2 print:grid-cols-2">
        <EntryPlace entry={entry} walls={walls} edit={edit} name={name} />
        <Row>
          <NoteField
            label={ui.record.toldWho}
            name={name("who")}
            value={toldWho}
            onCommit={(who) => edit({ toldWho: who })}
          />
          <label className="min-w-0 flex-1">
            <span className="field-label">{ui.record.toldWhen}</span>
            <input
              type="date"
              className="input input-sm w-full bg-base-100"
              value={toldWhen?.slice(0, 10) ?? ""}
              onChange={(event) => edit({ toldWhen: event.target.value || undefined })}
            />
          </label>
        </Row>
      </div>
      {wall && <p className="no-print text-xs opacity-80">{ui.record.placeHint}</p>}
      <Photos
        of={ui.record.entry(number)}
        ids={photos}
        onChange={(next) => edit({ photos: next })}
      />
    </li>
  );
}

interface EntryPlaceProps extends Pick<EntryCardProps, "entry" | "walls"> {
  edit: (patch: Patch<EntryCardProps["entry"]>) => void;
  name: (key: string) => string;
}

/** On which wall it is, and where on that. */
function EntryPlace({ entry: { wall, x, level }, walls, edit, name }: EntryPlaceProps) {
  return (
    <Row>
      <Choice
        label={ui.record.wall}
        value={wall ?? ""}
        options={[
          ["", ui.record.noWall],
          ...walls.map((other): [string, string] => [other.id, other.name]),
        ]}
        onChange={(next) =>
          edit(next === "" ? { wall: undefined, x: undefined, level: undefined } : { wall: next })
        }
      />
      {wall && (
        <>
          <LengthField
            label={ui.record.x}
            name={name("x")}
            mm={x}
            rules={{ signed: true }}
            onCommit={(mm) => edit({ x: mm, level: level ?? 0 })}
          />
          <LengthField
            label={ui.record.level}
            name={name("level")}
            mm={level}
            rules={{ signed: true }}
            onCommit={(mm) => edit({ level: mm })}
          />
        </>
      )}
    </Row>
  );
}
