import { Fragment } from "react";
import type { ReturnStrip } from "../../../core/cut/linings.ts";
import type { WallPlan } from "../../../core/wall-plan.ts";
import { Length } from "../../fields/Length.tsx";
import { Fact } from "../../panel/PanelParts.tsx";
import { ui } from "../../words/ui.ts";

/** The pieces that line an opening: each return with its lengths, the sill with its fall. */
export function LiningFacts({ wall, opening }: { wall: WallPlan; opening: string }) {
  const lining = wall.linings.find((candidate) => candidate.opening === opening);
  if (!lining || lining.returns.length === 0) return null;
  const fall = lining.returns.find(({ side }) => side === "sill")?.fall ?? 0;
  return (
    <div data-lining={opening}>
      <dl>
        {lining.returns.map((strip) => (
          <Fact key={strip.side} name={ui.setOut.linings[strip.side]}>
            <Lengths {...strip} />
          </Fact>
        ))}
        {fall > 0 && (
          <Fact name={ui.setOut.linings.fall}>
            <Length mm={fall} />
          </Fact>
        )}
      </dl>
      <p className="mb-2 text-xs opacity-80">
        {lining.returns.some(({ follows }) => follows) && ui.setOut.linings.follows}{" "}
        {ui.setOut.linings.edges}
      </p>
    </div>
  );
}

/** Like lengths as a count, others one by one, from the left or from below. */
function Lengths({ lengths, depth, rows }: ReturnStrip) {
  const [first = 0] = lengths;
  const alike = lengths.every((length) => Math.abs(length - first) < 0.5);
  const shown = alike ? [first] : lengths;
  const count = lengths.length * rows;
  return (
    <>
      {alike && count > 1 && `${count} × `}
      {shown.map((length, k) => (
        // biome-ignore lint/suspicious/noArrayIndexKey: lengths may repeat, their places do not
        <Fragment key={k}>
          {k > 0 && " + "}
          <Length mm={length} unit={false} />
        </Fragment>
      ))}{" "}
      × <Length mm={depth} />
      {!alike && rows > 1 && `, ${rows} ×`}
    </>
  );
}
