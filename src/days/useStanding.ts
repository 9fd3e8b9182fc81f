import { useMemo } from "react";
import { type DaysPlan, planDays } from "../../core/days/days-plan.ts";
import type { Met } from "../../core/days/simulate.ts";
import { doneTasks } from "../../core/days/standing.ts";
import type { Plan } from "../../core/plan.ts";
import { jobOf } from "../../core/project/job.ts";
import type { Project } from "../../core/project/schema.ts";
import { useNow } from "../state/clock.ts";
import { useMet } from "./useMet.ts";

/** The work as it stands: what is done, and the rest planned from now on. */
export interface Stands {
  /** Something of it is done. */
  begun: boolean;
  days: DaysPlan;
  met: Met | undefined;
}

/** So often the rest is planned anew while nothing is noted, ms. */
const AGAIN = 15 * 60_000;

/** Once something is noted as done the rest is planned from now on; before that the plan stands. */
export function useStanding(project: Project, plan: Plan, planned: DaysPlan): Stands {
  const ticking = useNow(AGAIN);
  const now = Math.floor(ticking / AGAIN) * AGAIN;
  const { tasks, set, grout } = plan;
  const job = jobOf(project);
  const standing = useMemo(() => {
    const done = doneTasks(project, { tasks, rows: set.rows, mixes: grout.mixes });
    return done.size === 0 ? undefined : { done: Object.fromEntries(done), now };
  }, [project, tasks, set.rows, grout.mixes, now]);
  const days = useMemo(
    () => (standing && planDays(job, tasks, false, standing)) ?? planned,
    [job, tasks, standing, planned],
  );
  const met = useMet(job.days, tasks, standing);
  return { begun: standing !== undefined, days: days.impossible ? planned : days, met };
}
