import { useState } from "react";
import { type Behind, behindTile } from "../../core/log/stream.ts";
import { editItem } from "../../core/project/items.ts";
import { Segments } from "../panel/PanelParts.tsx";
import { PlaceOnWalls } from "../panel/PlaceOnWalls.tsx";
import { usePhotoAddress } from "../panel/usePhotoAddress.ts";
import { planThumbs } from "../paths/thumbs.ts";
import { dispatch } from "../state/job-store.ts";
import { ui } from "../words/ui.ts";
import { EntryFields } from "./EntryFields.tsx";
import type { LogProps } from "./log-props.ts";

/** The walls with their tile, and photos of what lies behind it as windows in them. */
export function BehindTile({ project, plan }: LogProps) {
  const entries = (project.log ?? []).filter(({ kind }) => kind === "behind");
  const [marked, setMarked] = useState(entries[0]?.id);
  const [view, setView] = useState<"photos" | "tile">("photos");
  const windows = behindTile(project);
  const thumbs = new Map(planThumbs(plan).map((thumb) => [thumb.id, thumb]));
  const own = entries.find(({ id }) => id === marked);
  return (
    <>
      <p className="max-w-prose text-sm opacity-85">{ui.log.behindIntro}</p>
      {entries.length === 0 && <p className="mt-2">{ui.log.behindEmpty}</p>}
      <Segments
        label={ui.log.views.behind}
        value={view}
        options={{ photos: ui.log.showBehind, tile: ui.log.showTile }}
        onChange={setView}
      />
      <PlaceOnWalls
        large
        label={ui.log.views.behind}
        plan={plan}
        entries={entries}
        marked={marked}
        onMark={setMarked}
        onPlace={(wall, x, level) => {
          if (marked) dispatch(editItem({ list: "log" }, marked, { wall, x, level }));
        }}
      >
        {(wall) => {
          const thumb = thumbs.get(wall.id);
          return (
            <g pointerEvents="none">
              <path d={thumb?.field} fill="var(--grout)" />
              <path d={(thumb?.whole ?? "") + (thumb?.cut ?? "")} fill="var(--tile)" />
              <path d={thumb?.openings} fill="var(--niche)" />
              {view === "photos" &&
                windows
                  .filter((window) => window.wall === wall.id)
                  .map((window) => (
                    <Window
                      key={`${window.id}/${window.photo}`}
                      window={window}
                      levelY={plan.levelY}
                    />
                  ))}
            </g>
          );
        }}
      </PlaceOnWalls>
      <p className="no-print text-sm opacity-80">{entries.length > 0 && ui.log.behindPlace}</p>
      {own && <EntryFields project={project} order={plan.order} entry={own} />}
    </>
  );
}

/** A photo as wide as the piece of wall that it shows, its middle at its place. */
function Window({ window, levelY }: { window: Behind; levelY: number }) {
  const address = usePhotoAddress(window.photo);
  const { x, level, width } = window;
  const y = -(levelY + level);
  const box = { x: x - width / 2, y: y - width / 2, width, height: width };
  return (
    <g data-behind={window.photo}>
      {address && <image href={address} preserveAspectRatio="xMidYMid slice" {...box} />}
      <rect
        {...box}
        fill="none"
        stroke="var(--color-base-content)"
        strokeWidth={12}
        strokeDasharray={address ? undefined : "40 30"}
      />
    </g>
  );
}
