import { logHoles, nailHoles } from "../../../core/adjust/film-holes.ts";
import { borderRound, fitZoneHeight, zoneOnCourse } from "../../../core/adjust/fit-joints.ts";
import { formatLength } from "../../../core/length/format.ts";
import type { editItem } from "../../../core/project/items.ts";
import type { Zone } from "../../../core/project/schema.ts";
import type { PanelCentre } from "../../../core/set/panel-centre.ts";
import { useJobStyle } from "../../fields/context.ts";
import { LengthField } from "../../fields/LengthField.tsx";
import { type PanelProps, Row, Tick } from "../../panel/PanelParts.tsx";
import { dispatch } from "../../state/job-store.ts";
import { useView } from "../../state/view-store.ts";
import { ui } from "../../words/ui.ts";
import { openingsInPanels } from "./new-zone.ts";

/** How far a band may move when its best height is looked for, mm. */
const BAND_RANGE = 300;

interface ZonePlaceProps extends Pick<PanelProps, "project" | "plan" | "wall"> {
  zone: Zone;
  set: (patch: Parameters<typeof editItem<"zones">>[2]) => void;
}

/** How high and how wide a band or panel is, and where. */
export function ZonePlace(props: ZonePlaceProps) {
  const { zone, set } = props;
  const isPanel = zone.kind === "panel";
  return (
    <>
      <Row>
        <LengthField
          label={ui.setOut.zones.bottom}
          name={nameOf(zone, "bottom")}
          mm={zone.bottom ?? 0}
          rules={{ signed: true }}
          onCommit={(bottom) => set({ bottom })}
        />
        <LengthField
          label={ui.setOut.zones.height}
          name={nameOf(zone, "height")}
          mm={zone.height ?? 0}
          onCommit={(height) => set({ height })}
        />
      </Row>
      {isPanel && <PanelPlace zone={zone} set={set} />}
      <ZoneFits {...props} />
      {isPanel && <FrameFields zone={zone} set={set} />}
      {isPanel && <AsSet {...props} />}
      <NailHoles {...props} />
      {zone.kind === "band" && (
        <button
          type="button"
          className="btn btn-sm mb-2 w-full"
          onClick={() => useView.setState({ comparing: true, bandRange: BAND_RANGE })}
        >
          {ui.setOut.zones.bestHeight}
        </button>
      )}
    </>
  );
}

/** Where a panel stands once it is set: its top against its foot, and its centre. */
function AsSet({ plan, zone, set }: ZonePlaceProps) {
  const { from = zone.x?.from ?? "left", at } = zone.centreAt ?? {};
  const centre = plan.panelCentres.find((own) => own.zone === zone.id);
  return (
    <>
      <Row>
        <LengthField
          label={ui.setOut.zones.drift}
          name={nameOf(zone, "drift")}
          mm={zone.drift ?? 0}
          rules={{ signed: true }}
          onCommit={(drift) => set({ drift: drift === 0 ? undefined : drift })}
        />
      </Row>
      <Row>
        <LengthField
          bare
          label={`${ui.setOut.zones.centreAt}, ${ui.inline(ui.setOut.zones.from[from])}`}
          name={nameOf(zone, "centre-at")}
          mm={at}
          rules={{ zero: true }}
          onClear={() => set({ centreAt: undefined })}
          onCommit={(mm) => set({ centreAt: { from, at: mm } })}
        />
      </Row>
      {centre && Math.abs(centre.off) >= SHOWN && <CentreSaid centre={centre} />}
    </>
  );
}

/** A centre that is off by less is where it was to be, mm: joints of a millimetre or two feel more. */
const SHOWN = 0.1;

/** Whether the joints beside a panel take up what it is off, and the cuts where they do not. */
function CentreSaid({ centre }: { centre: PanelCentre }) {
  const style = useJobStyle();
  const length = (mm: number) => formatLength(mm, { ...style, mark: 32 });
  const { wall, off, joints, within, cuts } = centre;
  return (
    <div className="mb-2 text-sm" data-panel-centre={within ? "joints" : "recut"}>
      <p className="font-bold">{ui.setOut.zones.centreOff(length(Math.abs(off)), off > 0)}</p>
      <p>
        {within
          ? ui.setOut.zones.centreJoints(length(joints.left), length(joints.right))
          : ui.setOut.zones.centreRecut}
      </p>
      {!within && (
        <ul>
          {cuts.map(({ piece, number, from, to }) => (
            <li key={piece}>
              {wall} {number}: {length(from)} → <strong>{length(to)}</strong>
            </li>
          ))}
        </ul>
      )}
    </div>
  );
}

/** One press for the nails that carry a zone until it is set: each is a hole in the film. */
function NailHoles({ plan, wall, zone }: ZonePlaceProps) {
  const holes = nailHoles(wall, zone.id, plan.levelY);
  if (holes.length === 0 || wall.measured.dry) return null;
  const words = ui.setOut.zones.nail(zone.name ?? ui.setOut.zoneKinds[zone.kind]);
  return (
    <button
      type="button"
      className="btn btn-sm mb-2 h-auto w-full py-1"
      onClick={() => dispatch(logHoles(wall.id, holes, words, () => crypto.randomUUID()))}
    >
      {ui.setOut.zones.nails(holes.length)}
    </button>
  );
}

function nameOf({ id }: Zone, field: string): string {
  return `zone/${id}/${field}`;
}

type SetZone = Pick<ZonePlaceProps, "zone" | "set">;

function PanelPlace({ zone, set }: SetZone) {
  const { from = "left", at = 0 } = zone.x ?? {};
  return (
    <Row>
      <LengthField
        label={ui.setOut.zones.from[from]}
        name={nameOf(zone, "x")}
        mm={at}
        rules={{ zero: true }}
        onCommit={(next) => set({ x: { from, at: next } })}
      />
      <LengthField
        label={ui.setOut.zones.width}
        name={nameOf(zone, "width")}
        mm={zone.width ?? 0}
        onCommit={(width) => set({ width })}
      />
    </Row>
  );
}

/** Puts a zone on the courses, makes it whole courses high, or a border round an opening in it. */
function ZoneFits({ project, plan, wall, zone, set }: ZonePlaceProps) {
  const inside = openingsInPanels(wall).filter(({ panel }) => panel === zone.id);
  return (
    <>
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
      {inside.map(({ opening: { id, name } }) => (
        <button
          key={id}
          type="button"
          className="btn btn-sm mb-2 w-full"
          onClick={() => set(borderRound(project, wall, plan.levelY, zone, id) ?? {})}
        >
          {ui.setOut.zones.fitRound(name ?? id)}
        </button>
      ))}
    </>
  );
}

/** Face of a liner round a panel until somebody says otherwise, mm. */
const USUAL_FRAME = 15;

function FrameFields({ zone, set }: SetZone) {
  const { frame } = zone;
  return (
    <>
      <Tick
        label={ui.setOut.zones.frame}
        checked={frame !== undefined}
        onChange={(on) =>
          set({ frame: on ? { width: USUAL_FRAME, joint: zone.joint } : undefined })
        }
      />
      {frame && (
        <Row>
          <LengthField
            label={ui.setOut.trimWidth}
            name={nameOf(zone, "frame")}
            mm={frame.width}
            onCommit={(width) => set({ frame: { ...frame, width } })}
          />
          <LengthField
            label={ui.setOut.trimJoint}
            name={nameOf(zone, "frame-joint")}
            mm={frame.joint}
            rules={{ zero: true }}
            onCommit={(joint) => set({ frame: { ...frame, joint } })}
          />
        </Row>
      )}
    </>
  );
}
