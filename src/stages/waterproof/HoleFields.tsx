import { addItem, editItem, removeItem } from "../../../core/project/items.ts";
import type { ItemOf } from "../../../core/project/lists.ts";
import type { Project, Wall } from "../../../core/project/schema.ts";
import { LengthField } from "../../fields/LengthField.tsx";
import { NoteField } from "../../fields/NoteField.tsx";
import { AddButton } from "../../panel/AddButton.tsx";
import { RemoveButton, Row, Section, Tick } from "../../panel/PanelParts.tsx";
import { dispatch } from "../../state/job-store.ts";
import { ui } from "../../words/ui.ts";

const place = { list: "holes" as const };

/** Screws and holes that went through the film after it was on: each is patched before tile. */
export function HoleFields({ project, wall }: { project: Project; wall: Wall }) {
  const holes = (project.film?.holes ?? []).filter((hole) => hole.wall === wall.id);
  const add = () =>
    dispatch(
      addItem(place, {
        id: crypto.randomUUID(),
        wall: wall.id,
        from: "left",
        at: Math.round(wall.width.bottom / 2),
        level: 0,
        words: "",
        patched: false,
        when: new Date().toISOString(),
      }),
    );
  return (
    <Section title={ui.waterproof.holes} open={holes.length > 0}>
      {holes.map((hole) => (
        <HoleRow key={hole.id} hole={hole} />
      ))}
      <AddButton label={ui.waterproof.addHole} onClick={add} />
    </Section>
  );
}

function HoleRow({ hole }: { hole: ItemOf<"holes"> }) {
  const { id, at, level, words, patched } = hole;
  const edit = (patch: Partial<typeof hole>) => dispatch(editItem(place, id, patch));
  return (
    <div className="mb-2 border-l-3 border-base-300 pl-2">
      <Row>
        <NoteField
          label={ui.waterproof.holeWords}
          name={`hole/${id}/words`}
          value={words}
          onCommit={(text) => edit({ words: text })}
        />
        <RemoveButton
          of={words || ui.waterproof.addHole}
          onClick={() => dispatch(removeItem(place, id))}
        />
      </Row>
      <Row>
        <LengthField
          bare
          label={ui.measure.at}
          name={`hole/${id}/at`}
          mm={at}
          rules={{ zero: true }}
          onCommit={(mm) => edit({ at: mm })}
        />
        <LengthField
          bare
          label={ui.measure.levelOf}
          name={`hole/${id}/level`}
          mm={level}
          rules={{ signed: true }}
          onCommit={(mm) => edit({ level: mm })}
        />
      </Row>
      <Tick
        label={ui.waterproof.patched}
        checked={patched}
        onChange={(next) => edit({ patched: next })}
      />
    </div>
  );
}
