import type { CutDimension } from "../../../core/cut/as-cut.ts";
import { Length } from "../../fields/Length.tsx";
import { ui } from "../../words/ui.ts";

/** What is planned beside what the fence is set to: one length, or from the least to the most. */
export function Planned({ planned = [] }: { planned: CutDimension["planned"] | undefined }) {
  if (planned.length === 0) return null;
  const [least, most] = [Math.min(...planned), Math.max(...planned)];
  return (
    <span className="text-sm font-normal whitespace-nowrap opacity-80" data-planned>
      {ui.cut.fence.planned} <Length mm={least} unit={false} />
      {most - least > 0.05 && (
        <>
          –<Length mm={most} unit={false} />
        </>
      )}
    </span>
  );
}
