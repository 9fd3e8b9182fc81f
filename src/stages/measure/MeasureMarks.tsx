import type { OnBareWall } from "../../drawing/marks.ts";
import { ReadingMarks } from "./ReadingMarks.tsx";
import { SurveyMarks } from "./SurveyMarks.tsx";

/** Everything that was measured on a wall. */
export function MeasureMarks(props: OnBareWall) {
  return (
    <>
      <SurveyMarks {...props} />
      <ReadingMarks {...props} />
    </>
  );
}
