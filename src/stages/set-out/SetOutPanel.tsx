import { chooseCentre, editCentre } from "../../../core/project/centre-commands.ts";
import { editField } from "../../../core/project/commands.ts";
import type { Wall } from "../../../core/project/schema.ts";
import { Choice } from "../../fields/Choice.tsx";
import { LengthField } from "../../fields/LengthField.tsx";
import {
  Caution,
  type PanelProps,
  PanelTitle,
  Row,
  Section,
  Tick,
} from "../../panel/PanelParts.tsx";
import { Later } from "../../parts/Later.tsx";
import { Part } from "../../parts/part.ts";
import { dispatch } from "../../state/job-store.ts";
import { useView } from "../../state/view-store.ts";
import { ui } from "../../words/ui.ts";
import { WarningList } from "../WarningList.tsx";
import { BondFields } from "./BondFields.tsx";
import { FirstCourseFields } from "./FirstCourseFields.tsx";
import { WallBondFields } from "./WallBondFields.tsx";

/** What comes after the first figures: the sections below the warnings. */
const MORE = new Part(async () => (await import("./SetOutMore.tsx")).SetOutMore);

/** Where the first tile goes: tile, pattern, centre, first course, corners, limits. */
export function SetOutPanel({ project, plan, wall, stored }: PanelProps) {
  const followed = plan.walls.find(({ id }) => id === wall.follows?.wall);
  return (
    <>
      <PanelTitle>{ui.setOut.title(wall.name)}</PanelTitle>
      <button
        type="button"
        className="btn btn-sm mt-2 w-full"
        onClick={() => useView.setState({ comparing: true })}
      >
        {ui.openCompare}
      </button>
      <Section title={ui.setOut.pattern}>
        <BondFields
          project={project}
          bond={project.field}
          name=""
          edit={editField}
          find={(draft) => draft.field}
        />
        <WallBondFields project={project} wall={stored} />
      </Section>
      {stored.photo && <PhotoTick />}
      <CentreFields wall={stored} placed={wall.centring} follows={followed?.name} />
      <FirstCourseFields project={project} plan={plan} wall={wall} />
      <WarningList project={project} plan={plan} wall={wall.id} />
      <Later part={MORE} waiting={<span />} props={{ project, plan, wall, stored }} />
      <Caution>{ui.setOut.caution}</Caution>
    </>
  );
}

interface CentreFieldsProps {
  wall: Wall;
  /** The centre that it is planned with: that of another wall where it goes on round a corner. */
  placed: Wall["centre"];
  /** The name of the wall that its bond goes on from. */
  follows: string | undefined;
}

function CentreFields({ wall, placed, follows }: CentreFieldsProps) {
  const { mode, about = "wall" } = wall.centre;
  const { shift = 0 } = placed;
  const abouts: [string, string][] = [
    ["wall", ui.setOut.aboutWall],
    ...(wall.leg ? [["base", ui.setOut.aboutBase] as [string, string]] : []),
    ...[...wall.openings, ...wall.fixtures].map(({ id, name, kind }): [string, string] => [
      id,
      name ?? kind,
    ]),
  ];
  return (
    <Section title={ui.setOut.centre}>
      <div className="side-by-side mb-2 flex">
        {(["tile", "joint", "free"] as const).map((candidate) => (
          <button
            key={candidate}
            type="button"
            aria-pressed={mode === candidate}
            className={`btn btn-sm flex-1 px-0 text-[0.8125rem]! whitespace-nowrap ${mode === candidate ? "btn-primary" : ""}`}
            onClick={() =>
              dispatch(
                chooseCentre(wall.id, {
                  mode: candidate,
                  ...(candidate === "free" ? { shift } : {}),
                }),
              )
            }
          >
            {ui.setOut.modes[candidate]}
          </button>
        ))}
      </div>
      {follows && <p className="mb-2 text-sm">{ui.setOut.follows(follows)}</p>}
      <Row>
        {abouts.length > 1 && (
          <Choice
            label={ui.setOut.about}
            value={abouts.some(([id]) => id === about) ? about : "wall"}
            options={abouts}
            onChange={(next) => dispatch(editCentre(wall.id, { about: next }))}
          />
        )}
        {mode === "free" && (
          <LengthField
            label={ui.setOut.shift}
            name={`${wall.id}/shift`}
            mm={shift}
            rules={{ signed: true }}
            onCommit={(next) => dispatch(editCentre(wall.id, { shift: next }))}
          />
        )}
      </Row>
    </Section>
  );
}

/** The photo of the bare wall over its tile, to place niches and fixtures on what is there. */
function PhotoTick() {
  const on = useView((state) => state.photo);
  return (
    <Tick
      label={ui.setOut.photoOver}
      checked={on}
      onChange={(photo) => useView.setState({ photo })}
    />
  );
}
