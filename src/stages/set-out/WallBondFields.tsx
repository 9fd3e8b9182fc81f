import { editWall } from "../../../core/project/commands.ts";
import type { Bond, Project, Wall } from "../../../core/project/schema.ts";
import { wallBond } from "../../../core/set-out/pattern.ts";
import { Tick } from "../../panel/PanelParts.tsx";
import { dispatch } from "../../state/job-store.ts";
import { ui } from "../../words/ui.ts";
import { BondFields } from "./BondFields.tsx";

/** A bond of this wall's own: of the field's tile with the field's joint. */
export function WallBondFields({ project, wall }: { project: Project; wall: Wall }) {
  if (project.walls.length < 2) return null;
  const bond = wallBond(project, wall);
  const edit = (patch: { [K in keyof Bond]?: Bond[K] | undefined }) => {
    const {
      tile: _,
      joint: __,
      groutColour: ___,
      ...own
    } = { ...bond, ...patch } as Bond & {
      groutColour?: string;
    };
    return editWall(wall.id, { bond: own });
  };
  return (
    <>
      <Tick
        label={ui.setOut.ownBond.on(wall.name)}
        checked={wall.bond !== undefined}
        onChange={(on) => dispatch(on ? edit({}) : editWall(wall.id, { bond: undefined }))}
      />
      {wall.bond && (
        <>
          <BondFields
            project={project}
            bond={bond}
            name={`${wall.id}/bond/`}
            joint={false}
            edit={edit}
            find={(draft) => draft.walls.find(({ id }) => id === wall.id)?.bond}
          />
          <p className="text-xs opacity-80">{ui.setOut.ownBond.hint}</p>
        </>
      )}
    </>
  );
}
