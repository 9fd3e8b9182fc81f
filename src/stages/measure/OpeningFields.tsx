import {
  addFixture,
  addOpening,
  editFixture,
  editOpening,
  removeFixture,
  removeOpening,
} from "../../../core/project/commands.ts";
import { DEFAULTS } from "../../../core/project/defaults.ts";
import type { Fixture, Opening, Wall } from "../../../core/project/schema.ts";
import { flangeOf, openingFor } from "../../../core/set-out/dish.ts";
import { Choice } from "../../fields/Choice.tsx";
import { LengthField } from "../../fields/LengthField.tsx";
import { AddButton } from "../../panel/AddButton.tsx";
import { ItemCard, Row, Section } from "../../panel/PanelParts.tsx";
import { dispatch } from "../../state/job-store.ts";
import { ui } from "../../words/ui.ts";
import { newDish, newFixture, newObstacle, newOpening } from "./new-opening.ts";

/** Niches, windows and fixtures of a wall, as they were read. */
export function OpeningFields({ wall }: { wall: Wall }) {
  const add = (kind: Opening["kind"]) => dispatch(addOpening(wall.id, newOpening(wall, kind)));
  return (
    <>
      <Section title={ui.measure.openings}>
        {wall.openings.map((opening) => (
          <OpeningCard key={opening.id} wall={wall.id} opening={opening} />
        ))}
        <AddButton label={ui.measure.addNiche} onClick={() => add("niche")} />
        <AddButton label={ui.measure.addWindow} onClick={() => add("window")} />
        <AddButton
          label={ui.measure.obstacle.add}
          onClick={() => dispatch(addOpening(wall.id, newObstacle(wall)))}
        />
        <AddButton
          label={ui.measure.addDish}
          onClick={() => dispatch(addOpening(wall.id, newDish(wall)))}
        />
      </Section>
      <Section title={ui.measure.fixtures}>
        {wall.fixtures.map((fixture) => (
          <FixtureCard key={fixture.id} wall={wall.id} fixture={fixture} />
        ))}
        <AddButton
          label={ui.measure.addFixture}
          onClick={() => dispatch(addFixture(wall.id, newFixture(wall)))}
        />
      </Section>
    </>
  );
}

function OpeningCard({ wall, opening }: { wall: string; opening: Opening }) {
  const { id, x, y } = opening;
  const edit = (patch: Partial<Opening>) => dispatch(editOpening(wall, id, patch));
  const size = (key: "width" | "height" | "depth", label: string) => (
    <LengthField
      label={label}
      name={`${wall}/${id}/${key}`}
      mm={opening[key] ?? DEFAULTS.nicheDepth}
      rules={key === "depth" ? { zero: true } : {}}
      onCommit={(mm) => edit({ [key]: mm })}
    />
  );
  return (
    <ItemCard
      title={opening.name ?? ui.measure.kinds[opening.kind]}
      onRemove={() => dispatch(removeOpening(wall, id))}
    >
      {opening.kind === "obstacle" && (
        <ObstacleFields name={`${wall}/${id}`} opening={opening} edit={edit} />
      )}
      {opening.kind === "dish" ? (
        <FlangeFields name={`${wall}/${id}`} opening={opening} edit={edit} />
      ) : (
        <Row>
          {size("width", ui.measure.width)}
          {size("height", ui.measure.heightOf)}
          {opening.kind !== "obstacle" && size("depth", ui.measure.depth)}
        </Row>
      )}
      <PositionFields
        name={`${wall}/${id}`}
        x={x}
        y={y}
        onX={(next) => edit({ x: { ...x, ...next } })}
        onY={(next) => edit({ y: { ...y, ...next } })}
      />
      <Row>
        <Choice
          label={ui.measure.positionTo}
          value={x.to ?? "edge"}
          options={ui.measure.tos}
          onChange={(to) => edit({ x: { ...x, to } })}
        />
        <Choice
          label={ui.measure.verticalTo}
          value={y.to ?? (y.from === "ceiling" ? "top" : "bottom")}
          options={ui.measure.verticalTos}
          onChange={(to) => edit({ y: { ...y, to } })}
        />
      </Row>
    </ItemCard>
  );
}

/** What stands there; of a socket or switch the plate that tile runs under. */
function ObstacleFields({ name, opening, edit }: OpeningPartProps) {
  const { what = "other", plate } = opening;
  const { whats, plateWidth, plateHeight, caution, hint } = ui.measure.obstacle;
  const electric = what === "socket" || what === "switch";
  const side = (key: "width" | "height", label: string) => (
    <LengthField
      label={label}
      name={`${name}/plate-${key}`}
      mm={plate?.[key] ?? opening[key]}
      onCommit={(mm) =>
        edit({ plate: { width: opening.width, height: opening.height, ...plate, [key]: mm } })
      }
    />
  );
  return (
    <>
      <Row>
        <Choice
          label={ui.measure.obstacle.what}
          value={what}
          options={whats}
          onChange={(next) => edit({ what: next, name: whats[next] })}
        />
      </Row>
      {electric && (
        <Row>
          {side("width", plateWidth)}
          {side("height", plateHeight)}
        </Row>
      )}
      <p className="mb-2 text-xs opacity-80">{electric ? caution : hint}</p>
    </>
  );
}

interface OpeningPartProps {
  name: string;
  opening: Opening;
  edit: (patch: Partial<Opening>) => void;
}

/** A dish is measured over its flange; the opening in the tile is smaller by the overlap. */
function FlangeFields({ name, opening, edit }: OpeningPartProps) {
  const { overlap = 0 } = opening;
  const flange = flangeOf(opening);
  const side = (key: "width" | "height", label: string) => (
    <LengthField
      label={label}
      name={`${name}/flange-${key}`}
      mm={flange[key]}
      rules={{ above: 2 * overlap }}
      onCommit={(mm) => edit(openingFor({ ...flange, [key]: mm }, overlap))}
    />
  );
  return (
    <Row>
      {side("width", ui.measure.flangeWidth)}
      {side("height", ui.measure.flangeHeight)}
      <LengthField
        label={ui.measure.overlap}
        name={`${name}/overlap`}
        mm={overlap}
        rules={{ zero: true, atMost: Math.min(flange.width, flange.height) / 2 - 1 }}
        onCommit={(mm) => edit(openingFor(flange, mm))}
      />
    </Row>
  );
}

function FixtureCard({ wall, fixture }: { wall: string; fixture: Fixture }) {
  const { id, x, y } = fixture;
  const edit = (patch: Partial<Fixture>) => dispatch(editFixture(wall, id, patch));
  return (
    <ItemCard
      title={fixture.name ?? ui.measure.fixtureKinds[fixture.kind]}
      onRemove={() => dispatch(removeFixture(wall, id))}
    >
      <Row>
        <Choice
          label={ui.measure.name}
          value={fixture.kind}
          options={ui.measure.fixtureKinds}
          onChange={(kind) => edit({ kind, name: ui.measure.fixtureKinds[kind] })}
        />
        <LengthField
          label={ui.measure.pipe}
          name={`${wall}/${id}/pipe`}
          mm={fixture.pipe}
          onCommit={(pipe) => edit({ pipe })}
        />
        <LengthField
          label={ui.measure.plate}
          name={`${wall}/${id}/plate`}
          mm={fixture.escutcheon ?? 0}
          rules={{ zero: true }}
          onCommit={(escutcheon) => edit({ escutcheon })}
        />
      </Row>
      <PositionFields
        name={`${wall}/${id}`}
        x={x}
        y={y}
        onX={(next) => edit({ x: { ...x, ...next } })}
        onY={(next) => edit({ y: { ...y, ...next } })}
      />
    </ItemCard>
  );
}

interface PositionProps {
  name: string;
  x: Fixture["x"];
  y: Fixture["y"];
  onX: (patch: Partial<Fixture["x"]>) => void;
  onY: (patch: Partial<Fixture["y"]>) => void;
}

/** From which corner and from which height something was read, and how far. */
function PositionFields({ name, x, y, onX, onY }: PositionProps) {
  return (
    <>
      <Row>
        <Choice
          label={ui.measure.position}
          value={x.from}
          options={ui.measure.corner}
          onChange={(from) => onX({ from })}
        />
        <LengthField
          label={ui.measure.at}
          name={`${name}/x`}
          mm={x.at}
          rules={{ zero: true }}
          onCommit={(at) => onX({ at })}
        />
      </Row>
      <Row>
        <Choice
          label={ui.measure.vertical}
          value={y.from}
          options={ui.measure.verticals}
          onChange={(from) => onY({ from })}
        />
        <LengthField
          label={y.from === "ceiling" ? ui.measure.down : ui.measure.up}
          name={`${name}/y`}
          mm={y.at}
          rules={{ signed: true }}
          onCommit={(at) => onY({ at })}
        />
      </Row>
    </>
  );
}
