import { boxOf } from "../../../core/geometry/polygon.ts";
import { heightAt } from "../../../core/geometry/profile.ts";
import { type Meeting, meetingAt } from "../../../core/project/enclosure.ts";
import { addItem, editItem, removeItem } from "../../../core/project/items.ts";
import { jobOf } from "../../../core/project/job.ts";
import type { ItemOf } from "../../../core/project/lists.ts";
import { nextLevel, type PlacedShelf, shelfLevels } from "../../../core/set-out/shelves.ts";
import type { WallPlan } from "../../../core/wall-plan.ts";
import { Choice } from "../../fields/Choice.tsx";
import { Length } from "../../fields/Length.tsx";
import { LengthField } from "../../fields/LengthField.tsx";
import { AddButton } from "../../panel/AddButton.tsx";
import { Fact, ItemCard, type PanelProps, Row, Section } from "../../panel/PanelParts.tsx";
import { dispatch } from "../../state/job-store.ts";
import { ui } from "../../words/ui.ts";

type Shelf = ItemOf<"shelves">;

const place = { list: "shelves" as const };

/** A usual shelf of stone, mm: 9 in along each wall, 1/2 in thick. */
const NEW_SHELF = { leg: 228.6, thickness: 12.7 };

const SIDES = ["left", "right"] as const;

/** Shelves in the corners at both ends of a wall: their size, height, and what they take of the tile. */
export function ShelfFields({ project, plan, wall }: PanelProps) {
  const corners = SIDES.flatMap((side) => {
    const meeting = meetingAt(jobOf(project), wall.id, side);
    return meeting?.kind === "inside" ? [{ side, meeting }] : [];
  });
  const [first] = corners;
  const placed = new Set(plan.walls.flatMap(({ shelves }) => shelves.map(({ shelf }) => shelf.id)));
  const strays = (project.shelves ?? []).filter(
    ({ id, left, right }) => !placed.has(id) && (left === wall.id || right === wall.id),
  );
  if (!first && strays.length === 0) return null;
  const levels = shelfLevels(plan.levelY, wall);
  return (
    <Section title={ui.setOut.shelves.title} open={wall.shelves.length + strays.length > 0}>
      {wall.shelves.map((placed) => (
        <ShelfCard
          key={placed.shelf.id}
          wall={wall}
          placed={placed}
          levels={levels}
          corners={corners}
        />
      ))}
      {strays.map((shelf) => (
        <StrayCard key={shelf.id} shelf={shelf} corners={corners} />
      ))}
      {first && (
        <AddButton
          label={ui.setOut.shelves.add}
          onClick={() =>
            dispatch(addItem(place, newShelf(first.meeting, wall, plan.levelY, levels)))
          }
        />
      )}
    </Section>
  );
}

/** Halfway up the wall, on a course. */
function newShelf(meeting: Meeting, wall: WallPlan, levelY: number, levels: number[]): Shelf {
  const { minY, maxY } = boxOf(wall.boundary);
  const middle = (minY + maxY) / 2 - levelY;
  const level = nextLevel(levels, middle, true) ?? middle;
  return {
    id: crypto.randomUUID(),
    name: ui.measure.kinds.shelf,
    ...cornerOf(meeting),
    ...NEW_SHELF,
    level,
    set: "slot",
  };
}

type Corners = { side: PlacedShelf["side"]; meeting: Meeting }[];

/** A shelf whose corner is none any more: it is brought to another one, or taken away. */
function StrayCard({ shelf, corners }: { shelf: Shelf; corners: Corners }) {
  return (
    <ItemCard
      title={shelf.name ?? ui.measure.kinds.shelf}
      onRemove={() => dispatch(removeItem(place, shelf.id))}
    >
      {corners.map(({ side, meeting }) => (
        <button
          key={side}
          type="button"
          className="btn btn-sm mb-2 w-full"
          onClick={() => dispatch(editItem(place, shelf.id, cornerOf(meeting)))}
        >
          {ui.setOut.shelves.bring[side]}
        </button>
      ))}
    </ItemCard>
  );
}

function cornerOf({ left, right }: Meeting): Pick<Shelf, "left" | "right"> {
  return { left: left.id, right: right.id };
}

interface CardProps {
  wall: WallPlan;
  placed: PlacedShelf;
  levels: number[];
  corners: Corners;
}

function ShelfCard({ wall, placed, levels, corners }: CardProps) {
  const { shelf, side, slot } = placed;
  const { id, set, level } = shelf;
  const words = ui.setOut.shelves;
  const edit = (patch: Partial<Shelf>) => dispatch(editItem(place, id, patch));
  const length = (key: "leg" | "thickness" | "level", label: string) => (
    <LengthField
      bare
      label={label}
      name={`shelf/${id}/${key}`}
      mm={shelf[key]}
      rules={{ signed: key === "level" }}
      onCommit={(mm) => edit({ [key]: mm })}
    />
  );
  const toCorner = (to: string) => {
    const corner = corners.find((candidate) => candidate.side === to);
    if (corner) edit(cornerOf(corner.meeting));
  };
  return (
    <ItemCard
      title={shelf.name ?? ui.measure.kinds.shelf}
      onRemove={() => dispatch(removeItem(place, id))}
    >
      <Row>
        {corners.length > 1 && (
          <Choice
            label={words.corner}
            value={side}
            options={words.corners}
            onChange={(to) => toCorner(to)}
          />
        )}
        <Choice
          label={words.set}
          value={set}
          options={words.sets}
          onChange={(to) => edit({ set: to })}
        />
      </Row>
      <Row>
        {length("leg", words.leg)}
        {length("thickness", words.thickness)}
      </Row>
      <Row>{length("level", words.level)}</Row>
      <div className="mb-2 flex gap-2">
        {[false, true].map((up) => (
          <LevelStep
            key={String(up)}
            label={up ? words.up : words.down}
            to={nextLevel(levels, level, up)}
            onStep={(next) => edit({ level: next })}
          />
        ))}
      </div>
      <ShelfFacts wall={wall} placed={placed} />
      <p className="mb-2 text-xs opacity-80">{slot ? words.hint : words.hintHung}</p>
    </ItemCard>
  );
}

interface LevelStepProps {
  label: string;
  /** The next level that way; none at the ends. */
  to: number | undefined;
  onStep: (level: number) => void;
}

function LevelStep({ label, to, onStep }: LevelStepProps) {
  return (
    <button
      type="button"
      className="btn btn-sm h-auto min-h-8 flex-1 py-1"
      disabled={to === undefined}
      onClick={() => to !== undefined && onStep(to)}
    >
      {label}
    </button>
  );
}

function ShelfFacts({ wall, placed: { shelf, ring, slot } }: Pick<CardProps, "wall" | "placed">) {
  const words = ui.setOut.shelves;
  const { minX, maxX, minY } = boxOf(ring);
  return (
    <dl data-shelf-facts={shelf.id}>
      {slot && (
        <Fact name={words.slot}>
          <Length mm={slot.opening.width} unit={false} /> × <Length mm={slot.opening.height} />
        </Fact>
      )}
      <Fact name={words.aboveBase}>
        <Length mm={minY - heightAt(wall.measured.base, (minX + maxX) / 2)} />
      </Fact>
    </dl>
  );
}
