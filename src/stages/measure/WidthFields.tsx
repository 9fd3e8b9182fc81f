import { editWidth } from "../../../core/project/commands.ts";
import { addItem, editItem, removeItem } from "../../../core/project/items.ts";
import type { Wall } from "../../../core/project/schema.ts";
import { LengthField } from "../../fields/LengthField.tsx";
import { AddButton } from "../../panel/AddButton.tsx";
import { RemoveButton, Row, Section } from "../../panel/PanelParts.tsx";
import { dispatch } from "../../state/job-store.ts";
import { ui } from "../../words/ui.ts";

/** Widths at bottom, top and any height between. */
export function WidthFields({ wall }: { wall: Wall }) {
  const place = { list: "widths" as const, wall: wall.id };
  return (
    <Section title={ui.measure.widths}>
      <Row>
        <LengthField
          label={ui.measure.widthBottom}
          name={`${wall.id}/width/bottom`}
          mm={wall.width.bottom}
          onCommit={(bottom) => dispatch(editWidth(wall.id, { bottom }))}
        />
        <LengthField
          label={ui.measure.widthTop}
          name={`${wall.id}/width/top`}
          mm={wall.width.top}
          placeholder={ui.measure.notRead}
          onCommit={(top) => dispatch(editWidth(wall.id, { top }))}
          onClear={() => dispatch(editWidth(wall.id, { top: undefined }))}
        />
      </Row>
      {wall.widths?.map(({ id, level, width }) => (
        <Row key={id}>
          <LengthField
            label={ui.measure.widthHere}
            name={`${wall.id}/width/${id}`}
            mm={width}
            onCommit={(mm) => dispatch(editItem(place, id, { width: mm }))}
          />
          <LengthField
            label={ui.measure.levelOf}
            name={`${wall.id}/width/${id}/level`}
            mm={level}
            rules={{ signed: true }}
            onCommit={(mm) => dispatch(editItem(place, id, { level: mm }))}
          />
          <RemoveButton of={ui.measure.widthHere} onClick={() => dispatch(removeItem(place, id))} />
        </Row>
      ))}
      <AddButton
        label={ui.measure.moreWidths}
        onClick={() =>
          dispatch(addItem(place, { id: crypto.randomUUID(), level: 0, width: wall.width.bottom }))
        }
      />
    </Section>
  );
}
