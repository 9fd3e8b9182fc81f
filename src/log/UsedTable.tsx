import { formatAmount } from "../../core/length/quantity.ts";
import { type UsedMaterial, usedMaterials } from "../../core/log/used.ts";
import { words } from "../../core/words/spoken.ts";
import { useJobStyle } from "../fields/context.ts";
import { TableHead } from "../panel/TableHead.tsx";
import { ui } from "../words/ui.ts";
import type { LogProps } from "./log-props.ts";

/** Every material of which something was used, against what was ordered for it. */
export function UsedTable({ project, plan }: LogProps) {
  const style = useJobStyle();
  const used = usedMaterials(project, plan.order);
  const head = ui.log.usedHead;
  const nameOf = ({ code, of }: UsedMaterial) =>
    [words.orderItems[code], project.tiles.find(({ id }) => id === of)?.name]
      .filter(Boolean)
      .join(" · ");
  const fromWords = ({ from }: UsedMaterial) =>
    (Object.keys(from) as (keyof typeof from)[])
      .filter((source) => from[source] > 0)
      .map((source) => ui.log.usedFrom[source])
      .join(", ");
  if (used.length === 0) return <p>{ui.log.usedEmpty}</p>;
  return (
    <>
      <p className="max-w-prose text-sm opacity-85">{ui.log.usedIntro}</p>
      <div className="overflow-x-auto">
        <table className="mt-2 w-full bg-base-100 text-right">
          <TableHead
            names={[head.material, head.planned, head.used, head.share, head.from]}
            wordsFrom={4}
          />
          <tbody>
            {used.map((own) => (
              <tr
                key={`${own.code}/${own.of ?? ""}`}
                className="border-b border-base-300/60"
                data-used={own.code}
              >
                <th scope="row" className="p-2 text-left font-semibold">
                  {nameOf(own)}
                </th>
                <td className="p-2">{formatAmount(own.planned, own.unit, style)}</td>
                <td className="p-2 font-semibold">{formatAmount(own.used, own.unit, style)}</td>
                <td className="p-2">
                  {own.planned > 0 ? `${Math.round((own.used / own.planned) * 100)} %` : ""}
                </td>
                <td className="p-2 text-left text-sm">{fromWords(own)}</td>
              </tr>
            ))}
          </tbody>
        </table>
      </div>
    </>
  );
}
