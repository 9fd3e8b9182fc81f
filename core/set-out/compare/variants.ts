import { MM_PER_INCH } from "../../length/units.ts";
import { planProject } from "../../plan.ts";
import type { Project } from "../../project/schema.ts";
import { fitOpening } from "../fit-joints.ts";

/** What the search may change beside phase, courses and the niche's height. */
export interface VariantLimits {
  /** Joints to try, mm: every mark of the tape between these two; equal ones keep the joint. */
  joint: { least: number; most: number };
  /** Whether niches may take the nearest size and place that lands on joints. */
  nicheSize: boolean;
}

/** Searching more joints than this takes longer than a setter waits. */
const MOST_JOINTS = 12;

/** The job with each joint and niche size that may be tried, the job as it is first. */
export function variantsOf(project: Project, { joint, nicheSize }: VariantLimits): Project[] {
  const joints = [
    project.field.joint,
    ...jointMarks(project, joint.least, joint.most).filter(
      (mm) => Math.abs(mm - project.field.joint) > 1e-6,
    ),
  ];
  return joints.flatMap((mm) => {
    const jointed = { ...project, field: { ...project.field, joint: mm } };
    const fitted = nicheSize ? fitNiches(jointed) : undefined;
    return fitted ? [jointed, fitted] : [jointed];
  });
}

/** The tape's marks from `least` to `most`: sixteenths of an inch, or half millimetres. */
export function jointMarks({ unit }: Project, least: number, most: number): number[] {
  const step = unit === "in" ? MM_PER_INCH / 16 : 0.5;
  const first = Math.ceil(least / step - 1e-6);
  const count = Math.floor(most / step + 1e-6) - first + 1;
  return Array.from(
    { length: Math.min(MOST_JOINTS, Math.max(0, count)) },
    (_, k) => (first + k) * step,
  );
}

/** Every niche on the joints of the bond as it stands; undefined where none changes. */
function fitNiches(project: Project): Project | undefined {
  const draft = structuredClone(project);
  for (const wall of planProject(project).walls) {
    for (const { opening } of wall.openings) {
      if (opening.kind === "niche") fitOpening(wall, opening.id)?.change(draft);
    }
  }
  return JSON.stringify(draft) === JSON.stringify(project) ? undefined : draft;
}
