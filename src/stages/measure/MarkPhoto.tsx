import {
  homography,
  lengthCheck,
  type Quad,
  wallCorners,
} from "../../../core/measure/homography.ts";
import { editWall } from "../../../core/project/commands.ts";
import type { Project } from "../../../core/project/schema.ts";
import type { WallPhoto } from "../../../core/project/survey-schema.ts";
import type { WallPlan } from "../../../core/wall-plan.ts";
import { Length } from "../../fields/Length.tsx";
import { LengthField } from "../../fields/LengthField.tsx";
import { ChoosePhotos } from "../../panel/ChoosePhotos.tsx";
import { Row, Tick, Verdict } from "../../panel/PanelParts.tsx";
import { usePhotoAddress } from "../../panel/usePhotoAddress.ts";
import { dispatch } from "../../state/job-store.ts";
import { ui } from "../../words/ui.ts";
import { PhotoPoints } from "./PhotoPoints.tsx";

interface MarkPhotoProps {
  project: Project;
  wall: WallPlan;
}

/** Corners of a new photo, a little inside its edges, from the lower left against the clock. */
const FIRST: WallPhoto["corners"] = [
  [0.1, 0.9],
  [0.9, 0.9],
  [0.9, 0.1],
  [0.1, 0.1],
];

/** A photo this much off over a known length is not to be trusted, mm. */
const TRUSTED = 5;

/** The photo of a bare wall: its four corners marked once, and its error told from one known length. */
export function MarkPhoto({ project, wall }: MarkPhotoProps) {
  const photo = project.walls.find(({ id }) => id === wall.id)?.photo;
  const set = (next: WallPhoto | undefined) => dispatch(editWall(wall.id, { photo: next }));
  const address = usePhotoAddress(photo?.id);
  return (
    <div data-mark-photo={photo ? "marked" : "none"}>
      <p className="mb-2 text-sm">{ui.measure.photo.hint}</p>
      <ChoosePhotos
        label={photo ? ui.measure.photo.another : ui.measure.photo.choose}
        onAdded={([id = ""]) => set({ id, corners: photo?.corners ?? FIRST })}
      />
      {photo && address && (
        <>
          <PhotoPoints photo={photo} address={address} onChange={set} />
          <KnownFields wall={wall} photo={photo} onChange={set} />
          <button type="button" className="btn btn-ghost btn-sm" onClick={() => set(undefined)}>
            {ui.measure.photo.remove}
          </button>
        </>
      )}
      {photo && address === null && <p className="text-sm">{ui.record.missingPhoto}</p>}
    </div>
  );
}

interface KnownProps {
  wall: WallPlan;
  photo: WallPhoto;
  onChange: (photo: WallPhoto) => void;
}

/** A length that the tape knows, marked between two points: what the photo makes of it. */
function KnownFields({ wall, photo, onChange }: KnownProps) {
  const { known } = photo;
  const toWall = homography(photo.corners as unknown as Quad, wallCorners(wall.measured));
  if (!toWall) return <Verdict good={false}>{ui.measure.photo.crossed}</Verdict>;
  const start = { from: [0.4, 0.5] as [number, number], to: [0.6, 0.5] as [number, number] };
  const check = known && lengthCheck(toWall, known);
  return (
    <>
      <Tick
        label={ui.measure.photo.known}
        checked={known !== undefined}
        onChange={(on) => {
          const { known: _, ...bare } = photo;
          onChange(on ? { ...photo, known: { ...start, mm: 500 } } : bare);
        }}
      />
      {known && check && (
        <>
          <Row>
            <LengthField
              label={ui.measure.photo.measured}
              name={`${wall.id}/photo/known`}
              mm={known.mm}
              onCommit={(mm) => onChange({ ...photo, known: { ...known, mm } })}
            />
          </Row>
          <div data-photo-off={check.off.toFixed(1)}>
            <Verdict good={Math.abs(check.off) <= TRUSTED}>
              {ui.measure.photo.says} <Length mm={check.told} />, {ui.measure.photo.off}{" "}
              <Length mm={Math.abs(check.off)} />
            </Verdict>
          </div>
        </>
      )}
    </>
  );
}
