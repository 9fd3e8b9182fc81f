import type { Mix } from "../../core/project/schema.ts";
import { NoteField } from "../fields/NoteField.tsx";
import { noteLot } from "../state/work.ts";
import { ui } from "../words/ui.ts";

/** The lot and colour of a mix, as its bag is marked: it goes into the log with the mix. */
export function MixLot({ mix: { id, lot } }: { mix: Mix }) {
  return (
    <NoteField
      label={ui.set.lot}
      name={`mix/${id}/lot`}
      value={lot}
      onCommit={(text) => noteLot(id, text)}
    />
  );
}
