import { useState } from "react";
import { editOpening, together } from "../../../core/project/commands.ts";
import { tileOf } from "../../../core/project/defaults.ts";
import { addItem, editItem, removeItem } from "../../../core/project/items.ts";
import type { Opening, Project, Zone } from "../../../core/project/schema.ts";
import { addTile, editTileOf } from "../../../core/project/tile-commands.ts";
import { zonePacking } from "../../../core/set/packing.ts";
import { fitZoneHeight, widestBack, zoneOnCourse } from "../../../core/set-out/fit-joints.ts";
import { finerFor } from "../../../core/words/en.ts";
import { Choice } from "../../fields/Choice.tsx";
import { useJobStyle } from "../../fields/context.ts";
import { Length } from "../../fields/Length.tsx";
import { LengthField } from "../../fields/LengthField.tsx";
import { NumberField } from "../../fields/NumberField.tsx";
import { dispatch } from "../../state/job-store.ts";
import { ui } from "../../words/en.ts";
import { AddButton } from "../AddButton.tsx";
import { Fact, ItemCard, type PanelProps, Row, Section, Tick } from "../PanelParts.tsx";
import { BondFields } from "./BondFields.tsx";
import { LiningFacts } from "./LiningFacts.tsx";

const place = { list: "zones" as const };

/** Accent bands, framed panels and niche backs, each with its own tile, bond and joint. */
export function ZoneFields({ project, plan, wall }: PanelProps) {
  const niches = wall.openings.filter(({ opening }) => opening.kind === "niche");
  const own = (project.zones ?? []).filter(
    (zone) =>
      zone.kind === "band" ||
      zone.wall === wall.id ||
      niches.some(({ opening }) => opening.id === zone.opening),
  );
  const backs = niches.filter(({ opening }) => !own.some((zone) => zone.opening === opening.id));
  const add = (zone: Pick<Zone, "kind"> & Partial<Zone>) =>
    dispatch(newZone(project, zone, ui.setOut.zones.kinds[zone.kind]));
  return (
    <Section title={ui.setOut.zones.title} open={own.length > 0}>
      {own.map((zone) => (
        <ZoneCard key={zone.id} project={project} plan={plan} wall={wall} zone={zone} />
      ))}
      <AddButton
        label={ui.setOut.zones.addBand}
        onClick={() => add({ kind: "band", bottom: zoneOnCourse(wall, plan.levelY, {} as Zone) })}
      />
      <AddButton
        label={ui.setOut.zones.addPanel}
        onClick={() =>
          add({
            kind: "panel",
            wall: wall.id,
            x: { from: "left", at: wall.measured.wall.width.bottom / 4 },
            width: wall.measured.wall.width.bottom / 2,
            bottom: zoneOnCourse(wall, plan.levelY, {} as Zone),
            height: 500,
          })
        }
      />
      {backs.map(({ opening }) => (
        <AddButton
          key={opening.id}
          label={ui.setOut.zones.addBack(opening.name ?? opening.id)}
          onClick={() => add({ kind: "niche", opening: opening.id })}
        />
      ))}
    </Section>
  );
}

/** Chips that a new zone starts from, mm. */
const CHIP = 48;

/** A zone with a tile of its own, one course of which fits its height. */
function newZone(project: Project, given: Pick<Zone, "kind"> & Partial<Zone>, name: string) {
  const { thickness } = tileOf(project, project.field.tile);
  const tile = {
    id: crypto.randomUUID(),
    name: ui.setOut.zones.tile(name),
    width: CHIP,
    height: CHIP,
    thickness,
  };
  const zone: Zone = {
    id: crypto.randomUUID().slice(0, 8),
    name,
    tile: tile.id,
    joint: Math.min(project.field.joint, 3),
    pattern: "stacked",
    lay: "lying",
    height: 2 * CHIP,
    ...given,
  };
  const withTile = { ...project, tiles: [...project.tiles, tile] };
  const height = zone.kind === "niche" ? undefined : fitZoneHeight(withTile, zone);
  return together("add-zones", [
    addTile(tile, () => undefined),
    addItem(place, { ...zone, ...(height === undefined ? {} : { height }) }),
  ]);
}

interface ZoneCardProps extends Pick<PanelProps, "project" | "plan" | "wall"> {
  zone: Zone;
}

function ZoneCard({ project, plan, wall, zone }: ZoneCardProps) {
  const tile = tileOf(project, zone.tile);
  const set = (patch: Parameters<typeof editItem<"zones">>[2]) =>
    dispatch(editItem(place, zone.id, patch));
  const name = `zone/${zone.id}/`;
  const side = (key: "width" | "height" | "thickness", label: string) => (
    <LengthField
      label={label}
      name={`${name}tile/${key}`}
      mm={tile[key]}
      rules={key === "thickness" ? { atMost: 100 } : { above: 4.99, atMost: 5000 }}
      onCommit={(mm) => dispatch(editTileOf(tile.id, { [key]: mm }))}
    />
  );
  const niche = wall.openings.find(({ opening }) => opening.id === zone.opening)?.opening;
  const style = useJobStyle();
  const packing = zonePacking(project, zone);
  return (
    <ItemCard
      title={zone.name ?? ui.setOut.zones.kinds[zone.kind]}
      onRemove={() => dispatch(removeItem(place, zone.id))}
    >
      <Row>
        {side("width", ui.setOut.width)}
        {side("height", ui.setOut.height)}
      </Row>
      <Row>{side("thickness", ui.setOut.thickness)}</Row>
      <BondFields
        project={project}
        bond={zone}
        name={name}
        edit={(patch) => editItem(place, zone.id, patch)}
        find={(draft) => draft.zones?.find(({ id }) => id === zone.id)}
      />
      <Row>
        <Choice
          label={ui.setOut.zones.centre}
          value={zone.centre ?? "tile"}
          options={{ tile: ui.setOut.modes.tile, joint: ui.setOut.modes.joint }}
          onChange={(centre) => set({ centre })}
        />
      </Row>
      {zone.kind !== "niche" && (
        <ZonePlace project={project} plan={plan} wall={wall} zone={zone} set={set} />
      )}
      {zone.kind !== "niche" && (
        <dl>
          <Fact name={ui.setOut.zones[packing < 0 ? "proud" : "packing"]}>
            <Length mm={Math.abs(packing)} style={finerFor(1, style)} />
          </Fact>
        </dl>
      )}
      {niche && <BackFacts project={project} wall={wall} zone={zone} niche={niche} />}
      <SheetFields project={project} tile={tile.id} />
    </ItemCard>
  );
}

interface ZonePlaceProps extends ZoneCardProps {
  set: (patch: Parameters<typeof editItem<"zones">>[2]) => void;
}

/** How high and how wide a band or panel is, and where. */
function ZonePlace({ project, plan, wall, zone, set }: ZonePlaceProps) {
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

interface BackFactsProps extends Pick<PanelProps, "project" | "wall"> {
  zone: Zone;
  niche: Opening;
}

/** The cuts of a niche's returns, and how wide a niche the tiles on hand can fill. */
function BackFacts({ project, wall, zone, niche }: BackFactsProps) {
  const [onHand, setOnHand] = useState(0);
  const widest = widestBack(project, zone, niche, onHand);
  return (
    <>
      <LiningFacts wall={wall} opening={niche.id} />
      <Row>
        <NumberField
          integer
          label={ui.setOut.zones.onHand}
          name={`zone/${zone.id}/on-hand`}
          value={onHand}
          min={0}
          max={100_000}
          onCommit={setOnHand}
        />
      </Row>
      {onHand > 0 && (
        <div className="mb-2 flex items-center justify-between gap-2 text-sm">
          <span>
            {ui.setOut.zones.widest} <Length mm={widest} />
          </span>
          {widest > 0 && (
            <button
              type="button"
              className="btn btn-sm"
              onClick={() => dispatch(editOpening(wall.id, niche.id, { width: widest }))}
            >
              {ui.setOut.zones.makeIt}
            </button>
          )}
        </div>
      )}
    </>
  );
}

/** Mosaic comes on sheets: how many chips one has, along and up. */
export function SheetFields({ project, tile: id }: { project: Project; tile: string }) {
  const tile = tileOf(project, id);
  const { sheet } = tile;
  const set = (patch: { columns?: number; rows?: number }) =>
    dispatch(editTileOf(id, { sheet: { columns: 6, rows: 6, ...sheet, ...patch } }));
  return (
    <>
      <Tick
        label={ui.setOut.sheets.on}
        checked={sheet !== undefined}
        onChange={(on) => (on ? set({}) : dispatch(editTileOf(id, { sheet: undefined })))}
      />
      {sheet && (
        <Row>
          {(["columns", "rows"] as const).map((key) => (
            <NumberField
              key={key}
              integer
              label={ui.setOut.sheets[key]}
              name={`sheet/${id}/${key}`}
              value={sheet[key]}
              min={1}
              max={200}
              onCommit={(count) => set({ [key]: count })}
            />
          ))}
        </Row>
      )}
      {sheet && <p className="mb-2 text-xs opacity-80">{ui.setOut.sheets.hint}</p>}
    </>
  );
}
