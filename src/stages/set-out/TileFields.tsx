import { fieldTile } from "../../../core/project/defaults.ts";
import type { Project } from "../../../core/project/schema.ts";
import { editTile } from "../../../core/project/tile-commands.ts";
import { LengthField } from "../../fields/LengthField.tsx";
import { TextInput } from "../../fields/TextInput.tsx";
import { Row, Section } from "../../panel/PanelParts.tsx";
import { dispatch } from "../../state/job-store.ts";
import { ui } from "../../words/ui.ts";
import { LookFields } from "./LookFields.tsx";
import { MeasuredTiles } from "./MeasuredTiles.tsx";
import { SheetFields } from "./ZoneFields.tsx";

/** The field tile: actual sizes, thickness, edges. */
export function TileFields({ project }: { project: Project }) {
  const tile = fieldTile(project);
  const side = { above: 4.99, atMost: 5000 };
  return (
    <Section title={`${ui.setOut.tile}: ${tile.name}`} open>
      <Row>
        <TextInput
          label={ui.setOut.tileName}
          name="tile/name"
          shown={tile.name}
          numeric={false}
          read={(text) =>
            text.trim() === "" || text.length > 200
              ? { ok: false, problem: ui.jobs.nameMissing }
              : { ok: true, value: text.trim() }
          }
          onCommit={(name) => dispatch(editTile({ name }))}
        />
      </Row>
      <Row>
        <LengthField
          label={ui.setOut.width}
          name="tile/width"
          mm={tile.width}
          rules={side}
          onCommit={(width) => dispatch(editTile({ width }))}
        />
        <LengthField
          label={ui.setOut.height}
          name="tile/height"
          mm={tile.height}
          rules={side}
          onCommit={(height) => dispatch(editTile({ height }))}
        />
      </Row>
      <Row>
        <LengthField
          label={ui.setOut.thickness}
          name="tile/thickness"
          mm={tile.thickness}
          rules={{ atMost: 100 }}
          onCommit={(thickness) => dispatch(editTile({ thickness }))}
        />
        <label className="flex min-h-9 flex-1 items-center gap-2 text-sm">
          <input
            type="checkbox"
            className="h-5 w-5 accent-primary"
            checked={tile.rectified ?? false}
            onChange={(event) => dispatch(editTile({ rectified: event.target.checked }))}
          />
          {ui.setOut.rectified}
        </label>
      </Row>
      <LookFields project={project} tile={tile.id} />
      <MeasuredTiles project={project} />
      <SheetFields project={project} tile={tile.id} />
    </Section>
  );
}
