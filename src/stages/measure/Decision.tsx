import { addItem, editItem } from "../../../core/project/items.ts";
import { NoteField } from "../../fields/NoteField.tsx";
import { Row } from "../../panel/PanelParts.tsx";
import { dispatch, useJob } from "../../state/job-store.ts";
import { ui } from "../../words/ui.ts";

const CHOICES = ["fix", "accept"] as const;
const place = { list: "decisions" as const };

/** Fix now, or accept: recorded before the work goes on, with why and who agreed. */
export function Decision({ check, wall }: { check: string; wall: string }) {
  const found = useJob(({ row }) => row?.project.decisions?.find((d) => d.check === check));
  const choose = (choice: (typeof CHOICES)[number]) => {
    const when = new Date().toISOString();
    if (found) dispatch(editItem(place, found.id, { choice, when }));
    else dispatch(addItem(place, { id: crypto.randomUUID(), check, wall, choice, when }));
  };
  return (
    <fieldset className="mb-1">
      <legend className="sr-only">{ui.measure.decide}</legend>
      <div className="flex gap-1">
        {CHOICES.map((choice) => (
          <button
            key={choice}
            type="button"
            aria-pressed={found?.choice === choice}
            className={`btn btn-sm flex-1 ${found?.choice === choice ? "btn-primary" : ""}`}
            onClick={() => choose(choice)}
          >
            {ui.measure.decided[choice]}
          </button>
        ))}
      </div>
      {found && (
        <Row>
          <NoteField
            label={ui.measure.decideWords}
            name={`decision/${found.id}/words`}
            value={found.words}
            onCommit={(words) => dispatch(editItem(place, found.id, { words }))}
          />
          <NoteField
            label={ui.measure.decideWho}
            name={`decision/${found.id}/who`}
            value={found.who}
            onCommit={(who) => dispatch(editItem(place, found.id, { who }))}
          />
        </Row>
      )}
    </fieldset>
  );
}
