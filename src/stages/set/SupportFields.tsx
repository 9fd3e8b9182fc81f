import { together } from "../../../core/project/commands.ts";
import { addItem, editItem, removeItem } from "../../../core/project/items.ts";
import type { ItemOf } from "../../../core/project/lists.ts";
import type { Project } from "../../../core/project/schema.ts";
import { leftOf } from "../../../core/set/clocks.ts";
import type { WallPlan } from "../../../core/wall-plan.ts";
import { Choice } from "../../fields/Choice.tsx";
import { LengthField } from "../../fields/LengthField.tsx";
import { NoteField } from "../../fields/NoteField.tsx";
import { NumberField } from "../../fields/NumberField.tsx";
import { AddButton } from "../../panel/AddButton.tsx";
import { ItemCard, Row, Section, Tick, Verdict } from "../../panel/PanelParts.tsx";
import { useNow } from "../../state/clock.ts";
import { dispatch } from "../../state/job-store.ts";
import { SUPPORT_STAYS_H } from "../../state/work.ts";
import { formatWhen, ui } from "../../words/ui.ts";

const place = { list: "supports" as const };

/** What holds tile until it holds by itself: where, until when, and the holes that it leaves. */
export function SupportFields({ project, wall }: { project: Project; wall: WallPlan }) {
  const own = (project.work?.supports ?? []).filter((support) => support.wall === wall.id);
  const add = () =>
    dispatch(
      addItem(place, {
        id: crypto.randomUUID(),
        wall: wall.id,
        kind: "tape",
        level: 0,
        at: new Date().toISOString(),
      }),
    );
  return (
    <Section title={ui.set.supports} open={own.length > 0}>
      {own.map((support) => (
        <SupportCard key={support.id} support={support} />
      ))}
      <AddButton label={ui.set.addSupport} onClick={add} />
    </Section>
  );
}

function SupportCard({ support }: { support: ItemOf<"supports"> }) {
  const now = useNow(30_000);
  const { id, kind, what, level, at, hours = SUPPORT_STAYS_H, out, holes } = support;
  const edit = (patch: Partial<typeof support>) => dispatch(editItem(place, id, patch));
  const left = at === undefined ? 0 : leftOf(at, hours * 60, now);
  return (
    <ItemCard title={ui.set.supportKinds[kind]} onRemove={() => dispatch(removeItem(place, id))}>
      <Row>
        <Choice
          label={ui.set.addSupport}
          value={kind}
          options={ui.set.supportKinds}
          onChange={(next) => edit({ kind: next })}
        />
        <LengthField
          bare
          label={ui.measure.levelOf}
          name={`support/${id}/level`}
          mm={level}
          rules={{ signed: true }}
          onCommit={(mm) => edit({ level: mm })}
        />
        <NumberField
          label={ui.set.stays}
          name={`support/${id}/hours`}
          value={hours}
          max={1000}
          onCommit={(next) => edit({ hours: next })}
        />
      </Row>
      <NoteField
        label={ui.set.holds}
        name={`support/${id}/what`}
        value={what ?? ""}
        onCommit={(text) => edit({ what: text || undefined })}
      />
      <Tick
        label={ui.set.throughFilm}
        checked={holes === true}
        onChange={(through) => (through ? throughFilm(support) : edit({ holes: false }))}
      />
      {holes && <p className="text-sm">{ui.set.holeLogged}</p>}
      {out === undefined && at !== undefined && (
        <Verdict good>
          {left > 0
            ? ui.set.outFrom(formatWhen(Date.parse(at) + hours * 3_600_000))
            : ui.set.mayOut}
        </Verdict>
      )}
      <Tick
        label={ui.set.takenOut}
        checked={out !== undefined}
        onChange={(taken) => edit({ out: taken ? new Date().toISOString() : undefined })}
      />
    </ItemCard>
  );
}

/** What goes through the film leaves a hole that is patched before tile covers it. */
function throughFilm({ id, wall, kind, level }: ItemOf<"supports">): void {
  const words = ui.set.holeWords(ui.set.supportKinds[kind]);
  dispatch(
    together("edit-supports", [
      editItem(place, id, { holes: true }),
      addItem(
        { list: "holes" },
        {
          ...{ id: crypto.randomUUID(), wall, from: "left", at: 0, level, words, patched: false },
          when: new Date().toISOString(),
        },
      ),
    ]),
  );
}
