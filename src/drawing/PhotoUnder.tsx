import type { WallPlan } from "../../core/wall-plan.ts";
import { useJob } from "../state/job-store.ts";
import { ui } from "../words/ui.ts";
import type { WallFrame } from "./layout.ts";
import { useRectified } from "./useRectified.ts";

/** The photo of the bare wall, rectified, as if the wall were drawn on it. */
export function PhotoUnder({ wall, frame }: { wall: WallPlan; frame: WallFrame }) {
  const photo = useJob(({ row }) => row?.project.walls.find(({ id }) => id === wall.id)?.photo);
  const made = useRectified(photo, wall.measured);
  if (!made) return null;
  const { minX, maxX, minY, maxY } = made.box;
  return (
    <image
      href={made.address}
      aria-label={ui.measure.photo.of(wall.name)}
      x={frame.x + minX * frame.scale}
      y={frame.y - maxY * frame.scale}
      width={(maxX - minX) * frame.scale}
      height={(maxY - minY) * frame.scale}
      preserveAspectRatio="none"
      pointerEvents="none"
      style={{ mixBlendMode: "multiply" }}
      data-photo-under={wall.id}
    />
  );
}
