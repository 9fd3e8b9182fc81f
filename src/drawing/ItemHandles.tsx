import { useDrag } from "@use-gesture/react";
import { memo, useRef } from "react";
import type { MovedItem } from "../../core/adjust/item-snaps.ts";
import { type Bays, moveItemBy } from "../../core/adjust/move-opening.ts";
import { clearBays } from "../../core/board/framing.ts";
import { boxOf, type Polygon } from "../../core/geometry/polygon.ts";
import type { WallPlan } from "../../core/wall-plan.ts";
import { dispatch, previewCommand, settledWall, useJob } from "../state/job-store.ts";
import { useFollowedParts } from "../state/passing.ts";
import { selectWall } from "../state/view-store.ts";
import { ui } from "../words/ui.ts";
import type { Items } from "../workers/passing.ts";
import { arrowMove } from "./arrows.ts";
import type { WallFrame } from "./layout.ts";

/** Within this many px of a joint or the centre line an opening snaps to it. */
const SNAP_PX = 7;

/** The least size of a handle, px: a finger must find a pipe. */
const LEAST_PX = 44;

interface ItemHandlesProps {
  wall: WallPlan;
  frame: WallFrame;
  step: number;
}

/** Niches, windows, fixtures, shelves, bands and panels to take hold of: drag them, or nudge them with the arrow keys. */
export const ItemHandles = memo(function ItemHandles(props: ItemHandlesProps) {
  const items = useFollowedParts(props.wall, ({ openings, fixtures, shelves, zones }) => ({
    openings,
    fixtures,
    shelves,
    zones,
  }));
  return <Handles {...props} {...items} />;
});

/** The handles themselves: a moved pattern leaves them as they are. */
const Handles = memo(function Handles(props: ItemHandlesProps & Items) {
  const { wall, frame, step, ...items } = props;
  const start = useRef<WallPlan | undefined>(undefined);
  const moved = useRef<MovedItem | undefined>(undefined);
  const bays = useRef<Bays>([]);
  const bind = useDrag(
    ({ args: [id], last, canceled, movement: [mx, my], tap, altKey }) => {
      if (!start.current) {
        start.current = settledWall(wall.id);
        const wallBoard = useJob.getState().plan?.board.walls.find(({ id: of }) => of === wall.id);
        bays.current = wallBoard ? clearBays(wallBoard.studs) : [];
        selectWall(wall.id);
      }
      if (!start.current) return;
      const reach = altKey ? 0 : SNAP_PX / frame.scale;
      const [dx, dy] = [mx / frame.scale, -my / frame.scale];
      const item = moveItemBy(start.current, id, dx, dy, reach, bays.current);
      if (item.command) moved.current = item;
      if (!last) {
        previewCommand(moved.current?.command, item.snaps);
        return;
      }
      const command = moved.current?.command;
      start.current = undefined;
      moved.current = undefined;
      if (tap || canceled || !command) previewCommand(undefined);
      else dispatch(command);
    },
    { filterTaps: true, pointer: { keys: false } },
  );
  return itemsOf(items).map(({ id, name, x, y, width, height }) => {
    const [w, h] = [width, height].map((mm) => Math.max(LEAST_PX, mm * frame.scale)) as [
      number,
      number,
    ];
    return (
      // biome-ignore lint/a11y/useSemanticElements: an HTML button cannot stand inside an SVG
      <g
        key={id}
        {...bind(id)}
        role="button"
        tabIndex={-1}
        aria-label={ui.drawing.moveHint(name, wall.name)}
        data-handle={id}
        className="cursor-move"
        style={{ touchAction: "none" }}
        onKeyDown={(event) => {
          const move = arrowMove(event, step);
          if (!move) return;
          event.preventDefault();
          const { command } = moveItemBy(wallNow(wall), id, ...move, 0);
          if (command) dispatch({ ...command, mergeKey: `nudge-${id}` });
        }}
      >
        <rect
          x={frame.x + x * frame.scale - w / 2}
          y={frame.y - y * frame.scale - h / 2}
          width={w}
          height={h}
          fill="transparent"
        />
      </g>
    );
  });
});

/** The wall as it is planned now: handles may have been made from an earlier plan. */
function wallNow(wall: WallPlan): WallPlan {
  return useJob.getState().plan?.walls.find(({ id }) => id === wall.id) ?? wall;
}

/** Everything that can be moved, by its middle; what lies on top comes last. */
function itemsOf({ openings, fixtures, shelves, zones }: Items) {
  return [
    ...zones.map(({ zone, ring }) => ({
      id: zone.id,
      name: zone.name ?? ui.setOut.zoneKinds[zone.kind],
      ...boxPlace(ring),
    })),
    ...openings
      .filter(({ opening }) => opening.kind !== "shelf")
      .map(({ opening, ring }) => ({
        id: opening.id,
        name: opening.name ?? ui.measure.kinds[opening.kind],
        ...boxPlace(ring),
      })),
    ...shelves.map(({ shelf, ring }) => ({
      id: shelf.id,
      name: shelf.name ?? ui.setOut.cornerShelf,
      ...boxPlace(ring),
    })),
    ...fixtures.map(({ fixture, centre: [x, y], diameter }) => ({
      id: fixture.id,
      name: fixture.name ?? ui.measure.fixtureKinds[fixture.kind],
      x,
      y,
      width: diameter,
      height: diameter,
    })),
  ];
}

function boxPlace(ring: Polygon) {
  const { minX, maxX, minY, maxY } = boxOf(ring);
  return {
    x: (minX + maxX) / 2,
    y: (minY + maxY) / 2,
    width: maxX - minX,
    height: maxY - minY,
  };
}
