import { borderRound, zoneOnCourse } from "../../../core/adjust/fit-joints.ts";
import { finerFor } from "../../../core/length/finer.ts";
import { editOpening, together } from "../../../core/project/commands.ts";
import { tileOf } from "../../../core/project/defaults.ts";
import { editItem, removeItem } from "../../../core/project/items.ts";
import { jobOf } from "../../../core/project/job.ts";
import type { Opening, Project, Zone } from "../../../core/project/schema.ts";
import { editStock, editTileOf } from "../../../core/project/tile-commands.ts";
import { zonePacking } from "../../../core/set/packing.ts";
import { Choice } from "../../fields/Choice.tsx";
import { useJobStyle } from "../../fields/context.ts";
import { Length } from "../../fields/Length.tsx";
import { LengthField } from "../../fields/LengthField.tsx";
import { NumberField } from "../../fields/NumberField.tsx";
import { AddButton } from "../../panel/AddButton.tsx";
import { Fact, ItemCard, type PanelProps, Row, Section, Tick } from "../../panel/PanelParts.tsx";
import { dispatch } from "../../state/job-store.ts";
import { ui } from "../../words/ui.ts";
import { BondFields } from "./BondFields.tsx";
import { LiningFacts } from "./LiningFacts.tsx";
import { LookFields } from "./LookFields.tsx";
import { fitHeight, framedOpenings, newZone, openingsInPanels } from "./new-zone.ts";
import { SideTiles } from "./SideTiles.tsx";
import { ZonePlace } from "./ZonePlace.tsx";

const place = { list: "zones" as const };

/** Faces that differ by less are flush: less than the finest mark shows, mm. */
const FLUSH = 0.05;

/** Accent bands, framed panels, borders and niche backs, each with its own tile, bond and joint. */
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
    dispatch(newZone(project, zone, ui.setOut.zoneKinds[zone.kind], fitHeight));
  const addBorder = (id: string) =>
    dispatch(
      newZone(project, { kind: "panel", wall: wall.id }, ui.setOut.zones.border, (withTile, zone) =>
        borderRound(withTile, wall, plan.levelY, zone, id),
      ),
    );
  const bordered = openingsInPanels(wall).map(({ opening }) => opening);
  const bare = framedOpenings(wall).filter((opening) => !bordered.includes(opening));
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
      {bare.map((opening) => (
        <AddButton
          key={opening.id}
          label={ui.setOut.zones.addBorder(opening.name ?? opening.id)}
          onClick={() => addBorder(opening.id)}
        />
      ))}
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
  const packing = zonePacking(jobOf(project), zone);
  return (
    <ItemCard
      title={zone.name ?? ui.setOut.zoneKinds[zone.kind]}
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
          {Math.abs(packing) < FLUSH ? (
            <Fact name={ui.setOut.zones.faces}>{ui.setOut.zones.flush}</Fact>
          ) : (
            <Fact name={ui.setOut.zones[packing < 0 ? "proud" : "packing"]}>
              <Length mm={Math.abs(packing)} style={finerFor(1, style)} />
            </Fact>
          )}
        </dl>
      )}
      {niche && <BackFacts project={project} plan={plan} wall={wall} zone={zone} niche={niche} />}
      <LookFields project={project} tile={tile.id} />
      <SheetFields project={project} tile={tile.id} />
    </ItemCard>
  );
}

interface BackFactsProps extends Pick<PanelProps, "project" | "plan" | "wall"> {
  zone: Zone;
  niche: Opening;
}

/** The cuts of a niche's sides, each in a tile of choice, and how wide a niche the stock can fill. */
function BackFacts({ project, plan, wall, zone, niche }: BackFactsProps) {
  const stock = project.stock?.find(({ tile }) => tile === zone.tile);
  const widest = plan.stock
    .find(({ tile }) => tile === zone.tile)
    ?.widest.find(({ opening }) => opening === niche.id);
  return (
    <>
      <SideTiles project={project} wall={wall.id} opening={niche} own={zone.tile} />
      <LiningFacts wall={wall} opening={niche.id} />
      <Row>
        <NumberField
          integer
          label={ui.setOut.zones.onHand}
          name={`zone/${zone.id}/on-hand`}
          value={stock?.pieces ?? 0}
          min={0}
          max={100_000}
          onCommit={(pieces) =>
            dispatch(editStock(zone.tile, { pieces, sheets: undefined, boxes: undefined }))
          }
        />
      </Row>
      {widest && (
        <div className="mb-2 flex items-center justify-between gap-2 text-sm" data-widest>
          <span>
            {ui.setOut.zones.widest} <Length mm={widest.width} /> {ui.order.stock.by[widest.by]}
          </span>
          {widest.width > 0 && (
            <button
              type="button"
              className="btn btn-sm"
              onClick={() =>
                dispatch(
                  together("edit-opening", [
                    editOpening(wall.id, niche.id, { width: widest.width }),
                    editItem(place, zone.id, {
                      centre: widest.columns % 2 === 0 ? "joint" : "tile",
                    }),
                  ]),
                )
              }
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
      {sheet && (
        <Tick
          label={ui.setOut.sheets.interlocking}
          checked={sheet.interlocking ?? false}
          onChange={(interlocking) =>
            dispatch(editTileOf(id, { sheet: { ...sheet, interlocking } }))
          }
        />
      )}
      {sheet && <p className="mb-2 text-xs opacity-80">{ui.setOut.sheets.hint}</p>}
    </>
  );
}
