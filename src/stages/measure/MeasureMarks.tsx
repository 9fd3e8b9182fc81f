import type { BareMarks } from "../../drawing/marks.ts";
import { ReadingMarks } from "./ReadingMarks.tsx";
import { SurveyMarks } from "./SurveyMarks.tsx";

/** Everything that was measured on a wall. */
export const MeasureMarks: BareMarks = (props) => (
  <>
    <SurveyMarks {...props} />
    <ReadingMarks {...props} />
  </>
);
