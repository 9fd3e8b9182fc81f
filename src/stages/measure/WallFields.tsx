import { editWall } from "../../../core/project/commands.ts";
import type { Wall } from "../../../core/project/schema.ts";
import { Choice } from "../../fields/Choice.tsx";
import { LengthField } from "../../fields/LengthField.tsx";
import { TextInput } from "../../fields/TextInput.tsx";
import { dispatch } from "../../state/job-store.ts";
import { ui } from "../../words/ui.ts";
import { Row, Section, Tick } from "../PanelParts.tsx";

/** The wall's name, the surface its sizes were read on, what its top is, and its leg. */
export function WallFields({ wall }: { wall: Wall }) {
  return (
    <Section title={ui.tally.wall} open={false}>
      <Row>
        <TextInput
          label={ui.measure.wallName}
          name={`${wall.id}/name`}
          shown={wall.name}
          numeric={false}
          read={(text) =>
            text.trim() === "" || text.length > 200
              ? { ok: false, problem: ui.jobs.nameMissing }
              : { ok: true, value: text.trim() }
          }
          onCommit={(name) => dispatch(editWall(wall.id, { name }))}
        />
      </Row>
      <Row>
        <Choice
          label={ui.measure.surface}
          value={wall.surface ?? "film"}
          options={ui.measure.surfaces}
          onChange={(surface) => dispatch(editWall(wall.id, { surface }))}
        />
        <Choice
          label={ui.measure.topIs}
          value={wall.topIs ?? "ceiling"}
          options={ui.measure.topKinds}
          onChange={(topIs) => dispatch(editWall(wall.id, { topIs }))}
        />
      </Row>
      <LegFields wall={wall} />
      <StandingFields wall={wall} />
    </Section>
  );
}

function LegFields({ wall }: { wall: Wall }) {
  const { leg } = wall;
  const start = { width: 60, floorDown: 1400 };
  return (
    <>
      <Row>
        <Choice
          label={ui.measure.leg}
          value={leg?.side ?? "none"}
          options={{ none: ui.measure.legNone, ...ui.measure.corner }}
          onChange={(side) =>
            dispatch(
              editWall(wall.id, { leg: side === "none" ? undefined : { ...start, ...leg, side } }),
            )
          }
        />
      </Row>
      {leg && (
        <Row>
          <LengthField
            label={ui.measure.legWidth}
            name={`${wall.id}/leg/width`}
            mm={leg.width}
            onCommit={(width) => dispatch(editWall(wall.id, { leg: { ...leg, width } }))}
          />
          <LengthField
            label={ui.measure.legFloor}
            name={`${wall.id}/leg/floor`}
            mm={leg.floorDown}
            onCommit={(floorDown) => dispatch(editWall(wall.id, { leg: { ...leg, floorDown } }))}
          />
        </Row>
      )}
    </>
  );
}

/** What the wall is and what was found in it: it decides board, film and cautions. */
function StandingFields({ wall }: { wall: Wall }) {
  const edit = (patch: Partial<Wall>) => dispatch(editWall(wall.id, patch));
  return (
    <>
      <Row>
        <Choice
          label={ui.measure.stands}
          value={wall.stands ?? "inside"}
          options={ui.measure.standKinds}
          onChange={(stands) => edit({ stands })}
        />
        <Choice
          label={ui.measure.behind}
          value={wall.behind ?? "nothing"}
          options={ui.measure.behinds}
          onChange={(behind) => edit({ behind })}
        />
      </Row>
      <Row>
        <Choice
          label={ui.measure.exposure}
          value={wall.exposure ?? "wet"}
          options={ui.measure.exposures}
          onChange={(exposure) => edit({ exposure })}
        />
      </Row>
      <Tick
        label={ui.measure.bearing}
        checked={wall.bearing ?? false}
        onChange={(bearing) => edit({ bearing })}
      />
      <Tick
        label={ui.measure.plumbing}
        checked={wall.plumbing ?? false}
        onChange={(plumbing) => edit({ plumbing })}
      />
    </>
  );
}
