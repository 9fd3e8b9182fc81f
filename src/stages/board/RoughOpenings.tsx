import type { WallBoard } from "../../../core/board/board-plan.ts";
import { formatLength } from "../../../core/length/format.ts";
import type { Wall } from "../../../core/project/schema.ts";
import { useJobStyle } from "../../fields/context.ts";
import { Length } from "../../fields/Length.tsx";
import { Fact, ItemCard, Section, Verdict } from "../../panel/PanelParts.tsx";
import { ui } from "../../words/ui.ts";

/** Each niche and window: the hole in the framing, and what the studs allow. */
export function RoughOpenings({ wallBoard, stored }: { wallBoard: WallBoard; stored: Wall }) {
  const style = useJobStyle();
  // What stands in the way is not framed.
  const framed = wallBoard.openings.filter(({ kind }) => kind !== "obstacle");
  if (framed.length === 0) return null;
  return (
    <Section title={ui.board.openings}>
      {framed.map((rough) => {
        const depth = stored.openings.find(({ id }) => id === rough.id)?.depth;
        const deepEnough = rough.depthThere === undefined || (depth ?? 0) <= rough.depthThere + 0.5;
        return (
          <ItemCard key={rough.id} title={rough.name}>
            <dl data-rough={rough.id}>
              <Fact name={ui.board.rough}>
                <Length mm={rough.width} unit={false} /> × <Length mm={rough.height} />
              </Fact>
              {rough.depthThere !== undefined && (
                <Fact name={ui.board.deep}>
                  {deepEnough ? "" : "! "}
                  <Length mm={rough.depthThere} />
                </Fact>
              )}
              {rough.bay > 0 && (
                <Fact name={ui.board.widest}>
                  <Length mm={rough.widestFinished} />
                </Fact>
              )}
            </dl>
            <Verdict good={rough.cuts.length === 0}>
              {rough.cuts.length === 0 && ui.board.inBay}
              {rough.cuts.length > 0 && `${ui.board.cuts(rough.cuts.length)} `}
              {rough.cuts.length > 0 &&
                (rough.move === undefined
                  ? ui.board.noBay
                  : ui.board.move(formatLength(Math.abs(rough.move), style), rough.move > 0))}
            </Verdict>
          </ItemCard>
        );
      })}
      {wallBoard.studs.assumed && <p className="text-xs opacity-80">{ui.board.assumed}</p>}
    </Section>
  );
}
