import { borderRound, fitZoneHeight, zoneOnCourse } from "../../../core/adjust/fit-joints.ts";
import type { editItem } from "../../../core/project/items.ts";
import type { Zone } from "../../../core/project/schema.ts";
import { LengthField } from "../../fields/LengthField.tsx";
import { ui } from "../../words/en.ts";
import { type PanelProps, Row, Tick } from "../PanelParts.tsx";
import { openingsInPanels } from "./new-zone.ts";

interface ZonePlaceProps extends Pick<PanelProps, "project" | "plan" | "wall"> {
  zone: Zone;
  set: (patch: Parameters<typeof editItem<"zones">>[2]) => void;
}

/** How high and how wide a band or panel is, and where. */
export function ZonePlace({ project, plan, wall, zone, set }: ZonePlaceProps) {
  const name = `zone/${zone.id}/`;
  return (
    <>
      <Row>
        <LengthField
          label={ui.setOut.zones.bottom}
          name={`${name}bottom`}
          mm={zone.bottom ?? 0}
          rules={{ signed: true }}
          onCommit={(bottom) => set({ bottom })}
        />
        <LengthField
          label={ui.setOut.zones.height}
          name={`${name}height`}
          mm={zone.height ?? 0}
          onCommit={(height) => set({ height })}
        />
      </Row>
      {zone.kind === "panel" && (
        <Row>
          <LengthField
            label={ui.setOut.zones.from[zone.x?.from ?? "left"]}
            name={`${name}x`}
            mm={zone.x?.at ?? 0}
            rules={{ zero: true }}
            onCommit={(at) => set({ x: { from: zone.x?.from ?? "left", at } })}
          />
          <LengthField
            label={ui.setOut.zones.width}
            name={`${name}width`}
            mm={zone.width ?? 0}
            onCommit={(width) => set({ width })}
          />
        </Row>
      )}
      <div className="mb-2 flex gap-2">
        <button
          type="button"
          className="btn btn-sm flex-1"
          onClick={() => set({ bottom: zoneOnCourse(wall, plan.levelY, zone) })}
        >
          {ui.setOut.zones.onCourse}
        </button>
        <button
          type="button"
          className="btn btn-sm flex-1"
          onClick={() => set({ height: fitZoneHeight(project, zone) })}
        >
          {ui.setOut.zones.fit}
        </button>
      </div>
      {openingsInPanels(wall)
        .filter(({ panel }) => panel === zone.id)
        .map(({ opening: { id, name: called } }) => (
          <button
            key={id}
            type="button"
            className="btn btn-sm mb-2 w-full"
            onClick={() => set(borderRound(project, wall, plan.levelY, zone, id) ?? {})}
          >
            {ui.setOut.zones.fitRound(called ?? id)}
          </button>
        ))}
      {zone.kind === "panel" && (
        <Tick
          label={ui.setOut.zones.frame}
          checked={zone.frame !== undefined}
          onChange={(on) => set({ frame: on ? { width: 15, joint: zone.joint } : undefined })}
        />
      )}
      {zone.frame && (
        <Row>
          <LengthField
            label={ui.setOut.trimWidth}
            name={`${name}frame`}
            mm={zone.frame.width}
            onCommit={(width) =>
              set({ frame: { ...zone.frame, joint: zone.frame?.joint ?? 0, width } })
            }
          />
          <LengthField
            label={ui.setOut.trimJoint}
            name={`${name}frame-joint`}
            mm={zone.frame.joint}
            rules={{ zero: true }}
            onCommit={(joint) =>
              set({ frame: { ...zone.frame, width: zone.frame?.width ?? 15, joint } })
            }
          />
        </Row>
      )}
    </>
  );
}
