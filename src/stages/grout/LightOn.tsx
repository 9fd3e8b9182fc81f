import { useMemo } from "react";
import { jobOf } from "../../../core/project/job.ts";
import { type LitJoint, litJoints, shadowLength } from "../../../core/set/side-light.ts";
import type { OnBareWall } from "../../drawing/marks.ts";
import { useJobLook } from "../../drawing/tile-look.ts";
import { useJob } from "../../state/job-store.ts";

/** Towards where the light goes, from the left and a little from above. */
const LIGHT = [Math.cos(0.35), -Math.sin(0.35)] as const;

/** Where the wall is darkest under the lowest light. */
const DARKEST = 0.34;

/** A wall under a low light from its left: the shadows of its steps, and how even its joints are. */
export function LightOn({ wall, frame, degrees }: OnBareWall & { degrees: number }) {
  const project = useJob(({ row }) => row?.project);
  const { grout } = useJobLook();
  const lit = useMemo(
    () => (project ? wall.areas.flatMap((area) => litJoints(jobOf(project), area)) : []),
    [project, wall.areas],
  );
  const { minX, maxX, maxY, minY } = wall.fieldRegion.box;
  const dark = DARKEST * (1 - degrees / 90);
  const id = `light-${wall.id}`;
  return (
    <g
      transform={`translate(${frame.x} ${frame.y}) scale(${frame.scale})`}
      pointerEvents="none"
      data-light={degrees}
    >
      <linearGradient id={id}>
        <stop offset="0" stopColor="#000" stopOpacity={dark * 0.25} />
        <stop offset="1" stopColor="#000" stopOpacity={dark} />
      </linearGradient>
      <path d={stripes(lit, (joint) => joint.wider)} fill={grout ?? "var(--grout)"} />
      <path d={stripes(lit, (joint) => shadow(joint, degrees))} fill="#000" opacity={0.55} />
      <path d={stripes(lit, (joint) => gleam(joint))} fill="#fff" opacity={0.7} />
      <rect x={minX} y={-maxY} width={maxX - minX} height={maxY - minY} fill={`url(#${id})`} />
    </g>
  );
}

/** How squarely the light meets a joint: it slides along those that lie in its way. */
function meets({ normal }: LitJoint): number {
  return normal[0] * LIGHT[0] + normal[1] * LIGHT[1];
}

/** The shadow that a higher tile throws over the joint on the next, mm; + onto the far tile. */
function shadow(joint: LitJoint, degrees: number): number {
  const across = meets(joint);
  // Light that comes over the near tile throws its step onto the far one, and the other way round.
  const thrown = across > 0 ? joint.step : -joint.step;
  if (thrown <= 0) return 0;
  return Math.sign(across) * shadowLength(thrown, degrees) * Math.abs(across);
}

/** A bright edge where a tile stands out towards the light: as wide as its step. */
function gleam(joint: LitJoint): number {
  const across = meets(joint);
  const facing = across > 0 ? -joint.step : joint.step;
  return facing <= 0 ? 0 : Math.sign(across) * facing * 2;
}

/** Stripes beside the middles of joints, so wide to the far side; those of nothing are left out. */
function stripes(lit: LitJoint[], widthOf: (joint: LitJoint) => number): string {
  const parts: string[] = [];
  for (const joint of lit) {
    const width = widthOf(joint);
    if (Math.abs(width) < 0.05) continue;
    const { from, to, normal } = joint;
    const [dx, dy] = [normal[0] * width, normal[1] * width];
    const ring = [from, to, [to[0] + dx, to[1] + dy], [from[0] + dx, from[1] + dy]];
    parts.push(`M${ring.map(([x = 0, y = 0]) => `${x.toFixed(1)} ${(-y).toFixed(1)}`).join("L")}Z`);
  }
  return parts.join("");
}
