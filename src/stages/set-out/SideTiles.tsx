import { editOpening } from "../../../core/project/commands.ts";
import { RETURN_SIDES } from "../../../core/project/return-sides.ts";
import type { Opening, Project } from "../../../core/project/schema.ts";
import { Choice } from "../../fields/Choice.tsx";
import { Row } from "../../panel/PanelParts.tsx";
import { dispatch } from "../../state/job-store.ts";
import { ui } from "../../words/ui.ts";

interface SideTilesProps {
  project: Project;
  wall: string;
  opening: Opening;
  /** The tile of its back, or the field's. */
  own: string;
}

/** Which tile lines each side of a niche or window. */
export function SideTiles({ project, wall, opening, own }: SideTilesProps) {
  if (project.tiles.length < 2) return null;
  const names = Object.fromEntries(project.tiles.map(({ id, name }) => [id, name])) as Record<
    string,
    string
  >;
  const field = (side: (typeof RETURN_SIDES)[number]) => (
    <Choice
      key={side}
      label={ui.setOut.linings[side]}
      value={opening.sides?.[side] ?? own}
      options={names}
      onChange={(tile) =>
        dispatch(editOpening(wall, opening.id, { sides: { ...opening.sides, [side]: tile } }))
      }
    />
  );
  const [sill, head, left, right] = RETURN_SIDES;
  return (
    <fieldset>
      <legend className="text-sm font-semibold">{ui.setOut.linings.tiles}</legend>
      <Row>
        {field(sill)}
        {field(head)}
      </Row>
      <Row>
        {field(left)}
        {field(right)}
      </Row>
    </fieldset>
  );
}
