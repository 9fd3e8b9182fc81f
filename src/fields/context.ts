import { createContext, useContext } from "react";
import type { LengthStyle } from "../../core/length/units.ts";

/** How lengths are shown and typed in the open job, and which job drafts belong to. */
export interface JobStyle extends LengthStyle {
  job: string;
}

export const JobStyleContext = createContext<JobStyle>({ unit: "in", mark: 16, job: "" });

export function useJobStyle(): JobStyle {
  return useContext(JobStyleContext);
}
