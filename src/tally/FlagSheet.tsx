import type { FlagSide } from "../../core/cut/sides.ts";
import { formatLength } from "../../core/length/format.ts";
import { TAPER_SHOWN } from "../../core/limits.ts";
import type { Plan } from "../../core/plan.ts";
import { sliverLimit } from "../../core/set-out/slivers.ts";
import type { WallPlan } from "../../core/wall-plan.ts";
import { useJobStyle } from "../fields/context.ts";
import { Length } from "../fields/Length.tsx";
import { ui } from "../words/ui.ts";

interface FlagSheetProps {
  plan: Plan;
  wall: WallPlan;
  side: FlagSide;
}

/** A cut flag opened: every row of the bond at that side, with both ends of a taper. */
export function FlagSheet({ plan, wall, side }: FlagSheetProps) {
  const style = useJobStyle();
  const rows = wall.flags.find((flag) => flag.side === side)?.rows ?? [];
  const upright = side === "left" || side === "right";
  const limit = sliverLimit(
    upright ? wall.cell.width : wall.cell.height,
    wall.cell.joint,
    plan.sliver,
  );
  return (
    <>
      <p className="mb-2 text-sm">{ui.flagRows.limit(formatLength(limit, style))}</p>
      <table className="w-full text-right">
        <thead className="text-[0.8125rem]">
          <tr className="border-b border-base-300">
            <th className="py-1 font-medium">{ui.flagRows.course}</th>
            <th className="py-1 font-medium">{ui.flagRows.column}</th>
            <th className="py-1 font-medium">{ui.flagRows.size}</th>
            <th className="py-1 font-medium">{ui.flagRows.ends}</th>
          </tr>
        </thead>
        <tbody>
          {rows.map((row) => (
            <tr
              key={`${row.course}/${row.column}`}
              className={`border-b border-base-300/60 ${row.sliver ? "font-bold text-error" : ""}`}
            >
              <td className="py-0.5">{row.course}</td>
              <td className="py-0.5">{row.column}</td>
              <td className="py-0.5">
                {row.sliver && `${ui.flagRows.sliver} `}
                {row.cut ? <Length mm={row.size} /> : ui.flagRows.uncut}
              </td>
              <td className="py-0.5">
                {Math.abs(row.ends[0] - row.ends[1]) > TAPER_SHOWN && (
                  <>
                    <Length mm={row.ends[0]} unit={false} /> →{" "}
                    <Length mm={row.ends[1]} unit={false} />
                  </>
                )}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
    </>
  );
}
