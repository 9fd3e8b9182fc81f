import type { Command } from "../../../core/project/command.ts";
import type { Bond, Project } from "../../../core/project/schema.ts";
import { addTile, editTileOf } from "../../../core/project/tile-commands.ts";
import { hasTwoSizes, secondTile } from "../../../core/set-out/pattern.ts";
import { Choice } from "../../fields/Choice.tsx";
import { LengthField } from "../../fields/LengthField.tsx";
import { NumberField } from "../../fields/NumberField.tsx";
import { PATTERNS, type PatternName, patternName } from "../../jobs/patterns.ts";
import { Row } from "../../panel/PanelParts.tsx";
import { dispatch } from "../../state/job-store.ts";
import { ui } from "../../words/ui.ts";

interface BondFieldsProps {
  project: Project;
  bond: Bond;
  /** Names the fields apart: a job has a field and zones. */
  name: string;
  edit: (patch: { [K in keyof Bond]?: Bond[K] | undefined }) => Command;
  /** Finds the bond in the job to give it a second tile. */
  find: (draft: Project) => { second?: string | undefined } | undefined;
  /** False where the joint is not the bond's own. */
  joint?: boolean;
}

/** Pattern, how it lies, its joint, and the second tile of a bond of two sizes. */
export function BondFields({
  project,
  bond,
  name,
  edit,
  find,
  joint: own = true,
}: BondFieldsProps) {
  const chosen = patternName(bond);
  const choose = (next: PatternName) =>
    dispatch(
      next === "other"
        ? edit({ pattern: "offset", offset: 0.25, run: "stepped" })
        : edit({ offset: undefined, run: undefined, angle: undefined, ...PATTERNS[next] }),
    );
  return (
    <>
      <Row>
        <Choice
          label={ui.setOut.pattern}
          hideLabel
          value={chosen}
          options={ui.patterns}
          onChange={choose}
        />
      </Row>
      {chosen === "other" && (
        <Row>
          <NumberField
            label={ui.setOut.offset}
            name={`${name}offset`}
            value={bond.offset ?? 0.5}
            min={0.01}
            max={0.99}
            onCommit={(offset) => dispatch(edit({ offset }))}
          />
        </Row>
      )}
      {hasTwoSizes(bond) && <SecondTile project={project} bond={bond} name={name} find={find} />}
      <Row>
        <Choice
          label={ui.setOut.lay}
          value={bond.lay}
          options={bond.pattern === "scale" ? ui.round : ui.lay}
          onChange={(lay) => dispatch(edit({ lay }))}
        />
        {own && (
          <LengthField
            label={ui.setOut.joint}
            name={`${name}joint`}
            mm={bond.joint}
            rules={{ zero: true, atMost: 50 }}
            onCommit={(joint) => dispatch(edit({ joint }))}
          />
        )}
      </Row>
    </>
  );
}

function SecondTile({ project, bond, name, find }: Omit<BondFieldsProps, "edit">) {
  const second = secondTile(project, bond);
  const own = project.tiles.some(({ id }) => id === bond.second);
  const set = (patch: { width?: number; height?: number }) => {
    if (own && bond.second) dispatch(editTileOf(bond.second, patch));
    else {
      const id = crypto.randomUUID();
      const tile = { ...second, ...patch, id, name: ui.setOut.second };
      dispatch(
        addTile(tile, (draft) => {
          const found = find(draft);
          if (found) found.second = id;
        }),
      );
    }
  };
  return (
    <Row>
      {(["width", "height"] as const).map((side) => (
        <LengthField
          key={side}
          label={`${ui.setOut.second}, ${ui.inline(ui.setOut[side])}`}
          name={`${name}second/${side}`}
          mm={second[side]}
          rules={{ above: 4.99, atMost: 5000 }}
          onCommit={(mm) => set({ [side]: mm })}
        />
      ))}
    </Row>
  );
}
