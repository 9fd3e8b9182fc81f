import { editField } from "../../../core/project/commands.ts";
import type { Project } from "../../../core/project/schema.ts";
import { editTileOf } from "../../../core/project/tile-commands.ts";
import { Choice } from "../../fields/Choice.tsx";
import { ColourField } from "../../fields/ColourField.tsx";
import { Row } from "../../panel/PanelParts.tsx";
import { dispatch } from "../../state/job-store.ts";
import { ui } from "../../words/ui.ts";

/** How a tile is drawn, and with it the grout round it. Nothing is counted by it. */
export function LookFields({ project, tile }: { project: Project; tile: string }) {
  const { colour, surface = "plain" } = project.tiles.find(({ id }) => id === tile) ?? {};
  const { look } = ui.setOut;
  return (
    <Row>
      <ColourField
        label={look.colour}
        colour={colour}
        onCommit={(next) =>
          dispatch({ ...editTileOf(tile, { colour: next }), mergeKey: `colour-${tile}` })
        }
      />
      <ColourField
        label={look.grout}
        colour={project.field.groutColour}
        onCommit={(next) =>
          dispatch({ ...editField({ groutColour: next }), mergeKey: "colour-grout" })
        }
      />
      <Choice
        label={look.surface}
        value={surface}
        options={look.surfaces}
        onChange={(next) => dispatch(editTileOf(tile, { surface: next }))}
      />
    </Row>
  );
}
