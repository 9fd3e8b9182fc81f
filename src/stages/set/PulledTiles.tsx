import { formatLength } from "../../../core/length/format.ts";
import { shownAmount } from "../../../core/length/quantity.ts";
import { positionAlong } from "../../../core/measure/shape.ts";
import { tileOf } from "../../../core/project/defaults.ts";
import { addItem, editItem, removeItem } from "../../../core/project/items.ts";
import { jobOf } from "../../../core/project/job.ts";
import type { ItemOf } from "../../../core/project/lists.ts";
import type { Project, Wall } from "../../../core/project/schema.ts";
import { coverageVerdict, lippageLimit, tileThere } from "../../../core/set/pulled.ts";
import type { WallPlan } from "../../../core/wall-plan.ts";
import { useJobStyle } from "../../fields/context.ts";
import { LengthField } from "../../fields/LengthField.tsx";
import { NumberField } from "../../fields/NumberField.tsx";
import { AddButton } from "../../panel/AddButton.tsx";
import { ChoosePhotos } from "../../panel/ChoosePhotos.tsx";
import { ItemCard, type PanelProps, Row, Section, Tick, Verdict } from "../../panel/PanelParts.tsx";
import { usePhotoAddress } from "../../panel/usePhotoAddress.ts";
import { dispatch } from "../../state/job-store.ts";
import { powderShown } from "../../words/powder.ts";
import { trowelName } from "../../words/trowel-name.ts";
import { ui } from "../../words/ui.ts";

const coverage = { list: "coverage" as const };
const lippage = { list: "lippage" as const };

/** Tiles that were pulled to look at their backs, and edges that were measured against each other. */
export function PulledTiles({ project, plan, wall, stored }: PanelProps) {
  const pulled = (project.work?.coverage ?? []).filter((own) => own.wall === wall.id);
  const edges = (project.work?.lippage ?? []).filter((own) => own.wall === wall.id);
  const there = (place: ItemOf<"coverage"> | ItemOf<"lippage">) =>
    tileThere(project, wall, [positionAlong(stored, place), plan.levelY + place.level]);
  return (
    <>
      <Section title={ui.set.coverage} open={pulled.length > 0}>
        {pulled.map((check) => (
          <PulledCard
            key={check.id}
            project={project}
            wall={wall}
            check={check}
            tile={there(check).tile}
          />
        ))}
        <AddButton
          label={ui.set.addCoverage}
          onClick={() => dispatch(addItem(coverage, { ...newPlace(stored), share: 0.95 }))}
        />
        <p className="text-xs opacity-80">{ui.set.ridgesWhy}</p>
      </Section>
      <Section title={ui.set.lippage} open={edges.length > 0}>
        {edges.map((edge) => (
          <LippageCard key={edge.id} project={project} edge={edge} there={there(edge)} />
        ))}
        <AddButton
          label={ui.set.addLippage}
          onClick={() => dispatch(addItem(lippage, { ...newPlace(stored), mm: 0 }))}
        />
      </Section>
    </>
  );
}

function newPlace({ id: wall, width }: Wall) {
  const at = Math.round(width.bottom / 2);
  const when = new Date().toISOString();
  return { id: crypto.randomUUID(), wall, from: "left" as const, at, level: 0, when };
}

interface PulledCardProps {
  project: Project;
  wall: WallPlan;
  check: ItemOf<"coverage">;
  /** What is set where it was pulled. */
  tile: string;
}

function PulledCard({ project, wall, check, tile }: PulledCardProps) {
  const { id, share, corners, ridges, photo } = check;
  const edit = (patch: Partial<typeof check>) => dispatch(editItem(coverage, id, patch));
  return (
    <ItemCard title={ui.set.addCoverage} onRemove={() => dispatch(removeItem(coverage, id))}>
      <Row>
        <NumberField
          label={ui.set.share}
          name={`coverage/${id}/share`}
          value={Math.round(share * 100)}
          max={100}
          suffix="%"
          onCommit={(percent) => edit({ share: percent / 100 })}
        />
        <PlaceFields item={check} name={`coverage/${id}`} onEdit={edit} />
      </Row>
      <Tick
        label={ui.set.corners}
        checked={corners !== false}
        onChange={(full) => edit({ corners: full })}
      />
      <Tick
        label={ui.set.ridges}
        checked={ridges === true}
        onChange={(stood) => edit({ ridges: stood })}
      />
      <CoverageSaid project={project} wall={wall} check={check} tile={tile} />
      <BackPhoto photo={photo} />
      <ChoosePhotos
        label={photo ? ui.set.otherPhoto : ui.set.photo}
        onAdded={([next]) => next && edit({ photo: next })}
      />
    </ItemCard>
  );
}

/** The photo of a tile's back, where it is in this browser. */
function BackPhoto({ photo }: { photo: string | undefined }) {
  const address = usePhotoAddress(photo);
  return address ? (
    <img src={address} alt={ui.set.photo} className="mt-1 max-h-40 rounded" />
  ) : null;
}

function CoverageSaid({ project, wall, check, tile }: PulledCardProps) {
  const style = useJobStyle();
  const job = jobOf(project);
  const own = job.walls.find(({ id }) => id === wall.id);
  if (!own) return null;
  const { wanted, enough, next } = coverageVerdict(job, own, tile, check);
  const share = `${Math.round(wanted * 100)} %`;
  return (
    <div data-coverage-said={enough ? "enough" : "too-little"}>
      {tile !== job.field.tile && (
        <p className="text-sm">{project.tiles.find((own) => own.id === tile)?.name}</p>
      )}
      <Verdict good={enough}>{enough ? ui.set.enough(share) : ui.set.tooLittle(share)}</Verdict>
      {!enough && (
        <p className="text-sm">
          {next
            ? ui.set.nextTrowel(
                trowelName(next.trowel, style),
                `${powderShown(next.moreKgPerM2 / shownAmount(1, "m2", style).value, style.unit)} ${ui.set.square[style.unit]}`,
                formatLength(next.raisesMm, { ...style, mark: 32 }),
              )
            : ui.set.deepest}
        </p>
      )}
    </div>
  );
}

interface LippageCardProps {
  project: Project;
  edge: ItemOf<"lippage">;
  there: { tile: string; joint: number };
}

function LippageCard({ project, edge, there }: LippageCardProps) {
  const style = useJobStyle();
  const { id, mm } = edge;
  const edit = (patch: Partial<typeof edge>) => dispatch(editItem(lippage, id, patch));
  const job = jobOf(project);
  const limit = lippageLimit(there.joint, tileOf(job, there.tile));
  const shown = formatLength(limit, { ...style, mark: 32 });
  return (
    <ItemCard title={ui.set.addLippage} onRemove={() => dispatch(removeItem(lippage, id))}>
      <Row>
        <LengthField
          bare
          label={ui.set.lippageMm}
          name={`lippage/${id}/mm`}
          mm={mm}
          rules={{ zero: true, atMost: 50 }}
          onCommit={(next) => edit({ mm: next })}
        />
        <PlaceFields item={edge} name={`lippage/${id}`} onEdit={edit} />
      </Row>
      <Verdict good={mm <= limit + 1e-9}>
        {mm <= limit + 1e-9 ? ui.set.within(shown) : ui.set.beyond(shown)}
      </Verdict>
    </ItemCard>
  );
}

interface PlaceFieldsProps {
  item: { at: number; level: number };
  name: string;
  onEdit: (patch: { at?: number; level?: number }) => void;
}

/** Where on the wall: along it, and up from the level line. */
function PlaceFields({ item, name, onEdit }: PlaceFieldsProps) {
  return (
    <>
      <LengthField
        bare
        label={ui.measure.at}
        name={`${name}/at`}
        mm={item.at}
        rules={{ zero: true }}
        onCommit={(at) => onEdit({ at })}
      />
      <LengthField
        bare
        label={ui.measure.levelOf}
        name={`${name}/level`}
        mm={item.level}
        rules={{ signed: true }}
        onCommit={(level) => onEdit({ level })}
      />
    </>
  );
}
