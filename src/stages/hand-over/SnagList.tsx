import { addItem, editItem, removeItem } from "../../../core/project/items.ts";
import type { Project, Snag } from "../../../core/project/schema.ts";
import { LengthField } from "../../fields/LengthField.tsx";
import { NoteField } from "../../fields/NoteField.tsx";
import { AddButton } from "../../panel/AddButton.tsx";
import { ItemCard, type PanelProps, Row, Section, Tick } from "../../panel/PanelParts.tsx";
import { Photos } from "../../panel/Photos.tsx";
import { useNow } from "../../state/clock.ts";
import { dispatch } from "../../state/job-store.ts";
import { formatWhen, ui } from "../../words/ui.ts";
import { markedSnag } from "./marked-snag.ts";

const list = { list: "snags" as const };

/** What is still to be mended on a wall, numbered as on the drawing. */
export function SnagList({ project, wall }: Omit<PanelProps, "stored">) {
  const snags = snagsOf(project, wall.id);
  const add = () => {
    const id = crypto.randomUUID();
    markedSnag.setState({ id });
    dispatch(addItem(list, { id, wall: wall.id, words: "" }));
  };
  return (
    <Section title={ui.handOver.snags}>
      {snags.length === 0 && <p className="text-sm">{ui.handOver.noSnags}</p>}
      {snags.map(({ number, snag }) => (
        <SnagCard key={snag.id} number={number} snag={snag} />
      ))}
      <AddButton label={ui.handOver.addSnag} onClick={add} />
      {snags.length > 0 && <p className="text-xs opacity-80">{ui.handOver.place}</p>}
    </Section>
  );
}

/** The snags of a wall with their numbers over the whole job. */
export function snagsOf(project: Project, wall: string): { number: number; snag: Snag }[] {
  return (project.handOver?.snags ?? [])
    .map((snag, k) => ({ number: k + 1, snag }))
    .filter(({ snag }) => snag.wall === wall);
}

function SnagCard({ number, snag }: { number: number; snag: Snag }) {
  const now = useNow(60_000);
  const { id, words, who, due, done, photos = [] } = snag;
  const edit = (patch: { [K in keyof Snag]?: Snag[K] | undefined }) =>
    dispatch(editItem(list, id, patch));
  const late = !done && due !== undefined && Date.parse(`${due}T23:59:59`) < now;
  const name = ui.handOver.snag(number);
  return (
    // biome-ignore lint/a11y/noStaticElementInteractions: whichever of its fields is typed in marks it
    <div
      data-snag={number}
      onFocus={() => markedSnag.setState({ id })}
      className={done ? "opacity-75" : ""}
    >
      <ItemCard title={name} onRemove={() => dispatch(removeItem(list, id))}>
        <Row>
          <NoteField
            label={ui.handOver.what}
            name={`snag/${id}/words`}
            value={words}
            onCommit={(text) => edit({ words: text })}
          />
        </Row>
        <Row>
          <NoteField
            label={ui.handOver.who}
            name={`snag/${id}/who`}
            value={who}
            onCommit={(own) => edit({ who: own || undefined })}
          />
          <label className="w-37 shrink-0">
            <span className="field-label">
              {ui.handOver.due}
              {late && <strong className="text-error"> · ! {ui.handOver.late}</strong>}
            </span>
            <input
              type="date"
              className="input input-sm w-full bg-base-100"
              value={due?.slice(0, 10) ?? ""}
              onChange={({ target: { value } }) => edit({ due: value || undefined })}
            />
          </label>
        </Row>
        <SnagPlace snag={snag} edit={edit} />
        <Photos of={name} ids={photos} onChange={(next) => edit({ photos: next })} />
        <Tick
          label={done ? ui.handOver.doneAt(formatWhen(Date.parse(done))) : ui.handOver.done}
          checked={done !== undefined}
          onChange={(on) => edit({ done: on ? new Date().toISOString() : undefined })}
        />
      </ItemCard>
    </div>
  );
}

interface PlaceProps {
  snag: Snag;
  edit: (patch: { x?: number | undefined; level?: number | undefined }) => void;
}

function SnagPlace({ snag: { id, x, level }, edit }: PlaceProps) {
  return (
    <Row>
      <LengthField
        label={ui.log.x}
        name={`snag/${id}/x`}
        mm={x}
        rules={{ signed: true }}
        onClear={() => edit({ x: undefined, level: undefined })}
        onCommit={(mm) => edit({ x: mm, level: level ?? 0 })}
      />
      <LengthField
        label={ui.log.level}
        name={`snag/${id}/level`}
        mm={level}
        rules={{ signed: true }}
        onCommit={(mm) => edit({ level: mm, x: x ?? 0 })}
      />
    </Row>
  );
}
